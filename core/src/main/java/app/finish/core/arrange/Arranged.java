package app.finish.core.arrange;

import app.finish.core.table.Table;
import java.util.List;
import java.util.Map;

/// A table in its arrangement.
///
/// @param table the table
/// @param unplaced the places of moves in the list that could not be made, each with the reason
/// @param aside what is out of the table, by the labels that lead to it
/// @param downPaths for each leaf down the labels that lead to it, as moves name them
/// @param acrossPaths the same for each leaf across
public record Arranged(
    Table table,
    Map<Integer, String> unplaced,
    List<Aside> aside,
    List<List<String>> downPaths,
    List<List<String>> acrossPaths) {
  /// What was taken out of a table.
  ///
  /// @param move the place of the move that took it out
  /// @param side where it stood
  /// @param path the labels that lead to it
  public record Aside(int move, Side side, List<String> path) {
    /// Copies the path.
    public Aside {
      path = List.copyOf(path);
    }
  }

  /// Copies the collections.
  public Arranged {
    unplaced = Map.copyOf(unplaced);
    aside = List.copyOf(aside);
    downPaths = List.copyOf(downPaths);
    acrossPaths = List.copyOf(acrossPaths);
  }

  /// The labels that lead to each leaf of a side, as moves name them.
  public List<List<String>> paths(Side side) {
    return side == Side.DOWN ? downPaths : acrossPaths;
  }
}
