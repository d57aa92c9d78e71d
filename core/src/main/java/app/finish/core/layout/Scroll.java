package app.finish.core.layout;

import app.finish.core.dress.Dressed;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.dress.DressedRow.Band;
import app.finish.core.dress.Dresser;
import app.finish.core.dress.Place;
import app.finish.core.dress.RowPlan;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/// A table on one sheet as long as it must be, for the screen: only the rows in sight are dressed
/// and laid out. Where each row stands is known from the start, by the heights of rows that look
/// alike, so that a long table is there as soon as a short one.
///
/// ```java
/// Scroll scroll = Scroll.of(Dresser.seen(table, cascade, 1), fonts, Paper.A4);
/// scroll.between(0, 800).marks();
/// ```
public final class Scroll {
  private static final int KEPT = 2048;

  private final Dressed dressed;
  private final RowPlan plan;
  private final Measurer measurer;
  private final Columns columns;
  private final Paper paper;
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

  private Scroll(Dresser.Seen seen, Fonts fonts, Paper wanted) {
    this.dressed = seen.dressed();
    this.plan = seen.plan();
    this.measurer = new Measurer(fonts);
    this.columns = new Columns(dressed, decisive(seen), measurer);
    Paper fitting = Compositor.fit(columns, wanted.unpaged());
    this.heights = new double[dressed.rows().size()];
    this.tops = new double[heights.length + 1];
    place(fitting);
    double height = tops[tops.length - 1] + fitting.margin();
    this.paper = new Paper(fitting.width(), Math.max(height, 120), fitting.margin(), false);
  }

  /// The table on a sheet of this width, or a wider one if it needs it.
  public static Scroll of(Dresser.Seen seen, Fonts fonts, Paper paper) {
    return new Scroll(seen, fonts, paper);
  }

  private static List<DressedRow> decisive(Dresser.Seen seen) {
    List<DressedRow> all = seen.dressed().rows();
    Dressed.Bands bands = seen.dressed().bands();
    List<DressedRow> rows = new ArrayList<>(all.subList(0, bands.firstBody()));
    for (int row : seen.decisive()) {
      rows.add(all.get(bands.firstBody() + row));
    }
    rows.addAll(all.subList(bands.end(), all.size()));
    return rows;
  }

  /// Finds where each row stands.
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
    Map<Integer, RowKind> kinds = new HashMap<>();
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
  private record RowKind(double height, List<DressedCell> stub) {}

  private double bodyHeight(int inBody, Map<Integer, RowKind> kinds) {
    RowKind kind = kinds.computeIfAbsent(plan.kind(inBody), key -> kindOf(inBody));
    List<String> labels = plan.labels(inBody);
    boolean exact = plan.hasTexts(inBody) || labels.size() != kind.stub.size();
    for (int i = 0; i < labels.size() && !exact; i++) {
      DressedCell cell = kind.stub.get(i);
      exact = cell.rowSpan() == 1 && !fits(labels.get(i), cell);
    }
    return exact ? set(inBody + dressed.bands().firstBody()).height() : kind.height;
  }

