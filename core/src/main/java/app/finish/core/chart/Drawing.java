package app.finish.core.chart;

import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.Run;
import app.finish.core.layout.Mark;
import app.finish.core.layout.font.Face;
import app.finish.core.layout.font.Fonts;
import app.finish.core.layout.font.Measurer;
import app.finish.core.style.Look;
import app.finish.core.style.Part;
import app.finish.core.style.PartName;
import app.finish.core.style.colour.Colour;
import app.finish.core.style.colour.Palette;
import app.finish.core.words.Symbols;
import java.util.ArrayList;
import java.util.List;

/// The marks of a chart while it is drawn.
final class Drawing {
  private static final int ROUND = 20;
  private static final double HATCH = 4;

  private final Measurer measurer;
  private final Palette palette;
  private final List<Mark> marks = new ArrayList<>();
  private final List<ChartPage.Area> areas = new ArrayList<>();

  Drawing(Fonts fonts, Palette palette) {
    this.measurer = new Measurer(fonts);
    this.palette = palette;
  }

  Colour colour(String ink) {
    return palette.colour(ink);
  }

  Palette palette() {
    return palette;
  }

  /// The text of one look as a cell, statistical symbols in italic.
  private static DressedCell cell(String text, Look look) {
    List<Run> runs = new ArrayList<>();
    for (Symbols.Piece piece : Symbols.inName(text)) {
      runs.add(new Run(piece.text(), look.bold(), look.italic() || piece.isSymbol()));
    }
    CellMeaning place = new CellMeaning.Word(PartName.NOTE, 0);
    return new DressedCell(0, 1, 1, runs, 0, Part.of(PartName.NOTE), look, place);
  }

  double width(String text, Look look) {
    return text.isEmpty() ? 0 : measurer.natural(cell(text, look));
  }

  /// The width of the widest word of a text.
  double widestWord(String text, Look look) {
    return text.isEmpty() ? 0 : measurer.narrowest(cell(text, look));
  }

  /// Writes one line.
  ///
  /// @param x where it is held
  /// @param share which part of it stands left of there: 0, 0.5 or 1
  /// @param middle the height in its middle
  void text(String text, Look look, Colour ink, double x, double share, double middle) {
    if (!text.isEmpty()) {
      DressedCell cell = cell(text, look);
      double width = measurer.natural(cell);
      line(measurer.lines(cell, width + 1).getFirst(), look, ink, x - share * width, middle);
    }
  }

  /// Writes one line that ends in an ellipsis where it would be too wide.
  void shortened(
      String text, Look look, Colour ink, double x, double share, double middle, double most) {
    if (!text.isEmpty()) {
      Measurer.Line line = measurer.shortened(cell(text, look), most).getFirst();
      line(line, look, ink, x - share * line.width(), middle);
    }
  }

  /// Writes a text in as many lines as it takes, from a height down, and gives the height below.
  double block(DressedCell cell, double x, double top, double width) {
    Look look = cell.look();
    double y = top + look.above();
    for (Measurer.Line line : measurer.lines(cell, width)) {
      line(line, look, look.ink(), x, y + look.leading() / 2);
      y += look.leading();
    }
    return y + look.below();
  }

  /// How many lines a text takes, at most three, and writes them around the middle of a stretch.
  int lines(String text, Look look, double x, double top, double width, boolean write) {
    List<Measurer.Line> all = measurer.lines(cell(text, look), width);
    List<Measurer.Line> lines = all.subList(0, Math.min(3, all.size()));
    for (int i = 0; write && i < lines.size(); i++) {
      Measurer.Line line = lines.get(i);
      double middle = top + look.size() * 1.15 * (i + 0.5);
      line(line, look, look.ink(), x - line.width() / 2, middle);
    }
    return lines.size();
  }

  private void line(Measurer.Line line, Look look, Colour ink, double x, double middle) {
    double at = x;
    for (Measurer.Piece piece : line.pieces()) {
      Face face = piece.face();
      double size = look.size() * piece.scale();
      double baseline =
          middle
              + (measurer.fonts().ascent(face) - measurer.fonts().descent(face)) * look.size() / 2
              - look.size() * piece.rise();
      if (piece.swatch().isEmpty()) {
        Colour own = piece.ink().isEmpty() ? ink : palette.colour(piece.ink());
        marks.add(new Mark.Text(at, baseline, piece.text(), piece.width(), face, size, own));
      }
      at += piece.width();
    }
  }

  void rule(double x1, double y1, double x2, double y2, double weight, Colour colour) {
    marks.add(new Mark.Rule(x1, y1, x2, y2, weight, colour, false));
  }

  void dotted(double x1, double y1, double x2, double y2, double weight, Colour colour) {
    marks.add(new Mark.Rule(x1, y1, x2, y2, weight, colour, true));
  }

  /// A filled rectangle between two corners, hatched or not.
  void fill(double x1, double y1, double x2, double y2, Colour colour, boolean hatched) {
    double x = Math.min(x1, x2);
    double y = Math.min(y1, y2);
    double width = Math.abs(x2 - x1);
    double height = Math.abs(y2 - y1);
    if (width > 0 && height > 0) {
      marks.add(new Mark.Fill(x, y, width, height, colour));
      if (hatched) {
        hatch(x, y, width, height);
      }
    }
  }

  /// Lines of paper from the lower left to the upper right.
  private void hatch(double x, double y, double width, double height) {
    Colour paper = palette.colour("paper");
    for (double at = HATCH; at < width + height; at += HATCH) {
      double fromX = Math.max(0, at - height);
      double toX = Math.min(width, at);
      marks.add(
          new Mark.Shape(List.of(x + fromX, y + at - fromX, x + toX, y + at - toX), 0.9, paper));
    }
  }

  void path(List<Double> points, double weight, Colour colour) {
    if (points.size() > 3) {
      marks.add(new Mark.Shape(points, weight, colour));
    }
  }

  /// A dot, filled or as a ring.
  void dot(double x, double y, double radius, Colour colour, boolean ring) {
    marks.add(new Mark.Shape(circle(x, y, radius), 0, colour));
    if (ring) {
      marks.add(new Mark.Shape(circle(x, y, radius - 1.1), 0, palette.colour("paper")));
    }
  }

  private static List<Double> circle(double x, double y, double radius) {
    List<Double> points = new ArrayList<>();
    for (int i = 0; i < ROUND; i++) {
      double angle = 2 * Math.PI * i / ROUND;
      points.add(x + radius * Math.cos(angle));
      points.add(y + radius * Math.sin(angle));
    }
    return points;
  }

  void area(double x1, double y1, double x2, double y2, String says) {
    areas.add(
        new ChartPage.Area(
            Math.min(x1, x2),
            Math.min(y1, y2),
            Math.max(3, Math.abs(x2 - x1)),
            Math.max(3, Math.abs(y2 - y1)),
            says));
  }

  ChartPage page(double width, double height) {
    return new ChartPage(width, height, marks, areas);
  }
}
