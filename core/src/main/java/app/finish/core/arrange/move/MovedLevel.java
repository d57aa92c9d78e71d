package app.finish.core.arrange.move;

import app.finish.core.arrange.place.Side;
import java.util.List;
import java.util.Optional;

/// The level of a side that a move speaks of, as it is when the move is made.
///
/// ```java
/// MovedLevel.of(new Hold(Side.DOWN, 1, "Winter")); // down, level 1
/// ```
///
/// @param side which side
/// @param level which level, from 0 for the outermost
public record MovedLevel(Side side, int level) {
  /// The level that a move speaks of, by its number or by a path of labels down to it; none for a
  /// move of the whole table.
  public static Optional<MovedLevel> of(Move move) {
    Noting noted = new Noting();
    move.write(noted);
    return noted.side.flatMap(side -> noted.level.map(level -> new MovedLevel(side, level)));
  }

  /// Takes side and level from what a move writes of itself.
  private static final class Noting implements MoveWriting {
    private Optional<Side> side = Optional.empty();
    private Optional<Integer> level = Optional.empty();

    @Override
    public MoveWriting put(String name, Side of) {
      side = name.equals("side") ? Optional.of(of) : side;
      return this;
    }

    @Override
    public MoveWriting put(String name, String text) {
      return this;
    }

    @Override
    public MoveWriting put(String name, int number) {
      level = name.equals("level") ? Optional.of(number) : level;
      return this;
    }

    @Override
    public MoveWriting put(String name, double number) {
      return this;
    }

    @Override
    public MoveWriting put(String name, boolean is) {
      return this;
    }

    @Override
    public MoveWriting put(String name, List<String> labels) {
      boolean path = name.equals("path") && !labels.isEmpty();
      level = path ? Optional.of(labels.size() - 1) : level;
      return this;
    }

    @Override
    public MoveWriting paths(String name, List<List<String>> paths) {
      level = paths.isEmpty() ? level : Optional.of(paths.getFirst().size() - 1);
      return this;
    }

    @Override
    public MoveWriting put(String name, Move move) {
      move.write(this);
      return this;
    }
  }
}
