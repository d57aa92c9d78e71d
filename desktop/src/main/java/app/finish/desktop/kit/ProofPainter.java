package app.finish.desktop.kit;

import app.finish.core.layout.Mark;
import app.finish.core.layout.Proof;
import app.finish.core.style.colour.Colour;
import java.util.HashMap;
import java.util.Map;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.transform.Affine;

/// Draws the marks of a page on a canvas. It expects the canvas to be scaled and moved so that one
/// unit is one point of the page.
public final class ProofPainter {
  private final PaintFonts fonts;
  private final Map<Colour, Color> colours = new HashMap<>();

  /// A painter that draws with these fonts.
  public ProofPainter(PaintFonts fonts) {
    this.fonts = fonts;
  }

  public Color colour(Colour colour) {
    return colours.computeIfAbsent(colour, own -> Color.rgb(own.red(), own.green(), own.blue()));
  }

  /// Draws what of a page lies between two heights.
  ///
  /// @param top the upper height, in points
  /// @param bottom the lower height
  /// @param hairline the thinnest line, in points
  public void paint(
      GraphicsContext canvas, Proof.Page page, double top, double bottom, double hairline) {
    paint(canvas, page, top, bottom, hairline, 0);
  }

  /// Draws what of a page lies between two heights, with another height as zero.
  public void paint(
      GraphicsContext canvas,
      Proof.Page page,
      double top,
      double bottom,
      double hairline,
      double origin) {
    for (Mark mark : page.marks()) {
      if (mark.bottom() >= top && mark.top() <= bottom) {
        paint(canvas, mark, hairline, origin);
      }
    }
  }

  /// Fills whole pixels, so that fills that touch leave no seam between them.
  private static void fill(
      GraphicsContext canvas, double x, double y, double width, double height) {
    Affine to = canvas.getTransform();
    double left = Math.round(to.getMxx() * x + to.getTx());
    double top = Math.round(to.getMyy() * y + to.getTy());
    double right = Math.round(to.getMxx() * (x + width) + to.getTx());
    double bottom = Math.round(to.getMyy() * (y + height) + to.getTy());
    double wide = Math.max(1, right - left) / to.getMxx();
    double high = Math.max(1, bottom - top) / to.getMyy();
    canvas.fillRect(
        (left - to.getTx()) / to.getMxx(), (top - to.getTy()) / to.getMyy(), wide, high);
  }

  private void paint(GraphicsContext canvas, Mark mark, double hairline, double origin) {
    switch (mark) {
      case Mark.Fill fill -> {
        canvas.setFill(colour(fill.colour()));
        fill(canvas, fill.x(), fill.y() - origin, fill.width(), fill.height());
      }
      case Mark.Rule rule -> {
        canvas.setStroke(colour(rule.colour()));
        canvas.setLineWidth(Math.max(rule.weight(), hairline));
        canvas.setLineCap(StrokeLineCap.BUTT);
        if (rule.dotted()) {
          canvas.setLineDashes(rule.weight(), 2 * rule.weight());
        }
        canvas.strokeLine(rule.x1(), rule.y1() - origin, rule.x2(), rule.y2() - origin);
        if (rule.dotted()) {
          canvas.setLineDashes();
        }
      }
      case Mark.Frame frame -> {
        canvas.setStroke(colour(frame.colour()));
        canvas.setLineWidth(Math.max(frame.weight(), hairline));
        double across = 2 * frame.radius();
        canvas.strokeRoundRect(
            frame.x(), frame.y() - origin, frame.width(), frame.height(), across, across);
      }
      case Mark.Shape shape -> {
        int count = shape.points().size() / 2;
        double[] xs = new double[count];
        double[] ys = new double[count];
        for (int i = 0; i < count; i++) {
          xs[i] = shape.points().get(2 * i);
          ys[i] = shape.points().get(2 * i + 1) - origin;
        }
        if (shape.weight() == 0) {
          canvas.setFill(colour(shape.colour()));
          canvas.fillPolygon(xs, ys, count);
        } else {
          canvas.setStroke(colour(shape.colour()));
          canvas.setLineWidth(Math.max(shape.weight(), hairline));
          canvas.strokePolyline(xs, ys, count);
        }
      }
      case Mark.Text text -> {
        canvas.setFill(colour(text.colour()));
        canvas.setFont(fonts.font(text.face(), text.size()));
        if (text.face().isOther()) {
          canvas.fillText(text.text(), text.x(), text.y() - origin, text.width());
        } else {
          canvas.fillText(text.text(), text.x(), text.y() - origin);
        }
      }
    }
  }
}
