package app.finish.core.highlight;

import java.util.Optional;

/// Compares all figures of a row with a number, without asking cell by cell.
///
/// ```java
/// Sweep.of(condition, numbers).ifPresent(sweep -> sweep.row(3, found));
/// ```
///
/// @param low a figure is at least as large
/// @param high a figure is at most as large
/// @param outside whether those are meant that are not so; figures that are missing never are
/// @param all the figures, row by row
/// @param width how many there are in a row
record Sweep(double low, double high, boolean outside, double[] all, int width) {
  /// The sweep for a condition; nothing for one that needs more than a figure and numbers.
  static Optional<Sweep> of(Condition condition, CellNumbers numbers) {
    double[] all = numbers.all();
    int width = numbers.columns();
    double least = Double.NEGATIVE_INFINITY;
    double most = Double.POSITIVE_INFINITY;
    return switch (condition) {
      case Condition.Compared(Condition.Sign sign, Operand.Number(double number)) ->
          Optional.of(
              switch (sign) {
                case BELOW -> new Sweep(least, Math.nextDown(number), false, all, width);
                case AT_MOST -> new Sweep(least, number, false, all, width);
                case ABOVE -> new Sweep(Math.nextUp(number), most, false, all, width);
                case AT_LEAST -> new Sweep(number, most, false, all, width);
                case EQUAL -> new Sweep(number, number, false, all, width);
                case OTHER -> new Sweep(number, number, true, all, width);
              });
      case Condition.Between(double low, double high) ->
          Optional.of(new Sweep(Math.min(low, high), Math.max(low, high), false, all, width));
      default -> Optional.empty();
    };
  }

  /// Adds the figures of a row, a bit each.
  void row(int row, long[] found) {
    double least = low;
    double most = high;
    int from = row * width;
    int to = from + width;
    if (outside) {
      for (int i = from; i < to; i++) {
        if (all[i] < least || all[i] > most) {
          found[i >> 6] |= 1L << i;
        }
      }
      return;
    }
    for (int i = from; i < to; i++) {
      if (all[i] >= least && all[i] <= most) {
        found[i >> 6] |= 1L << i;
      }
    }
  }
}
