package app.finish.core.table;

/// A place of a table that can bear a mark.
public sealed interface Spot {
  /// A figure, by its leaves down and across.
  record Figure(int row, int column) implements Spot {}

  /// A heading down, by its level and the first leaf under it.
  record Down(int level, int leaf) implements Spot {}

  /// A heading across, by its level and the first leaf under it.
  record Across(int level, int leaf) implements Spot {}

  /// The head over a level of the stub.
  record StubHead(int level) implements Spot {}

  /// The title.
  record Title() implements Spot {}
}
