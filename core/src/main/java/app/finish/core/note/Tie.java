package app.finish.core.note;

import java.util.List;

/// A place that a note is tied to. Cells are known by the labels that lead to them in the source,
/// so a note goes with its place through every move.
///
/// ```java
/// new Tie.OfCell(List.of("Hale–Orrin", "Winter"), List.of("Fares")); // a figure
/// new Tie.OfCell(List.of("Hale–Orrin"), List.of()); // a heading of rows
/// ```
public sealed interface Tie {
  /// The title.
  record OfTitle() implements Tie {}

  /// The head over a level of the stub.
  ///
  /// @param level the level, from 0
  record OfStubHead(int level) implements Tie {}

  /// A figure or a heading.
  ///
  /// @param down the labels down the source; none for a head of columns
  /// @param across the labels across the source; none for a heading of rows
  record OfCell(List<String> down, List<String> across) implements Tie {
    /// Copies the labels.
    public OfCell {
      down = List.copyOf(down);
      across = List.copyOf(across);
    }
  }
}
