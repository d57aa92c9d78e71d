package app.finish.core.layout;

import app.finish.core.layout.font.Face;
import app.finish.core.style.colour.Colour;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/// Something drawn on a page, in points from its upper left corner.
public sealed interface Mark {
  /// A filled rectangle.
  record Fill(double x, double y, double width, double height, Colour colour) implements Mark {}

  /// A straight line, horizontal or vertical, by its middle.
  record Rule(
      double x1, double y1, double x2, double y2, double weight, Colour colour, boolean dotted)
      implements Mark {}

  /// The outline of a rectangle with rounded corners, by the middle of its line.
  record Frame(
      double x, double y, double width, double height, double radius, double weight, Colour colour)
      implements Mark {}

  /// A figure of straight lines from point to point: filled, or drawn as a line.
  ///
  /// @param points x and y of each point in turn
  /// @param weight of the line; 0 for a filled figure
  record Shape(List<Double> points, double weight, Colour colour) implements Mark {
    /// Copies the points.
    public Shape {
      points = List.copyOf(points);
    }

    private double edge(boolean lower) {
      double edge = points.get(1);
      for (int i = 3; i < points.size(); i += 2) {
        edge = lower ? Math.max(edge, points.get(i)) : Math.min(edge, points.get(i));
      }
      return edge;
    }
  }

  /// A text on its baseline, beginning at `x`.
  record Text(double x, double y, String text, double width, Face face, double size, Colour colour)
      implements Mark {}

  /// The same mark in another colour.
  default Mark inked(UnaryOperator<Colour> change) {
    return switch (this) {
      case Fill fill ->
          new Fill(fill.x, fill.y, fill.width, fill.height, change.apply(fill.colour));
      case Rule rule ->
          new Rule(
              rule.x1,
              rule.y1,
              rule.x2,
              rule.y2,
              rule.weight,
              change.apply(rule.colour),
              rule.dotted);
      case Frame frame ->
          new Frame(
              frame.x,
              frame.y,
              frame.width,
              frame.height,
              frame.radius,
              frame.weight,
              change.apply(frame.colour));
      case Shape shape -> new Shape(shape.points, shape.weight, change.apply(shape.colour));
      case Text text ->
          new Text(
              text.x,
              text.y,
              text.text,
              text.width,
              text.face,
              text.size,
              change.apply(text.colour));
    };
  }

  /// The same mark elsewhere.
  default Mark movedBy(double dx, double dy) {
    return switch (this) {
      case Fill fill -> new Fill(fill.x + dx, fill.y + dy, fill.width, fill.height, fill.colour);
      case Rule rule ->
          new Rule(
              rule.x1 + dx,
              rule.y1 + dy,
              rule.x2 + dx,
              rule.y2 + dy,
              rule.weight,
              rule.colour,
              rule.dotted);
      case Frame frame ->
          new Frame(
              frame.x + dx,
              frame.y + dy,
              frame.width,
              frame.height,
              frame.radius,
              frame.weight,
              frame.colour);
      case Shape shape -> {
        List<Double> moved = new ArrayList<>(shape.points.size());
        for (int i = 0; i < shape.points.size(); i++) {
          moved.add(shape.points.get(i) + (i % 2 == 0 ? dx : dy));
        }
        yield new Shape(moved, shape.weight, shape.colour);
      }
      case Text text ->
          new Text(
              text.x + dx, text.y + dy, text.text, text.width, text.face, text.size, text.colour);
    };
  }

  /// Its upper edge, roughly: enough to leave out what is not in sight.
  default double top() {
    return switch (this) {
      case Fill fill -> fill.y;
      case Rule rule -> Math.min(rule.y1, rule.y2) - rule.weight;
      case Frame frame -> frame.y - frame.weight;
      case Shape shape -> shape.edge(false) - shape.weight;
      case Text text -> text.y - text.size * 1.2;
    };
  }

  /// Its lower edge, roughly.
  default double bottom() {
    return switch (this) {
      case Fill fill -> fill.y + fill.height;
      case Rule rule -> Math.max(rule.y1, rule.y2) + rule.weight;
      case Frame frame -> frame.y + frame.height + frame.weight;
      case Shape shape -> shape.edge(true) + shape.weight;
      case Text text -> text.y + text.size * 0.5;
    };
  }
}
