package app.finish.desktop;

import app.finish.core.layout.CellBox;
import app.finish.core.layout.Mark;
import app.finish.core.layout.Proof;
import app.finish.core.layout.Scroll;
import java.util.List;
import java.util.function.Predicate;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.effect.BlendMode;
import javafx.scene.paint.Color;

/// A small picture of a table.
final class Thumbnail extends Canvas {
  private static final Color DIM = Color.web("#fffefb", 0.6);
  private static final Color LIT = Color.web("#ecbf55");
  private static final double NEAR = 300;

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
    show(scroll, box -> false);
  }

  /// Draws the upper left part of a table, near enough to tell how it is dressed.
  void showNear(Scroll scroll) {
    show(scroll, box -> false, Math.min(scroll.paper().textWidth(), NEAR));
  }

  /// Draws the upper part of a table with some of its cells lit; if none is in sight there, the
  /// part where the first of them is.
  void show(Scroll scroll, Predicate<CellBox> lit) {
    show(scroll, lit, scroll.paper().textWidth());
  }

  private void show(Scroll scroll, Predicate<CellBox> lit, double width) {
    blank();
    GraphicsContext gc = getGraphicsContext2D();
    gc.setFill(painter.colour(scroll.dressed().palette().colour("paper")));
    gc.fillRect(0, 0, getWidth(), getHeight());
    double margin = scroll.paper().margin();
    double scale = (getWidth() - 10) / width;
    Proof.Page page = scroll.between(0, getHeight() / scale + margin);
    gc.translate(5 - margin * scale, 5 - margin * scale);
    gc.scale(scale, scale);
    painter.paint(gc, page, 0, getHeight() / scale + margin, 0.4 / scale);
    List<CellBox> boxes = page.boxes().stream().filter(lit).toList();
    if (!boxes.isEmpty()) {
      gc.setFill(DIM);
      gc.fillRect(0, 0, scroll.paper().width(), getHeight() / scale + margin);
      for (CellBox box : boxes) {
        gc.setFill(LIT);
        gc.fillRect(box.x(), box.y(), box.width(), box.height());
      }
      gc.setGlobalBlendMode(BlendMode.MULTIPLY);
      painter.paint(gc, only(page, boxes), 0, getHeight() / scale + margin, 0.4 / scale);
      gc.setGlobalBlendMode(BlendMode.SRC_OVER);
    }
    gc.setTransform(1, 0, 0, 1, 0, 0);
  }

  /// The texts of a page that stand in some of its cells.
  private static Proof.Page only(Proof.Page page, List<CellBox> boxes) {
    List<Mark> marks =
        page.marks().stream()
            .filter(
                mark ->
                    mark instanceof Mark.Text text
                        && boxes.stream().anyMatch(box -> box.contains(text.x() + 0.1, text.y())))
            .toList();
    return new Proof.Page(page.width(), page.height(), marks, boxes);
  }
}
