package app.finish.core.recognise.sheet;

import app.finish.core.grid.Grid;
import java.util.ArrayList;
import java.util.List;

/// Splits a sheet into the tables on it. At each blank row and column, at each column whose head
/// comes again and at each title between figures, one table or two are weighed against each other
/// by [BlockScore].
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

  private static List<Grid> sideBySide(Grid grid) {
    BlockScore score = new BlockScore(grid);
    List<Grid> parts = new ArrayList<>();
    int start = 0;
    for (int column = 1; column < grid.columns() - 1; column++) {
      boolean blank = column > start && isBlankColumn(grid, column);
      int next = blank ? column + 1 : column;
      boolean mayBegin = blank ? !isBlankColumn(grid, next) : column > start + 1;
      if (mayBegin && score.beside(start, next, blank) > 0) {
        parts.add(grid.region(0, start, grid.rows(), column));
        start = next;
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

  private static List<Grid> oneBelowAnother(Grid grid) {
    BlockScore score = new BlockScore(grid);
    List<Grid> blocks = new ArrayList<>();
    int start = 0;
    boolean data = false;
    for (int row = 0; row < grid.rows(); row++) {
      int next = row;
      while (next < grid.rows() && score.filled(next) == 0) {
        next++;
      }
      boolean begins =
          data
              && next < grid.rows()
              && (next > row ? score.below(start, next) : score.directlyBelow(start, next)) > 0;
      if (begins) {
        blocks.add(grid.region(start, 0, row, grid.columns()).trimmed());
        start = next;
        data = false;
      }
      row = next;
      data |= row < grid.rows() && score.isData(row);
    }
    blocks.add(grid.region(start, 0, grid.rows(), grid.columns()).trimmed());
    blocks.replaceAll(Panel::unfolded);
    return blocks;
  }
}
