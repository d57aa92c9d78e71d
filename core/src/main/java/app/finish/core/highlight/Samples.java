package app.finish.core.highlight;

/// What figures in order of size come to.
final class Samples {
  private Samples() {}

  /// The sum.
  static double total(double[] sorted) {
    double sum = 0;
    for (double one : sorted) {
      sum += one;
    }
    return sorted.length == 0 ? Double.NaN : sum;
  }

  /// The arithmetic mean; not a number if there are none.
  static double mean(double[] sorted) {
    return total(sorted) / sorted.length;
  }

  /// The middle one, or the mean of the two in the middle.
  static double median(double[] sorted) {
    int middle = sorted.length / 2;
    return sorted.length == 0
        ? Double.NaN
        : sorted.length % 2 == 1 ? sorted[middle] : (sorted[middle - 1] + sorted[middle]) / 2;
  }

  /// The standard deviation of a sample, over n − 1; not a number for fewer than two.
  static double deviation(double[] sorted) {
    double mean = mean(sorted);
    double squares = 0;
    for (double one : sorted) {
      squares += (one - mean) * (one - mean);
    }
    return sorted.length < 2 ? Double.NaN : Math.sqrt(squares / (sorted.length - 1));
  }

  /// The figure that parts the outermost from the others: itself among them, and all its equals.
  ///
  /// @param count how many, or how many per cent; at least one
  static double bound(double[] sorted, boolean greatest, double count, boolean percent) {
    if (sorted.length == 0) {
      return Double.NaN;
    }
    double asked = percent ? Math.ceil(sorted.length * count / 100 - 1e-9) : count;
    int many = (int) Math.max(1, Math.min(sorted.length, asked));
    return greatest ? sorted[sorted.length - many] : sorted[many - 1];
  }
}
