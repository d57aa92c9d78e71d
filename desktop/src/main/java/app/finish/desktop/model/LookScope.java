package app.finish.desktop.model;

/// Where a look that is set goes.
public enum LookScope {
  /// Onto the table at hand.
  TABLE,
  /// Into the style that it wears.
  STYLE,
  /// Into what is otherwise in that style on a board; the table is then shown as it is there.
  BOARD
}
