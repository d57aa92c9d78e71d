package app.finish.core.layout.page;

import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.CellSigns;
import app.finish.core.dress.Dressed;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.dress.DressedRow.Band;
import app.finish.core.layout.CellBox;
import app.finish.core.layout.Mark;
import app.finish.core.layout.Paper;
import app.finish.core.layout.Proof;
import app.finish.core.layout.font.Face;
import app.finish.core.layout.font.Fonts;
import app.finish.core.layout.font.Measurer.Line;
import app.finish.core.layout.font.Measurer.Piece;
import app.finish.core.style.Look;
import app.finish.core.style.Look.Align;
import app.finish.core.style.Property;
import app.finish.core.style.RuleLine;
import app.finish.core.style.colour.Colour;
import java.util.ArrayList;
import java.util.List;
import java.util.function.IntToDoubleFunction;

/// Places the marks of one page.
public final class PagePainter {
  private static final double BEYOND = 1000;

  private final Dressed dressed;
  private final ColumnWidths columns;
  private final Paper paper;
  private final List<Mark> fills = new ArrayList<>();
  private final List<Mark> rules = new ArrayList<>();
  private final List<Mark> texts = new ArrayList<>();
  private final List<CellBox> boxes = new ArrayList<>();
  private final int[] reached;
  private final CellMarks cellMarks;

  public PagePainter(Dressed dressed, ColumnWidths columns, Paper paper) {
    this.dressed = dressed;
    this.columns = columns;
    this.paper = paper;
    this.reached = new int[dressed.columns()];
    this.cellMarks = new CellMarks(dressed.palette());
  }

  /// Paints what reaches over the rows from one above them, which is not painted itself.
  ///
  /// @param top where that row begins
  /// @param rows how many rows there are from it to the first one painted
  /// @param heights the height of so many rows from it on
  public void reach(SetRow from, double top, int rows, IntToDoubleFunction heights) {
    for (SetRow.SetCell set : from.cells()) {
      DressedCell cell = set.cell();
      if (cell.rowSpan() > rows) {
        double x = paper.margin() + columns.left(cell.column());
        double width = columns.width(cell.column(), cell.columnSpan());
        double height = heights.applyAsDouble(cell.rowSpan());
        Line first = set.lines().getFirst();
        double gap =
            first.pieces().isEmpty() ? 0 : width - start(cell, first, width) - first.width();
        boxes.add(new CellBox(x, top, width, height, from.row(), cell, gap));
        cell.look().fill().ifPresent(colour -> fill(x, top, width, height, colour));
        paintText(set, x, top, width, height, from.row());
        for (int column = cell.column(); column < cell.column() + cell.columnSpan(); column++) {
          reached[column] = cell.rowSpan() - rows;
        }
      }
    }
  }

  /// Paints rows from a height on.
  public Proof.Page paint(List<SetRow> rows, double top) {
    return paint(rows, top, false, false, (at, span) -> SetRow.height(rows, at, span));
  }

  /// How high rows are together.
  public interface Heights {
    /// The height of so many rows from one of those that are painted on; some of them may stand
    /// below what is painted.
    double of(int at, int span);
  }

  /// Paints rows from a height on.
  ///
  /// @param goesUp whether there are rows of the table above them
  /// @param goesDown whether there are rows of the table below them
  /// @param heights how high the rows are that a cell goes over
  public Proof.Page paint(
      List<SetRow> rows, double top, boolean goesUp, boolean goesDown, Heights heights) {
    frame(rows, top, goesUp, goesDown);
    double y = top;
    for (int i = 0; i < rows.size(); i++) {
      paintRow(rows.get(i), i, y, heights);
      y += rows.get(i).height();
    }
    rules.addAll(new RulePainter(dressed, columns, paper).paint(rows, top, reached));
    List<Mark> marks = new ArrayList<>(fills);
    marks.addAll(rules);
    marks.addAll(texts);
    return new Proof.Page(paper.width(), paper.height(), marks, boxes);
  }

