package app.finish.core.layout.page;

import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.Dressed;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.dress.DressedRow.Band;
import app.finish.core.layout.Proof;
import app.finish.core.layout.font.Fonts;
import app.finish.core.layout.font.Measurer;
import app.finish.core.style.Look;
import app.finish.core.style.Look.Align;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/// How wide the columns are, and where their decimal marks stand.
public final class ColumnWidths {
  private static final double HEAD_LINE = 64;
  private static final double GROUP_GAP = 6;

  private final Dressed dressed;
  private final List<DressedRow> rows;
  private final Measurer measurer;
  private final double[] widths;
  private final double[] natural;
  private final double[] narrowest;
  private final double[] lefts;
  private final double[] before;
  private final double[] after;
  private final Look[] looks;

  /// @param rows the rows that decide the widths: all, or those that can be the widest
  public ColumnWidths(Dressed dressed, List<DressedRow> rows, Measurer measurer) {
    this.dressed = dressed;
    this.rows = rows;
    this.measurer = measurer;
    this.widths = new double[dressed.columns()];
    this.narrowest = new double[widths.length];
    this.before = new double[widths.length];
    this.after = new double[widths.length];
    this.looks = figureLooks();
    measureBody();
    measureHeads();
    partGroups();
    setAlike();
    setAsked();
    widenForSpans();
    this.natural = widths.clone();
    this.lefts = new double[widths.length + 1];
    settle();
  }

  private void settle() {
    for (int column = 0; column < widths.length; column++) {
      lefts[column + 1] = lefts[column] + widths[column];
    }
  }

  private void measureBody() {
    for (DressedRow row : rows) {
      if (row.band() != Band.BODY) {
        continue;
      }
      for (DressedCell cell : row.cells()) {
        if (cell.place() instanceof CellMeaning.Body && isDecimal(cell.look().align())) {
          measureFigure(cell);
        } else if (cell.columnSpan() == 1) {
          double indent = cell.indent() * cell.look().indent();
          double padding = 2 * cell.look().sides() + indent;
          widen(
              cell.column(), measurer.natural(cell) + padding, measurer.narrowest(cell) + padding);
        }
      }
    }
    for (int column = 0; column < widths.length; column++) {
      double figures = before[column] + after[column];
      if (figures > 0) {
        double sides = 2 * sides(column);
        widen(column, figures + sides, figures + sides);
      }
    }
  }

  static boolean isDecimal(Align align) {
    return align == Align.DECIMAL || align == Align.DECIMAL_CENTRE;
  }

  private double sides(int column) {
    return looks[column] == null ? 0 : looks[column].sides();
  }

  private void measureFigure(DressedCell cell) {
    String text = cell.bareText();
    int mark = pointOf(text, cell);
    double left = measurer.width(text.substring(0, mark), cell);
    boolean ends = mark == text.length() && cell.runs().size() == 1;
    double right = ends ? 0 : measurer.natural(cell) - left;
    before[cell.column()] = Math.max(before[cell.column()], left);
    after[cell.column()] = Math.max(after[cell.column()], right);
  }

  /// Where the part of a figure that stands after the decimal mark begins: at the mark, or behind
  /// the last digit.
  static int pointOf(String text, DressedCell cell) {
    String mark = cell.look().numbers().decimalMark();
    int end = text.length();
    while (end > 0 && !Character.isDigit(text.charAt(end - 1))) {
      end--;
    }
    if (end == 0) {
      return text.length();
    }
    int point = text.lastIndexOf(mark, end - 1);
    boolean decimals = point >= 0 && isDigits(text, point + 1, end);
    boolean grouping = mark.equals(cell.look().numbers().grouping());
    return decimals && !grouping ? point : end;
  }

  private static boolean isDigits(String text, int from, int to) {
    for (int i = from; i < to; i++) {
      if (!Character.isDigit(text.charAt(i))) {
        return false;
      }
    }
    return to > from;
  }

  private void widen(int column, double width, double narrow) {
    widths[column] = Math.max(widths[column], width);
    narrowest[column] = Math.max(narrowest[column], narrow);
  }

  /// A head widens its column up to a line of its own; a longer one is broken.
  private void measureHeads() {
    for (DressedRow row : rows) {
      if (row.band() != Band.HEAD) {
        continue;
      }
      for (DressedCell cell : row.cells()) {
        if (cell.columnSpan() == 1) {
          double padding = 2 * cell.look().sides();
          double natural = measurer.natural(cell);
          double narrow = measurer.narrowest(cell);
          double room = Math.max(widths[cell.column()] - padding, HEAD_LINE);
          double wanted = natural <= room ? natural : Math.max(narrow, broken(cell, room, natural));
          widen(cell.column(), wanted + padding, narrow + padding);
        }
      }
    }
  }

  private double broken(DressedCell cell, double room, double natural) {
    double width = room;
    while (width < natural && measurer.lines(cell, width).size() > 3) {
      width += 6;
    }
    double widest = 0;
    for (Measurer.Line line : measurer.lines(cell, width)) {
      widest = Math.max(widest, line.width());
    }
    return widest;
  }

