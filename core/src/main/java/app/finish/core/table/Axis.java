package app.finish.core.table;

import java.util.AbstractList;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.RandomAccess;

/// One side of a table: an ordered tree of headings over its dimensions.
///
/// ```java
/// Axis down = Axis.of(List.of("Route", "Season"), headings);
/// down.leaves().size();
/// ```
public final class Axis {
  private final List<String> dimensions;
  private final List<Heading> headings;
  private final Heading[][] levels;
  private final int size;
  private final List<Leaf> leaves;

  private Axis(List<String> dimensions, List<Heading> headings) {
    this.dimensions = List.copyOf(dimensions);
    this.headings = List.copyOf(headings);
    Rows rows = new Rows(this.headings.size());
    rows.place(this.headings, 0);
    this.size = rows.size;
    this.levels = rows.levels.toArray(Heading[][]::new);
    this.leaves = new Leaves();
  }

  /// An axis of these headings.
  ///
  /// @param dimensions a name a level, from the outermost; empty strings where there is none
  /// @param headings the outermost headings in order
  public static Axis of(List<String> dimensions, List<Heading> headings) {
    return new Axis(dimensions, headings);
  }

  /// The headings above each leaf, a list of leaves for each level.
  private static final class Rows {
    private final List<Heading[]> levels = new ArrayList<>();
    private int room;
    private int size;

    Rows(int groups) {
      room = Math.max(4, groups);
      levels.add(new Heading[room]);
    }

    void place(List<Heading> some, int level) {
      for (int i = 0; i < some.size(); i++) {
        Heading heading = some.get(i);
        int first = size;
        if (heading.isLeaf()) {
          size++;
          makeRoom();
        } else {
          if (levels.size() == level + 1) {
            levels.add(new Heading[room]);
          }
          place(heading.children(), level + 1);
        }
        Arrays.fill(levels.get(level), first, size, heading);
      }
    }

    private void makeRoom() {
      if (size > room) {
        room = size * 2;
        levels.replaceAll(level -> Arrays.copyOf(level, room));
      }
    }
  }

  /// A name a level, from the outermost; empty where there is none.
  public List<String> dimensions() {
    return dimensions;
  }

  /// The outermost headings in order.
  public List<Heading> headings() {
    return headings;
  }

  /// The leaves in order, one for each row or column of the body. Each is made when it is asked
  /// for.
  public List<Leaf> leaves() {
    return leaves;
  }

  /// The heading at a level above a leaf, without making the leaf.
  ///
  /// @param leaf the place of the leaf
  /// @param level less than the `depth` of the leaf
  public Heading heading(int leaf, int level) {
    return levels[level][leaf];
  }

  /// How many levels of headings lead to a leaf.
  public int depth(int leaf) {
    int depth = levels.length;
    while (levels[depth - 1][leaf] == null) {
      depth--;
    }
    return depth;
  }

  /// How many levels the deepest leaf has, at least 1.
  public int depth() {
    return levels.length;
  }

  private final class Leaves extends AbstractList<Leaf> implements RandomAccess {
    private final Leaf[] made = new Leaf[Axis.this.size];

    @Override
    public Leaf get(int index) {
      Leaf leaf = made[index];
      if (leaf == null) {
        Heading[] path = new Heading[depth(index)];
        for (int level = 0; level < path.length; level++) {
          path[level] = levels[level][index];
        }
        leaf = new Leaf(index, List.of(path));
        made[index] = leaf;
      }
      return leaf;
    }

    @Override
    public int size() {
      return made.length;
    }
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Axis that
        && dimensions.equals(that.dimensions)
        && headings.equals(that.headings);
  }

  @Override
  public int hashCode() {
    return Objects.hash(dimensions, headings);
  }

  @Override
  public String toString() {
    return "Axis " + dimensions + " " + size + " leaves";
  }
}
