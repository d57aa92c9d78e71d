package app.finish.core.table;

import app.finish.core.words.Constants;
import java.util.Locale;

/// What sort of figure a measure is. Number formats and checks go by it.
public enum MeasureKind {
  /// An amount that was added up.
  SUM(Additivity.ADDITIVE),
  /// A number of things.
  COUNT(Additivity.ADDITIVE),
  /// An arithmetic mean.
  MEAN(Additivity.WEIGHTED),
  /// A percentage.
  PERCENT(Additivity.CALCULATED),
  /// One figure divided by another.
  RATIO(Additivity.CALCULATED),
  /// A standard deviation.
  DEVIATION(Additivity.OPAQUE),
  /// A standard error.
  ERROR(Additivity.OPAQUE),
  /// A probability.
  P(Additivity.OPAQUE),
  /// A test statistic: t, F, χ², z.
  TEST(Additivity.OPAQUE),
  /// Degrees of freedom.
  FREEDOM(Additivity.OPAQUE),
  /// A coefficient or an effect that may pass 1: b, d, an odds ratio.
  COEFFICIENT(Additivity.OPAQUE),
  /// A figure that can't pass 1 in size: r, R², β, η², α.
  CORRELATION(Additivity.OPAQUE),
  /// A limit of an interval, or an interval.
  INTERVAL(Additivity.OPAQUE),
  /// An expected count or a residual.
  EXPECTED(Additivity.OPAQUE),
  /// Any other statistic: a median, a least, a greatest, a mean square.
  STATISTIC(Additivity.OPAQUE),
  /// Not known.
  VALUE(Additivity.ADDITIVE);

  /// How a measure's figures make a total.
  public enum Additivity {
    /// The total is the sum.
    ADDITIVE,
    /// The total is a mean weighted by another measure.
    WEIGHTED,
    /// The total is calculated from the totals of other measures.
    CALCULATED,
    /// There is no total.
    OPAQUE
  }

  private final Additivity additivity;

  MeasureKind(Additivity additivity) {
    this.additivity = additivity;
  }

  /// How figures of this kind make a total.
  public Additivity additivity() {
    return additivity;
  }

  /// The kind that a word names, as [#word] writes it.
  ///
  /// @throws app.finish.core.problem.Refusal if there is none
  public static MeasureKind of(String word) {
    return Constants.named(MeasureKind.class, word, "kind of measure");
  }

  /// The kind as files and styles write it.
  public String word() {
    return name().toLowerCase(Locale.ROOT);
  }
}
