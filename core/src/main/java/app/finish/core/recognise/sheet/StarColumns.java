package app.finish.core.recognise.sheet;

import app.finish.core.grid.Grid;
import app.finish.core.grid.GridCell;
import java.util.regex.Pattern;

/// Folds columns that hold nothing but stars, as consoles print them behind a p, into marks on the
/// cells to their left.
///
/// ```java
/// // "Trust | 0.469 | <0.001 | ***" → the cell with <0.001 bears the mark ***
/// Grid folded = StarColumns.folded(grid);
/// ```
public final class StarColumns {
  private static final Pattern STARS = Pattern.compile("\\s*\\*{1,4}\\s*");

  private StarColumns() {}

  static Grid folded(Grid grid) {
    Grid folded = grid;
    for (int column = 2; column < grid.columns(); column++) {
      if (holdsOnlyStars(grid, column)) {
        folded = fold(folded, column);
      }
    }
    return folded;
  }

  private static boolean holdsOnlyStars(Grid grid, int column) {
    int stars = 0;
    for (int row = 0; row < grid.rows(); row++) {
      GridCell cell = grid.at(row, column);
      if (cell.isBlank()) {
        continue;
      }
      boolean star = STARS.matcher(cell.text()).matches() && cell.mark().isEmpty();
      if (!star || grid.at(row, column - 1).isBlank()) {
        return false;
      }
      stars++;
    }
    return stars > 0;
  }

  private static Grid fold(Grid grid, int column) {
    Grid folded = grid;
    for (int row = 0; row < grid.rows(); row++) {
      String stars = grid.at(row, column).text().strip();
      if (!stars.isEmpty()) {
        folded =
            folded
                .with(row, column - 1, folded.at(row, column - 1).withMark(stars))
                .with(row, column, GridCell.BLANK);
      }
    }
    return folded;
  }
}
