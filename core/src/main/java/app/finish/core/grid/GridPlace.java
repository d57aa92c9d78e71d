package app.finish.core.grid;

/// A place on a sheet.
///
/// ```java
/// new GridPlace(6, 1).toString(); // "B7", as spreadsheets count
/// ```
///
/// @param row the row, from 0
/// @param column the column, from 0
public record GridPlace(int row, int column) {
  /// The letters of a column, as spreadsheets count: A, B … Z, AA.
  public static String letters(int column) {
    String rest = column < 26 ? "" : letters(column / 26 - 1);
    return rest + (char) ('A' + column % 26);
  }

  @Override
  public String toString() {
    return letters(column) + (row + 1);
  }
}
