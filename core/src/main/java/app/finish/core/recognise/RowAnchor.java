package app.finish.core.recognise;

import java.util.List;

/// A row of a source by its meaning, so that what was said of it holds in new numbers where the row
/// stands elsewhere.
///
/// ```java
/// RowAnchor anchor = Recogniser.anchors(grid).get(6); // [Hale–Orrin, Summer]
/// ```
///
/// @param path its headings from the outermost, or what it says if it has none
/// @param occurrence how many rows above it have the same path
public record RowAnchor(List<String> path, int occurrence) {
  /// Copies the path.
  public RowAnchor {
    path = List.copyOf(path);
  }

  @Override
  public String toString() {
    return "“"
        + String.join(", ", path)
        + "”"
        + (occurrence > 0 ? " (" + (occurrence + 1) + ")" : "");
  }
}
