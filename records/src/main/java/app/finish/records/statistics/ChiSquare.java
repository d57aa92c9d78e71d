package app.finish.records.statistics;

import app.finish.core.problem.Refusal;
import org.apache.commons.statistics.distribution.ChiSquaredDistribution;

/// Pearson's χ² test of independence: χ² = Σ (observed − expected)² ÷ expected, with expected = row
/// total × column total ÷ n, on (rows − 1)(columns − 1) degrees of freedom; Cramér's V = √(χ² ÷ (n
/// × (least of rows and columns − 1))) (Cramér, 1946).
///
/// ```java
/// ChiSquare.of(new double[][] {{10, 20}, {30, 40}}).sentence();
/// ```
///
/// @param value χ²
/// @param freedom the degrees of freedom
/// @param p the probability of a χ² at least as large if rows and columns are independent
/// @param v Cramér's V, from 0 to 1
/// @param n the sum of the counts
/// @param fewExpected how many cells have an expected count below 5
/// @param cells how many cells there are
public record ChiSquare(
    double value, int freedom, double p, double v, double n, int fewExpected, int cells) {

  /// The test of a table of counts. Rows and columns without any count are left out of it.
  ///
  /// @throws app.finish.core.problem.Refusal if fewer than two rows or columns have counts
  public static ChiSquare of(double[][] counts) {
    double[] rows = new double[counts.length];
    double[] columns = new double[counts.length == 0 ? 0 : counts[0].length];
    double n = 0;
    for (int i = 0; i < rows.length; i++) {
      for (int j = 0; j < columns.length; j++) {
        rows[i] += counts[i][j];
        columns[j] += counts[i][j];
        n += counts[i][j];
      }
    }
    int height = filled(rows);
    int width = filled(columns);
    if (height < 2 || width < 2) {
      throw new Refusal("χ² needs at least two rows and two columns with records in them.");
    }
    double value = 0;
    int few = 0;
    for (int i = 0; i < rows.length; i++) {
      for (int j = 0; j < columns.length; j++) {
        double expected = rows[i] * columns[j] / n;
        if (expected > 0) {
          value += (counts[i][j] - expected) * (counts[i][j] - expected) / expected;
          few += expected < 5 ? 1 : 0;
        }
      }
    }
    int freedom = (height - 1) * (width - 1);
    double p = ChiSquaredDistribution.of(freedom).survivalProbability(value);
    double v = Math.sqrt(value / (n * (Math.min(height, width) - 1)));
    return new ChiSquare(value, freedom, p, v, n, few, height * width);
  }

  private static int filled(double[] totals) {
    int filled = 0;
    for (double total : totals) {
      filled += total > 0 ? 1 : 0;
    }
    return filled;
  }

  /// The result as it stands in a note, with a warning if expected counts are small.
  public String sentence() {
    String result =
        "χ²("
            + freedom
            + ", N = "
            + Statistic.count(n)
            + ") = "
            + Statistic.two(value)
            + ", p "
            + Statistic.p(p)
            + ", Cramér’s V = "
            + Statistic.share(v)
            + ".";
    return 5 * fewExpected <= cells
        ? result
        : result
            + " In "
            + fewExpected
            + " of "
            + cells
            + " cells the expected count is below 5, so p is not to be relied on.";
  }
}
