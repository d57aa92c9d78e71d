package app.finish.formats;

import app.finish.core.grid.Grid;
import java.util.List;

/// The sheets of a file as they came, and how much was hidden.
///
/// @param grids the sheets in order
/// @param hidden what of the file is hidden
public record Sheets(List<Grid> grids, Hidden hidden) {
  /// Copies the list.
  public Sheets {
    grids = List.copyOf(grids);
  }

  /// Sheets of a format that hides nothing.
  static Sheets of(List<Grid> grids) {
    return new Sheets(grids, Hidden.NONE);
  }
}
