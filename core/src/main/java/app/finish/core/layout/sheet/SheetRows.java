package app.finish.core.layout.sheet;

import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.Dressed;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.dress.DressedRow.Band;
import app.finish.core.dress.Dresser;
import app.finish.core.dress.RowPlan;
import app.finish.core.layout.Paper;
import app.finish.core.layout.font.Fonts;
import app.finish.core.layout.font.Measurer;
import app.finish.core.layout.page.ColumnWidths;
import app.finish.core.layout.page.SetRow;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/// Where each row of a sheet stands, known before any row of the body is laid out: rows that look
/// alike are as high as each other, and a row is laid out to know its height only if a text in it
/// does not fit its line.
public final class SheetRows {
  private static final int KEPT = 2048;

  private final Dressed dressed;
  private final RowPlan plan;
  private final Set<Integer> marked;
  private final Measurer measurer;
  private final ColumnWidths columns;
  private final double[] heights;
  private final double[] tops;
  private final Map<Integer, SetRow> outside = new HashMap<>();
  private final Map<Integer, SetRow> kept =
      new LinkedHashMap<>(64, 0.75f, true) {
        private static final long serialVersionUID = 1;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Integer, SetRow> eldest) {
          return size() > KEPT;
        }
      };

  SheetRows(Dresser.Seen seen, Measurer measurer, ColumnWidths columns, Paper on) {
    this.dressed = seen.dressed();
    this.plan = seen.plan();
    this.marked = seen.marked();
    this.measurer = measurer;
    this.columns = columns;
    this.heights = new double[dressed.rows().size()];
    this.tops = new double[heights.length + 1];
    place(on);
  }

  private void place(Paper on) {
    double width = Math.min(Math.max(columns.total(), 1), on.textWidth());
    Dressed.Bands bands = dressed.bands();
    List<SetRow> heads = new ArrayList<>();
    for (int row = 0; row < heights.length; row++) {
      if (row < bands.firstBody() || row >= bands.end()) {
        SetRow set = new SetRow(dressed.rows().get(row), measurer, columns, words(row, on, width));
        heads.add(set);
        outside.put(row, set);
      }
    }
    SetRow.spreadTallCells(heads);
    RowKind[] kinds = new RowKind[plan.kinds()];
    double y = on.margin();
    int head = 0;
    for (int row = 0; row < heights.length; row++) {
      tops[row] = y;
      boolean inBody = row >= bands.firstBody() && row < bands.end();
      heights[row] =
          inBody ? bodyHeight(row - bands.firstBody(), kinds) : heads.get(head++).height();
      y += heights[row];
    }
    tops[heights.length] = y;
    widenForTallLabels(on);
  }

  private double words(int row, Paper on, double width) {
    Band band = dressed.rows().get(row).band();
    return band == Band.ABOVE || band == Band.BELOW ? on.textWidth() : width;
  }

  /// What rows that look alike have in common.
  ///
  /// @param height their height if all their texts fit on one line
  /// @param stub the stub cells of one of them
  /// @param fit whether the labels of all of them fit on one line
  private record RowKind(double height, List<StubCell> stub, boolean fit) {}

  /// What the stub cells of rows that look alike have in common.
  ///
  /// @param beside whether it stands beside one row, not several
  /// @param ruler measures its texts
  /// @param room how wide they may be
  private record StubCell(boolean beside, Fonts.Ruler ruler, double room) {
    boolean fits(String label) {
      return !beside || ruler.width(label) <= room;
    }
  }

  private double bodyHeight(int inBody, RowKind[] kinds) {
    RowKind kind = kinds[plan.kind(inBody)];
    if (kind == null) {
      kind = kindOf(inBody);
      kinds[plan.kind(inBody)] = kind;
    }
    boolean exact =
        plan.hasTexts(inBody)
            || !marked.isEmpty() && marked.contains(plan.leaf(inBody))
            || !(kind.fit || fits(inBody, kind.stub));
    return exact ? set(inBody + dressed.bands().firstBody()).height() : kind.height;
  }

  private boolean fits(int inBody, List<StubCell> stub) {
    int labels = plan.labels(inBody);
    if (labels != stub.size()) {
      return false;
    }
    for (int i = 0; i < labels; i++) {
      if (!stub.get(i).fits(plan.label(inBody, i))) {
        return false;
      }
    }
    return true;
  }

  private boolean allFit(int kind, List<DressedCell> stub) {
    for (int i = 0; i < stub.size(); i++) {
      DressedCell cell = stub.get(i);
      double widest = measurer.widest(plan, kind, i, cell).width();
      boolean breaks = cell.rowSpan() == 1 && !cell.look().shortened();
      if (breaks && widest * cell.look().size() > room(cell) - 0.01) {
        return false;
      }
    }
    return true;
  }

  private double room(DressedCell cell) {
    return columns.width(cell.column(), cell.columnSpan())
        - 2 * cell.look().sides()
        - cell.indent() * cell.look().indent();
  }

  private RowKind kindOf(int inBody) {
    DressedRow row = dressed.rows().get(inBody + dressed.bands().firstBody());
    double height = 0;
    List<DressedCell> stub = new ArrayList<>();
    for (DressedCell cell : row.cells()) {
      if (cell.rowSpan() == 1) {
        double one = cell.look().leading() + cell.look().above() + cell.look().below();
        height = Math.max(height, Math.max(one, cell.look().rowHeight()));
      }
      if (cell.place() instanceof CellMeaning.Stub) {
        stub.add(cell);
      }
    }
    List<StubCell> cells =
        stub.stream()
            .map(
                cell ->
                    new StubCell(
                        cell.rowSpan() == 1 && !cell.look().shortened(),
                        measurer.ruler(cell, cell.look().size()),
                        room(cell) - 0.01))
            .toList();
    boolean whole = plan.labels(inBody) == stub.size();
    return new RowKind(height, cells, whole && allFit(plan.kind(inBody), stub));
  }

  /// A label beside several rows that is taller than they are makes the last of them taller.
  private void widenForTallLabels(Paper on) {
    int first = dressed.bands().firstBody();
    boolean changed = false;
    for (int row = 0; row < plan.size(); row++) {
      for (int i = 0; i < plan.labels(row) - 1; i++) {
        if (plan.label(row, i).length() > 8) {
          changed |= widen(first + row, i);
        }
      }
    }
    double y = on.margin();
    for (int row = 0; row < heights.length && changed; row++) {
      tops[row] = y;
      y += heights[row];
      tops[row + 1] = y;
    }
  }

  private boolean widen(int row, int cell) {
    SetRow.SetCell set = set(row).cells().get(cell);
    int last = Math.min(heights.length, row + set.cell().rowSpan()) - 1;
    double have = height(row, last + 1 - row);
    if (set.cell().rowSpan() < 2 || set.height() <= have) {
      return false;
    }
    heights[last] += set.height() - have;
    return true;
  }

  /// A row laid out.
  SetRow set(int row) {
    SetRow fixed = outside.get(row);
    if (fixed != null) {
      return fixed;
    }
    synchronized (kept) {
      SetRow known = kept.get(row);
      if (known != null) {
        return known;
      }
      SetRow set = new SetRow(dressed.rows().get(row), measurer, columns, columns.total());
      kept.put(row, set);
      return set;
    }
  }

  /// The row at a height: the last one that begins above it.
  int at(double y) {
    int found = Arrays.binarySearch(tops, y);
    int row = found >= 0 ? found : -found - 2;
    return Math.clamp(row, 0, Math.max(0, dressed.rows().size() - 1));
  }

  /// Where a row begins.
  double top(int row) {
    return tops[row];
  }

  /// Where the last row ends.
  double end() {
    return tops[heights.length];
  }

  /// The height of so many rows.
  double height(int row, int count) {
    double height = 0;
    for (int i = row; i < Math.min(heights.length, row + count); i++) {
      height += heights[i];
    }
    return height;
  }

  /// The leaf of a row of the body.
  int leaf(int row) {
    return plan.leaf(row - dressed.bands().firstBody());
  }

  /// The row with the figures of a leaf; −1 if there is no such leaf.
  int ofLeaf(int leaf) {
    return leaf < plan.leaves() ? dressed.bands().firstBody() + plan.rowOf(leaf) : -1;
  }
}
