package app.finish.core.document;

import app.finish.core.grid.Grid;
import app.finish.core.tally.Tally;
import java.util.Optional;

/// Where a table came from, kept untouched: cells, or records that were tallied.
///
/// @param name the file it was read from, or "pasted"
/// @param grid its cells; none if it was tallied
/// @param tally what was tallied, if it came from records
public record Source(String name, Grid grid, Optional<Tally> tally) {
  /// A table that came as cells.
  public Source(String name, Grid grid) {
    this(name, grid, Optional.empty());
  }

  /// A table that was tallied.
  public static Source of(Tally tally) {
    return new Source(tally.records().label(), Grid.EMPTY, Optional.of(tally));
  }
}
