package app.finish.desktop.model;

import app.finish.core.dress.CellMeaning;
import app.finish.core.table.Axis;
import app.finish.core.table.Heading;
import app.finish.core.table.Leaf;
import app.finish.core.table.Table;
import java.util.ArrayList;
import java.util.List;

/// What lies between two cells of a table: figures in a rectangle, row headings or heads of a
/// level.
///
/// ```java
/// PickRange.between(table, new CellMeaning.Body(0, 0), new CellMeaning.Body(1, 2)); // six figures
/// ```
public final class PickRange {
  /// More than so many cells are not picked at once.
  private static final int MOST = 5_000;

  private PickRange() {}

  /// The cells from one to another, the first of them first; the first alone where the other is of
  /// another kind.
  public static List<CellMeaning> between(Table table, CellMeaning from, CellMeaning to) {
    List<CellMeaning> cells = new ArrayList<>(List.of(from));
    switch (from) {
      case CellMeaning.Body one when to instanceof CellMeaning.Body other ->
          figures(cells, one, other);
      case CellMeaning.Stub one when to instanceof CellMeaning.Stub other -> {
        int first = Math.min(one.leaf(), other.leaf());
        int last = Math.max(one.leaf(), other.leaf());
        for (int leaf : firsts(table.down(), one.level(), first, last)) {
          add(cells, new CellMeaning.Stub(one.level(), leaf));
        }
      }
      case CellMeaning.Head one when to instanceof CellMeaning.Head other -> {
        int first = Math.min(one.first(), other.first());
        int last = Math.max(one.last(), other.last());
        for (int leaf : firsts(table.across(), one.level(), first, last)) {
          add(cells, head(table.across(), one.level(), leaf));
        }
      }
      default -> {}
    }
    return cells;
  }

  private static void figures(
      List<CellMeaning> cells, CellMeaning.Body one, CellMeaning.Body other) {
    int left = Math.min(one.column(), other.column());
    int right = Math.max(one.column(), other.column());
    int bottom = Math.max(one.row(), other.row());
    for (int row = Math.min(one.row(), other.row()); row <= bottom; row++) {
      for (int column = left; column <= right; column++) {
        add(cells, new CellMeaning.Body(row, column));
      }
    }
  }

  private static void add(List<CellMeaning> cells, CellMeaning cell) {
    if (cells.size() < MOST && !cells.getFirst().equals(cell)) {
      cells.add(cell);
    }
  }

  /// The first leaves of the headings of a level within some leaves.
  private static List<Integer> firsts(Axis axis, int level, int from, int to) {
    List<Integer> firsts = new ArrayList<>();
    List<Leaf> leaves = axis.leaves();
    for (int leaf = from; leaf <= Math.min(to, leaves.size() - 1); leaf++) {
      boolean there = axis.depth(leaf) > level;
      boolean begins =
          there
              && (leaf == 0
                  || axis.depth(leaf - 1) <= level
                  || axis.heading(leaf - 1, level) != axis.heading(leaf, level));
      if (begins) {
        firsts.add(leaf);
      }
    }
    return firsts;
  }

  private static CellMeaning.Head head(Axis axis, int level, int leaf) {
    Heading heading = axis.heading(leaf, level);
    int last = leaf;
    while (last + 1 < axis.leaves().size()
        && axis.depth(last + 1) > level
        && axis.heading(last + 1, level) == heading) {
      last++;
    }
    return new CellMeaning.Head(level, leaf, last);
  }
}