  /// The first column under each spanner is a little wider, so that groups stand apart.
  private void partGroups() {
    boolean[] first = new boolean[widths.length];
    for (DressedRow row : rows) {
      for (DressedCell cell : row.cells()) {
        first[cell.column()] |= row.band() == Band.HEAD && cell.columnSpan() > 1;
      }
    }
    for (int column = dressed.stubColumns(); column < widths.length; column++) {
      widths[column] += first[column] ? GROUP_GAP : 0;
      narrowest[column] += first[column] ? GROUP_GAP : 0;
    }
  }

  /// Columns of the same measure are as wide as the widest of them.
  private void setAlike() {
    for (int measure : dressed.measures().stream().distinct().toList()) {
      if (measure < 0) {
        continue;
      }
      double widest = 0;
      double left = 0;
      double right = 0;
      for (int column = 0; column < widths.length; column++) {
        if (dressed.measures().get(column) == measure) {
          widest = Math.max(widest, widths[column]);
          left = Math.max(left, before[column]);
          right = Math.max(right, after[column]);
        }
      }
      for (int column = 0; column < widths.length; column++) {
        if (dressed.measures().get(column) == measure) {
          widths[column] = Math.max(widest, left + right + 2 * sides(column));
          before[column] = left;
          after[column] = right;
        }
      }
    }
  }

  /// Columns are as wide as the style says, or as the widest of those that are to be even; never so
  /// narrow that a figure would not fit.
  private void setAsked() {
    String[] asked = new String[widths.length];
    double widest = 0;
    double all = total();
    for (int column = 0; column < widths.length; column++) {
      asked[column] = asked(column);
      widest = asked[column].equals("even") ? Math.max(widest, widths[column]) : widest;
    }
    for (int column = 0; column < widths.length; column++) {
      if (!asked[column].equals("content")) {
        double figures = before[column] + after[column] + 2 * sides(column);
        double width = width(asked[column], widest, all);
        widths[column] = Math.max(width, Math.max(narrowest[column], figures));
      }
    }
  }

  private static double width(String asked, double widest, double all) {
    if (asked.equals("even")) {
      return widest;
    }
    double number = Double.parseDouble(asked.replaceAll("[ pt%]", ""));
    return asked.endsWith("%") ? number / 100 * all : number;
  }

  /// The width that is asked of a column; what is set for the table is for figures alone.
  private String asked(int column) {
    if (column >= dressed.stubColumns()) {
      Look look = looks[column] == null ? dressed.root() : looks[column];
      return look.setting(Property.COLUMN_WIDTH);
    }
    for (DressedRow row : rows) {
      for (DressedCell cell : row.cells()) {
        boolean own = cell.place() instanceof CellMeaning.Stub && cell.column() == column;
        boolean set =
            cell.look()
                .origin(Property.COLUMN_WIDTH)
                .filter(origin -> !origin.selector().equals(Selector.of(PartName.TABLE)))
                .isPresent();
        if (own && set) {
          return cell.look().setting(Property.COLUMN_WIDTH);
        }
      }
    }
    return "content";
  }

  private void widenForSpans() {
    for (DressedRow row : rows) {
      boolean spans = row.band() == Band.HEAD || row.band() == Band.BODY;
      for (DressedCell cell : row.cells()) {
        if (!spans || cell.columnSpan() == 1 || cell.columnSpan() == widths.length) {
          continue;
        }
        double need =
            (row.band() == Band.HEAD
                    ? Math.min(measurer.natural(cell), 220)
                    : measurer.natural(cell))
                + 2 * cell.look().sides();
        double have = 0;
        for (int i = 0; i < cell.columnSpan(); i++) {
          have += widths[cell.column() + i];
        }
        for (int i = 0; have < need && i < cell.columnSpan(); i++) {
          widths[cell.column() + i] += (need - have) / cell.columnSpan();
        }
      }
    }
  }

  /// Makes the columns at least as wide as those of another sheet, where these are of the same
  /// kind: of the same measure, or of a stub with the same heads.
  public void widenTo(ColumnWidths others) {
    boolean same = dressed.measures().equals(others.dressed.measures());
    boolean sameStub = stubHeads().equals(others.stubHeads());
    for (int column = 0; column < widths.length; column++) {
      boolean stub = column < dressed.stubColumns();
      int like =
          stub ? sameStub ? column : -1 : same && sameStub ? column : others.like(column, this);
      if (like >= 0) {
        natural[column] = Math.max(natural[column], others.natural[like]);
        narrowest[column] = Math.max(narrowest[column], others.narrowest[like]);
        before[column] = Math.max(before[column], others.before[like]);
        after[column] = Math.max(after[column], others.after[like]);
      }
    }
  }

