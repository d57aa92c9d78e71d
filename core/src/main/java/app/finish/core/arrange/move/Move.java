package app.finish.core.arrange.move;

import app.finish.core.arrange.formula.Formulas;
import app.finish.core.arrange.place.NoPlace;
import app.finish.core.arrange.tree.Trees;
import java.util.List;

/// A move of a table's arrangement. It speaks of headings by the labels that lead to them, as the
/// source has them, from the outermost; so it holds for new numbers too. A move is one class: what
/// it does, how far it reaches, its words and how files keep it.
///
/// ```java
/// Move top = new KeepTop(Side.DOWN, 0, 10, List.of("Vehicles"), false, true);
/// top.words(Levels.NUMBERED); // "Keep the largest 10 rows by “Vehicles”, the rest gathered"
/// ```
public interface Move {
  /// What kind of move it is.
  MoveKind moveKind();

  /// The table with the move made.
  ///
  /// @param at the table as it stands, and where to say what was taken out
  /// @throws NoPlace if it can't be made there, with the reason
  Trees made(Making at) throws NoPlace;

  /// How much of a long table has to be there for its beginning to come out as in the whole.
  ///
  /// @param whole the table as it stands before the moves in question
  Reach reach(Trees whole, Formulas formulas);

  /// What it is about.
  Concern concern();

  /// What it is called in the list of moves and in the history.
  ///
  /// @param levels what the levels are called before it is made
  String words(Levels levels);

  /// Writes what it needs to a file; the kind reads it back.
  void write(MoveWriting out);

  /// What of it a person may change.
  default List<Setting> settings() {
    return List.of();
  }

  /// Whether it does nothing but put rows in order, each within its group or all of them.
  default boolean ordersRows() {
    return false;
  }

  /// The same move where stars stand for other levels of probability, the largest first.
  default Move atLevels(List<Double> levels) {
    return this;
  }

  /// Whether it gives a name of which some is italic, bold, raised or lowered.
  default boolean namesRichly() {
    return false;
  }

  /// Whether it puts the rows of all groups into one order, so that its first rows can be told
  /// without the others.
  default boolean mingles() {
    return false;
  }
}
