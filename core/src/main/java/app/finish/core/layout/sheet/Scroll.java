package app.finish.core.layout.sheet;

import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.Dressed;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.dress.Dresser;
import app.finish.core.dress.RowPlan;
import app.finish.core.layout.CellBox;
import app.finish.core.layout.Paper;
import app.finish.core.layout.Proof;
import app.finish.core.layout.font.Fonts;
import app.finish.core.layout.font.Measurer;
import app.finish.core.layout.page.ColumnWidths;
import app.finish.core.layout.page.Compositor;
import app.finish.core.layout.page.PagePainter;
import app.finish.core.layout.page.SetRow;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/// A table on one sheet as long as it must be, for the screen: only the rows in sight are dressed
/// and laid out. Where each row stands is known from the start, by the heights of rows that look
/// alike, so that a long table is there as soon as a short one.
///
/// ```java
/// Scroll scroll = Scroll.of(Dresser.seen(table, cascade, 1), fonts, Paper.A4);
/// scroll.between(0, 800).marks();
/// ```
public final class Scroll {
  private static final int ROWS_MEASURED = 100;

  private final Dressed dressed;
  private final RowPlan plan;
  private final ColumnWidths columns;
  private final Paper paper;
  private final SheetRows rows;
  private final boolean anyOrder;

  private Scroll(Dresser.Seen seen, ColumnWidths columns, Paper fitting) {
    this.dressed = seen.dressed();
    this.plan = seen.plan();
    this.anyOrder = seen.anyOrder();
    this.columns = columns;
    this.rows = new SheetRows(seen, new Measurer(columns.fonts()), columns, fitting);
    double height = rows.end() + fitting.margin();
    this.paper = new Paper(fitting.width(), Math.max(height, 120), fitting.margin(), false);
  }

  /// The table on a sheet of this width, or a wider one if it needs it.
  public static Scroll of(Dresser.Seen seen, Fonts fonts, Paper paper) {
    ColumnWidths columns = columnsOf(seen, fonts);
    return new Scroll(seen, columns, Compositor.fit(columns, paper.unpaged()));
  }

  /// The columns of the table on such a sheet from left to right, without its rows.
  public static List<Proof.Column> columns(Dresser.Seen seen, Fonts fonts, Paper paper) {
    ColumnWidths columns = columnsOf(seen, fonts);
    Compositor.fit(columns, paper.unpaged());
    return columns.settled();
  }

  /// The beginning of a table that comes in the place of this one, on a sheet of this width, or a
  /// wider one if it needs it. Columns of the same measures are at least as wide as here.
  public Scroll followedBy(Dresser.Seen beginning, Paper paper) {
    ColumnWidths wide = columnsOf(beginning, columns.fonts());
    wide.widenTo(columns);
    return new Scroll(beginning, wide, Compositor.fit(wide, paper.unpaged()));
  }

  private static ColumnWidths columnsOf(Dresser.Seen seen, Fonts fonts) {
    Measurer measurer = new Measurer(fonts);
    return new ColumnWidths(seen.dressed(), decisive(seen, widest(seen, measurer)), measurer);
  }

  /// The rows of this table in another order, or the first of them: the columns are as wide as
  /// here. There is none if they might not be, since words, heads or the style differ.
  public Optional<Scroll> reordered(Dresser.Seen seen) {
    Dressed other = seen.dressed();
    boolean alike =
        anyOrder
            && seen.anyOrder()
            && other.root().equals(dressed.root())
            && other.stubColumns() == dressed.stubColumns()
            && other.measures().equals(dressed.measures())
            && above(other).equals(above(dressed));
    return alike ? Optional.of(new Scroll(seen, columns, paper)) : Optional.empty();
  }

  private static List<DressedRow> above(Dressed one) {
    return one.rows().subList(0, one.bands().firstBody());
  }

