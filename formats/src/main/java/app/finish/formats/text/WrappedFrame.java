package app.finish.formats.text;

import app.finish.core.grid.Grid;
import app.finish.core.grid.GridCell;
import java.util.ArrayList;
import java.util.List;

/// Joins the parts of a frame that was too wide for the console and goes on below: under heads of
/// its own, with the same labels.
public final class WrappedFrame {
  private WrappedFrame() {}

  /// Whether a table goes on with another: it says so with a backslash behind its heads, or the
  /// other has the same labels and other heads.
  ///
  /// @param lines the lines of the first as they were printed
  static boolean goesOn(List<String> lines, Grid first, Grid second) {
    boolean said = lines.stream().anyMatch(line -> line.endsWith(" \\"));
    boolean wide = lines.stream().mapToInt(String::length).max().orElse(0) >= 60;
    return (said ? first.rows() >= second.rows() : first.rows() == second.rows())
        && first.columns() > 1
        && second.columns() > 1
        && sameLabels(first, second)
        && (said
            || wide
                && !sameHeads(first, second)
                && first.at(0, 0).text().isBlank()
                && second.rows() > 2);
  }

  private static boolean sameHeads(Grid first, Grid second) {
    if (first.columns() != second.columns()) {
      return false;
    }
    for (int column = 1; column < first.columns(); column++) {
      if (!first.at(0, column).text().equals(second.at(0, column).text())) {
        return false;
      }
    }
    return true;
  }

  private static boolean sameLabels(Grid first, Grid second) {
    int same = 0;
    int above = first.rows() - second.rows();
    for (int row = 0; row < second.rows(); row++) {
      String label = first.at(row + above, 0).text().strip();
      same += label.equals(second.at(row, 0).text().strip()) ? 1 : 0;
    }
    return same >= second.rows() - 1 && same > 1;
  }

  /// The first with the columns of the second beside it, without its labels again.
  static Grid joined(Grid first, Grid second) {
    int above = first.rows() - second.rows();
    int stub = 1;
    while (stub < Math.min(first.columns(), second.columns()) - 1
        && sameColumn(first, second, stub)) {
      stub++;
    }
    List<List<GridCell>> rows = new ArrayList<>();
    for (int row = 0; row < first.rows(); row++) {
      List<GridCell> cells = new ArrayList<>();
      for (int column = 0; column < first.columns(); column++) {
        cells.add(withoutBackslash(first.at(row, column)));
      }
      for (int column = stub; column < second.columns(); column++) {
        cells.add(row < above ? GridCell.BLANK : withoutBackslash(second.at(row - above, column)));
      }
      rows.add(cells);
    }
    return Grid.of(first.name(), rows);
  }

  private static boolean sameColumn(Grid first, Grid second, int column) {
    int above = first.rows() - second.rows();
    for (int row = 0; row < second.rows(); row++) {
      String label = first.at(row + above, column).text().strip();
      if (!label.equals(second.at(row, column).text().strip())) {
        return false;
      }
    }
    return true;
  }

  private static GridCell withoutBackslash(GridCell cell) {
    String text = cell.text();
    return text.equals("\\")
        ? GridCell.BLANK
        : text.endsWith(" \\")
            ? GridCell.of(text.substring(0, text.length() - 2).stripTrailing())
            : cell;
  }
}
