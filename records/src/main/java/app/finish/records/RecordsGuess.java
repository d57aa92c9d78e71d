package app.finish.records;

import app.finish.core.grid.Grid;
import app.finish.core.grid.GridCell;
import java.util.HashSet;
import java.util.Locale;
import java.util.Set;

/// Tells records that are still to be counted from tables that are.
///
/// Records are long, have one head row with a different name over each column, no spans and no
/// totals, and the labels in their columns come again and again.
public final class RecordsGuess {
  private static final int LEAST_ROWS = 100;
  private static final int LEAST_COLUMNS = 3;
  private static final int FEW_MEMBERS = 20;

  private RecordsGuess() {}

  /// Whether a grid looks like records. A few lines with too many values don't tell against it.
  public static boolean isRecords(Grid grid) {
    int width = named(grid);
    if (grid.rows() < LEAST_ROWS || width < LEAST_COLUMNS) {
      return false;
    }
    boolean comesAgain = false;
    for (int column = 0; column < grid.columns(); column++) {
      Set<String> labels = new HashSet<>();
      int texts = 0;
      int filled = 0;
      for (int row = 1; row < grid.rows(); row++) {
        GridCell cell = grid.at(row, column);
        String text = cell.text().strip();
        if (cell.columnSpan() > 1 || cell.rowSpan() > 1 || isTotal(text)) {
          return false;
        }
        filled += text.isEmpty() ? 0 : 1;
        if (!text.isEmpty() && Character.isLetter(text.charAt(0))) {
          texts++;
          labels.add(text);
        }
      }
      if (column >= width && filled * FEW_MEMBERS > grid.rows()) {
        return false;
      }
      comesAgain |= texts > grid.rows() / 2 && labels.size() * 5 < texts;
    }
    return comesAgain;
  }

  private static boolean isTotal(String text) {
    String lower = text.toLowerCase(Locale.ROOT);
    return lower.equals("total") || lower.equals("grand total") || lower.startsWith("total ");
  }

  /// How many columns from the left have a name of their own at their head.
  private static int named(Grid grid) {
    Set<String> heads = new HashSet<>();
    for (int column = 0; column < grid.columns(); column++) {
      GridCell cell = grid.at(0, column);
      boolean named = !cell.text().isBlank() && cell.number().isEmpty() && cell.columnSpan() == 1;
      if (!named || !heads.add(cell.text().strip())) {
        return column;
      }
    }
    return grid.columns();
  }
}
