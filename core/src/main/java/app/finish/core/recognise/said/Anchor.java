package app.finish.core.recognise.said;

import app.finish.core.grid.Grid;
import java.util.List;

/// A row or column of a source by its meaning, so that what was said of it holds in new numbers
/// where it stands elsewhere.
///
/// ```java
/// Anchor anchor = recognition.anchors().rows().get(6); // [Hale–Orrin, Summer]
/// ```
///
/// @param path its headings from the outermost, or what it says if it has none
/// @param occurrence how many rows above it, or columns before it, have the same path
public record Anchor(List<String> path, int occurrence) {
  /// Copies the path.
  public Anchor {
    path = List.copyOf(path);
  }

  @Override
  public String toString() {
    return "“"
        + String.join(", ", path)
        + "”"
        + (occurrence > 0 ? " (" + (occurrence + 1) + ")" : "");
  }

  /// What the first cell of a row that is not blank says.
  public static List<String> firstText(Grid grid, int row) {
    for (int column = 0; column < grid.columns(); column++) {
      String text = grid.at(row, column).text().strip();
      if (!text.isEmpty()) {
        return List.of(text);
      }
    }
    return List.of();
  }
}
