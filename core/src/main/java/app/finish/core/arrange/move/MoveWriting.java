package app.finish.core.arrange.move;

import app.finish.core.arrange.place.Side;
import java.util.List;

/// Where a move writes what it needs.
///
/// ```java
/// out.side(side).level(level).put("member", member);
/// ```
public interface MoveWriting {
  default MoveWriting side(Side side) {
    return put("side", side);
  }

  default MoveWriting level(int level) {
    return put("level", level);
  }

  default MoveWriting path(List<String> path) {
    return put("path", path);
  }

  MoveWriting put(String name, Side side);

  MoveWriting put(String name, String text);

  MoveWriting put(String name, int number);

  MoveWriting put(String name, double number);

  MoveWriting put(String name, boolean is);

  MoveWriting put(String name, List<String> labels);

  MoveWriting paths(String name, List<List<String>> paths);

  MoveWriting put(String name, Move move);
}
