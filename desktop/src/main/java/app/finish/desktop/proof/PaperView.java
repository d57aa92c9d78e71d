package app.finish.desktop.proof;

import app.finish.core.check.Fit;
import app.finish.core.layout.Mark;
import app.finish.core.layout.Paper;
import app.finish.core.layout.Proof;
import app.finish.core.style.colour.Colour;
import app.finish.core.style.colour.ColourVision;
import app.finish.desktop.kit.FillingCanvas;
import app.finish.desktop.kit.ProofPainter;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Desk;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;
import javafx.geometry.Orientation;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.ScrollBar;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.Pane;
import javafx.scene.paint.Color;

/// The table at hand on its pages, as they are printed, in colour, in grey or as people with colour
/// blindness see them.
public final class PaperView extends Pane {
  private static final double GAP = 24;
  private static final double BAR = 12;
  private static final Color SHADE = Color.web("#16242c", 0.08);
  private static final Color MARGIN = Color.web("#24605c", 0.28);

  private final Desk desk;
  private final ProofPainter painter;
  private final Canvas canvas;
  private final ScrollBar down = new ScrollBar();
  private final ObjectProperty<Paper> paper = new SimpleObjectProperty<>(Paper.A4);
  private final ObjectProperty<ColourVision> sight = new SimpleObjectProperty<>(ColourVision.FULL);
  private final ReadOnlyObjectWrapper<Optional<Fit>> fit =
      new ReadOnlyObjectWrapper<>(Optional.empty());
  private int asked;

  public PaperView(Desk desk, ProofPainter painter) {
    this.desk = desk;
    this.painter = painter;
    this.canvas = FillingCanvas.in(this, this::draw);
    setId("paper-view");
    getStyleClass().add("desk");
    setFocusTraversable(true);
    setAccessibleText(Texts.of("paper.view"));
    down.setOrientation(Orientation.VERTICAL);
    down.setFocusTraversable(false);
    down.getStyleClass().add("proof-bar");
    down.valueProperty().addListener((p, before, now) -> draw());
    getChildren().add(down);
    sight.addListener((p, before, now) -> draw());
    paper.addListener((p, before, now) -> layOut());
    desk.shownProperty().addListener((p, before, now) -> layOut());
    visibleProperty().addListener((p, before, now) -> layOut());
    addEventHandler(
        ScrollEvent.SCROLL, event -> down.setValue(clamp(down.getValue() - event.getDeltaY())));
    setOnKeyPressed(
        event -> {
          switch (event.getCode()) {
            case DOWN -> down.setValue(clamp(down.getValue() + 40));
            case UP -> down.setValue(clamp(down.getValue() - 40));
            case PAGE_DOWN -> down.setValue(clamp(down.getValue() + getHeight() * 0.9));
            case PAGE_UP -> down.setValue(clamp(down.getValue() - getHeight() * 0.9));
            default -> {}
          }
        });
  }

  private double clamp(double value) {
    return Math.clamp(value, 0, down.getMax());
  }

  public ObjectProperty<Paper> paperProperty() {
    return paper;
  }

  public ObjectProperty<ColourVision> sightProperty() {
    return sight;
  }

  public ReadOnlyObjectProperty<Optional<Fit>> fitProperty() {
    return fit.getReadOnlyProperty();
  }

  private void layOut() {
    if (!isVisible() || desk.table().isEmpty()) {
      return;
    }
    int own = ++asked;
    int index = desk.indexProperty().get();
    Paper wanted = paper.get();
    desk.worker()
        .behind(
            () -> desk.proofs().fit(desk.document(), index, wanted),
            made -> {
              if (own == asked) {
                fit.set(Optional.of(made));
                draw();
              }
            },
            desk::tell);
  }

  private double scale(Proof.Page page) {
    double wide = (getWidth() - 2 * GAP - BAR) / page.width();
    double tall = (getHeight() - 2 * GAP) / page.height();
    return Math.clamp(Math.max(tall, Math.min(wide, tall * 1.25)), 0.1, wide);
  }

  private void draw() {
    GraphicsContext gc = canvas.getGraphicsContext2D();
    gc.setTransform(1, 0, 0, 1, 0, 0);
    gc.clearRect(0, 0, getWidth(), getHeight());
    if (fit.get().isEmpty() || getWidth() < 50) {
      return;
    }
    Proof proof = fit.get().get().proof();
    double scale = scale(proof.pages().getFirst());
    double height = GAP;
    for (Proof.Page page : proof.pages()) {
      height += page.height() * scale + GAP;
    }
    double over = Math.max(0, height - getHeight());
    down.setVisible(over > 1);
    down.setMax(over);
    down.setVisibleAmount(over * Math.min(1, getHeight() / height));
    down.resizeRelocate(getWidth() - BAR, 0, BAR, getHeight());
    double y = GAP - Math.min(down.getValue(), over);
    for (Proof.Page page : proof.pages()) {
      if (y < getHeight() && y + page.height() * scale > 0) {
        draw(gc, proof, page, y, scale);
      }
      y += page.height() * scale + GAP;
    }
  }

  private void draw(GraphicsContext gc, Proof proof, Proof.Page page, double y, double scale) {
    double width = page.width() * scale;
    double height = page.height() * scale;
    double x = Math.round((getWidth() - BAR - width) / 2);
    gc.setFill(SHADE);
    gc.fillRect(x - 1, y + 2, width + 3, height + 2);
    gc.setFill(painter.colour(sight.get().of(proof.dressed().palette().colour("paper"))));
    gc.fillRect(x, y, width, height);
    gc.save();
    gc.translate(x, y);
    gc.scale(scale, scale);
    List<Mark> seen = page.marks().stream().map(mark -> mark.inked(this::seen)).toList();
    painter.paint(
        gc,
        new Proof.Page(page.width(), page.height(), seen, List.of()),
        0,
        page.height(),
        0.5 / scale);
    gc.restore();
    double margin = proof.paper().margin() * scale;
    gc.setStroke(MARGIN);
    gc.setLineWidth(1);
    gc.setLineDashes(3, 4);
    gc.strokeRect(x + margin, y + margin, width - 2 * margin, height - 2 * margin);
    gc.setLineDashes();
  }

  private Colour seen(Colour colour) {
    return sight.get().of(colour);
  }
}
