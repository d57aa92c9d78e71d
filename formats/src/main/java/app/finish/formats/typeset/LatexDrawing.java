package app.finish.formats.typeset;

import static app.finish.formats.io.SvgMarks.points;

import app.finish.core.chart.ChartPage;
import app.finish.core.layout.Mark;
import app.finish.core.layout.font.Face;
import app.finish.core.style.colour.Colour;
import app.finish.formats.io.SentChart;
import java.util.List;

/// A chart in LaTeX, drawn with *TikZ*: its lines and areas as they lie on the page, its texts in
/// the faces of the manuscript, each set as wide as it is on the page.
///
/// ```java
/// new LatexDrawing(chart, text).write(); // \begin{figure} … \end{figure}
/// ```
record LatexDrawing(SentChart chart, StringBuilder text) {
  /// What stands in the preamble for it.
  static final String NEEDS = "\\usepackage{tikz}\n";

  private static final double LINE = 1.2;

  /// Writes it as a figure.
  void write() {
    ChartPage page = chart.page();
    text.append("\\begin{figure}[htbp]\n\\centering\n");
    text.append(LatexText.labelled(chart.number(), "fig:" + chart.number())).append('\n');
    text.append("% ").append(comment(chart.description())).append('\n');
    text.append("\\resizebox{\\ifdim\\linewidth<").append(points(page.width()));
    text.append("bp \\linewidth\\else ").append(points(page.width())).append("bp\\fi}{!}{%\n");
    text.append("\\begin{tikzpicture}[x=1bp,y=-1bp,every node/.style={inner sep=0pt,");
    text.append("outer sep=0pt,anchor=base west}]\n");
    text.append("\\useasboundingbox (0,0) rectangle (").append(points(page.width())).append(',');
    text.append(points(page.height())).append(");\n");
    page.marks().forEach(this::draw);
    text.append("\\end{tikzpicture}}\n\\end{figure}\n");
  }

  private static String comment(String description) {
    return description.replaceAll("\\s+", " ").replaceAll("\\p{Cntrl}", "");
  }

  private void draw(Mark mark) {
    switch (mark) {
      case Mark.Fill fill -> {
        text.append("\\fill[").append(ink(fill.colour())).append("] ");
        rectangle(fill.x(), fill.y(), fill.width(), fill.height());
      }
      case Mark.Rule rule -> {
        text.append("\\draw[").append(ink(rule.colour())).append(weight(rule.weight()));
        if (rule.dotted()) {
          text.append(",dash pattern=on ").append(points(rule.weight())).append("bp off ");
          text.append(points(2 * rule.weight())).append("bp");
        }
        text.append("] ").append(at(rule.x1(), rule.y1())).append(" -- ");
        text.append(at(rule.x2(), rule.y2())).append(";\n");
      }
      case Mark.Frame frame -> {
        text.append("\\draw[").append(ink(frame.colour())).append(weight(frame.weight()));
        text.append(",rounded corners=").append(points(frame.radius())).append("bp] ");
        rectangle(frame.x(), frame.y(), frame.width(), frame.height());
      }
      case Mark.Shape shape -> shape(shape);
      case Mark.Text said -> said(said);
    }
  }

  private void rectangle(double x, double y, double width, double height) {
    text.append(at(x, y)).append(" rectangle ").append(at(x + width, y + height)).append(";\n");
  }

  private void shape(Mark.Shape shape) {
    boolean filled = shape.weight() == 0;
    text.append(filled ? "\\fill[" : "\\draw[").append(ink(shape.colour()));
    text.append(filled ? "" : weight(shape.weight())).append("] ");
    List<Double> ends = shape.points();
    for (int i = 0; i < ends.size(); i += 2) {
      text.append(i == 0 ? "" : " -- ").append(at(ends.get(i), ends.get(i + 1)));
    }
    text.append(filled ? " -- cycle;\n" : ";\n");
  }

  private void said(Mark.Text mark) {
    String words = LatexText.escaped(mark.text());
    if (words.isBlank()) {
      return;
    }
    Face face = mark.face();
    boolean serif = face.family().contains("Serif") || face.family().startsWith("Times");
    text.append("\\node[text={").append(colour(mark.colour())).append("}] at ");
    text.append(at(mark.x(), mark.y())).append(" {\\fontsize{").append(points(mark.size()));
    text.append("bp}{").append(points(mark.size() * LINE)).append("bp}");
    text.append(serif ? "\\rmfamily" : "\\sffamily");
    text.append(face.bold() ? "\\bfseries" : "\\mdseries");
    text.append(face.italic() ? "\\itshape" : "\\upshape").append("\\selectfont");
    text.append("\\resizebox{").append(points(Math.max(0.01, mark.width())));
    text.append("bp}{\\height}{").append(words).append("}};\n");
  }

  private static String at(double x, double y) {
    return "(" + points(x) + "," + points(y) + ")";
  }

  private static String weight(double weight) {
    return ",line width=" + points(weight) + "bp";
  }

  private static String ink(Colour colour) {
    return "color={" + colour(colour) + "}";
  }

  private static String colour(Colour colour) {
    int rgb = Integer.parseInt(colour.hex(), 16);
    return "rgb,255:red," + (rgb >> 16) + ";green," + (rgb >> 8 & 255) + ";blue," + (rgb & 255);
  }
}
