package app.finish.core.layout;

import app.finish.core.style.Colour;

/// Something drawn on a page, in points from its upper left corner.
public sealed interface Mark {
  /// A filled rectangle.
  record Fill(double x, double y, double width, double height, Colour colour) implements Mark {}

  /// A straight line, horizontal or vertical, by its middle.
  record Rule(
      double x1, double y1, double x2, double y2, double weight, Colour colour, boolean dotted)
      implements Mark {}

  /// A text on its baseline, beginning at `x`.
  record Text(double x, double y, String text, double width, Face face, double size, Colour colour)
      implements Mark {}

  /// Its upper edge, roughly: enough to leave out what is not in sight.
  default double top() {
    return switch (this) {
      case Fill fill -> fill.y;
      case Rule rule -> Math.min(rule.y1, rule.y2) - rule.weight;
      case Text text -> text.y - text.size * 1.2;
    };
  }

  /// Its lower edge, roughly.
  default double bottom() {
    return switch (this) {
      case Fill fill -> fill.y + fill.height;
      case Rule rule -> Math.max(rule.y1, rule.y2) + rule.weight;
      case Text text -> text.y + text.size * 0.5;
    };
  }
}
