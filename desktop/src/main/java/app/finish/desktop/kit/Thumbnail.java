package app.finish.desktop.kit;

import app.finish.core.chart.ChartPage;
import app.finish.core.layout.CellBox;
import app.finish.core.layout.Mark;
import app.finish.core.layout.Proof;
import app.finish.core.layout.sheet.Scroll;
import app.finish.core.style.colour.Colour;
import java.util.List;
import java.util.function.Predicate;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.effect.BlendMode;
import javafx.scene.paint.Color;

/// A small picture of a table.
public final class Thumbnail extends Canvas {
  private static final Color DIM = Color.web("#fffefb", 0.6);
  private static final Color LIT = Color.web("#ecbf55");
  private static final double NEAR = 300;
  private static final double FAR = 2000;

  private final ProofPainter painter;

  public Thumbnail(ProofPainter painter, double width, double height) {
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
  public void show(Scroll scroll) {
    show(scroll, box -> false, Math.min(scroll.paper().textWidth(), FAR), 0);
  }

  /// Draws the upper left part of a table, near enough to tell how it is dressed.
  public void showNear(Scroll scroll) {
    show(scroll, box -> false, Math.min(scroll.paper().textWidth(), NEAR), 0);
  }

  /// Draws the part of a table around a height, with some of its cells lit.
  ///
  /// @param at the height on the paper that is in sight
  public void show(Scroll scroll, Predicate<CellBox> lit, double at) {
    show(scroll, lit, Math.min(scroll.paper().textWidth(), FAR), at);
  }

  /// Draws a whole chart.
  public void show(ChartPage page, Colour paper) {
    blank();
    GraphicsContext gc = getGraphicsContext2D();
    gc.setFill(painter.colour(paper));
    gc.fillRect(0, 0, getWidth(), getHeight());
    double scale = Math.min(getWidth() / page.width(), getHeight() / page.height());
    gc.translate((getWidth() - page.width() * scale) / 2, 0);
    gc.scale(scale, scale);
    painter.paint(gc, page.page(), 0, page.height(), 0.5 / scale);
    gc.setTransform(1, 0, 0, 1, 0, 0);
  }

  private void show(Scroll scroll, Predicate<CellBox> lit, double width, double at) {
    blank();
    GraphicsContext gc = getGraphicsContext2D();
    gc.setFill(painter.colour(scroll.dressed().palette().colour("paper")));
    gc.fillRect(0, 0, getWidth(), getHeight());
    double margin = scroll.paper().margin();
    double scale = (getWidth() - 10) / width;
    double seen = getHeight() / scale;
    double most = Math.max(0, scroll.paper().height() - 2 * margin - seen + 10 / scale);
    double from = Math.clamp(at - margin - seen * 0.6, 0, most);
    double foot = from + seen + margin;
    Proof.Page page = scroll.between(from, foot, 0, margin + width);
    gc.translate(5 - margin * scale, 5 - (margin + from) * scale);
    gc.scale(scale, scale);
    painter.paint(gc, page, from, foot, 0.4 / scale);
    List<CellBox> boxes = page.boxes().stream().filter(lit).toList();
    if (!boxes.isEmpty()) {
      gc.setFill(DIM);
      gc.fillRect(0, from, scroll.paper().width(), seen + margin);
      gc.setFill(LIT);
      boxes.forEach(box -> gc.fillRect(box.x(), box.y(), box.width(), box.height()));
      gc.setGlobalBlendMode(BlendMode.MULTIPLY);
      painter.paint(gc, only(page, boxes), from, foot, 0.4 / scale);
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
