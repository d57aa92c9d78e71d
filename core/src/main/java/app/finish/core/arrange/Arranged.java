package app.finish.core.arrange;

import app.finish.core.arrange.make.Calculating;
import app.finish.core.arrange.place.Aside;
import app.finish.core.arrange.place.Level;
import app.finish.core.arrange.place.Side;
import app.finish.core.arrange.tree.Branches;
import app.finish.core.arrange.tree.LeafPaths;
import app.finish.core.arrange.tree.Trees;
import app.finish.core.table.Heading;
import app.finish.core.table.Spot;
import app.finish.core.table.Table;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/// A table in its arrangement.
///
/// @param table the table
/// @param unplaced the places of moves in the list that could not be made, each with the reason
/// @param aside what is out of the table, by the labels that lead to it
/// @param refused for moves that take texts for numbers the texts that are none, each with its
///   place
/// @param down the rows as moves name them
/// @param across the columns as moves name them
public record Arranged(
    Table table,
    Map<Integer, String> unplaced,
    List<Aside> aside,
    Map<Integer, List<String>> refused,
    Names down,
    Names across) {
  /// A side as moves name it. It is found when it is asked for, and then kept: not every table that
  /// is shown is pointed at.
  public static final class Names {
    private final Trees trees;
    private final Side side;
    private volatile Optional<LeafPaths> ways = Optional.empty();
    private volatile List<Level> levels = List.of();
    private volatile List<String> measures = List.of();

    Names(Trees trees, Side side) {
      this.trees = trees;
      this.side = side;
    }

    /// For each leaf the labels that lead to it.
    public List<List<String>> paths() {
      return ways().paths();
    }

    private LeafPaths ways() {
      if (ways.isEmpty()) {
        ways = Optional.of(LeafPaths.of(trees.roots(side)));
      }
      return ways.get();
    }

    private List<String> measures(Table table) {
      if (measures.isEmpty()) {
        measures = List.copyOf(Calculating.names(table));
      }
      return measures;
    }

    /// Finds the members of the innermost level, if they are kept.
    private void lookAtMembers() {
      if (trees.roots(side) instanceof Branches roots && !levels().isEmpty()) {
        roots.allMembers(levels().size() - 1);
      }
    }

    /// The levels from the outermost.
    public List<Level> levels() {
      if (levels.isEmpty()) {
        levels = List.copyOf(trees.levels(side));
      }
      return levels;
    }
  }

  /// Copies the collections.
  public Arranged {
    unplaced = Map.copyOf(unplaced);
    aside = List.copyOf(aside);
    refused = Map.copyOf(refused);
  }

  /// The table as the moves found it.
  public Table source() {
    return down.trees.source();
  }

  /// Where the source has a figure, if it is one figure of it.
  public Optional<Spot.Figure> origin(int row, int column) {
    return down.trees.place(down.ways().leaf(row), across.ways().leaf(column));
  }

  /// Where the source has a heading, if it is one heading of it.
  public Optional<Spot> origin(Side side, int leaf, int level) {
    LeafPaths ways = names(side).ways();
    return level < ways.depth(leaf) ? ways.at(leaf, level).origin() : Optional.empty();
  }

  /// A side as moves name it.
  public Names names(Side side) {
    return side == Side.DOWN ? down : across;
  }

  /// The labels that lead to each leaf of a side, as moves name them.
  public List<List<String>> paths(Side side) {
    return names(side).paths();
  }

  /// The levels of a side from the outermost.
  public List<Level> levels(Side side) {
    return names(side).levels();
  }

  /// The names of the measures that an expression may use.
  public List<String> measures() {
    return down.measures(table);
  }

  /// Finds the levels, the measures and the labels of the rows, so that they are there when they
  /// are asked for.
  public void lookAhead() {
    down.levels();
    across.levels();
    measures();
    down.ways();
    down.lookAtMembers();
  }

  /// The leaves under a heading: the first and the last; none if there is no such heading.
  public Optional<Range> leaves(Side side, List<String> path) {
    LeafPaths all = names(side).ways();
    int first = -1;
    int last = -1;
    for (int leaf = 0; leaf < all.size(); leaf++) {
      if (all.isUnder(leaf, path)) {
        first = first < 0 ? leaf : first;
        last = leaf;
      } else if (first >= 0) {
        break;
      }
    }
    return first < 0 ? Optional.empty() : Optional.of(new Range(first, last));
  }

  /// Leaves beside each other.
  ///
  /// @param first the first of them
  /// @param last the last of them
  public record Range(int first, int last) {}

  static boolean isUnder(List<String> leaf, List<String> path) {
    return leaf.size() >= path.size() && leaf.subList(0, path.size()).equals(path);
  }

  /// The labels of the members of a level as moves name them, in order, each once, without totals.
  public List<String> members(Side side, int level) {
    LeafPaths ways = names(side).ways();
    Set<String> members = new LinkedHashSet<>();
    for (int leaf = 0; leaf < ways.size(); leaf++) {
      if (ways.depth(leaf) > level && ways.at(leaf, level).role() == Heading.Role.MEMBER) {
        members.add(ways.at(leaf, level).label());
      }
    }
    return List.copyOf(members);
  }

  /// Whether a member stands in several groups of a level.
  public boolean isEverywhere(Side side, int level, String member) {
    LeafPaths ways = names(side).ways();
    Set<List<String>> groups = new HashSet<>();
    for (int leaf = 0; leaf < ways.size() && groups.size() < 2; leaf++) {
      if (ways.depth(leaf) > level && ways.at(leaf, level).label().equals(member)) {
        groups.add(ways.paths().get(leaf).subList(0, level));
      }
    }
    return groups.size() > 1;
  }
}
