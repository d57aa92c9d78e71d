package app.finish.records.statistics;

import org.apache.commons.statistics.distribution.TDistribution;

/// Pearson's r of two columns, with its two-sided p from t = r√((n − 2) ÷ (1 − r²)) on n − 2
/// degrees of freedom.
///
/// @param r from −1 to 1
/// @param p the probability of an r at least as far from 0 if the columns don't go together
/// @param n how many records have an answer in both
public record Correlation(double r, double p, double n) {
  /// The test of an r.
  public static Correlation of(double r, double n) {
    if (!Double.isFinite(r) || n < 3) {
      return new Correlation(Double.NaN, Double.NaN, n);
    }
    double bound = Math.max(-1, Math.min(1, r));
    double t = Math.abs(bound) * Math.sqrt((n - 2) / (1 - bound * bound));
    double p = Double.isInfinite(t) ? 0 : 2 * TDistribution.of(n - 2).survivalProbability(t);
    return new Correlation(bound, Math.min(1, p), n);
  }
}
