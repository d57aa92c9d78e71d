package app.finish.formats.io;

import app.finish.core.dress.Dressed;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.dress.DressedRow.Band;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Optional;

/// The rows of a dressed table as plain rows of cells, for formats without spans.
///
/// ```java
/// FlatHeads.heads(dressed); // [[Route, 2025, 2025], [Route, Fares, Cost]]
/// FlatHeads.joined(dressed, ", "); // [Route, "2025, Fares", "2025, Cost"]
/// ```
public final class FlatHeads {
  private FlatHeads() {}

  /// The rows of heads, each head in all places that it reaches over.
  public static List<List<String>> heads(Dressed dressed) {
    List<DressedRow> rows = dressed.band(Band.HEAD);
    List<List<String>> heads = new ArrayList<>();
    for (int i = 0; i < rows.size(); i++) {
      heads.add(new ArrayList<>(Collections.nCopies(dressed.columns(), "")));
    }
    for (int i = 0; i < rows.size(); i++) {
      for (DressedCell cell : rows.get(i).cells()) {
        for (int down = i; down < Math.min(i + cell.rowSpan(), rows.size()); down++) {
          for (int across = 0; across < cell.columnSpan(); across++) {
            heads.get(down).set(cell.column() + across, cell.text());
          }
        }
      }
    }
    return heads;
  }

  /// One head for each column: its heads from the outermost, each once.
  ///
  /// @param between what parts them
  public static List<String> joined(Dressed dressed, String between) {
    List<List<String>> heads = heads(dressed);
    List<String> joined = new ArrayList<>();
    for (int column = 0; column < dressed.columns(); column++) {
      List<String> parts = new ArrayList<>();
      for (List<String> row : heads) {
        String part = row.get(column);
        if (!part.isBlank() && (parts.isEmpty() || !parts.getLast().equals(part))) {
          parts.add(part);
        }
      }
      joined.add(String.join(between, parts));
    }
    return joined;
  }

  /// The cells of a row by their columns; none where a cell from the left or from above reaches.
  public static List<Optional<DressedCell>> cells(Dressed dressed, DressedRow row) {
    List<Optional<DressedCell>> cells = new ArrayList<>();
    DressedCell[] by = new DressedCell[dressed.columns()];
    row.cells().forEach(cell -> by[cell.column()] = cell);
    Arrays.stream(by).map(Optional::ofNullable).forEach(cells::add);
    return cells;
  }
}
