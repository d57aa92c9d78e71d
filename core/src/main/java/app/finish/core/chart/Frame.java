package app.finish.core.chart;

/// A rectangle that something is drawn in, in points.
record Frame(double x, double y, double width, double height) {
  double right() {
    return x + width;
  }

  double foot() {
    return y + height;
  }

  /// The same without so much at each side.
  Frame within(double left, double top, double right, double foot) {
    return new Frame(
        x + left, y + top, Math.max(1, width - left - right), Math.max(1, height - top - foot));
  }
}
