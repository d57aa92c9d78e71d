package app.finish.core.highlight;

import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;

/// Where figures stand among those of their measure, by size. They are put in order once.
///
/// ```java
/// ranks.share(3, 1); // 0.75: three quarters of the others are smaller
/// ```
final class Ranks {
  private final Neighbourhood around;
  private final RegionCells region;
  private final Map<Integer, double[]> sorted = new ConcurrentHashMap<>();

  Ranks(Neighbourhood around, RegionCells region) {
    this.around = around;
    this.region = region;
  }

  /// The share of figures that are smaller, from 0 for the least to 1 for the greatest.
  double share(int row, int column) {
    double[] all = all(row, column);
    return all.length < 2 ? 0.5 : (double) below(all, row, column) / (all.length - 1);
  }

  /// In which of so many bands with as many figures each a figure stands, from 0.
  int band(int bands, int row, int column) {
    double[] all = all(row, column);
    int band = below(all, row, column) * bands / Math.max(1, all.length);
    return Math.min(bands - 1, band);
  }

  private double[] all(int row, int column) {
    return sorted.computeIfAbsent(
        around.all().measure(row, column),
        measure -> around.sorted(Scope.TABLE, row, column, Optional.of(region)));
  }

  private int below(double[] all, int row, int column) {
    double number = around.number(row, column);
    int low = 0;
    int high = all.length;
    while (low < high) {
      int middle = (low + high) >>> 1;
      if (all[middle] < number) {
        low = middle + 1;
      } else {
        high = middle;
      }
    }
    return low;
  }
}
