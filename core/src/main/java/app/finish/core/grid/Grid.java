package app.finish.core.grid;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/// Cells as they came, in rows of equal length. A cell that spans stands at its upper left place;
/// the places that it covers are blank.
///
/// ```java
/// Grid grid = Grid.ofText("Route | Fares", "Hale–Orrin | 12.5");
/// grid.at(1, 0).text(); // "Hale–Orrin"
/// ```
public final class Grid {
  /// A grid without cells.
  public static final Grid EMPTY = new Grid("", 0, 0, 0, new GridCell[0][]);

  private final String name;
  private final int top;
  private final int left;
  private final int columns;
  private final GridCell[][] cells;

  private Grid(String name, int top, int left, int columns, GridCell[][] cells) {
    this.name = name;
    this.top = top;
    this.left = left;
    this.columns = columns;
    this.cells = cells;
  }

  /// A grid of these rows. Rows that are too short are filled up with blank cells.
  ///
  /// @param name what the source calls it (a sheet's name), or the empty string
  /// @param rows the rows from top to bottom, each from left to right
  public static Grid of(String name, List<List<GridCell>> rows) {
    int width = rows.stream().mapToInt(List::size).max().orElse(0);
    GridCell[][] cells = new GridCell[rows.size()][];
    for (int row = 0; row < cells.length; row++) {
      cells[row] = Arrays.copyOf(rows.get(row).toArray(GridCell[]::new), width);
      Arrays.fill(cells[row], rows.get(row).size(), width, GridCell.BLANK);
    }
    return new Grid(name, 0, 0, width, cells);
  }

  /// A grid written as text, a row each, with cells parted by `|`; for examples and tests. Spaces
  /// before a text beyond the one after the bar are kept: they are its indent.
  public static Grid ofText(String... lines) {
    List<List<GridCell>> rows = new ArrayList<>();
    for (String line : lines) {
      List<GridCell> row = new ArrayList<>();
      for (String part : line.split("\\|", -1)) {
        String text = part.stripTrailing();
        row.add(GridCell.of(text.startsWith(" ") && !row.isEmpty() ? text.substring(1) : text));
      }
      rows.add(row);
    }
    return of("", rows);
  }

  /// What the source calls it, or the empty string.
  public String name() {
    return name;
  }

  /// The row of its sheet that its first row stands in, from 0.
  public int top() {
    return top;
  }

  /// The column of its sheet that its first column stands in, from 0.
  public int left() {
    return left;
  }

  /// The same grid, said to stand at this place of its sheet.
  public Grid at(GridPlace place) {
    return new Grid(name, place.row(), place.column(), columns, cells);
  }

  /// The number of rows.
  public int rows() {
    return cells.length;
  }

  /// The number of columns.
  public int columns() {
    return columns;
  }

  /// The cell at a row and column, both counted from 0.
  ///
  /// @throws IndexOutOfBoundsException outside the grid
  public GridCell at(int row, int column) {
    return cells[row][column];
  }

  /// The part of this grid from one corner up to, not including, the other. Spans are cut to fit.
  public Grid region(int top, int left, int bottom, int right) {
    GridCell[][] part = new GridCell[bottom - top][right - left];
    for (int row = top; row < bottom; row++) {
      for (int column = left; column < right; column++) {
        GridCell cell = cells[row][column];
        int tall = Math.min(cell.rowSpan(), bottom - row);
        int wide = Math.min(cell.columnSpan(), right - column);
        part[row - top][column - left] =
            tall == cell.rowSpan() && wide == cell.columnSpan() ? cell : cell.spanning(tall, wide);
      }
    }
    return new Grid(name, this.top + top, this.left + left, right - left, part);
  }

  /// This grid without blank rows and columns at its edges.
  public Grid trimmed() {
    int first = rows();
    int bottom = 0;
    int from = columns();
    int right = 0;
    for (int row = 0; row < rows(); row++) {
      for (int column = 0; column < columns(); column++) {
        GridCell cell = at(row, column);
        if (!cell.isBlank()) {
          first = Math.min(first, row);
          bottom = Math.max(bottom, Math.min(rows(), row + cell.rowSpan()));
          from = Math.min(from, column);
          right = Math.max(right, Math.min(columns(), column + cell.columnSpan()));
        }
      }
    }
    return bottom == 0 ? region(0, 0, 0, 0) : region(first, from, bottom, right);
  }

  /// This grid and another of the same sheet as one, with what is between them blank.
  public Grid joinedWith(Grid other) {
    int newTop = Math.min(top, other.top);
    int newLeft = Math.min(left, other.left);
    int bottom = Math.max(top + rows(), other.top + other.rows());
    int right = Math.max(left + columns, other.left + other.columns);
    GridCell[][] union = new GridCell[bottom - newTop][right - newLeft];
    for (GridCell[] row : union) {
      Arrays.fill(row, GridCell.BLANK);
    }
    for (Grid one : List.of(this, other)) {
      for (int row = 0; row < one.rows(); row++) {
        int at = one.top - newTop + row;
        System.arraycopy(one.cells[row], 0, union[at], one.left - newLeft, one.columns);
      }
    }
    return new Grid(name, newTop, newLeft, right - newLeft, union);
  }

  /// The same grid with one cell replaced.
  public Grid with(int row, int column, GridCell cell) {
    GridCell[][] copy = cells.clone();
    copy[row] = copy[row].clone();
    copy[row][column] = cell;
    return new Grid(name, top, left, columns, copy);
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Grid that
        && name.equals(that.name)
        && top == that.top
        && left == that.left
        && columns == that.columns
        && Arrays.deepEquals(cells, that.cells);
  }

  @Override
  public int hashCode() {
    return 31 * name.hashCode() + Arrays.deepHashCode(cells);
  }

  @Override
  public String toString() {
    return "Grid " + name + " " + rows() + " × " + columns;
  }
}
