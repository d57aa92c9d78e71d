package app.finish.core.arrange.tree;

import java.util.AbstractList;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.RandomAccess;

/// The branches that lead to each leaf of a side, found in one walk; the labels of a leaf are put
/// together when they are asked for.
///
/// ```java
/// LeafPaths.of(roots).paths().get(3); // [Hale–Orrin, Winter]
/// ```
public final class LeafPaths {
  private final List<Branch[]> levels = new ArrayList<>();
  private byte[] depths = new byte[64];
  private int size;

  private LeafPaths() {}

  /// The ways to the leaves under some branches.
  public static LeafPaths of(List<Branch> roots) {
    LeafPaths ways = new LeafPaths();
    ways.walk(roots, 0);
    return ways;
  }

  private void walk(List<Branch> branches, int level) {
    if (levels.size() == level) {
      levels.add(new Branch[depths.length]);
    }
    for (int i = 0; i < branches.size(); i++) {
      Branch branch = branches.get(i);
      int first = size;
      if (branch.isLeaf()) {
        makeRoom();
        depths[size++] = (byte) (level + 1);
      } else {
        walk(branch.children(), level + 1);
      }
      Arrays.fill(levels.get(level), first, size, branch);
    }
  }

  private void makeRoom() {
    if (size == depths.length) {
      depths = Arrays.copyOf(depths, size * 2);
      levels.replaceAll(level -> Arrays.copyOf(level, depths.length));
    }
  }

  /// How many leaves there are.
  public int size() {
    return size;
  }

  /// How many branches lead to a leaf.
  public int depth(int leaf) {
    return depths[leaf];
  }

  /// One of the branches that lead to a leaf.
  ///
  /// @param level less than the depth of the leaf
  public Branch at(int leaf, int level) {
    return levels.get(level)[leaf];
  }

  /// The leaf itself.
  public Branch leaf(int leaf) {
    return at(leaf, depth(leaf) - 1);
  }

  /// Whether labels lead to a leaf, or to a branch above it.
  public boolean isUnder(int leaf, List<String> path) {
    if (depth(leaf) < path.size()) {
      return false;
    }
    for (int level = path.size() - 1; level >= 0; level--) {
      if (!at(leaf, level).label().equals(path.get(level))) {
        return false;
      }
    }
    return true;
  }

  /// For each leaf the labels that lead to it.
  public List<List<String>> paths() {
    return new Paths();
  }

  private final class Paths extends AbstractList<List<String>> implements RandomAccess {
    @Override
    public List<String> get(int leaf) {
      String[] path = new String[depth(leaf)];
      for (int level = 0; level < path.length; level++) {
        path[level] = at(leaf, level).label();
      }
      return List.of(path);
    }

    @Override
    public int size() {
      return size;
    }
  }
}
