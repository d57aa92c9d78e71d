package app.finish.core.arrange.move;

import app.finish.core.arrange.place.Side;

/// What levels are called in the words of a move.
public interface Levels {
  /// Levels go by their numbers: "level 1 of rows".
  Levels NUMBERED =
      (side, level) -> "level " + (level + 1) + " of " + (side == Side.DOWN ? "rows" : "columns");

  /// The name of a level.
  String name(Side side, int level);
}
