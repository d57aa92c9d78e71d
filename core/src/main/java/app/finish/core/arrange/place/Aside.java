package app.finish.core.arrange.place;

import java.util.ArrayList;
import java.util.List;

/// What was taken out of a table.
///
/// @param move the place of the move that took it out
/// @param side where it stood
/// @param above the labels of the groups that it stood in
/// @param label its own label
public record Aside(int move, Side side, List<String> above, String label) {
  /// Copies the labels.
  public Aside {
    above = List.copyOf(above);
  }

  /// What the labels lead to.
  public static Aside at(int move, Side side, List<String> path) {
    return new Aside(move, side, path.subList(0, path.size() - 1), path.getLast());
  }

  /// The labels that lead to it.
  public List<String> path() {
    List<String> path = new ArrayList<>(above);
    path.add(label);
    return List.copyOf(path);
  }
}
