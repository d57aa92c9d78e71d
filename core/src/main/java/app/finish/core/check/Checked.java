package app.finish.core.check;

import app.finish.core.grid.Grid;
import app.finish.core.recognise.found.Recognition;
import app.finish.core.style.Cascade;
import java.util.Optional;

/// A table as far as it is known to those who check it: recognised, then dressed, then laid out.
///
/// ```java
/// Checked.of(recognition, grid).dressedBy(cascade).laidOut(fit);
/// ```
///
/// @param recognition what was recognised of it, if it came as cells
/// @param grid its cells, if it came as cells
/// @param cascade the looks that it wears, if it is dressed
/// @param fit how it lies on its page, if it is laid out
public record Checked(
    Optional<Recognition> recognition,
    Optional<Grid> grid,
    Optional<Cascade> cascade,
    Optional<Fit> fit) {
  /// A table of which nothing is known yet.
  public static final Checked NOTHING =
      new Checked(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

  /// A table as it was recognised in a grid.
  public static Checked of(Recognition recognition, Grid grid) {
    return new Checked(
        Optional.of(recognition), Optional.of(grid), Optional.empty(), Optional.empty());
  }

  /// The same table, of which this is known though it did not come as cells.
  public Checked recognised(Recognition known) {
    return new Checked(Optional.of(known), grid, cascade, fit);
  }

  /// The same table in a style.
  public Checked dressedBy(Cascade looks) {
    return new Checked(recognition, grid, Optional.of(looks), fit);
  }

  /// The same table on its page.
  public Checked laidOut(Fit page) {
    return new Checked(recognition, grid, cascade, Optional.of(page));
  }
}
