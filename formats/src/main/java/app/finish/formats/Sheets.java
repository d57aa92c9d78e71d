package app.finish.formats;

import app.finish.core.grid.Grid;
import java.util.List;

/// The sheets of a file as they came, and how much was hidden.
///
/// @param grids the sheets in order
/// @param hiddenSheets how many sheets are hidden
/// @param hiddenRows how many rows are hidden on the others
public record Sheets(List<Grid> grids, int hiddenSheets, int hiddenRows) {
  /// Copies the list.
  public Sheets {
    grids = List.copyOf(grids);
  }

  /// Sheets of a format that hides nothing.
  static Sheets of(List<Grid> grids) {
    return new Sheets(grids, 0, 0);
  }
}
