package app.finish.core.tally;

import app.finish.core.table.MeasureKind;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/// What is worked out of the records of a cell.
public enum TallyFunction {
  /// The number of records; with a column, of those that have an answer in it. Weighted: the sum of
  /// the weights.
  COUNT("count", "", MeasureKind.COUNT),
  /// The number of different answers. Weights don't change it.
  DISTINCT("distinct", "Distinct ", MeasureKind.STATISTIC),
  /// The sum; weighted, of weight times value.
  SUM("sum", "", MeasureKind.SUM),
  /// The arithmetic mean of the answers there are; weighted, Σwx ÷ Σw.
  MEAN("mean", "Mean ", MeasureKind.MEAN),
  /// The standard deviation of a sample, √(Σ(x − x̄)² ÷ (n − 1)). Weights are taken for numbers of
  /// records: √(Σw(x − x̄)² ÷ (Σw − 1)).
  DEVIATION("sd", "SD of ", MeasureKind.DEVIATION),
  /// The standard error of the mean: the standard deviation ÷ √n; weighted, ÷ √Σw.
  ERROR("se", "SE of ", MeasureKind.ERROR),
  /// The median: the quantile of a half.
  MEDIAN("median", "Median ", MeasureKind.STATISTIC),
  /// A quantile, interpolated between the two answers that it falls between: the answer at place 1
  /// + (n − 1)q in order (the seventh of Hyndman and Fan's definitions, 1996). Weighted: the least
  ///   answer at which the weights from below reach the share q.
  QUANTILE("q", "", MeasureKind.STATISTIC),
  /// The least answer.
  LEAST("min", "Least ", MeasureKind.STATISTIC),
  /// The greatest answer.
  GREATEST("max", "Greatest ", MeasureKind.STATISTIC);

  private final String word;
  private final String before;
  private final MeasureKind kind;

  TallyFunction(String word, String before, MeasureKind kind) {
    this.word = word;
    this.before = before;
    this.kind = kind;
  }

  /// The function that a word names.
  public static Optional<TallyFunction> of(String word) {
    String lower = word.toLowerCase(Locale.ROOT);
    return Arrays.stream(values()).filter(one -> one.word.equals(lower)).findFirst();
  }

  /// The function as files and the command line write it; a quantile has its share in hundredths
  /// behind it, as in `q90`.
  public String word() {
    return word;
  }

  /// What a measure of this function over a column is called if a person gives it no name.
  String nameOver(String column) {
    return before + column;
  }

  /// The kind of the figures.
  public MeasureKind kind() {
    return kind;
  }

  /// Whether it can only be worked out of numbers.
  public boolean needsNumbers() {
    return this != COUNT && this != DISTINCT;
  }
}
