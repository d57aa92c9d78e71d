package app.finish.records.statistics;

import app.finish.core.problem.Refusal;
import org.apache.commons.statistics.distribution.TDistribution;

/// Student's t test of two independent groups with one variance for both, two-sided, and Cohen's d
/// = (difference of the means) ÷ (pooled standard deviation) (Cohen, 1988).
///
/// @param t t
/// @param freedom the degrees of freedom, n₁ + n₂ − 2
/// @param p the probability of a t at least as far from 0 if the means are equal
/// @param d Cohen's d
public record TTest(double t, double freedom, double p, double d) {
  /// The test of two groups.
  ///
  /// @throws app.finish.core.problem.Refusal if there are too few answers, or nothing varies within
  ///   the groups
  public static TTest of(Sample one, Sample two) {
    double freedom = one.n() + two.n() - 2;
    double pooled = Math.sqrt((one.squares() + two.squares()) / freedom);
    if (one.n() < 1 || two.n() < 1 || freedom < 1 || !(pooled > 0)) {
      throw new Refusal("t needs answers in both groups, and answers that differ within them.");
    }
    double difference = one.mean() - two.mean();
    double t = difference / (pooled * Math.sqrt(1 / one.n() + 1 / two.n()));
    double p = Math.min(1, 2 * TDistribution.of(freedom).survivalProbability(Math.abs(t)));
    return new TTest(t, freedom, p, difference / pooled);
  }

  /// The result as it stands in a note.
  public String sentence() {
    return "t("
        + Statistic.freedom(freedom)
        + ") = "
        + Statistic.two(t)
        + ", p "
        + Statistic.p(p)
        + ", d = "
        + Statistic.two(d)
        + ".";
  }
}
