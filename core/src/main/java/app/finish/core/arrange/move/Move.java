package app.finish.core.arrange.move;

import app.finish.core.table.MeasureKind;
import java.util.List;
import java.util.regex.Pattern;

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

  /// Takes a member out of the table wherever it stands: all headings of a level that are called
  /// so.
  ///
  /// @param side where they stand
  /// @param level which level, from 0 for the outermost
  /// @param member what they are called
  record SetMemberAside(Side side, int level, String member) implements Move {}

  /// Calls a member something else wherever it stands.
  ///
  /// @param side where it stands
  /// @param level which level, from 0 for the outermost
  /// @param member what the source calls it
  /// @param name what it is called from now on
  record RenameMember(Side side, int level, String member, String name) implements Move {}

  /// Puts the members of each group in the opposite order. Totals stay where they are.
  ///
  /// @param side which side
  /// @param level which level, from 0 for the outermost
  record Reverse(Side side, int level) implements Move {}

  /// Calls a level something else: its name stands in the stub's head.
  ///
  /// @param side which side
  /// @param level which level, from 0 for the outermost
  /// @param name what it is called
  record NameLevel(Side side, int level, String name) implements Move {}

  /// Orders members by their labels, with numbers in them as numbers.
  ///
  /// @param side which side
  /// @param level which level, from 0 for the outermost
  /// @param descending whether the last comes first
  /// @param overAll whether all members come into one order, whatever group they are of, instead of
  ///   those of each group
  record ByLabel(Side side, int level, boolean descending, boolean overAll) implements Move {
    /// In each group.
    public ByLabel(Side side, int level, boolean descending) {
      this(side, level, descending, false);
    }
  }

  /// Orders members by their figures. A group goes by its subtotal, or by the sum of its figures
  /// where they can be added up.
  ///
  /// @param side which side
  /// @param level which level, from 0 for the outermost
  /// @param at the labels that lead to the row or column whose figures decide
  /// @param descending whether the largest comes first
  /// @param overAll whether all members come into one order, instead of those of each group
  record ByFigure(Side side, int level, List<String> at, boolean descending, boolean overAll)
      implements Move {
    /// Copies the path.
    public ByFigure {
      at = List.copyOf(at);
    }

    /// In each group.
    public ByFigure(Side side, int level, List<String> at, boolean descending) {
      this(side, level, at, descending, false);
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

  /// Keeps the members with the largest figures, in the order in which they stand.
  ///
  /// @param side which side
  /// @param level which level, from 0 for the outermost
  /// @param quota how many are kept, or until which share of the sum
  /// @param at the labels that lead to the row or column whose figures decide
  /// @param bottom whether the smallest are kept instead
  /// @param overAll whether they are chosen among all members, instead of those of each group
  /// @param gathered whether the rest is gathered into one heading, else it is set aside
  record KeepTop(
      Side side,
      int level,
      Quota quota,
      List<String> at,
      boolean bottom,
      boolean overAll,
      boolean gathered)
      implements Move {
    /// Copies the path.
    public KeepTop {
      at = List.copyOf(at);
    }

    /// So many of each group.
    public KeepTop(
        Side side, int level, int count, List<String> at, boolean bottom, boolean gathered) {
      this(side, level, new Quota.Count(count), at, bottom, false, gathered);
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

  /// Places a level elsewhere: at another depth of its side, or on the other side. Totals over it
  /// go with it.
  ///
  /// @param side on which side it stands
  /// @param level which level, from 0 for the outermost
  /// @param to to which side it goes
  /// @param depth at which level it stands there, from 0 for the outermost; as deep as can be if
  ///   there are fewer levels
  record Place(Side side, int level, Side to, int depth) implements Move {}

  /// Gathers members of one group under a new heading.
  ///
  /// @param side where they stand
  /// @param paths the labels that lead to each
  /// @param name what the new heading says
  record Gather(Side side, List<List<String>> paths, String name) implements Move {
    /// Copies the paths.
    public Gather {
      paths = paths.stream().map(List::copyOf).toList();
    }
  }

  /// Folds all groups of a level.
  ///
  /// @param side which side
  /// @param level which level, from 0 for the outermost
  record FoldLevel(Side side, int level) implements Move {}

  /// Puts the totals of a level before the members, or behind them.
  ///
  /// @param side which side
  /// @param level which level, from 0 for the grand total
  /// @param first whether they come before the members
  record PlaceTotals(Side side, int level, boolean first) implements Move {}

  /// Calls the totals of a level something else.
  ///
  /// @param side which side
  /// @param level which level, from 0 for the grand total
  /// @param name what they are called
  record NameTotals(Side side, int level, String name) implements Move {}

  /// Keeps only what another move would set aside: a table of what was left out.
  ///
  /// @param of the move that sets aside
  record Only(Move of) implements Move {}

  /// Adds a measure that is calculated from others. In totals it is calculated from totals.
  ///
  /// @param name what it is called
  /// @param expression how it is calculated, as a person wrote it
  /// @param kind what sort of figure it is
  /// @param decimals with how many decimals it is written
  record Calculate(String name, String expression, MeasureKind kind, int decimals) implements Move {
    private static final Pattern IN_PERCENT =
        Pattern.compile(
            "\\w+\\s*\\([^()]*\\)|.*\\*\\s*100(\\.0*)?|100(\\.0*)?\\s*\\*.*", Pattern.DOTALL);

    /// A measure as a person asks for it: in percent, what is no percentage yet is multiplied by
    /// 100.
    ///
    /// ```java
    /// Move.Calculate.asked("Recovery", "Fares / Cost", MeasureKind.PERCENT, 1).expression(); //
    /// "Fares / Cost * 100" ```
    /// ```
    public static Calculate asked(String name, String expression, MeasureKind kind, int decimals) {
      String text = expression.strip();
      boolean multiply = kind == MeasureKind.PERCENT && !IN_PERCENT.matcher(text).matches();
      boolean product = text.matches("[^+\\-?<>=]*");
      return new Calculate(
          name, multiply ? (product ? text : "(" + text + ")") + " * 100" : text, kind, decimals);
    }
  }

  /// Says what empty places mean.
  ///
  /// @param side where the heading stands that they are under
  /// @param path the labels that lead to the heading; none for the whole table
  /// @param with what stands in them from now on: a number, a dash, or a word such as "n/a"
  record FillEmpty(Side side, List<String> path, String with) implements Move {
    /// Copies the path.
    public FillEmpty {
      path = List.copyOf(path);
    }
  }

  /// Takes texts for numbers where they can be read as such.
  ///
  /// @param side where the heading stands that they are under
  /// @param path the labels that lead to the heading; none for the whole table
  record ReadNumbers(Side side, List<String> path) implements Move {
    /// Copies the path.
    public ReadNumbers {
      path = List.copyOf(path);
    }
  }

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
