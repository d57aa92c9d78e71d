package app.finish.core.layout.font;

import java.util.List;

/// The outlines of letters, to be filled by the nonzero winding rule; y grows downwards.
///
/// ```java
/// Outline dot = new Outline(List.of(new Outline.Move(0, 0), new Outline.Line(1, 0), new Outline.Close()));
/// ```
///
/// @param segments one after another
public record Outline(List<Segment> segments) {
  /// Nothing that is drawn.
  public static final Outline EMPTY = new Outline(List.of());

  /// Copies the list.
  public Outline {
    segments = List.copyOf(segments);
  }

  /// A piece of an outline.
  public sealed interface Segment {}

  /// Begins a part of the outline.
  public record Move(double x, double y) implements Segment {}

  /// A straight line to a point.
  public record Line(double x, double y) implements Segment {}

  /// A curve of the third degree to a point.
  public record Curve(double x1, double y1, double x2, double y2, double x, double y)
      implements Segment {}

  /// Closes the part of the outline.
  public record Close() implements Segment {}
}