  private List<String> stubHeads() {
    return rows.stream()
        .flatMap(row -> row.cells().stream())
        .filter(cell -> cell.place() instanceof CellMeaning.StubHead)
        .map(cell -> cell.column() + " " + cell.bareText())
        .toList();
  }

  /// The first column with the measure of a column elsewhere; −1 if there is none.
  private int like(int column, ColumnWidths elsewhere) {
    int measure = elsewhere.dressed.measures().get(column);
    return measure < 0 ? -1 : dressed.measures().indexOf(measure);
  }

  public Fonts fonts() {
    return measurer.fonts();
  }

  public double total() {
    return Arrays.stream(widths).sum();
  }

  /// Makes the columns fit a width: breaks stub and heads if it is too narrow; shares out what is
  /// left if the table is to be as wide as the page.
  void fit(double paper) {
    System.arraycopy(natural, 0, widths, 0, widths.length);
    double asked = dressed.root().points(Property.WIDTH);
    double width = asked > 0 ? Math.min(paper, asked) : paper;
    double over = total() - width;
    if (over > 0.01) {
      shrinkStub(over);
      shrinkAll(total() - width);
    } else if (asked > 0 || dressed.root().setting(Property.WIDTH).equals("page")) {
      spread(-over);
    }
    settle();
  }

  /// Makes the columns as wide as they are if there is room enough.
  void loosen() {
    System.arraycopy(natural, 0, widths, 0, widths.length);
    settle();
  }

  private void shrinkStub(double over) {
    double left = over;
    for (int column = 0; column < dressed.stubColumns() && left > 0; column++) {
      double least = Math.min(widths[column], Math.max(narrowest[column], 110));
      double given = Math.min(left, widths[column] - least);
      widths[column] -= given;
      left -= given;
    }
  }

  private void shrinkAll(double over) {
    double spare = 0;
    for (int column = dressed.stubColumns(); column < widths.length; column++) {
      spare += widths[column] - narrowest[column];
    }
    if (over <= 0.01 || spare <= 0) {
      return;
    }
    double share = Math.min(1, over / spare);
    for (int column = dressed.stubColumns(); column < widths.length; column++) {
      widths[column] -= share * (widths[column] - narrowest[column]);
    }
  }

  private void spread(double spare) {
    int figures = widths.length - dressed.stubColumns();
    double toStub = figures == 0 ? spare : Math.min(spare * 0.25, 80);
    for (int column = 0; column < widths.length; column++) {
      boolean stub = column < dressed.stubColumns();
      widths[column] += stub ? toStub / dressed.stubColumns() : (spare - toStub) / figures;
    }
  }

  /// How much of what could be taken from the columns was taken to make them fit: the more, the
  /// more cramped the table is.
  double strain() {
    double spare = 0;
    double taken = 0;
    for (int column = 0; column < widths.length; column++) {
      spare += natural[column] - Math.min(natural[column], narrowest[column]);
      taken += Math.max(0, natural[column] - widths[column]);
    }
    return spare == 0 ? 0 : taken / spare;
  }

  /// The columns as they came out.
  public List<Proof.Column> settled() {
    List<Proof.Column> settled = new ArrayList<>();
    for (int column = 0; column < widths.length; column++) {
      boolean figures = looks[column] != null && before[column] + after[column] > 0;
      double point = figures ? point(column, looks[column].align(), looks[column].sides()) : 0;
      settled.add(new Proof.Column(widths[column], point, figures ? point + after[column] : 0));
    }
    return settled;
  }

  /// For each column the look of its first figure, or null.
  private Look[] figureLooks() {
    Look[] first = new Look[widths.length];
    int found = 0;
    for (DressedRow row : rows) {
      for (DressedCell cell : row.cells()) {
        if (cell.place() instanceof CellMeaning.Body && first[cell.column()] == null) {
          first[cell.column()] = cell.look();
          found++;
        }
      }
      if (found == widths.length - dressed.stubColumns()) {
        break;
      }
    }
    return first;
  }

  public double width(int column) {
    return widths[column];
  }

  /// The width of several columns side by side.
  public double width(int column, int span) {
    double width = 0;
    for (int i = 0; i < span; i++) {
      width += widths[column + i];
    }
    return width;
  }

  /// The left edge of a column from the left edge of the table.
  public double left(int column) {
    return lefts[column];
  }

  /// The column at so many points from the left edge of the table; the first or last one beside it.
  public int at(double x) {
    int found = Arrays.binarySearch(lefts, x);
    int column = found >= 0 ? found : -found - 2;
    return Math.clamp(column, 0, Math.max(0, widths.length - 1));
  }

  /// Where the decimal marks of a column stand from its left edge.
  double point(int column, Align align, double sides) {
    double block = before[column] + after[column];
    double start =
        align == Align.DECIMAL_CENTRE
            ? (widths[column] - block) / 2
            : widths[column] - sides - block;
    return start + before[column];
  }

  /// The middle of the figures of a column, where a dash stands.
  double middle(int column, Align align, double sides) {
    return point(column, align, sides) + (after[column] - before[column]) / 2;
  }
}
