package app.finish.core.recognise.sheet;

import java.util.List;

/// Cells of a grid where some rows meet some columns: those along a line, or all of the figures.
///
/// @param rows the rows
/// @param columns the columns
public record Cells(List<Integer> rows, List<Integer> columns) {
  /// What is done with each cell.
  public interface Visitor {
    /// Sees one cell; gives whether to go on.
    boolean see(int row, int column);
  }

  /// Visits the cells row by row until the visitor has seen enough; gives whether it saw all.
  public boolean visit(Visitor visitor) {
    for (int row : rows) {
      for (int column : columns) {
        if (!visitor.see(row, column)) {
          return false;
        }
      }
    }
    return true;
  }
}
