package app.finish.core.highlight;

import app.finish.core.table.Body;
import java.util.Arrays;

/// The least and the greatest figure of each measure of a region, in the table or in each column,
/// found in one pass when they are first asked for.
///
/// ```java
/// extremes.least(3, 1); // of the measure of that cell
/// extremes.most(); // of all, whatever they measure
/// ```
final class Extremes {
  private final Neighbourhood around;
  private final RegionCells region;
  private final boolean byColumn;
  private final int measures;
  private double[] least = {};
  private double[] most = {};

  /// @param scope the table, or each column
  Extremes(Neighbourhood around, RegionCells region, Scope scope) {
    this.around = around;
    this.region = region;
    this.byColumn = scope == Scope.COLUMN;
    this.measures = around.names().table().measures().size();
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
    return (byColumn ? column * measures : 0) + region.measure(row, column);
  }

  private synchronized void find() {
    if (least.length > 0) {
      return;
    }
    Body body = around.names().table().body();
    double[] low = new double[byColumn ? Math.max(1, body.columns()) * measures : measures];
    Arrays.fill(low, Double.NaN);
    double[] high = low.clone();
    double[] all = around.names().numbers().all();
    for (int row = 0; row < body.rows(); row++) {
      boolean whole = region.isWholeRow(row);
      for (int column = 0; column < body.columns(); column++) {
        if (whole || region.has(row, column)) {
          double number = whole ? all[row * body.columns() + column] : around.number(row, column);
          int slot = slot(row, column);
          low[slot] = number >= low[slot] || Double.isNaN(number) ? low[slot] : number;
          high[slot] = number <= high[slot] || Double.isNaN(number) ? high[slot] : number;
        }
      }
    }
    most = high;
    least = low;
  }
}
