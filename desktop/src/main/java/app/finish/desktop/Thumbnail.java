package app.finish.desktop;

import app.finish.core.layout.Proof;
import app.finish.core.layout.Scroll;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;

/// A small picture of a table.
final class Thumbnail extends Canvas {
  private final ProofPainter painter;

  Thumbnail(ProofPainter painter, double width, double height) {
    super(width, height);
    this.painter = painter;
    blank();
  }

  private void blank() {
    GraphicsContext gc = getGraphicsContext2D();
    gc.setTransform(1, 0, 0, 1, 0, 0);
    gc.setFill(Color.web("#fffefb"));
    gc.fillRect(0, 0, getWidth(), getHeight());
  }

  /// Draws the upper part of a table, as wide as the picture.
  void show(Scroll scroll) {
    blank();
    GraphicsContext gc = getGraphicsContext2D();
    gc.setFill(painter.colour(scroll.dressed().palette().colour("paper")));
    gc.fillRect(0, 0, getWidth(), getHeight());
    double margin = scroll.paper().margin();
    double scale = (getWidth() - 10) / (scroll.paper().width() - 2 * margin);
    Proof.Page page = scroll.between(0, getHeight() / scale + margin);
    gc.translate(5 - margin * scale, 5 - margin * scale);
    gc.scale(scale, scale);
    painter.paint(gc, page, 0, getHeight() / scale + margin, 0.4 / scale);
    gc.setTransform(1, 0, 0, 1, 0, 0);
  }
}
