package app.finish.core.highlight;

/// Whether a cell meets a condition.
@FunctionalInterface
interface CellTest {
  /// Whether the figure in this place meets it.
  boolean holds(int row, int column);
}
