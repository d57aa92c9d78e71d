package app.finish.core.layout.page;

import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.layout.font.Measurer;
import java.util.ArrayList;
import java.util.List;

/// A row with its text broken into lines and its height.
public final class SetRow {
  /// A cell with its lines.
  public record SetCell(DressedCell cell, List<Measurer.Line> lines) {
    public double height() {
      return lines.size() * cell.look().leading() + cell.look().above() + cell.look().below();
    }
  }

  private final DressedRow row;
  private final List<SetCell> cells;
  private double height;

  public SetRow(DressedRow row, Measurer measurer, ColumnWidths columns, double tableWidth) {
    this.row = row;
    this.cells = new ArrayList<>(row.cells().size());
    for (DressedCell cell : row.cells()) {
      boolean words = row.band() == DressedRow.Band.ABOVE || row.band() == DressedRow.Band.BELOW;
      double width =
          words
              ? wordsWidth(cell, tableWidth, columns.total())
              : columns.width(cell.column(), cell.columnSpan());
      double room = width - 2 * cell.look().sides() - cell.indent() * cell.look().indent();
      boolean shortened = cell.look().shortened() && !words;
      SetCell set =
          new SetCell(
              cell, shortened ? measurer.shortened(cell, room) : measurer.lines(cell, room));
      cells.add(set);
      if (cell.rowSpan() == 1) {
        height = Math.max(height, Math.max(set.height(), cell.look().rowHeight()));
      }
    }
  }

  /// How wide words are set: as wide as the page, or, on a fill, as wide as the table.
  static double wordsWidth(DressedCell cell, double page, double table) {
    return cell.look().fill().isPresent() ? Math.min(page, table) : page;
  }

  private SetRow(DressedRow row, List<SetCell> cells, double height) {
    this.row = row;
    this.cells = cells;
    this.height = height;
  }

  /// The same row at another height.
  public SetRow withHeight(double points) {
    return points == height ? this : new SetRow(row, cells, points);
  }

  /// The same row with only the cells of some columns, and those of the stub.
  public SetRow only(int stub, int from, int to) {
    if (row.band() == DressedRow.Band.ABOVE || row.band() == DressedRow.Band.BELOW) {
      return this;
    }
    int behindStub = behind(stub - 1);
    List<SetCell> some = new ArrayList<>(cells.subList(0, behindStub));
    int first = Math.max(behindStub, behind(from) - 1);
    some.addAll(cells.subList(first, Math.max(first, behind(to))));
    return new SetRow(row, some, height);
  }

  /// How many cells begin in a column or before it; they stand in the order of their columns.
  private int behind(int column) {
    int low = 0;
    int high = cells.size();
    while (low < high) {
      int middle = (low + high) >>> 1;
      if (cells.get(middle).cell().column() <= column) {
        low = middle + 1;
      } else {
        high = middle;
      }
    }
    return low;
  }

  /// Makes the last row under a cell of several rows tall enough for it.
  public static void spreadTallCells(List<SetRow> rows) {
    for (int i = 0; i < rows.size(); i++) {
      for (SetCell set : rows.get(i).cells) {
        int span = Math.min(set.cell().rowSpan(), rows.size() - i);
        if (span > 1) {
          double have = height(rows, i, span);
          SetRow last = rows.get(i + span - 1);
          last.height += Math.max(0, set.height() - have);
        }
      }
    }
  }

  public static double height(List<SetRow> rows, int from, int count) {
    double height = 0;
    for (int i = from; i < Math.min(rows.size(), from + count); i++) {
      height += rows.get(i).height;
    }
    return height;
  }

  DressedRow row() {
    return row;
  }

  public List<SetCell> cells() {
    return cells;
  }

  public double height() {
    return height;
  }
}
