package app.finish.core.arrange;

import java.util.List;

/// A move of a table's arrangement. It speaks of headings by the labels that lead to them, as the
/// source has them, from the outermost; so it holds for new numbers too.
///
/// ```java
/// new Move.KeepTop(Side.DOWN, 0, 10, List.of("Vehicles"), false, true);
/// ```
public sealed interface Move {
  /// Rows become columns and columns rows.
  record SwapAxes() implements Move {}

  /// Takes a heading with all under it out of the table.
  ///
  /// @param side where it stands
  /// @param path the labels that lead to it
  record SetAside(Side side, List<String> path) implements Move {
    /// Copies the path.
    public SetAside {
      path = List.copyOf(path);
    }
  }

  /// Calls a heading something else. Moves go on naming it as the source does.
  ///
  /// @param side where it stands
  /// @param path the labels that lead to it
  /// @param name what it is called from now on
  record Rename(Side side, List<String> path, String name) implements Move {
    /// Copies the path.
    public Rename {
      path = List.copyOf(path);
    }
  }

  /// Orders the members of each group by their labels, with numbers in them as numbers.
  ///
  /// @param side which side
  /// @param level which level, from 0 for the outermost
  /// @param descending whether the last comes first
  record ByLabel(Side side, int level, boolean descending) implements Move {}

  /// Orders the members of each group by their figures. A group goes by its subtotal, or by the
  /// sum of its figures where they can be added up.
  ///
  /// @param side which side
  /// @param level which level, from 0 for the outermost
  /// @param at the labels that lead to the row or column whose figures decide
  /// @param descending whether the largest comes first
  record ByFigure(Side side, int level, List<String> at, boolean descending) implements Move {
    /// Copies the path.
    public ByFigure {
      at = List.copyOf(at);
    }
  }

  /// Moves a heading among its neighbours.
  ///
  /// @param side where it stands
  /// @param path the labels that lead to it
  /// @param by how many places later; negative for earlier
  record Shift(Side side, List<String> path, int by) implements Move {
    /// Copies the path.
    public Shift {
      path = List.copyOf(path);
    }
  }

  /// Keeps the members of each group with the largest figures, in the order in which they stand.
  ///
  /// @param side which side
  /// @param level which level, from 0 for the outermost
  /// @param count how many are kept
  /// @param at the labels that lead to the row or column whose figures decide
  /// @param bottom whether the smallest are kept instead
  /// @param gathered whether the rest is gathered into one heading, else it is set aside
  record KeepTop(Side side, int level, int count, List<String> at, boolean bottom, boolean gathered)
      implements Move {
    /// Copies the path.
    public KeepTop {
      at = List.copyOf(at);
    }
  }

  /// Folds a group to its subtotal, or to the sum of its figures where they can be added up.
  ///
  /// @param side where it stands
  /// @param path the labels that lead to it
  record Fold(Side side, List<String> path) implements Move {
    /// Copies the path.
    public Fold {
      path = List.copyOf(path);
    }
  }

  /// Takes the totals of a level out.
  ///
  /// @param side which side
  /// @param level which level, from 0 for the grand total
  record DropTotals(Side side, int level) implements Move {}

  /// Takes a level out that says nothing: it has one member everywhere.
  ///
  /// @param side which side
  /// @param level which level, from 0 for the outermost
  record HideLevel(Side side, int level) implements Move {}

  /// Turns a level of one side to the other side, where it stands innermost but for measures.
  /// Totals over it turn with it.
  ///
  /// @param side from which side
  /// @param level which level, from 0 for the outermost
  record Turn(Side side, int level) implements Move {}

  /// Adds a total to each group of a level that has none: the sums of its members.
  ///
  /// @param side which side
  /// @param level which level, from 0 for a total over all
  /// @param name what the totals are called
  /// @param first whether they stand before the members
  record AddTotals(Side side, int level, String name, boolean first) implements Move {}

  /// Holds a level at one member, which the line above the table then says.
  ///
  /// @param side which side
  /// @param level which level, from 0 for the outermost
  /// @param member the label of the member
  record Hold(Side side, int level, String member) implements Move {}
}
