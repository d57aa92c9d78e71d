package app.finish.core.layout;

import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;

/// Where a cell stands on a page.
///
/// @param x the left edge in points
/// @param y the upper edge
/// @param width its width
/// @param height its height
/// @param row the row that it is in
/// @param cell the cell
/// @param gap the space between the end of its first line and its right edge
public record CellBox(
    double x, double y, double width, double height, DressedRow row, DressedCell cell, double gap) {
  /// Whether a point is inside.
  public boolean contains(double px, double py) {
    return px >= x && px < x + width && py >= y && py < y + height;
  }
}
