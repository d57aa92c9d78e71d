package app.finish.core.number;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;

/// The digits of a number that can be relied on.
public final class Digits {
  private static final MathContext CERTAIN = new MathContext(15, RoundingMode.HALF_EVEN);
  private static final double WHOLE = 1e15;

  private Digits() {}

  /// A number to 15 digits, which is what a double holds for certain: so a sum does not depend on
  /// the order in which it was added up.
  ///
  /// ```java
  /// Digits.certain(0.1 + 0.2); // 0.3
  /// ```
  public static double certain(double number) {
    boolean whole = number == Math.rint(number) && Math.abs(number) < WHOLE;
    return whole || !Double.isFinite(number)
        ? number
        : new BigDecimal(number).round(CERTAIN).doubleValue();
  }
}
