package app.finish.core.chart;

import java.util.ArrayList;
import java.util.List;

/// A scale of round numbers.
///
/// ```java
/// Scale.of(0, 93, 5).ticks(); // 0, 20, 40, 60, 80, 100
/// ```
///
/// @param low the least number on it
/// @param high the greatest
/// @param step from one tick to the next
record Scale(double low, double high, double step) {
  /// A scale that holds two numbers.
  ///
  /// @param ticks about how many steps it has
  static Scale of(double least, double most, int ticks) {
    double low = Double.isFinite(least) ? least : 0;
    double high = Double.isFinite(most) && most > low ? most : low + (low == 0 ? 1 : Math.abs(low));
    double step = round((high - low) / Math.max(1, ticks));
    return new Scale(Math.floor(low / step) * step, Math.ceil(high / step - 1e-9) * step, step);
  }

  /// 1, 2 or 5 times a power of ten, at least so much.
  private static double round(double step) {
    double power = Math.pow(10, Math.floor(Math.log10(step)));
    double digits = step / power;
    return (digits <= 1 ? 1 : digits <= 2 ? 2 : digits <= 5 ? 5 : 10) * power;
  }

  /// Where a number lies: 0 at the low end, 1 at the high one.
  double share(double number) {
    return (number - low) / (high - low);
  }

  /// The round numbers on it.
  List<Double> ticks() {
    List<Double> ticks = new ArrayList<>();
    int count = (int) Math.round((high - low) / step);
    for (int i = 0; i <= count; i++) {
      double tick = low + i * step;
      ticks.add(Math.abs(tick) < step / 1000 ? 0 : tick);
    }
    return ticks;
  }

  /// How many decimals its ticks need.
  int decimals() {
    return (int) Math.clamp(-Math.floor(Math.log10(step) + 1e-9), 0, 8);
  }
}