  private boolean fits(String label, DressedCell cell) {
    return measurer.width(label, cell) <= room(cell) - 0.01;
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
        height = Math.max(height, one);
      }
      if (cell.place() instanceof Place.Stub) {
        stub.add(cell);
      }
    }
    return new RowKind(height, stub);
  }

  /// A label beside several rows that is taller than they are makes the last of them taller.
  private void widenForTallLabels(Paper on) {
    int first = dressed.bands().firstBody();
    boolean changed = false;
    for (int row = 0; row < plan.size(); row++) {
      List<String> labels = plan.labels(row);
      for (int i = 0; i < labels.size() - 1; i++) {
        if (labels.get(i).length() > 8) {
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

  private SetRow set(int row) {
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

  /// The dressed table; its rows are dressed when they are asked for.
  public Dressed dressed() {
    return dressed;
  }

  /// The sheet.
  public Paper paper() {
    return paper;
  }

  /// The columns from left to right.
  public List<Proof.Column> columns() {
    return columns.settled();
  }

  /// The width of the stub from the left margin.
  public double stubWidth() {
    return columns.left(dressed.stubColumns());
  }

  /// Where the heads begin.
  public double headsTop() {
    return tops[dressed.bands().firstHead()];
  }

  /// Where the body begins.
  public double bodyTop() {
    return tops[dressed.bands().firstBody()];
  }

  /// Where the body ends.
  public double bodyBottom() {
    return tops[dressed.bands().end()];
  }

  /// The row at a height: the last one that begins above it.
  private int rowAt(double y) {
    int found = Arrays.binarySearch(tops, y);
    int row = found >= 0 ? found : -found - 2;
    return Math.clamp(row, 0, Math.max(0, dressed.rows().size() - 1));
  }

  /// What stands between two heights. A cell that reaches in from above is in it whole.
  public Proof.Page between(double top, double bottom) {
    int first = rowAt(top);
    int last = rowAt(Math.max(top, bottom));
    int firstBody = dressed.bands().firstBody();
    if (first < firstBody) {
      first = Math.min(first, dressed.bands().firstHead());
      last = Math.max(last, Math.min(firstBody, dressed.rows().size()) - 1);
    }
    return rows(first, last);
  }

  /// The heads alone.
  public Proof.Page heads() {
    Dressed.Bands bands = dressed.bands();
    return bands.firstBody() > bands.firstHead()
        ? rows(bands.firstHead(), bands.firstBody() - 1)
        : new Proof.Page(paper.width(), paper.height(), List.of(), List.of());
  }

  private Proof.Page rows(int first, int last) {
    List<SetRow> rows = new ArrayList<>();
    for (int row = first; row <= last; row++) {
      rows.add(set(row).withHeight(heights[row]));
    }
    PagePainter painter = new PagePainter(dressed, columns, paper);
    int inBody = first - dressed.bands().firstBody();
    if (inBody >= 0 && inBody < plan.size()) {
      for (int from : plan.reachingOver(inBody)) {
        int row = from + dressed.bands().firstBody();
        painter.reach(set(row), tops[row], first - row, i -> height(row, i));
      }
    }
    return painter.paint(rows, tops[first]);
  }

  /// Where a cell stands, if the table has it.
  public Optional<CellBox> boxOf(Place place) {
    int firstBody = dressed.bands().firstBody();
    return switch (place) {
      case Place.Body body ->
          body.row() < dressed.rows().size()
              ? boxIn(rowOfLeaf(body.row()), place)
              : Optional.empty();
      case Place.Stub stub -> {
        int row = rowOfLeaf(stub.leaf());
        Optional<CellBox> found = Optional.empty();
        while (row >= firstBody && found.isEmpty() && leafOf(row) == stub.leaf()) {
          found = boxIn(row--, place);
        }
        yield found;
      }
      default -> inWords(place);
    };
  }

  private int leafOf(int row) {
    return plan.leaf(row - dressed.bands().firstBody());
  }

  private int rowOfLeaf(int leaf) {
    return leaf < plan.leaves() ? dressed.bands().firstBody() + plan.rowOf(leaf) : -1;
  }

  private Optional<CellBox> boxIn(int row, Place place) {
    return row < 0
        ? Optional.empty()
        : rows(row, row).boxes().stream()
            .filter(box -> box.cell().place().equals(place))
            .findFirst()
            .map(box -> whole(box, row));
  }

  /// A cell of several rows with its whole height.
  private CellBox whole(CellBox box, int row) {
    double height = height(row, box.cell().rowSpan());
    return new CellBox(box.x(), box.y(), box.width(), height, box.row(), box.cell(), box.gap());
  }

  private double height(int row, int count) {
    double height = 0;
    for (int i = row; i < Math.min(heights.length, row + count); i++) {
      height += heights[i];
    }
    return height;
  }

  private Optional<CellBox> inWords(Place place) {
    Dressed.Bands bands = dressed.bands();
    List<CellBox> boxes = new ArrayList<>();
    if (bands.firstBody() > 0) {
      boxes.addAll(rows(0, bands.firstBody() - 1).boxes());
    }
    if (bands.end() < dressed.rows().size()) {
      boxes.addAll(rows(bands.end(), dressed.rows().size() - 1).boxes());
    }
    return boxes.stream().filter(box -> box.cell().place().equals(place)).findFirst();
  }

  /// The row in which a cell stands; the first one if the table does not have it.
  private int rowOf(Place place) {
    int at =
        switch (place) {
          case Place.Body body -> rowOfLeaf(body.row());
          case Place.Stub stub -> rowOfLeaf(stub.leaf());
          default -> -1;
        };
    for (int row = at; row >= dressed.bands().firstBody(); row--) {
      if (holds(row, place)) {
        return row;
      }
      if (leafOf(row) < leafOf(at)) {
        break;
      }
    }
    return outside.keySet().stream().filter(row -> holds(row, place)).findFirst().orElse(0);
  }

  private boolean holds(int row, Place place) {
    return dressed.rows().get(row).cells().stream().anyMatch(cell -> cell.place().equals(place));
  }

  /// The next cell that holds a text, whatever the case of its letters; behind the last one the
  /// search goes on with the first.
  ///
  /// @param from the cell behind which, or before which, the search begins
  /// @param backwards whether the cell before is looked for
  public Optional<Place> find(String text, Optional<Place> from, boolean backwards) {
    String wanted = text.toLowerCase(Locale.ROOT);
    int count = dressed.rows().size();
    int start = from.map(this::rowOf).orElse(backwards ? count - 1 : 0);
    for (int i = 0; i <= count && !wanted.isBlank() && !Thread.interrupted(); i++) {
      int row = Math.floorMod(backwards ? start - i : start + i, count);
      List<DressedCell> cells = dressed.rows().get(row).cells();
      int own = -1;
      for (int cell = 0; cell < cells.size(); cell++) {
        own = from.filter(cells.get(cell).place()::equals).isPresent() ? cell : own;
      }
      for (int j = 0; j < cells.size(); j++) {
        int cell = backwards ? cells.size() - 1 - j : j;
        boolean passed = own >= 0 && (backwards ? cell >= own : cell <= own);
        boolean again = i == count;
        if (passed != again && own >= 0) {
          continue;
        }
        if (cells.get(cell).text().toLowerCase(Locale.ROOT).contains(wanted)) {
          return Optional.of(cells.get(cell).place());
        }
      }
    }
    return Optional.empty();
  }

  /// The first cell of the table.
  public Optional<CellBox> first() {
    return dressed.rows().isEmpty() ? Optional.empty() : rows(0, 0).boxes().stream().findFirst();
  }

  /// The cell at a point.
  public Optional<CellBox> at(double x, double y) {
    boolean outside = y < paper.margin() || y >= tops[tops.length - 1];
    return outside ? Optional.empty() : between(y, y).at(x, y);
  }

  /// The cell beside another, if there is one.
  ///
  /// @param dx −1 for the left, 1 for the right, else 0
  /// @param dy −1 for above, 1 for below, else 0
  public Optional<CellBox> beside(CellBox from, int dx, int dy) {
    double y =
        dy > 0
            ? from.y() + from.height() + 1
            : dy < 0 ? from.y() - 1 : from.y() + from.height() - 1;
    boolean outside = y < paper.margin() || y >= tops[tops.length - 1];
    return outside
        ? Optional.empty()
        : between(Math.min(y, from.y()), Math.max(y, from.y() + from.height() - 1))
            .beside(from, dx, dy);
  }
}
