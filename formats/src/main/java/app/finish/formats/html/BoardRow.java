package app.finish.formats.html;

import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.Dressed;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.dress.DressedRow.Band;
import app.finish.core.table.Heading.Role;
import app.finish.core.table.Leaf;
import app.finish.core.table.Table;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/// A row of a board, which can stand anywhere: labels that reach over several rows are there in
/// each of them.
///
/// @param row the row as it is dressed
/// @param cells its cells from left to right
/// @param path the labels that lead to it
/// @param role what it is: `m` for a member, `s` for a subtotal, `g` for a grand total, `h` for the
///   head of a group
record BoardRow(DressedRow row, List<Cell> cells, List<String> path, String role) {
  /// A cell of it.
  ///
  /// @param cell as it is dressed
  /// @param level the level of a label that reaches over several rows; −1 for others
  record Cell(DressedCell cell, int level) {}

  /// The rows of the body of a table.
  static List<BoardRow> of(Table table, Dressed dressed) {
    List<BoardRow> rows = new ArrayList<>();
    Cell[] above = new Cell[Math.max(1, dressed.columns())];
    int[] left = new int[above.length];
    for (DressedRow row : dressed.band(Band.BODY)) {
      List<Cell> cells = new ArrayList<>();
      for (DressedCell cell : row.cells()) {
        boolean reaches = cell.rowSpan() > 1 && cell.place() instanceof CellMeaning.Stub;
        int level = reaches ? ((CellMeaning.Stub) cell.place()).level() : -1;
        cells.add(new Cell(cell, level));
        if (cell.rowSpan() > 1) {
          above[cell.column()] = cells.getLast();
          left[cell.column()] = cell.rowSpan();
        }
      }
      boolean more = false;
      for (int column = 0; column < above.length; column++) {
        if (left[column] > 0 && left[column] < above[column].cell.rowSpan()) {
          cells.add(above[column]);
          more = true;
        }
        left[column] = Math.max(0, left[column] - 1);
      }
      if (more) {
        cells.sort(Comparator.comparingInt(one -> one.cell.column()));
      }
      rows.add(about(table, row, cells));
    }
    return rows;
  }

  private static BoardRow about(Table table, DressedRow row, List<Cell> cells) {
    Optional<Leaf> leaf = Optional.empty();
    int levels = Integer.MAX_VALUE;
    String role = "h";
    for (DressedCell cell : row.cells()) {
      if (cell.place() instanceof CellMeaning.Body body) {
        leaf = Optional.of(table.down().leaves().get(body.row()));
        Role is = leaf.get().role();
        role = is == Role.MEMBER ? "m" : is == Role.SUBTOTAL ? "s" : "g";
        levels = Integer.MAX_VALUE;
        break;
      }
      if (cell.place() instanceof CellMeaning.Stub stub) {
        leaf = Optional.of(table.down().leaves().get(stub.leaf()));
        levels = stub.level() + 1;
      }
    }
    List<String> labels = leaf.map(Leaf::labels).orElse(List.of());
    return new BoardRow(row, cells, labels.subList(0, Math.min(levels, labels.size())), role);
  }
}
