package app.finish.core.number;

import java.math.BigDecimal;

/// How many decimals a figure was written with, and how many it has.
///
/// ```java
/// WrittenDecimals.of("1,204.50", 1204.5); // 2
/// WrittenDecimals.of("1.204", 1204); // 0: the point parts thousands
/// ```
public final class WrittenDecimals {
  private WrittenDecimals() {}

  /// The digits behind the decimal mark of a written figure.
  ///
  /// @param written the figure as it was written, with unit and marks
  /// @param number the number that it stands for, which tells a decimal mark from one of thousands
  public static int of(String written, double number) {
    int last = Math.max(written.lastIndexOf('.'), written.lastIndexOf(','));
    if (last < 0) {
      return 0;
    }
    int digits = 0;
    while (last + 1 + digits < written.length()
        && Character.isDigit(written.charAt(last + 1 + digits))) {
      digits++;
    }
    if (digits == 0) {
      return 0;
    }
    if (digits != 3) {
      return digits;
    }
    double plain = 0;
    for (int i = 0; i < last; i++) {
      char c = written.charAt(i);
      plain = Character.isDigit(c) ? plain * 10 + (c - '0') : plain;
    }
    return Math.abs(number) < plain * 10 + 10 ? digits : 0;
  }

  /// The decimals that a number has, in the shortest form that tells it from all others.
  public static int in(double number) {
    return number == Math.rint(number)
        ? 0
        : Math.max(0, BigDecimal.valueOf(number).stripTrailingZeros().scale());
  }
}
