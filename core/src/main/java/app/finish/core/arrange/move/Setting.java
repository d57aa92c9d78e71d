package app.finish.core.arrange.move;

import java.util.function.Function;

/// Something of a move that a person may change.
public sealed interface Setting {
  /// What it is.
  String name();

  /// Something that is written.
  ///
  /// @param name what it is
  /// @param text how it stands
  /// @param with the move with another text (it throws an `IllegalArgumentException` with a
  ///   sentence where the text can't be taken)
  record Written(String name, String text, Function<String, Move> with) implements Setting {}

  /// Something that is so or not.
  ///
  /// @param name what it is
  /// @param on whether it is so
  /// @param with the move with it being so or not
  record Switched(String name, boolean on, Function<Boolean, Move> with) implements Setting {}
}
