package app.finish.formats.io;

import app.finish.core.grid.Grid;
import java.util.List;

/// The sheets of a file as they came, and how much was hidden.
///
/// @param grids the sheets in order
/// @param hidden what of the file is hidden
/// @param outside lines of text that belong to no table
public record Sheets(List<Grid> grids, Hidden hidden, List<String> outside) {
  /// Copies the lists.
  public Sheets {
    grids = List.copyOf(grids);
    outside = List.copyOf(outside);
  }

  /// Sheets of a format that has no text beside its tables.
  public Sheets(List<Grid> grids, Hidden hidden) {
    this(grids, hidden, List.of());
  }

  /// Sheets of a format that hides nothing.
  public static Sheets of(List<Grid> grids) {
    return new Sheets(grids, Hidden.NONE);
  }
}
