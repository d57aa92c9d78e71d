package app.finish.core.highlight;

import java.util.Arrays;

/// The least and the greatest figure of each measure, in the table or in each column, found in one
/// pass when they are first asked for.
///
/// ```java
/// extremes.least(3, 1); // of the measure of that cell
/// extremes.most(); // of all, whatever they measure
/// ```
final class Extremes {
  /// What is known of the figures of a table.
  interface Figures {
    /// The figure in a place; not a number if there is none or it is not meant.
    double at(int row, int column);

    /// Its measure, by its index.
    int measure(int row, int column);
  }

  private final Figures figures;
  private final int rows;
  private final int columns;
  private final int measures;
  private final boolean byColumn;
  private double[] least = {};
  private double[] most = {};

  /// @param byColumn whether each column has its own; else all columns have them together
  Extremes(Figures figures, int rows, int columns, int measures, boolean byColumn) {
    this.figures = figures;
    this.rows = rows;
    this.columns = columns;
    this.measures = measures;
    this.byColumn = byColumn;
  }

  /// The least of a cell's measure; not a number if there are none.
  double least(int row, int column) {
    find();
    return least[slot(row, column)];
  }

  /// The greatest of a cell's measure; not a number if there are none.
  double most(int row, int column) {
    find();
    return most[slot(row, column)];
  }

  /// The least of all; not a number if there are none.
  double least() {
    find();
    return Arrays.stream(least).filter(one -> !Double.isNaN(one)).min().orElse(Double.NaN);
  }

  /// The greatest of all; not a number if there are none.
  double most() {
    find();
    return Arrays.stream(most).filter(one -> !Double.isNaN(one)).max().orElse(Double.NaN);
  }

  private int slot(int row, int column) {
    return (byColumn ? column * measures : 0) + figures.measure(row, column);
  }

  private synchronized void find() {
    if (least.length > 0) {
      return;
    }
    double[] low = new double[byColumn ? Math.max(1, columns) * measures : measures];
    Arrays.fill(low, Double.NaN);
    double[] high = low.clone();
    for (int row = 0; row < rows; row++) {
      for (int column = 0; column < columns; column++) {
        double number = figures.at(row, column);
        if (!Double.isNaN(number)) {
          int slot = slot(row, column);
          low[slot] = number >= low[slot] ? low[slot] : number;
          high[slot] = number <= high[slot] ? high[slot] : number;
        }
      }
    }
    most = high;
    least = low;
  }
}
