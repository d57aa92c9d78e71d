package app.finish.core.check.arithmetic;

/// All that a number may have been before it was rounded: from a low to a high, both within.
///
/// ```java
/// Range.rounded(2.10, 2); // 2.095 to 2.105
/// Range.rounded(6.2, 1).over(Range.rounded(2.0, 1)); // 3.0 to 3.205
/// ```
///
/// @param low the least
/// @param high the greatest
public record Range(double low, double high) {
  /// Puts the ends in order.
  public Range {
    if (low > high) {
      double greater = low;
      low = high;
      high = greater;
    }
  }

  /// One number exactly.
  public static Range of(double number) {
    return new Range(number, number);
  }

  /// What a number written with so many decimals may stand for.
  public static Range rounded(double number, int decimals) {
    double half = 0.5 * Math.pow(10, -decimals);
    return new Range(number - half, number + half);
  }

  /// The same, and so much more on both sides.
  public Range widened(double by) {
    return new Range(low - by, high + by);
  }

  /// The sums.
  public Range plus(Range other) {
    return new Range(low + other.low, high + other.high);
  }

  /// The differences.
  public Range minus(Range other) {
    return new Range(low - other.high, high - other.low);
  }

  /// The products.
  public Range times(Range other) {
    double a = low * other.low;
    double b = low * other.high;
    double c = high * other.low;
    double d = high * other.high;
    return new Range(
        Math.min(Math.min(a, b), Math.min(c, d)), Math.max(Math.max(a, b), Math.max(c, d)));
  }

  /// The quotients; everything, if the other may be zero.
  public Range over(Range other) {
    if (other.low <= 0 && other.high >= 0) {
      return new Range(Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY);
    }
    return times(new Range(1 / other.high, 1 / other.low));
  }

  /// The squares.
  public Range squared() {
    double a = low * low;
    double b = high * high;
    return low <= 0 && high >= 0 ? new Range(0, Math.max(a, b)) : new Range(a, b);
  }

  /// The roots of what is not below zero.
  public Range root() {
    return new Range(Math.sqrt(Math.max(0, low)), Math.sqrt(Math.max(0, high)));
  }

  /// The sizes without sign.
  public Range size() {
    return low <= 0 && high >= 0
        ? new Range(0, Math.max(-low, high))
        : new Range(Math.abs(low), Math.abs(high));
  }

  /// Whether some number is in both, but for the error of computing.
  public boolean meets(Range other) {
    double slack = 1e-9 * Math.max(1e-6, Math.max(Math.abs(low), Math.abs(other.low)));
    return low <= other.high + slack && other.low <= high + slack;
  }

  /// Whether a number is within.
  public boolean holds(double number) {
    return low <= number && number <= high;
  }

  /// Whether it has two ends.
  public boolean isBounded() {
    return Double.isFinite(low) && Double.isFinite(high);
  }

  /// The number in its middle.
  public double middle() {
    return (low + high) / 2;
  }
}
