package app.finish.formats;

import app.finish.core.document.Source;
import java.util.List;

/// The tables of a file, and what of it is hidden.
///
/// @param tables the tables in order
/// @param hidden what of the file is hidden
public record FileTables(List<Source> tables, Hidden hidden) {
  /// Copies the list.
  public FileTables {
    tables = List.copyOf(tables);
  }

  /// Whether the file hides anything.
  public boolean hides() {
    return hidden.count() > 0;
  }
}
