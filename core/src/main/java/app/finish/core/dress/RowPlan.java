package app.finish.core.dress;

import app.finish.core.table.Axis;
import app.finish.core.table.Body;
import app.finish.core.table.Heading;
import app.finish.core.table.Heading.Role;
import app.finish.core.table.Leaf;
import app.finish.core.table.Table;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;

/// Which rows the body of a dressed table has: what each stands for, before any is dressed. It
/// takes a few bytes a row.
///
/// ```java
/// plan.kind(3) == plan.kind(4); // both rows look alike and are as high
/// ```
public final class RowPlan {
  private static final int LEAF = -1;
  private static final int MANY = 10_000;

  private final Axis down;
  private final Body body;
  private final boolean indented;
  private final BitSet alternate = new BitSet();
  private final int[] rowOfLeaf;
  private final RowKinds known = new RowKinds();
  private final Map<Labels, Widest> widest = new ConcurrentHashMap<>();
  private int[] leaves;
  private byte[] levels;
  private int[] kinds;
  private int size;

  RowPlan(Table table, boolean indented, Banding banding, CellLayer laid) {
    this.down = table.down();
    this.body = table.body();
    this.indented = indented;
    int count = down.leaves().size();
    this.leaves = new int[count + count / 4 + 8];
    this.levels = new byte[leaves.length];
    this.kinds = new int[leaves.length];
    this.rowOfLeaf = new int[count];
    int counted = 0;
    for (int leaf = 0; leaf < count; leaf++) {
      counted = add(leaf, counted, banding, laid);
    }
  }

  /// Adds the rows of a leaf.
  ///
  /// @param before the counted of the row before among those that are counted for the tint
  private int add(int leaf, int before, Banding banding, CellLayer laid) {
    int groups = down.depth(leaf) - 1;
    int shared = shared(leaf, groups);
    if (shared < groups) {
      addGroups(leaf, shared, groups, laid);
    }
    boolean counts = known.read(down, leaf, shared) == Role.MEMBER || banding.totals();
    int counted = banding.anew() && (shared < groups || !counts) ? 0 : before;
    counted += counts ? 1 : 0;
    boolean tinted = counts && banding.tints(counted);
    rowOfLeaf[leaf] = size;
    if (tinted) {
      alternate.set(size);
    }
    int first = indented ? groups : shared;
    add(leaf, LEAF, known.kind(groups, first, tinted, laid.group(leaf)));
    return counted;
  }

  private void addGroups(int leaf, int shared, int groups, CellLayer laid) {
    for (int level = indented ? shared : groups; level < groups; level++) {
      boolean nameless = down.heading(leaf, level).label().isEmpty();
      boolean headedByTotal = level == groups - 1 && isNamedAsItsGroup(leaf, groups);
      if (!nameless && !headedByTotal) {
        add(leaf, level, known.ofGroups(level, laid.group(leaf)));
      }
    }
  }

  private boolean isNamedAsItsGroup(int leaf, int groups) {
    return down.heading(leaf, groups).role() == Role.SUBTOTAL
        && down.leaves().get(leaf).isNamedAsItsGroup();
  }

  private void add(int leaf, int level, int kind) {
    if (size == leaves.length) {
      leaves = Arrays.copyOf(leaves, size * 2);
      levels = Arrays.copyOf(levels, size * 2);
      kinds = Arrays.copyOf(kinds, size * 2);
    }
    leaves[size] = leaf;
    levels[size] = (byte) level;
    kinds[size++] = kind;
  }

