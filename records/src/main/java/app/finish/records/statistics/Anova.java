package app.finish.records.statistics;

import app.finish.core.problem.Refusal;
import java.util.List;
import org.apache.commons.statistics.distribution.FDistribution;

/// The analysis of variance between groups: F = (between ÷ (k − 1)) ÷ (within ÷ (n − k)), η² =
/// between ÷ (between + within), from the groups' n, means and standard deviations.
///
/// @param f F
/// @param between the degrees of freedom between groups
/// @param within the degrees of freedom within groups
/// @param p the probability of an F at least as large if all means are equal
/// @param eta η², from 0 to 1
public record Anova(double f, double between, double within, double p, double eta) {
  /// The analysis of these groups; groups without answers are left out.
  ///
  /// @throws app.finish.core.problem.Refusal if there are fewer than two groups, or nothing varies
  ///   within them
  public static Anova of(List<Sample> groups) {
    List<Sample> filled = groups.stream().filter(group -> group.n() > 0).toList();
    double n = filled.stream().mapToDouble(Sample::n).sum();
    double k = filled.size();
    double grand = filled.stream().mapToDouble(group -> group.n() * group.mean()).sum() / n;
    double between = 0;
    double within = 0;
    for (Sample group : filled) {
      between += group.n() * (group.mean() - grand) * (group.mean() - grand);
      within += group.squares();
    }
    if (k < 2 || n <= k || within <= 0) {
      throw new Refusal("F needs at least two groups, and answers that differ within them.");
    }
    double f = between / (k - 1) / (within / (n - k));
    double p = FDistribution.of(k - 1, n - k).survivalProbability(f);
    return new Anova(f, k - 1, n - k, p, between / (between + within));
  }

  /// The result as it stands in a note.
  public String sentence() {
    return "F("
        + Statistic.freedom(between)
        + ", "
        + Statistic.freedom(within)
        + ") = "
        + Statistic.two(f)
        + ", p "
        + Statistic.p(p)
        + ", η² = "
        + Statistic.share(eta)
        + ".";
  }
}
