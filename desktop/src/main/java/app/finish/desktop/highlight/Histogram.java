package app.finish.desktop.highlight;

import app.finish.desktop.kit.Texts;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.DoubleConsumer;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;

/// The values that a highlight looks at, as bars, with a line where its threshold falls. The line
/// is dragged, or moved by the arrow keys.
final class Histogram extends Region {
  private static final int BARS = 24;
  private static final double HEIGHT = 64;
  private static final Color BAR = Color.web("#9db7b3");
  private static final Color LINE = Color.web("#c28a2a");

  private final Canvas canvas = new Canvas();
  private final DoubleConsumer moved;
  private final Runnable left;
  private List<Double> values = List.of();
  private OptionalDouble bound = OptionalDouble.empty();

  /// @param moved is told the new threshold while the line is dragged
  /// @param left is told that the line is left where it is
  Histogram(DoubleConsumer moved, Runnable left) {
    this.moved = moved;
    this.left = left;
    setId("histogram");
    setFocusTraversable(true);
    setAccessibleRole(AccessibleRole.SLIDER);
    getStyleClass().add("histogram");
    getChildren().add(canvas);
    setMinHeight(HEIGHT);
    setPrefHeight(HEIGHT);
    setOnMousePressed(
        event -> {
          requestFocus();
          drag(event.getX());
        });
    setOnMouseDragged(event -> drag(event.getX()));
    setOnMouseReleased(event -> left.run());
    addEventHandler(KeyEvent.KEY_PRESSED, this::key);
    focusedProperty().addListener((p, before, now) -> draw());
  }

  /// Shows other values, in order of size, and another threshold.
  void show(List<Double> others, OptionalDouble other) {
    values = others;
    bound = other;
    setAccessibleText(
        Texts.of("highlight.histogram", bound.isPresent() ? text(bound.getAsDouble()) : "–"));
    draw();
  }

  private static String text(double number) {
    return ConditionWords.text(number);
  }

  @Override
  protected void layoutChildren() {
    canvas.setWidth(getWidth());
    canvas.setHeight(getHeight());
    draw();
  }

  private double least() {
    return values.isEmpty() ? 0 : values.getFirst();
  }

  private double range() {
    return values.isEmpty() ? 1 : Math.max(values.getLast() - least(), 1e-9);
  }

  private double step() {
    double rough = range() / 100;
    return Math.pow(10, Math.floor(Math.log10(rough)));
  }

  private void drag(double x) {
    if (bound.isPresent() && getWidth() > 0) {
      double share = Math.clamp((x - 6) / Math.max(1, getWidth() - 12), 0, 1);
      move(least() + share * range());
    }
  }

  private void key(KeyEvent event) {
    boolean back = event.getCode() == KeyCode.LEFT || event.getCode() == KeyCode.DOWN;
    boolean forth = event.getCode() == KeyCode.RIGHT || event.getCode() == KeyCode.UP;
    if (bound.isPresent() && (back || forth)) {
      move(bound.getAsDouble() + (back ? -step() : step()));
      left.run();
      event.consume();
    }
  }

  private void move(double to) {
    double step = step();
    double round = Math.round(to / step) * step;
    double even = step < 1 ? Double.parseDouble("" + (float) round) : round;
    if (bound.isPresent() && even != bound.getAsDouble()) {
      bound = OptionalDouble.of(even);
      draw();
      moved.accept(even);
    }
  }

  private void draw() {
    GraphicsContext gc = canvas.getGraphicsContext2D();
    double width = canvas.getWidth();
    double height = canvas.getHeight();
    gc.clearRect(0, 0, width, height);
    if (values.isEmpty() || width < 20) {
      return;
    }
    int[] counts = new int[BARS];
    int most = 1;
    for (double value : values) {
      int bar = (int) Math.min(BARS - 1, (value - least()) / range() * BARS);
      most = Math.max(most, ++counts[bar]);
    }
    double room = width - 12;
    gc.setFill(BAR);
    for (int i = 0; i < BARS; i++) {
      double tall = counts[i] == 0 ? 0 : Math.max(2, (height - 10) * counts[i] / most);
      gc.fillRect(6 + room * i / BARS + 0.5, height - 4 - tall, room / BARS - 1, tall);
    }
    if (bound.isPresent()) {
      double share = Math.clamp((bound.getAsDouble() - least()) / range(), 0, 1);
      double x = Math.round(6 + room * share) + 0.5;
      gc.setStroke(LINE);
      gc.setLineWidth(isFocused() ? 3 : 2);
      gc.strokeLine(x, 0, x, height - 2);
    }
  }
}
