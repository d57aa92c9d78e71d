package app.finish.core.arrange.move;

import app.finish.core.arrange.place.Side;
import java.util.List;

/// What a file says of a move. Members that are missing are empty, 0 or false.
///
/// ```java
/// new Hold(in.side(), in.level(), in.text("member"));
/// ```
public interface MoveReading {
  /// The member `side`.
  default Side side() {
    return side("side");
  }

  Side side(String name);

  /// The member `level`, at least 0.
  default int level() {
    return Math.max(0, number("level"));
  }

  int number(String name);

  double decimal(String name);

  boolean has(String name);

  boolean is(String name);

  String text(String name);

  /// The labels of `path`, at least one.
  ///
  /// @throws app.finish.core.problem.Refusal if there are none
  default List<String> path() {
    return path("path");
  }

  /// @throws app.finish.core.problem.Refusal if there are none
  List<String> path(String name);

  /// Labels, or none.
  List<String> labels(String name);

  /// @throws app.finish.core.problem.Refusal if there are none
  List<List<String>> paths(String name);

  /// @throws app.finish.core.problem.Refusal if it is no move
  Move move(String name);
}
