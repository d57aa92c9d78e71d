package app.finish.core.arrange.move;

/// What a move is about, so that one can start over with that alone.
public enum Concern {
  /// The order of rows and columns.
  ORDER,
  /// What is set aside, and what is kept.
  ASIDE,
  /// Totals that are added, dropped, placed or named.
  TOTALS,
  /// What headings are called.
  NAMES,
  /// Figures that are calculated, filled in or read.
  FIGURES,
  /// Where dimensions stand: sides, levels, what is held, folded and gathered.
  PLACES
}
