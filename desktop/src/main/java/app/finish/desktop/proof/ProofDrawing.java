package app.finish.desktop.proof;

import app.finish.core.layout.CellBox;
import app.finish.core.layout.Proof;
import app.finish.core.layout.sheet.Scroll;
import app.finish.core.style.colour.Colour;
import app.finish.desktop.kit.ProofPainter;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Shown;
import app.finish.desktop.model.Step;
import java.util.Optional;
import javafx.geometry.BoundingBox;
import javafx.geometry.Bounds;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;

/// Draws what is in sight of a table: the paper, the strip of the sheet, and over it the stub and
/// the heads where they stay in view.
public final class ProofDrawing {
  private static final Color PAPER = Color.web("#fffefb");
  private static final Color EDGE = Color.web("#16242c", 0.22);

  private final Desk desk;
  private final ProofView view;
  private final ProofPainter painter;

  /// The tints of the table that was drawn last.
  private record Tinted(Shown shown, Tints tints) {}

  private Optional<Tinted> tinted = Optional.empty();

  ProofDrawing(Desk desk, ProofView view, ProofPainter painter) {
    this.desk = desk;
    this.view = view;
    this.painter = painter;
  }

  private Color paper() {
    Colour paper = desk.shownProperty().get().orElseThrow().dressed().palette().colour("paper");
    return paper.rgb() == 0xffffff ? PAPER : painter.colour(paper);
  }

  /// Draws what is in sight of a table.
  void draw(GraphicsContext gc, Scroll now) {
    double scale = view.scale();
    double x = Math.round(view.left());
    double y = Math.round(view.top());
    double wide = now.paper().width() * scale;
    double tall = now.paper().height() * scale;
    gc.setFill(paper());
    double from = Math.max(0, y);
    gc.fillRect(x, from, wide, Math.min(view.getHeight(), y + tall) - from);
    double left = -x / scale;
    double right = (view.getWidth() - x) / scale;
    Proof.Page page = now.between(-y / scale, (view.getHeight() - y) / scale, left, right);
    paint(gc, page, x, y);
    double stub = view.stubShift(now);
    double heads = view.headsShift(now);
    double stubEdge = (now.paper().margin() + now.stubWidth()) * scale + x + stub;
    double headsEdge = now.bodyTop() * scale + y + heads;
    if (stub > 0) {
      double foot = Math.min(view.getHeight(), y + tall);
      Bounds strip = new BoundingBox(0, from, stubEdge, Math.max(0, foot - from));
      fixed(gc, page, strip, x + stub, y, false);
    }
    if (heads > 0) {
      Bounds strip = new BoundingBox(0, 0, view.getWidth(), headsEdge);
      fixed(gc, now.heads(left, right), strip, x, y + heads, true);
    }
    if (heads > 0 && stub > 0) {
      Bounds corner = new BoundingBox(0, 0, stubEdge, headsEdge);
      fixed(gc, now.heads(left, left), corner, x + stub, y + heads, true);
    }
  }

  /// Draws another look of the table to the right of a divider.
  void drawBeside(GraphicsContext gc, Scroll other, double from) {
    double scale = view.scale();
    double x = Math.round(view.left());
    double y = Math.round(view.top());
    gc.save();
    gc.beginPath();
    gc.rect(from, 0, view.getWidth() - from, view.getHeight());
    gc.clip();
    gc.clearRect(from, 0, view.getWidth() - from, view.getHeight());
    gc.setFill(painter.colour(other.dressed().palette().colour("paper")));
    double top = Math.max(0, y);
    double foot = Math.min(view.getHeight(), y + other.paper().height() * scale);
    gc.fillRect(x, top, other.paper().width() * scale, Math.max(0, foot - top));
    double right = (view.getWidth() - x) / scale;
    Proof.Page page = other.between(-y / scale, (view.getHeight() - y) / scale, -x / scale, right);
    double origin = Math.max(0, Math.floor(-y / scale));
    gc.translate(x, y + origin * scale);
    gc.scale(scale, scale);
    double bottom = (view.getHeight() - y) / scale;
    painter.paint(gc, page, -y / scale, bottom, 0.75 / scale, origin);
    gc.restore();
  }

  /// Paints a part of the table that stays in view.
  ///
  /// @param heads whether it is heads, which have a line below them
  private void fixed(
      GraphicsContext gc, Proof.Page page, Bounds within, double x, double y, boolean heads) {
    gc.save();
    gc.beginPath();
    gc.rect(within.getMinX(), within.getMinY(), within.getWidth(), within.getHeight());
    gc.clip();
    gc.setFill(paper());
    double paperLeft = Math.max(0, Math.round(view.left()));
    gc.fillRect(paperLeft, within.getMinY(), within.getWidth(), within.getHeight());
    paint(gc, page, x, y);
    gc.restore();
    gc.setStroke(EDGE);
    gc.setLineWidth(1);
    if (heads && within.getMaxY() < view.getHeight()) {
      double edge = Math.round(within.getMaxY()) + 0.5;
      gc.strokeLine(paperLeft, edge, Math.min(within.getMaxX(), view.getWidth()), edge);
    }
    if (within.getWidth() < view.getWidth()) {
      double edge = Math.round(within.getMaxX()) + 0.5;
      gc.strokeLine(edge, within.getMinY(), edge, within.getMaxY());
    }
  }

  /// Paints a part of the table with the paper's corner at a point. Heights are counted from what
  /// is in sight, since far down a long table the toolkit's own numbers would be too coarse.
  private void paint(GraphicsContext gc, Proof.Page page, double x, double y) {
    double scale = view.scale();
    double origin = Math.max(0, Math.floor(-y / scale));
    gc.save();
    gc.translate(x, y + origin * scale);
    gc.scale(scale, scale);
    if (desk.stepProperty().get() == Step.BRING_IN) {
      tint(gc, page, origin);
    }
    double bottom = (view.getHeight() - y) / scale;
    painter.paint(gc, page, -y / scale, bottom, 0.75 / scale, origin);
    Outlines outlines = new Outlines(gc, scale, origin);
    desk.highlighting().matches().litProperty().get().ifPresent(lit -> outlines.draw(page, lit));
    outlines.draw(page, desk.checking().places());
    outlines.draw(
        page, desk.pointedProperty().get(), desk.pickProperty().get(), desk.alsoProperty().get());
    gc.restore();
  }

  private void tint(GraphicsContext gc, Proof.Page page, double origin) {
    Shown now = desk.shownProperty().get().orElseThrow();
    Tints tints =
        tinted
            .filter(known -> known.shown == now)
            .map(Tinted::tints)
            .orElseGet(() -> Tints.of(now));
    tinted = Optional.of(new Tinted(now, tints));
    for (CellBox box : page.boxes()) {
      tints
          .of(box)
          .ifPresent(
              colour -> {
                gc.setFill(colour);
                gc.fillRect(box.x(), box.y() - origin, box.width(), box.height());
              });
    }
  }
}
