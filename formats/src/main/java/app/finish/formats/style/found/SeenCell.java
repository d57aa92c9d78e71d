package app.finish.formats.style.found;

import app.finish.core.style.colour.Colour;
import java.util.Optional;

/// A cell as it looks where it came from.
///
/// @param blank whether nothing is written in it
/// @param face its face
/// @param size points
/// @param underline `none`, `single` or `double`
/// @param align as a style writes it, or the empty string where the source leaves it open
/// @param above the line above it
/// @param below the line below it
public record SeenCell(
    boolean blank,
    String face,
    double size,
    boolean bold,
    boolean italic,
    String underline,
    Colour ink,
    Optional<Colour> fill,
    String align,
    Line above,
    Line below) {
  /// A line at the edge of a cell.
  ///
  /// @param weight points; 0 for none
  /// @param kind as a style writes it: empty, `double` or `dotted`
  /// @param colour its colour, if the source says one
  record Line(double weight, String kind, Optional<Colour> colour) {
    static final Line NONE = new Line(0, "", Optional.empty());
  }

  /// The cells of a sheet or table, by their places in the grid that was read.
  interface Sheet {
    Optional<SeenCell> at(int row, int column);
  }
}
