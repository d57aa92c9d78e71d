package app.finish.records.source;

import app.finish.core.grid.GridCell;
import java.math.BigDecimal;

/// What a cell of a workbook holds, as a file of records writes it.
public final class SheetValue {
  private SheetValue() {}

  /// Dates keep the text that the sheet shows; other numbers are written whole, so that nothing is
  /// rounded away.
  public static String written(GridCell cell, boolean head) {
    boolean plain = cell.number().isPresent() && !head && !looksLikeDate(cell.text());
    return plain
        ? new BigDecimal(Double.toString(cell.number().getAsDouble()))
            .stripTrailingZeros()
            .toPlainString()
        : cell.text().strip();
  }

  private static boolean looksLikeDate(String text) {
    return text.matches(".*\\d[-/.:]\\d+[-/.:]\\d.*|.*\\p{L}{3}.*\\d{2,4}.*");
  }
}
