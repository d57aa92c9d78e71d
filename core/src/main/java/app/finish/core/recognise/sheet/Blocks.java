package app.finish.core.recognise.sheet;

import app.finish.core.grid.Grid;
import app.finish.core.grid.GridCell;
import java.util.ArrayList;
import java.util.List;

/// Splits a sheet into the tables on it. Tables stand apart by blank rows or columns; a blank row
/// inside a table is one after which figures go on without heads of their own.
public final class Blocks {
  private Blocks() {}

  public static List<Grid> of(Grid sheet) {
    List<Grid> blocks = new ArrayList<>();
    Grid trimmed = sheet.trimmed();
    if (trimmed.rows() == 0) {
      return blocks;
    }
    for (Grid band : sideBySide(trimmed)) {
      blocks.addAll(oneBelowAnother(band.trimmed()));
    }
    return blocks;
  }

  /// Parts at blank columns if what stands to the right has a stub of its own: more words than
  /// figures in its first column, and figures in both parts.
  private static List<Grid> sideBySide(Grid grid) {
    List<Grid> parts = new ArrayList<>();
    int start = 0;
    for (int column = 1; column < grid.columns() - 1; column++) {
      if (column > start
          && isBlankColumn(grid, column)
          && !isBlankColumn(grid, column + 1)
          && hasOwnStub(grid, column + 1)
          && figures(grid, 0, start, grid.rows(), column) > 0) {
        parts.add(grid.region(0, start, grid.rows(), column));
        start = column + 1;
      }
    }
    parts.add(grid.region(0, start, grid.rows(), grid.columns()));
    return parts;
  }

  private static boolean isBlankColumn(Grid grid, int column) {
    for (int row = 0; row < grid.rows(); row++) {
      if (!grid.at(row, column).isBlank() || reachesOver(grid, row, column)) {
        return false;
      }
    }
    return true;
  }

  private static boolean reachesOver(Grid grid, int row, int column) {
    for (int left = Math.max(0, column - 40); left < column; left++) {
      if (left + grid.at(row, left).columnSpan() > column) {
        return true;
      }
    }
    return false;
  }

  private static boolean hasOwnStub(Grid grid, int column) {
    int words = 0;
    int numbers = 0;
    for (int row = 0; row < grid.rows(); row++) {
      GridCell cell = grid.at(row, column);
      words += !cell.isBlank() && !looksNumeric(cell) ? 1 : 0;
      numbers += looksNumeric(cell) ? 1 : 0;
    }
    return words > 2
        && words > 2 * numbers
        && figures(grid, 0, column + 1, grid.rows(), grid.columns()) > 0;
  }

  private static int figures(Grid grid, int top, int left, int bottom, int right) {
    int count = 0;
    for (int row = top; row < bottom; row++) {
      for (int column = left; column < right; column++) {
        count += looksNumeric(grid.at(row, column)) ? 1 : 0;
      }
    }
    return count;
  }

  private static boolean looksNumeric(GridCell cell) {
    if (cell.number().isPresent()) {
      return true;
    }
    String text = cell.text().strip();
    int digits = 0;
    int letters = 0;
    for (int i = 0; i < text.length(); i++) {
      digits += Character.isDigit(text.charAt(i)) ? 1 : 0;
      letters += Character.isLetter(text.charAt(i)) ? 1 : 0;
    }
    return digits > 0 && letters == 0;
  }

  private static List<Grid> oneBelowAnother(Grid grid) {
    List<Grid> blocks = new ArrayList<>();
    int start = 0;
    boolean data = false;
    for (int row = 0; row < grid.rows(); row++) {
      if (!isBlankRow(grid, row)) {
        data |= isDataRow(grid, row);
        continue;
      }
      int next = row;
      while (next < grid.rows() && isBlankRow(grid, next)) {
        next++;
      }
      if (data && next < grid.rows() && beginsATable(grid, next)) {
        blocks.add(grid.region(start, 0, row, grid.columns()).trimmed());
        start = next;
        data = false;
      }
      row = next - 1;
    }
    blocks.add(grid.region(start, 0, grid.rows(), grid.columns()).trimmed());
    blocks.replaceAll(Panel::unfolded);
    return blocks;
  }

  /// Whether words and then heads begin here: a row of several cells without figures comes before
  /// the first row with figures, or words alone come before it and heads after them.
  private static boolean beginsATable(Grid grid, int from) {
    boolean heads = false;
    for (int row = from; row < grid.rows(); row++) {
      if (isDataRow(grid, row)) {
        return heads;
      }
      heads |= filled(grid, row) > 1;
    }
    return false;
  }

  private static boolean isDataRow(Grid grid, int row) {
    int figures = 0;
    boolean allYears = true;
    boolean counts = true;
    for (int column = Math.min(1, grid.columns() - 1); column < grid.columns(); column++) {
      GridCell cell = grid.at(row, column);
      if (looksNumeric(cell)) {
        figures++;
        counts &= cell.text().strip().equals("" + figures);
        allYears &= cell.text().matches("\\s*(19|20)[0-9]{2}\\s*");
      }
    }
    return figures > 0 && !allYears && !(counts && figures > 1);
  }

  private static boolean isBlankRow(Grid grid, int row) {
    return filled(grid, row) == 0;
  }

  private static int filled(Grid grid, int row) {
    int count = 0;
    for (int column = 0; column < grid.columns(); column++) {
      count += grid.at(row, column).isBlank() ? 0 : 1;
    }
    return count;
  }
}
