package app.finish.core.grid;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/// A grid that a person types: cells are written and pasted, rows and columns come and go. What was
/// there before keeps its numbers and formats; a head that reaches over a column reaches over one
/// that is put in behind it, too.
///
/// ```java
/// TypedGrid.blank(2, 2).with(0, 1, "Fares").withColumnAfter(1).grid();
/// ```
///
/// @param rows the rows, all of the same length
public record TypedGrid(List<List<GridCell>> rows) {
  /// Copies the rows.
  public TypedGrid {
    rows = rows.stream().map(List::copyOf).toList();
  }

  /// A grid with nothing in it.
  public static TypedGrid blank(int rows, int columns) {
    return new TypedGrid(Collections.nCopies(rows, Collections.nCopies(columns, GridCell.BLANK)));
  }

  /// A grid that is there, to be written on.
  public static TypedGrid of(Grid grid) {
    List<List<GridCell>> rows = new ArrayList<>();
    for (int row = 0; row < grid.rows(); row++) {
      List<GridCell> cells = new ArrayList<>();
      for (int column = 0; column < grid.columns(); column++) {
        cells.add(grid.at(row, column));
      }
      rows.add(cells);
    }
    return new TypedGrid(rows);
  }

  /// How many columns it has.
  public int columns() {
    return rows.isEmpty() ? 0 : rows.getFirst().size();
  }

  /// What stands in a cell.
  public String text(int row, int column) {
    return rows.get(row).get(column).text();
  }

  /// The same with another text in a cell; it keeps its format and reach.
  public TypedGrid with(int row, int column, String text) {
    GridCell before = rows.get(row).get(column);
    if (before.text().equals(text)) {
      return this;
    }
    GridCell after =
        GridCell.of(text)
            .with(before.format())
            .spanning(before.rowSpan(), before.columnSpan())
            .withMark(text.isEmpty() ? "" : before.mark());
    List<List<GridCell>> all = new ArrayList<>(rows);
    List<GridCell> cells = new ArrayList<>(rows.get(row));
    cells.set(column, after);
    all.set(row, cells);
    return new TypedGrid(all);
  }

  /// The same with a text of several cells written from a cell on, rows on lines and columns parted
  /// by tabs; the grid grows where it has to.
  public TypedGrid pasted(int row, int column, String text) {
    TypedGrid all = this;
    String[] lines = text.strip().split("\\R", -1);
    for (int i = 0; i < lines.length; i++) {
      String[] cells = lines[i].split("\t", -1);
      for (int j = 0; j < cells.length; j++) {
        while (all.rows.size() <= row + i) {
          all = all.withRowAfter(all.rows.size() - 1);
        }
        while (all.columns() <= column + j) {
          all = all.withColumnAfter(all.columns() - 1);
        }
        all = all.with(row + i, column + j, cells[j].strip());
      }
    }
    return all;
  }

  /// The same with a row more behind one; what reaches over this row reaches over the new one.
  public TypedGrid withRowAfter(int row) {
    List<List<GridCell>> all = new ArrayList<>();
    for (int i = 0; i < rows.size(); i++) {
      List<GridCell> cells = new ArrayList<>();
      for (GridCell cell : rows.get(i)) {
        boolean reaches = cell.rowSpan() > 1 && i <= row && row < i + cell.rowSpan();
        cells.add(reaches ? cell.spanning(cell.rowSpan() + 1, cell.columnSpan()) : cell);
      }
      all.add(cells);
    }
    all.add(row + 1, Collections.nCopies(columns(), GridCell.BLANK));
    return new TypedGrid(all);
  }

  /// The same with a column more behind one; what reaches over this column reaches over the new
  /// one.
  public TypedGrid withColumnAfter(int column) {
    List<List<GridCell>> all = new ArrayList<>();
    for (List<GridCell> row : rows) {
      List<GridCell> cells = new ArrayList<>();
      for (int i = 0; i < row.size(); i++) {
        GridCell cell = row.get(i);
        boolean reaches = cell.columnSpan() > 1 && i <= column && column < i + cell.columnSpan();
        cells.add(reaches ? cell.spanning(cell.rowSpan(), cell.columnSpan() + 1) : cell);
      }
      cells.add(column + 1, GridCell.BLANK);
      all.add(cells);
    }
    return new TypedGrid(all);
  }

  /// The same without a row, unless it is the only one.
  public TypedGrid withoutRow(int row) {
    if (rows.size() == 1) {
      return this;
    }
    List<List<GridCell>> all = new ArrayList<>();
    for (int i = 0; i < rows.size(); i++) {
      List<GridCell> cells = new ArrayList<>();
      for (GridCell cell : rows.get(i)) {
        boolean reaches = i < row && row < i + cell.rowSpan();
        cells.add(reaches ? cell.spanning(cell.rowSpan() - 1, cell.columnSpan()) : cell);
      }
      all.add(cells);
    }
    all.remove(row);
    return new TypedGrid(all);
  }

  /// The same without a column, unless it is the only one. A head that begins there and reaches
  /// further begins at the next.
  public TypedGrid withoutColumn(int column) {
    if (columns() == 1) {
      return this;
    }
    List<List<GridCell>> all = new ArrayList<>();
    for (List<GridCell> row : rows) {
      List<GridCell> cells = new ArrayList<>(row);
      for (int i = 0; i <= column; i++) {
        GridCell cell = row.get(i);
        if (cell.columnSpan() > 1 && column < i + cell.columnSpan()) {
          GridCell shorter = cell.spanning(cell.rowSpan(), cell.columnSpan() - 1);
          cells.set(i == column ? i + 1 : i, shorter);
        }
      }
      cells.remove(column);
      all.add(cells);
    }
    return new TypedGrid(all);
  }

  /// Whether nothing is written in it.
  public boolean isBlank() {
    return rows.stream().flatMap(List::stream).allMatch(GridCell::isBlank);
  }

  /// The grid, without blank rows and columns at its edges.
  public Grid grid() {
    return Grid.of("", rows).trimmed();
  }
}
