package app.finish.core.recognise.sheet;

import app.finish.core.grid.Grid;
import app.finish.core.grid.GridCell;
import java.util.HashMap;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// Finds figures with one letter behind them that is their unit, as pence in `12.4p`: all texts
/// beside them in their row, or below the head of their column, have the same. One letter alone is
/// more often a flag.
final class LetterUnits {
  private static final Pattern LETTERED =
      Pattern.compile("([-−–]?(?!(?:19|20)[0-9]{2}[A-Za-z])[0-9][0-9.,]*)\\s?(\\p{L})");

  private final Grid grid;
  private final double[] values;

  /// @param values the numbers that were read already, row by row, NaN where none was
  LetterUnits(Grid grid, double[] values) {
    this.grid = grid;
    this.values = values;
  }

  /// By place, the figure (group 1) and its unit (group 2).
  Map<Integer, Matcher> find() {
    Map<Integer, Matcher> all = new HashMap<>();
    if (!isAny()) {
      return all;
    }
    for (int row = 1; row < grid.rows(); row++) {
      all.putAll(along(row * grid.columns() + 1, 1, grid.columns() - 1, all));
    }
    for (int column = 1; column < grid.columns(); column++) {
      all.putAll(along(grid.columns() + column, grid.columns(), grid.rows() - 1, all));
    }
    return all;
  }

  private boolean isAny() {
    for (int index = 0; index < values.length; index++) {
      if (Double.isNaN(values[index]) && LETTERED.matcher(text(index)).matches()) {
        return true;
      }
    }
    return false;
  }

  private String text(int index) {
    GridCell cell = grid.at(index / grid.columns(), index % grid.columns());
    return cell.text().strip();
  }

  /// The figures along a row or column, if all its texts are such of one unit and no plain number
  /// follows them.
  private Map<Integer, Matcher> along(int from, int step, int count, Map<Integer, Matcher> known) {
    Map<Integer, Matcher> found = new HashMap<>();
    String unit = "";
    for (int i = 0; i < count; i++) {
      int index = from + i * step;
      boolean plain = !Double.isNaN(values[index]) || known.containsKey(index);
      if (plain && !unit.isEmpty()) {
        return Map.of();
      }
      if (plain || text(index).isEmpty()) {
        continue;
      }
      Matcher match = LETTERED.matcher(text(index));
      if (!match.matches() || !unit.isEmpty() && !unit.equals(match.group(2))) {
        return Map.of();
      }
      unit = match.group(2);
      found.put(index, match);
    }
    return found.size() > 1 ? found : Map.of();
  }
}
