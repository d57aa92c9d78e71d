package app.finish.core.highlight;

import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.ToDoubleFunction;

/// A number that is worked out of the figures of a row, a column, a group or the table, once for
/// each.
///
/// ```java
/// ByLine mean = new ByLine(around, Scope.COLUMN, Optional.empty(), Samples::mean);
/// mean.at(3, 1); // the mean of the second column
/// ```
final class ByLine {
  private final Neighbourhood around;
  private final Scope scope;
  private final Optional<RegionCells> within;
  private final ToDoubleFunction<double[]> workOut;
  private final double[] known;
  private final boolean[] done;
  private final int measures;
  private final Map<Long, Double> groups = new ConcurrentHashMap<>();

  /// @param within only figures of this region; all members' if there is none
  /// @param workOut works the number out of the figures in order of size
  ByLine(
      Neighbourhood around,
      Scope scope,
      Optional<RegionCells> within,
      ToDoubleFunction<double[]> workOut) {
    this.around = around;
    this.scope = scope;
    this.within = within;
    this.workOut = workOut;
    this.measures = around.names().table().measures().size();
    int lines =
        switch (scope) {
          case ROW -> around.names().table().body().rows();
          case COLUMN -> around.names().table().body().columns();
          case GROUP -> 0;
          case TABLE -> 1;
        };
    this.known = new double[lines * measures];
    this.done = new boolean[known.length];
    Arrays.fill(known, Double.NaN);
  }

  /// The number for the line of a cell.
  double at(int row, int column) {
    int measure = around.all().measure(row, column);
    if (scope == Scope.GROUP) {
      long columns = around.names().table().body().columns();
      long key = ((long) around.group(row) * columns + column) * measures + measure;
      return groups.computeIfAbsent(key, fresh -> workOut(row, column));
    }
    int line = scope == Scope.ROW ? row : scope == Scope.COLUMN ? column : 0;
    int index = line * measures + measure;
    if (!done[index]) {
      fill(index, row, column);
    }
    return known[index];
  }

  private synchronized void fill(int index, int row, int column) {
    if (!done[index]) {
      known[index] = workOut(row, column);
      done[index] = true;
    }
  }

  private double workOut(int row, int column) {
    return workOut.applyAsDouble(around.sorted(scope, row, column, within));
  }
}