  /// The frame stands a little off the table, so that its corners clear the fills.
  private void frame(List<SetRow> rows, double top, boolean goesUp, boolean goesDown) {
    String asked = dressed.root().setting(Property.FRAME);
    if (asked.equals("none") || rows.stream().allMatch(row -> isWords(row.row()))) {
      return;
    }
    RuleLine line = RuleLine.parse(asked);
    double radius = dressed.root().points(Property.RADIUS);
    double off = 3 + radius * 0.3;
    double first = top;
    int at = 0;
    while (isWords(rows.get(at).row())) {
      first += rows.get(at++).height();
    }
    double last = first;
    while (at < rows.size() && !isWords(rows.get(at).row())) {
      last += rows.get(at++).height();
    }
    first -= goesUp ? BEYOND : off;
    last += goesDown ? BEYOND : off;
    double x = paper.margin() - off;
    double width = columns.total() + 2 * off;
    Colour colour = dressed.palette().colour(line.ink());
    rules.add(new Mark.Frame(x, first, width, last - first, radius, line.weight(), colour));
  }

  static boolean isWords(DressedRow row) {
    return row.band() == Band.ABOVE || row.band() == Band.BELOW;
  }

  private void paintRow(SetRow row, int at, double y, Heights heights) {
    for (SetRow.SetCell set : row.cells()) {
      DressedCell cell = set.cell();
      boolean words = isWords(row.row());
      double x = paper.margin() + (words ? 0 : columns.left(cell.column()));
      double width =
          words
              ? SetRow.wordsWidth(cell, paper.textWidth(), columns.total())
              : columns.width(cell.column(), cell.columnSpan());
      double height = heights.of(at, cell.rowSpan());
      Line first = set.lines().getFirst();
      double gap = first.pieces().isEmpty() ? 0 : width - start(cell, first, width) - first.width();
      boxes.add(new CellBox(x, y, width, height, row.row(), cell, gap));
      cell.look().fill().ifPresent(colour -> fill(x, y, width, height, colour));
      if (cell.look().marked() && cell.place() instanceof CellMeaning.Body) {
        fills.addAll(cellMarks.bar(cell.look(), x, y, width, height));
        texts.addAll(cellMarks.trend(cell.look(), x, y, width, height));
      }
      paintText(set, x, y, width, height, row.row());
    }
  }

  /// Adds a fill, or lets the one to its left reach over it, so that no seam shows.
  private void fill(double x, double y, double width, double height, Colour colour) {
    if (!fills.isEmpty() && fills.getLast() instanceof Mark.Fill last) {
      boolean joins =
          last.colour().equals(colour)
              && last.y() == y
              && last.height() == height
              && Math.abs(last.x() + last.width() - x) < 0.01;
      if (joins) {
        fills.set(
            fills.size() - 1, new Mark.Fill(last.x(), y, last.width() + width, height, colour));
        return;
      }
    }
    fills.add(new Mark.Fill(x, y, width, height, colour));
  }

  private void paintText(
      SetRow.SetCell set, double x, double y, double width, double height, DressedRow row) {
    DressedCell cell = set.cell();
    Look look = cell.look();
    double block = set.lines().size() * look.leading();
    double top = textTop(cell, row, y, height, block);
    for (Line line : set.lines()) {
      if (!line.pieces().isEmpty()) {
        Face face =
            line.pieces().get(line.pieces().size() > 1 && isSign(line, look) ? 1 : 0).face();
        double start = x + start(cell, line, width);
        double baseline = top + baseline(look, face);
        for (Piece piece : line.pieces()) {
          paintPiece(piece, start, baseline, look);
          start += piece.width();
        }
        underline(look, start - line.width(), baseline, line.width());
        strike(look, start - line.width(), baseline, line.width());
      }
      top += look.leading();
    }
  }

  /// Whether a line begins with a sign in a font of its own, which does not set the line.
  private static boolean isSign(Line line, Look look) {
    char sign = CellSigns.sign(look);
    return sign != 0 && line.pieces().getFirst().text().indexOf(sign) == 0;
  }

