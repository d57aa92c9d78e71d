package app.finish.formats.typeset;

import app.finish.core.dress.Dressed;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.dress.DressedRow.Band;
import app.finish.core.style.Look;

/// How far the figures of each column reach behind their decimal marks, so that those that reach
/// less far get room for the rest and all marks stand one below another.
///
/// ```java
/// TypesetColumns.of(dressed).free(cell); // ".00" for a 12 among figures such as 3.25
/// ```
final class TypesetColumns {
  private final int[] decimals;
  private final int[] behind;

  private TypesetColumns(int columns) {
    this.decimals = new int[Math.max(1, columns)];
    this.behind = new int[decimals.length];
  }

  /// The columns of a table.
  static TypesetColumns of(Dressed dressed) {
    TypesetColumns columns = new TypesetColumns(dressed.columns());
    for (DressedRow row : dressed.band(Band.BODY)) {
      for (DressedCell cell : row.cells()) {
        LatexFigure figure = LatexFigure.of(cell);
        int column = cell.column();
        columns.decimals[column] = Math.max(columns.decimals[column], figure.decimals());
        columns.behind[column] = Math.max(columns.behind[column], figure.behind());
      }
    }
    return columns;
  }

  private static boolean isAligned(DressedCell cell) {
    Look.Align align = cell.look().align();
    return (align == Look.Align.DECIMAL || align == Look.Align.DECIMAL_CENTRE)
        && LatexFigure.of(cell).isNumber();
  }

  /// What a figure lacks of the decimals of its column, as it would be written.
  String free(DressedCell cell) {
    if (!isAligned(cell)) {
      return "";
    }
    LatexFigure figure = LatexFigure.of(cell);
    int lacking = decimals[cell.column()] - figure.decimals();
    return lacking <= 0 ? "" : (figure.decimals() == 0 ? "." : "") + "0".repeat(lacking);
  }

  /// How many signs, such as stars, a figure lacks of those behind others of its column.
  int signs(DressedCell cell) {
    return isAligned(cell) ? behind[cell.column()] - LatexFigure.of(cell).behind() : 0;
  }
}
