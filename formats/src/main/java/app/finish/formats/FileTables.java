package app.finish.formats;

import app.finish.core.document.Source;
import app.finish.formats.io.Hidden;
import java.util.List;
import java.util.regex.Pattern;

/// The tables of a file, and what of it is hidden.
///
/// @param tables the tables in order
/// @param hidden what of the file is hidden
/// @param outside lines of text that belong to no table
public record FileTables(List<Source> tables, Hidden hidden, List<String> outside) {
  private static final Pattern FIGURE =
      Pattern.compile("(?<![\\p{L}\\d_.])[0-9]+(?:[.,][0-9]+)*(?![\\p{L}_])");

  /// Copies the lists.
  public FileTables {
    tables = List.copyOf(tables);
    outside = List.copyOf(outside);
  }

  /// How many figures stand in lines that belong to no table.
  public int figuresOutside() {
    return outside.stream().mapToInt(line -> (int) FIGURE.matcher(line).results().count()).sum();
  }

  /// Tables that hide nothing and have no text beside them.
  public static FileTables of(List<Source> tables) {
    return new FileTables(tables, Hidden.NONE, List.of());
  }

  /// Whether the file hides anything.
  public boolean hides() {
    return hidden.count() > 0;
  }
}
