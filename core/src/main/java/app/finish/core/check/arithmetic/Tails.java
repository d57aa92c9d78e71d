package app.finish.core.check.arithmetic;

import org.apache.commons.statistics.distribution.ChiSquaredDistribution;
import org.apache.commons.statistics.distribution.FDistribution;
import org.apache.commons.statistics.distribution.NormalDistribution;
import org.apache.commons.statistics.distribution.TDistribution;

/// What probabilities test statistics have, over all that they may have been before rounding.
///
/// ```java
/// Tails.t(Range.rounded(2.10, 2), 38); // 0.042 to 0.043, two-sided
/// ```
final class Tails {
  private static final NormalDistribution NORMAL = NormalDistribution.of(0, 1);

  private Tails() {}

  /// Two-sided probabilities of *t*.
  static Range t(Range statistic, double freedom) {
    TDistribution distribution = TDistribution.of(freedom);
    Range size = statistic.size();
    return new Range(
        2 * distribution.survivalProbability(size.high()),
        2 * distribution.survivalProbability(size.low()));
  }

  /// Two-sided probabilities of *z*.
  static Range z(Range statistic) {
    Range size = statistic.size();
    return new Range(
        2 * NORMAL.survivalProbability(size.high()), 2 * NORMAL.survivalProbability(size.low()));
  }

  /// Probabilities of *F*.
  static Range f(Range statistic, double effect, double error) {
    FDistribution distribution = FDistribution.of(effect, error);
    return new Range(
        distribution.survivalProbability(Math.max(0, statistic.high())),
        distribution.survivalProbability(Math.max(0, statistic.low())));
  }

  /// Probabilities of χ².
  static Range chiSquare(Range statistic, double freedom) {
    ChiSquaredDistribution distribution = ChiSquaredDistribution.of(freedom);
    return new Range(
        distribution.survivalProbability(Math.max(0, statistic.high())),
        distribution.survivalProbability(Math.max(0, statistic.low())));
  }

  /// Two-sided probabilities of a correlation: *t* is r √(df / (1 − r²)).
  static Range correlation(Range coefficient, double freedom) {
    return new Range(
        ofCorrelation(coefficient.size().high(), freedom),
        ofCorrelation(coefficient.size().low(), freedom));
  }

  private static double ofCorrelation(double size, double freedom) {
    if (size >= 1) {
      return 0;
    }
    double t = size * Math.sqrt(freedom / (1 - size * size));
    return 2 * TDistribution.of(freedom).survivalProbability(t);
  }

  /// How many standard errors an interval reaches on each side.
  ///
  /// @param level how sure it is, from 0 to 1
  static double critical(double level, double freedom) {
    return TDistribution.of(freedom).inverseSurvivalProbability((1 - level) / 2);
  }

  /// The same of the normal distribution.
  static double critical(double level) {
    return NORMAL.inverseSurvivalProbability((1 - level) / 2);
  }
}
