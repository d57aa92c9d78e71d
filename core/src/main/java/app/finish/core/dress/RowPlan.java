package app.finish.core.dress;

import app.finish.core.table.Heading;
import app.finish.core.table.Heading.Role;
import app.finish.core.table.Leaf;
import app.finish.core.table.Table;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.OptionalInt;

/// Which rows the body of a dressed table has: what each stands for, before any is dressed. It
/// takes a few bytes a row.
///
/// ```java
/// plan.kind(3) == plan.kind(4); // both rows look alike and are as high
/// ```
public final class RowPlan {
  private static final int LEAF = -1;

  private final Table table;
  private final boolean indented;
  private final int[] leaves;
  private final byte[] levels;
  private final BitSet alternate = new BitSet();
  private final int[] rowOfLeaf;
  private final int size;

  RowPlan(Table table, boolean indented) {
    this.table = table;
    this.indented = indented;
    List<Leaf> all = table.down().leaves();
    int[] leafOf = new int[all.size() * 2 + 8];
    byte[] levelOf = new byte[leafOf.length];
    this.rowOfLeaf = new int[all.size()];
    int row = 0;
    List<Heading> open = List.of();
    int inGroup = 0;
    for (Leaf leaf : all) {
      List<Heading> path = leaf.path();
      List<Heading> groups = path.subList(0, path.size() - 1);
      int shared = indented ? shared(open, groups) : groups.size();
      if (row + groups.size() + 1 >= leafOf.length) {
        leafOf = Arrays.copyOf(leafOf, leafOf.length * 2 + groups.size());
        levelOf = Arrays.copyOf(levelOf, leafOf.length);
      }
      for (int level = shared; level < groups.size(); level++) {
        boolean nameless = groups.get(level).label().isEmpty();
        boolean headedByTotal = level == groups.size() - 1 && leaf.isNamedAsItsGroup();
        if (!nameless && !headedByTotal) {
          leafOf[row] = leaf.index();
          levelOf[row++] = (byte) level;
        }
      }
      inGroup = indented ? (shared < groups.size() ? 0 : inGroup) : inGroup;
      open = groups;
      alternate.set(row, inGroup % 2 == 1);
      rowOfLeaf[leaf.index()] = row;
      leafOf[row] = leaf.index();
      levelOf[row++] = LEAF;
      inGroup = leaf.role() == Role.MEMBER ? inGroup + 1 : 0;
    }
    this.leaves = leafOf;
    this.levels = levelOf;
    this.size = row;
  }

  private static int shared(List<Heading> open, List<Heading> groups) {
    int shared = 0;
    while (shared < open.size()
        && shared < groups.size()
        && open.get(shared) == groups.get(shared)) {
      shared++;
    }
    return shared;
  }

  /// How many leaves the rows are of.
  public int leaves() {
    return rowOfLeaf.length;
  }

  /// How many rows the body has.
  public int size() {
    return size;
  }

  /// The leaf that a row is of, or the first leaf of the group that it heads.
  public int leaf(int row) {
    return leaves[row];
  }

  /// The level of a row that heads a group; none for a row with figures.
  public OptionalInt groupLevel(int row) {
    return levels[row] == LEAF ? OptionalInt.empty() : OptionalInt.of(levels[row]);
  }

  /// Whether a row is every other one of its group.
  public boolean isAlternate(int row) {
    return alternate.get(row);
  }

  /// The row with the figures of a leaf.
  public int rowOf(int leaf) {
    return rowOfLeaf[leaf];
  }

  /// A number that rows have in common that look alike, whatever they say.
  public int kind(int row) {
    if (levels[row] != LEAF) {
      return 1 + levels[row];
    }
    Leaf leaf = table.down().leaves().get(leaves[row]);
    int first = indented ? leaf.path().size() - 1 : firstShown(leaf);
    int total = leaf.role().ordinal() * 64 + leaf.level();
    int kind = total * 64 + first * 8 + leaf.path().size();
    kind = kind * 4096 + leaf.measure().orElse(-1) + 1;
    return 64 + kind * 2 + (isAlternate(row) ? 1 : 0);
  }

  /// The outermost level whose heading is written in the row of a leaf: a heading is written once,
  /// beside the first of its rows.
  int firstShown(Leaf leaf) {
    List<Heading> path = leaf.path();
    if (leaf.index() == 0) {
      return 0;
    }
    List<Heading> before = table.down().leaves().get(leaf.index() - 1).path();
    int level = 0;
    while (level < path.size() - 1
        && level < before.size()
        && before.get(level) == path.get(level)) {
      level++;
    }
    return level;
  }

  /// The first leaf under the heading at a level above a leaf.
  int firstOf(Leaf leaf, int level) {
    Heading heading = leaf.path().get(level);
    int first = leaf.index();
    while (first > 0) {
      List<Heading> before = table.down().leaves().get(first - 1).path();
      if (before.size() <= level || before.get(level) != heading) {
        break;
      }
      first--;
    }
    return first;
  }

  /// The rows whose stub cell reaches over this row from above.
  public List<Integer> reachingOver(int row) {
    List<Integer> rows = new ArrayList<>();
    if (indented || levels[row] != LEAF) {
      return rows;
    }
    Leaf leaf = table.down().leaves().get(leaves[row]);
    for (int level = 0; level < firstShown(leaf); level++) {
      int first = rowOfLeaf[firstOf(leaf, level)];
      if (!rows.contains(first)) {
        rows.add(first);
      }
    }
    return rows;
  }

  /// The labels in the stub cells of a row, in their order.
  public List<String> labels(int row) {
    Leaf leaf = table.down().leaves().get(leaves[row]);
    if (levels[row] != LEAF) {
      return List.of(leaf.path().get(levels[row]).label());
    }
    if (indented) {
      return List.of(leaf.heading().label());
    }
    List<String> labels = new ArrayList<>();
    for (int level = firstShown(leaf); level < leaf.path().size(); level++) {
      labels.add(leaf.path().get(level).label());
    }
    return labels;
  }

  /// Whether a row has texts in the place of figures.
  public boolean hasTexts(int row) {
    return levels[row] == LEAF && table.body().hasText(leaves[row]);
  }
}