  /// How many of the groups of a leaf are those of the leaf before.
  private int shared(int leaf, int groups) {
    if (leaf == 0) {
      return 0;
    }
    int shared = 0;
    int before = down.depth(leaf - 1);
    while (shared < groups
        && shared < before
        && down.heading(leaf - 1, shared) == down.heading(leaf, shared)) {
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

  /// Whether a row has figures.
  public boolean hasFigures(int row) {
    return levels[row] == LEAF;
  }

  /// Whether a row bears the alternate tint.
  public boolean isAlternate(int row) {
    return alternate.get(row);
  }

  /// The row with the figures of a leaf.
  public int rowOf(int leaf) {
    return rowOfLeaf[leaf];
  }

  /// A number that rows have in common that look alike, whatever they say; less than `kinds`.
  public int kind(int row) {
    return kinds[row];
  }

  /// How many kinds of rows there are.
  public int kinds() {
    return known.size();
  }

  /// The outermost level whose heading is written in the row of a leaf: a heading is written once,
  /// beside the first of its rows.
  int firstShown(Leaf leaf) {
    return shared(leaf.index(), leaf.path().size() - 1);
  }

  /// The first leaf under the heading at a level above a leaf.
  int firstOf(Leaf leaf, int level) {
    Heading heading = leaf.path().get(level);
    int first = leaf.index();
    while (first > 0
        && down.depth(first - 1) > level
        && down.heading(first - 1, level) == heading) {
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
    Leaf leaf = down.leaves().get(leaves[row]);
    for (int level = 0; level < firstShown(leaf); level++) {
      int first = rowOfLeaf[firstOf(leaf, level)];
      if (!rows.contains(first)) {
        rows.add(first);
      }
    }
    return rows;
  }

  /// How many labels the stub cells of a row have.
  public int labels(int row) {
    if (indented || levels[row] != LEAF) {
      return 1;
    }
    int groups = down.depth(leaves[row]) - 1;
    return groups + 1 - shared(leaves[row], groups);
  }

  /// The label in one of the stub cells of a row.
  public String label(int row, int cell) {
    return down.heading(leaves[row], level(row, cell)).label();
  }

  /// The level of the heading that is written in a stub cell; the same in all rows of a kind.
  private int level(int row, int cell) {
    if (levels[row] != LEAF) {
      return levels[row];
    }
    int groups = down.depth(leaves[row]) - 1;
    return indented ? groups : shared(leaves[row], groups) + cell;
  }

  /// The widest label in one of the stub cells of the rows of a kind. It is looked for once a font.
  ///
  /// @param font what the widths depend on
  /// @param width measures a label in this font
  public Widest widest(int kind, int cell, Object font, ToDoubleFunction<String> width) {
    return widest.computeIfAbsent(new Labels(kind, cell, font), key -> widest(kind, cell, width));
  }

  private Widest widest(int kind, int cell, ToDoubleFunction<String> width) {
    int stretches = size > MANY ? 8 : 1;
    return IntStream.range(0, stretches)
        .parallel()
        .mapToObj(i -> at(i, stretches))
        .map(range -> widest(kind, cell, width, range[0], range[1]))
        .reduce((one, two) -> two.width > one.width ? two : one)
        .orElseThrow();
  }

  private int[] at(int stretch, int stretches) {
    return new int[] {
      (int) ((long) size * stretch / stretches), (int) ((long) size * (stretch + 1) / stretches)
    };
  }

  private Widest widest(int kind, int cell, ToDoubleFunction<String> width, int from, int to) {
    double most = -1;
    int widestRow = from;
    int level = -1;
    for (int row = from; row < to; row++) {
      if (kinds[row] == kind) {
        level = level < 0 ? level(row, cell) : level;
        double own = width.applyAsDouble(down.heading(leaves[row], level).label());
        widestRow = own > most ? row : widestRow;
        most = Math.max(own, most);
      }
    }
    return new Widest(widestRow, most);
  }

  /// A label that is the widest of its kind.
  ///
  /// @param row the row that it stands in
  /// @param width its width
  public record Widest(int row, double width) {}

  private record Labels(int kind, int cell, Object font) {}

  /// Whether a row has texts in the place of figures.
  public boolean hasTexts(int row) {
    return levels[row] == LEAF && body.hasText(leaves[row]);
  }
}
