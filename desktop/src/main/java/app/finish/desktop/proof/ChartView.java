package app.finish.desktop.proof;

import app.finish.core.chart.ChartPage;
import app.finish.core.style.colour.Colour;
import app.finish.desktop.kit.FillingCanvas;
import app.finish.desktop.kit.ProofPainter;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Charting;
import app.finish.desktop.model.Desk;
import java.util.Optional;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Label;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.paint.Color;

/// The chart at hand as it is sent. What is pointed at, or walked to with the arrows, says its
/// figure below.
public final class ChartView extends Pane {
  private static final double GAP = 28;
  private static final double MOST = 2.2;
  private static final Color SHADE = Color.web("#16242c", 0.08);
  private static final Color BRASS = Color.web("#b9822b");

  private final Desk desk;
  private final ProofPainter painter;
  private final Canvas canvas;
  private final Label says = new Label();
  private int at = -1;

  public ChartView(Desk desk, ProofPainter painter) {
    this.desk = desk;
    this.painter = painter;
    this.canvas = FillingCanvas.in(this, this::draw);
    setId("chart-view");
    getStyleClass().add("desk");
    setFocusTraversable(true);
    setAccessibleRole(AccessibleRole.IMAGE_VIEW);
    says.setId("chart-says");
    says.getStyleClass().add("chart-says");
    says.setMouseTransparent(true);
    getChildren().add(says);
    focusedProperty().addListener((p, before, now) -> draw());
    desk.charting().drawnProperty().addListener((p, before, now) -> show(now));
    setOnMouseMoved(event -> go(under(event)));
    setOnMouseExited(event -> go(-1));
    setOnMousePressed(event -> requestFocus());
    setOnKeyPressed(this::key);
  }

  private Optional<ChartPage> page() {
    return desk.charting().drawnProperty().get().map(Charting.Drawn::page);
  }

  private void show(Optional<Charting.Drawn> now) {
    at = -1;
    setAccessibleText(now.map(Charting.Drawn::description).orElse(""));
    draw();
  }

  private double scale(ChartPage page) {
    double wide = (getWidth() - 2 * GAP) / page.width();
    double tall = (getHeight() - 2 * GAP) / page.height();
    return Math.clamp(Math.min(wide, tall), 0.1, MOST);
  }

  private double left(ChartPage page) {
    return Math.round((getWidth() - page.width() * scale(page)) / 2);
  }

  private int under(MouseEvent event) {
    if (page().isEmpty()) {
      return -1;
    }
    ChartPage page = page().get();
    double x = (event.getX() - left(page)) / scale(page);
    double y = (event.getY() - GAP) / scale(page);
    for (int i = page.areas().size() - 1; i >= 0; i--) {
      ChartPage.Area area = page.areas().get(i);
      boolean within = x >= area.x() && x <= area.x() + area.width();
      if (within && y >= area.y() && y <= area.y() + area.height()) {
        return i;
      }
    }
    return -1;
  }

  private void key(KeyEvent event) {
    int count = page().map(page -> page.areas().size()).orElse(0);
    if (count == 0) {
      return;
    }
    switch (event.getCode()) {
      case RIGHT, DOWN -> go(Math.min(count - 1, at + 1));
      case LEFT, UP -> go(at < 0 ? count - 1 : Math.max(0, at - 1));
      case HOME -> go(0);
      case END -> go(count - 1);
      case ESCAPE -> go(-1);
      default -> {
        return;
      }
    }
    event.consume();
  }

  private void go(int to) {
    if (to != at) {
      at = to;
      draw();
    }
  }

  private void draw() {
    GraphicsContext gc = canvas.getGraphicsContext2D();
    gc.setTransform(1, 0, 0, 1, 0, 0);
    gc.clearRect(0, 0, getWidth(), getHeight());
    Optional<Charting.Drawn> drawn = desk.charting().drawnProperty().get();
    says.setText("");
    if (drawn.isEmpty() || getWidth() < 50) {
      return;
    }
    ChartPage page = drawn.get().page();
    double scale = scale(page);
    double left = left(page);
    gc.setFill(SHADE);
    gc.fillRect(left - 1, GAP + 2, page.width() * scale + 3, page.height() * scale + 2);
    Colour paper = drawn.get().paper();
    gc.setFill(painter.colour(paper));
    gc.fillRect(left, GAP, page.width() * scale, page.height() * scale);
    gc.save();
    gc.translate(left, GAP);
    gc.scale(scale, scale);
    painter.paint(gc, page.page(), 0, page.height(), 0.5 / scale);
    if (at >= 0 && at < page.areas().size()) {
      ChartPage.Area area = page.areas().get(at);
      gc.setStroke(BRASS);
      gc.setLineWidth(1.8 / scale);
      gc.strokeRect(area.x() - 1, area.y() - 1, area.width() + 2, area.height() + 2);
      says.setText(area.says());
    }
    gc.restore();
    String said = says.getText();
    setAccessibleText(said.isEmpty() ? drawn.get().description() : said);
    says.setVisible(!said.isEmpty());
    setAccessibleHelp(Texts.of("chart.help"));
    double foot = GAP + page.height() * scale + 8;
    says.setMaxWidth(getWidth() - 2 * GAP);
    says.autosize();
    says.relocate(left, Math.min(foot, getHeight() - says.getHeight() - 4));
  }
}
