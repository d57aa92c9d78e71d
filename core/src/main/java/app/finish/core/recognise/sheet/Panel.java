package app.finish.core.recognise.sheet;

import app.finish.core.grid.Grid;
import app.finish.core.grid.GridCell;
import java.util.ArrayList;
import java.util.List;

/// Names with colons and what belongs to them, in one pair of columns or in several side by side,
/// as models print their measures.
///
/// ```java
/// Panel.unfolded(grid); // Model: | OLS | R²: | 0.42 → Model: | OLS, then R²: | 0.42
/// ```
public final class Panel {
  private Panel() {}

  private static boolean isName(String text) {
    return text.length() > 1 && text.length() <= 60 && text.strip().endsWith(":");
  }

  /// Whether most rows of a grid of two columns are a name with a colon and what belongs to it.
  static boolean isOne(ReadGrid grid) {
    if (grid.columns() != 2) {
      return false;
    }
    int named = 0;
    int full = 0;
    for (int row = 0; row < grid.rows(); row++) {
      boolean both = !grid.isBlank(row, 0) && !grid.isBlank(row, 1);
      full += both ? 1 : 0;
      named += both && isName(grid.text(row, 0)) ? 1 : 0;
    }
    return named > 2 && named * 10 >= full * 7;
  }

  /// The first row of a panel.
  static int top(ReadGrid grid) {
    int row = 0;
    while (grid.isBlank(row, 0) || grid.isBlank(row, 1)) {
      row++;
    }
    return row;
  }

  /// The row behind the last of a panel.
  static int end(ReadGrid grid) {
    int row = grid.rows();
    while (grid.isBlank(row - 1, 0) || grid.isBlank(row - 1, 1)) {
      row--;
    }
    return row;
  }

  /// A grid whose pairs of columns stood side by side, with the pairs one below another; any other
  /// grid as it is.
  static Grid unfolded(Grid grid) {
    if (grid.columns() < 4 || grid.columns() % 2 != 0 || grid.rows() < 2) {
      return grid;
    }
    for (int column = 0; column < grid.columns(); column += 2) {
      int names = 0;
      int texts = 0;
      for (int row = 0; row < grid.rows(); row++) {
        String text = grid.at(row, column).text().strip();
        boolean paired = !grid.at(row, column + 1).isBlank();
        texts += !text.isEmpty() && paired ? 1 : 0;
        names += isName(text) && paired ? 1 : 0;
      }
      if (texts < 2 || names * 10 < texts * 7) {
        return grid;
      }
    }
    List<List<GridCell>> rows = new ArrayList<>();
    for (int column = 0; column < grid.columns(); column += 2) {
      for (int row = 0; row < grid.rows(); row++) {
        GridCell name = grid.at(row, column);
        if (column == 0 || !name.isBlank()) {
          rows.add(List.of(name.spanning(1, 1), grid.at(row, column + 1).spanning(1, 1)));
        }
      }
    }
    return Grid.of(grid.name(), rows);
  }
}
