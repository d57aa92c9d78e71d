package app.finish.records.statistics;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Locale;

/// Writes the results of tests as APA 7 asks: statistics to two decimals, p to three and never as
/// zero, no zero before the point of what can't pass 1.
public final class Statistic {
  private Statistic() {}

  /// A figure to two decimals.
  static String two(double value) {
    return rounded(value, 2);
  }

  /// A figure that can't pass 1 in size, to two decimals.
  static String share(double value) {
    return rounded(value, 2).replaceFirst("^(−?)0\\.", "$1.");
  }

  /// A probability with its sign: "= .027" or "< .001".
  static String p(double value) {
    if (value < 0.001) {
      return "< .001";
    }
    String text = rounded(value, 3).replaceFirst("^0\\.", ".");
    return value > 0.9995 ? "> .999" : "= " + text;
  }

  /// Degrees of freedom: whole ones as they are, others to two decimals; thousands are not parted,
  /// since commas part two of them.
  public static String freedom(double value) {
    return value == Math.rint(value) ? "" + (long) value : two(value);
  }

  /// A number of things.
  static String count(double value) {
    return value == Math.rint(value)
        ? String.format(Locale.ENGLISH, "%,d", (long) value)
        : rounded(value, 1);
  }

  private static String rounded(double value, int decimals) {
    if (!Double.isFinite(value)) {
      return "n/a";
    }
    BigDecimal rounded = BigDecimal.valueOf(value).setScale(decimals, RoundingMode.HALF_UP);
    String text = rounded.abs().toPlainString();
    return rounded.signum() < 0 ? "−" + text : text;
  }
}
