package app.finish.formats.io;

import app.finish.core.layout.Mark;
import app.finish.core.layout.Proof;
import app.finish.core.layout.font.Face;
import app.finish.core.style.colour.Colour;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.StringJoiner;

/// Marks as elements of SVG. Text stays text; each stretch is as wide as its own font makes it,
/// also where another one stands in.
///
/// ```java
/// page.marks().forEach(mark -> SvgMarks.draw(mark, svg));
/// ```
public final class SvgMarks {
  private SvgMarks() {}

  /// A whole drawing, which says what it shows.
  ///
  /// @param page a page of the item
  public static String drawing(SentItem item, Proof.Page page) {
    XmlText svg = new XmlText();
    open(svg, page.width(), page.height(), "role", "img", "aria-labelledby", "shows");
    svg.open("desc", "id", "shows").text(item.description()).close("desc");
    paper(svg, item, page.width(), page.height());
    page.marks().forEach(mark -> draw(mark, svg));
    return svg.close("svg").toString();
  }

  /// Opens a drawing.
  ///
  /// @param width in points
  /// @param more further attributes, each a name and a value
  public static void open(XmlText svg, double width, double height, Object... more) {
    List<Object> attributes =
        new ArrayList<>(
            List.of(
                "xmlns",
                "http://www.w3.org/2000/svg",
                "width",
                points(width) + "pt",
                "height",
                points(height) + "pt",
                "viewBox",
                "0 0 " + points(width) + " " + points(height)));
    attributes.addAll(List.of(more));
    svg.open("svg", attributes.toArray());
  }

  /// Lays the paper of an item under what is drawn.
  public static void paper(XmlText svg, SentItem item, double width, double height) {
    String paper = hex(item.dressed().palette().colour("paper"));
    svg.empty("rect", "width", points(width), "height", points(height), "fill", paper);
  }

  /// Writes one mark.
  public static void draw(Mark mark, XmlText svg) {
    switch (mark) {
      case Mark.Fill fill ->
          svg.empty(
              "rect",
              "x",
              points(fill.x()),
              "y",
              points(fill.y()),
              "width",
              points(fill.width()),
              "height",
              points(fill.height()),
              "fill",
              hex(fill.colour()));
      case Mark.Rule rule ->
          svg.empty(
              "line",
              "x1",
              points(rule.x1()),
              "y1",
              points(rule.y1()),
              "x2",
              points(rule.x2()),
              "y2",
              points(rule.y2()),
              "stroke",
              hex(rule.colour()),
              "stroke-width",
              points(rule.weight()),
              "stroke-dasharray",
              rule.dotted() ? points(rule.weight()) + " " + points(2 * rule.weight()) : "none");
      case Mark.Frame frame ->
          svg.empty(
              "rect",
              "x",
              points(frame.x()),
              "y",
              points(frame.y()),
              "width",
              points(frame.width()),
              "height",
              points(frame.height()),
              "rx",
              points(frame.radius()),
              "fill",
              "none",
              "stroke",
              hex(frame.colour()),
              "stroke-width",
              points(frame.weight()));
      case Mark.Shape shape -> shape(shape, svg);
      case Mark.Text text -> text(text, svg);
    }
  }

  private static void shape(Mark.Shape shape, XmlText svg) {
    StringJoiner points = new StringJoiner(" ");
    for (int i = 0; i < shape.points().size(); i += 2) {
      points.add(points(shape.points().get(i)) + "," + points(shape.points().get(i + 1)));
    }
    boolean filled = shape.weight() == 0;
    svg.empty(
        filled ? "polygon" : "polyline",
        "points",
        points,
        "fill",
        filled ? hex(shape.colour()) : "none",
        "stroke",
        filled ? "none" : hex(shape.colour()),
        "stroke-width",
        points(shape.weight()));
  }

  private static void text(Mark.Text text, XmlText svg) {
    Face face = text.face();
    svg.open(
            "text",
            "x",
            points(text.x()),
            "y",
            points(text.y()),
            "font-family",
            families(face),
            "font-size",
            points(text.size()),
            "font-weight",
            face.bold() ? "bold" : "normal",
            "font-style",
            face.italic() ? "italic" : "normal",
            "fill",
            hex(text.colour()),
            "textLength",
            points(Math.max(0.01, text.width())),
            "lengthAdjust",
            "spacingAndGlyphs",
            "xml:space",
            "preserve")
        .text(text.text())
        .close("text");
  }

  /// The face, the one whose widths it has, and any of its kind.
  private static String families(Face face) {
    return switch (face.family()) {
      case "Liberation Serif" -> "Liberation Serif, Times New Roman, serif";
      case "Carlito" -> "Carlito, Calibri, sans-serif";
      case "Liberation Sans" -> "Liberation Sans, Arial, sans-serif";
      default -> face.family() + ", sans-serif";
    };
  }

  /// A length as it is written.
  public static String points(double length) {
    return BigDecimal.valueOf(length)
        .setScale(2, RoundingMode.HALF_UP)
        .stripTrailingZeros()
        .toPlainString();
  }

  /// A colour as it is written.
  public static String hex(Colour colour) {
    return "#" + colour.hex();
  }
}
