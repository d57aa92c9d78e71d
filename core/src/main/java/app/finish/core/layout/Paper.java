package app.finish.core.layout;

/// What a table is laid out on, in points.
///
/// ```java
/// Paper.A4.unpaged();
/// ```
///
/// @param width the width of the sheet
/// @param height the height of the sheet
/// @param margin the margin on all sides
/// @param paged whether the table is broken into sheets; if not, one sheet is as long as it must be
public record Paper(double width, double height, double margin, boolean paged) {
  /// A4, upright.
  public static final Paper A4 = new Paper(595.28, 841.89, 56.7, true);

  /// US letter, upright, with margins of an inch.
  public static final Paper LETTER = new Paper(612, 792, 72, true);

  /// The same paper in one piece.
  public Paper unpaged() {
    return new Paper(width, height, margin, false);
  }

  /// The same paper turned to its other side.
  public Paper turned() {
    return new Paper(height, width, margin, paged);
  }

  /// The same paper of another width.
  public Paper withWidth(double points) {
    return new Paper(points, height, margin, paged);
  }

  /// The width between the margins.
  public double textWidth() {
    return width - 2 * margin;
  }
}
