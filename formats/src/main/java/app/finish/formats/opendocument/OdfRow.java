package app.finish.formats.opendocument;

import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.formats.io.XmlText;
import java.util.function.Consumer;

/// Writes the rows of a table: its cells, and in the places that a cell from the left or from above
/// reaches over, covered ones.
final class OdfRow {
  private final XmlText xml;
  private final OdfStyles styles;
  private final int[] covered;

  /// @param columns how many columns the table has
  OdfRow(XmlText xml, OdfStyles styles, int columns) {
    this.xml = xml;
    this.styles = styles;
    this.covered = new int[Math.max(1, columns)];
  }

  /// How many columns a cell takes; a line of words takes one.
  static int across(DressedRow row, DressedCell cell) {
    return row.isTable() ? cell.columnSpan() : 1;
  }

  /// Writes the next row.
  ///
  /// @param write writes one cell, with its span
  void write(DressedRow row, Consumer<DressedCell> write) {
    double least = row.cells().stream().mapToDouble(one -> one.look().rowHeight()).max().orElse(0);
    xml.open("table:table-row", "table:style-name", styles.row(least));
    DressedCell[] by = new DressedCell[covered.length];
    row.cells().forEach(cell -> by[cell.column()] = cell);
    for (int column = 0; column < covered.length; ) {
      DressedCell cell = by[column];
      if (cell == null) {
        xml.empty(covered[column] > 0 ? "table:covered-table-cell" : "table:table-cell");
        covered[column] = Math.max(0, covered[column] - 1);
        column++;
        continue;
      }
      write.accept(cell);
      int end = column + across(row, cell);
      for (int i = column; i < end; i++) {
        covered[i] = cell.rowSpan() - 1;
        if (i > column) {
          xml.empty("table:covered-table-cell");
        }
      }
      column = end;
    }
    xml.close("table:table-row");
  }
}
