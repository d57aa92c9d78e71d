package app.finish.core.dress;

import app.finish.core.table.Body;
import app.finish.core.table.Table;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import java.util.TreeSet;

/// Finds the rows of a long body that decide how wide its columns are, without writing a figure: of
/// rows that look alike the one with the largest and the one with the least figure of each column
/// (digits are equally wide) and the longest writings. The widest labels depend on the font: they
/// are found when it is known, by [RowPlan].
public final class WidthDecidingRows {
  private final Table table;
  private final RowPlan plan;
  private final CellLayer laid;
  private final TreeSet<Integer> rows = new TreeSet<>();
  private final Map<Long, Best> apart = new HashMap<>();
  private long lastKey = Long.MIN_VALUE;
  private Best last = new Best(0);

  private WidthDecidingRows(Table table, RowPlan plan, CellLayer laid) {
    this.table = table;
    this.plan = plan;
    this.laid = laid;
  }

  /// The rows, in order.
  ///
  /// @param laid tells figures apart within rows that look alike
  static int[] of(Table table, RowPlan plan, CellLayer laid) {
    return new WidthDecidingRows(table, plan, laid).find();
  }

  /// The best so far of rows that look alike.
  private static final class Best {
    final double[] largest;
    final double[] least;
    final int[] longest;
    final int[] largestRow;
    final int[] leastRow;
    final int[] longestRow;
    final int[] missingRow;
    int first = -1;

    Best(int columns) {
      largest = filled(columns, Double.NEGATIVE_INFINITY);
      least = filled(columns, Double.POSITIVE_INFINITY);
      longest = new int[columns];
      largestRow = none(columns);
      leastRow = none(columns);
      longestRow = none(columns);
      missingRow = none(columns);
    }

    private static double[] filled(int size, double with) {
      double[] all = new double[size];
      Arrays.fill(all, with);
      return all;
    }

    private static int[] none(int size) {
      int[] all = new int[size];
      Arrays.fill(all, -1);
      return all;
    }

    void figure(int column, double number, int written, int row) {
      if (number > largest[column]) {
        largest[column] = number;
        largestRow[column] = row;
      }
      if (number < least[column]) {
        least[column] = number;
        leastRow[column] = row;
      }
      if (Double.isNaN(number) && missingRow[column] < 0) {
        missingRow[column] = row;
      }
      if (written > longest[column]) {
        longest[column] = written;
        longestRow[column] = row;
      }
    }
  }

  private int[] find() {
    Body body = table.body();
    Best[] kinds = new Best[plan.kinds()];
    Arrays.setAll(kinds, kind -> new Best(body.columns()));
    for (int row = 0; row < plan.size(); row++) {
      Best best = kinds[plan.kind(row)];
      best.first = best.first < 0 ? row : best.first;
      if (plan.hasFigures(row)) {
        int leaf = plan.leaf(row);
        boolean differ = laid.hasTexts(leaf);
        for (int column = 0; column < body.columns(); column++) {
          int texts = differ ? laid.texts(leaf, column) : 0;
          Best own = texts == 0 ? best : apart(plan.kind(row), texts, body.columns());
          own.figure(column, body.number(leaf, column), body.writtenLength(leaf, column), row);
        }
      }
    }
    Arrays.asList(kinds).forEach(this::take);
    apart.values().forEach(this::take);
    return rows.stream().mapToInt(Integer::intValue).toArray();
  }

  private Best apart(int kind, int texts, int columns) {
    long key = ((long) kind << 32) + texts;
    if (key != lastKey) {
      lastKey = key;
      last = apart.computeIfAbsent(key, fresh -> new Best(columns));
    }
    return last;
  }

  private void take(Best best) {
    if (best.first >= 0) {
      rows.add(best.first);
    }
    for (int[] some :
        new int[][] {best.largestRow, best.leastRow, best.longestRow, best.missingRow}) {
      for (int row : some) {
        if (row >= 0) {
          rows.add(row);
        }
      }
    }
  }
}