  /// Paints a stretch of text; a sign in it is drawn, so that no font has to have it.
  private void paintPiece(Piece piece, double start, double baseline, Look look) {
    if (!piece.swatch().isEmpty()) {
      Colour colour = dressed.palette().colour(piece.swatch());
      char drawn = piece.text().charAt(0);
      texts.addAll(cellMarks.swatch(drawn, start, baseline, piece.width(), look.size(), colour));
      return;
    }
    char sign = CellSigns.sign(look);
    int at = sign == 0 ? -1 : piece.text().indexOf(sign);
    if (at < 0) {
      double size = look.size() * piece.scale();
      double y = baseline - look.size() * piece.rise();
      Colour ink = piece.ink().isEmpty() ? look.ink() : dressed.palette().colour(piece.ink());
      texts.add(new Mark.Text(start, y, piece.text(), piece.width(), piece.face(), size, ink));
      return;
    }
    String before = piece.text().substring(0, at);
    String after = piece.text().substring(at + 1);
    double left = columns.fonts().width(before, piece.face(), look.size());
    double right = columns.fonts().width(after, piece.face(), look.size());
    double room = piece.width() - left - right;
    if (!before.isEmpty()) {
      texts.add(
          new Mark.Text(start, baseline, before, left, piece.face(), look.size(), look.ink()));
    }
    if (!after.isEmpty()) {
      texts.add(
          new Mark.Text(
              start + left + room, baseline, after, right, piece.face(), look.size(), look.ink()));
    }
    Colour colour = dressed.palette().colour(CellSigns.ink(look));
    texts.add(cellMarks.sign(sign, start + left, baseline, room, look.size(), colour));
  }

  private void strike(Look look, double x, double baseline, double width) {
    if (look.setting(Property.STRIKE).equals("single")) {
      double y = baseline - look.size() * 0.26;
      double weight = Math.max(0.4, look.size() / 18);
      rules.add(new Mark.Rule(x, y, x + width, y, weight, look.ink(), false));
    }
  }

  private static double textTop(
      DressedCell cell, DressedRow row, double y, double height, double block) {
    Look look = cell.look();
    double spare = height - look.above() - look.below() - block;
    return y + look.above() + spare * cell.standing(row.band());
  }

  private void underline(Look look, double x, double baseline, double width) {
    if (look.underline() == Look.Underline.NONE) {
      return;
    }
    double weight = Math.max(0.4, look.size() / 18);
    double y = baseline + look.size() * 0.14;
    rules.add(new Mark.Rule(x, y, x + width, y, weight, look.ink(), false));
    if (look.underline() == Look.Underline.DOUBLE) {
      double second = y + 2.2 * weight;
      rules.add(new Mark.Rule(x, second, x + width, second, weight, look.ink(), false));
    }
  }

  private double baseline(Look look, Face face) {
    Fonts fonts = columns.fonts();
    double ascent = fonts.ascent(face) * look.size();
    double descent = fonts.descent(face) * look.size();
    return (look.leading() - ascent - descent) / 2 + ascent;
  }

  /// How wide the first characters of a line are, each in the font that it is set in.
  private double widthOf(Line line, int characters, Look look) {
    double width = 0;
    int left = characters;
    for (Piece piece : line.pieces()) {
      int taken = Math.min(left, piece.text().length());
      boolean whole = taken == piece.text().length();
      width +=
          whole
              ? piece.width()
              : columns.fonts().width(piece.text().substring(0, taken), piece.face(), look.size());
      left -= taken;
      if (left == 0) {
        break;
      }
    }
    return width;
  }

  /// Whether a figure is missing: its dash or its dots stand under the middle of the figures.
  private static boolean isDash(String text) {
    return !text.isEmpty() && text.chars().allMatch(c -> "–—−-…·".indexOf(c) >= 0);
  }

  private double start(DressedCell cell, Line line, double width) {
    Look look = cell.look();
    Align align = look.align();
    if (ColumnWidths.isDecimal(align) && cell.place() instanceof CellMeaning.Body) {
      String text = cell.bareText();
      if (isDash(text)) {
        return columns.middle(cell.column(), align, look.sides()) - line.width() / 2;
      }
      int mark = ColumnWidths.pointOf(text, cell);
      double left = widthOf(line, mark, look);
      return columns.point(cell.column(), align, look.sides()) - left;
    }
    return switch (align) {
      case START -> look.sides() + cell.indent() * look.indent();
      case CENTRE, DECIMAL_CENTRE -> (width - line.width()) / 2;
      case END, DECIMAL -> width - look.sides() - line.width();
    };
  }
}