  private static List<DressedRow> decisive(Dresser.Seen seen, Set<Integer> deciding) {
    List<DressedRow> all = seen.dressed().rows();
    Dressed.Bands bands = seen.dressed().bands();
    List<DressedRow> rows = new ArrayList<>(all.subList(0, bands.firstBody()));
    for (int row : deciding) {
      rows.add(all.get(bands.firstBody() + row));
    }
    rows.addAll(all.subList(bands.end(), all.size()));
    return rows;
  }

  /// The rows of the body that decide how wide the columns are, those with the widest labels among
  /// them.
  private static Set<Integer> widest(Dresser.Seen seen, Measurer measurer) {
    RowPlan plan = seen.plan();
    Set<Integer> rows = new TreeSet<>();
    BitSet kinds = new BitSet();
    int[] decisive = seen.decisive();
    for (int row : decisive) {
      rows.add(row);
      int kind = plan.kind(row);
      if (decisive.length < plan.size() && !kinds.get(kind)) {
        kinds.set(kind);
        int cell = 0;
        for (DressedCell one :
            seen.dressed().rows().get(seen.dressed().bands().firstBody() + row).cells()) {
          if (one.place() instanceof CellMeaning.Stub && cell < plan.labels(row)) {
            rows.add(measurer.widest(plan, kind, cell++, one).row());
          }
        }
      }
    }
    return rows;
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

  /// Where the last column ends, from the left edge of the sheet.
  public double right() {
    return paper.margin() + columns.total();
  }

  /// Where the heads begin.
  public double headsTop() {
    return rows.top(dressed.bands().firstHead());
  }

  /// Where the body begins.
  public double bodyTop() {
    return rows.top(dressed.bands().firstBody());
  }

  /// Where the body ends.
  public double bodyBottom() {
    return rows.top(dressed.bands().end());
  }

  /// What stands between two heights. A cell that reaches in from above is in it whole.
  public Proof.Page between(double top, double bottom) {
    return between(top, bottom, all());
  }

  /// What stands between two heights and between two distances from the left edge, with the stub of
  /// these rows; of a table of few columns all of them.
  public Proof.Page between(double top, double bottom, double left, double right) {
    return between(top, bottom, columns(left, right));
  }

  /// Some of the columns, from the first to the last of them.
  private record Range(int first, int last) {}

  private Range all() {
    return new Range(0, dressed.columns());
  }

  private Range columns(double left, double right) {
    return dressed.columns() <= ROWS_MEASURED
        ? all()
        : new Range(columns.at(left - paper.margin()), columns.at(right - paper.margin()));
  }

  private Proof.Page between(double top, double bottom, Range across) {
    int first = rows.at(top);
    int last = rows.at(Math.max(top, bottom));
    int firstBody = dressed.bands().firstBody();
    if (first < firstBody) {
      first = Math.min(first, dressed.bands().firstHead());
      last = Math.max(last, Math.min(firstBody, dressed.rows().size()) - 1);
    }
    return strip(first, last, across);
  }

  /// The heads alone, between two distances from the left edge.
  public Proof.Page heads(double left, double right) {
    return heads(columns(left, right));
  }

  /// The heads alone.
  public Proof.Page heads() {
    return heads(all());
  }

  private Proof.Page heads(Range across) {
    Dressed.Bands bands = dressed.bands();
    return bands.firstBody() > bands.firstHead()
        ? strip(bands.firstHead(), bands.firstBody() - 1, across)
        : new Proof.Page(paper.width(), paper.height(), List.of(), List.of());
  }

  private Proof.Page strip(int first, int last) {
    return strip(first, last, all());
  }

  private Proof.Page strip(int first, int last, Range across) {
    boolean whole = across.first == 0 && across.last >= dressed.columns() - 1;
    int stub = dressed.stubColumns();
    List<SetRow> strip = new ArrayList<>();
    for (int row = first; row <= last; row++) {
      SetRow set = rows.set(row).withHeight(rows.height(row, 1));
      strip.add(whole ? set : set.only(stub, across.first, across.last));
    }
    PagePainter painter = new PagePainter(dressed, columns, paper);
    int inBody = first - dressed.bands().firstBody();
    if (inBody >= 0 && inBody < plan.size()) {
      for (int from : plan.reachingOver(inBody)) {
        int row = from + dressed.bands().firstBody();
        painter.reach(rows.set(row), rows.top(row), first - row, i -> rows.height(row, i));
      }
    }
    boolean goesUp = first > dressed.bands().firstHead() && first < dressed.bands().end();
    boolean goesDown = last >= dressed.bands().firstHead() && last < dressed.bands().end() - 1;
    return painter.paint(
        strip, rows.top(first), goesUp, goesDown, (at, span) -> rows.height(first + at, span));
  }

  /// Where a cell stands, if the table has it.
  public Optional<CellBox> boxOf(CellMeaning place) {
    int firstBody = dressed.bands().firstBody();
    return switch (place) {
      case CellMeaning.Body body ->
          body.row() < dressed.rows().size()
              ? boxIn(rows.ofLeaf(body.row()), place)
              : Optional.empty();
      case CellMeaning.Stub stub -> {
        int row = rows.ofLeaf(stub.leaf());
        Optional<CellBox> found = Optional.empty();
        while (row >= firstBody && found.isEmpty() && rows.leaf(row) == stub.leaf()) {
          found = boxIn(row--, place);
        }
        yield found;
      }
      default -> inWords(place);
    };
  }

  private Optional<CellBox> boxIn(int row, CellMeaning place) {
    return cellIn(row, place)
        .map(cell -> new Range(cell.column(), cell.column() + cell.columnSpan() - 1))
        .flatMap(
            range ->
                strip(row, row, range).boxes().stream()
                    .filter(box -> box.cell().place().equals(place))
                    .findFirst())
        .map(box -> whole(box, row));
  }

  private Optional<DressedCell> cellIn(int row, CellMeaning place) {
    return row < 0
        ? Optional.empty()
        : dressed.rows().get(row).cells().stream()
            .filter(cell -> cell.place().equals(place))
            .findFirst();
  }

  /// What stands in a place, if the table has it.
  public Optional<DressedCell> cellOf(CellMeaning place) {
    return place instanceof CellMeaning.Body body && body.row() < dressed.rows().size()
        ? cellIn(rows.ofLeaf(body.row()), place)
        : boxOf(place).map(CellBox::cell);
  }

  /// A cell of several rows with its whole height.
  private CellBox whole(CellBox box, int row) {
    double height = rows.height(row, box.cell().rowSpan());
    return new CellBox(box.x(), box.y(), box.width(), height, box.row(), box.cell(), box.gap());
  }

  private Optional<CellBox> inWords(CellMeaning place) {
    Dressed.Bands bands = dressed.bands();
    List<CellBox> boxes = new ArrayList<>();
    if (bands.firstBody() > 0) {
      boxes.addAll(strip(0, bands.firstBody() - 1).boxes());
    }
    if (bands.end() < dressed.rows().size()) {
      boxes.addAll(strip(bands.end(), dressed.rows().size() - 1).boxes());
    }
    return boxes.stream().filter(box -> box.cell().place().equals(place)).findFirst();
  }

  /// The next cell that holds a text, whatever the case of its letters; behind the last one the
  /// search goes on with the first.
  ///
  /// @param from the cell behind which, or before which, the search begins
  /// @param backwards whether the cell before is looked for
  public Optional<CellMeaning> find(String text, Optional<CellMeaning> from, boolean backwards) {
    return new SheetSearch(dressed, rows).find(text, from, backwards);
  }

  /// The first cell of the table.
  public Optional<CellBox> first() {
    return dressed.rows().isEmpty() ? Optional.empty() : strip(0, 0).boxes().stream().findFirst();
  }

  /// The cell at a point.
  public Optional<CellBox> at(double x, double y) {
    boolean outside = y < paper.margin() || y >= rows.end();
    return outside ? Optional.empty() : between(y, y, x - 1, x + 1).at(x, y);
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
    boolean outside = y < paper.margin() || y >= rows.end();
    return outside
        ? Optional.empty()
        : between(Math.min(y, from.y()), Math.max(y, from.y() + from.height() - 1))
            .beside(from, dx, dy);
  }
}
