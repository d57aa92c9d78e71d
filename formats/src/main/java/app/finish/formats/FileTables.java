package app.finish.formats;

import app.finish.core.document.Source;
import java.util.List;

/// The tables of a file, and what of it is hidden.
///
/// @param tables the tables in order
/// @param hiddenSheets how many sheets are hidden
/// @param hiddenRows how many rows are hidden on the others
public record FileTables(List<Source> tables, int hiddenSheets, int hiddenRows) {
  /// Copies the list.
  public FileTables {
    tables = List.copyOf(tables);
  }

  /// Whether the file hides anything.
  public boolean hides() {
    return hiddenSheets + hiddenRows > 0;
  }
}
