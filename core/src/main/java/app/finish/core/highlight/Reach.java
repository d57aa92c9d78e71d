package app.finish.core.highlight;

import java.util.Locale;
import java.util.Optional;

/// How far a highlight reaches from a figure that it matches.
///
/// ```java
/// Reach.of("row"); // the figure's row, its heading too
/// ```
public enum Reach {
  /// The figure alone.
  CELL,
  /// All figures of its row, and the heading.
  ROW,
  /// All figures of its column, and the head.
  COLUMN,
  /// The heading of its row, and not the figure.
  HEADING;

  /// Its name in sentences and files.
  public String word() {
    return name().toLowerCase(Locale.ROOT);
  }

  /// The reach of this name, if there is one.
  public static Optional<Reach> of(String word) {
    for (Reach reach : values()) {
      if (reach.word().equals(word)) {
        return Optional.of(reach);
      }
    }
    return Optional.empty();
  }
}
