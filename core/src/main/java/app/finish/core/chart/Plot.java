package app.finish.core.chart;

/// Draws what is compared, without the words around it.
sealed interface Plot permits BarPlot, ColumnPlot, DotPlot, LinePlot, MatrixPlot, PairPlot {
  /// The least height in which it can be read, in points.
  double least(Drawing drawing, double width);

  /// Draws it into a frame.
  void draw(Drawing drawing, Frame frame);

  /// The plot of a kind.
  static Plot of(Subject subject, ChartData against) {
    return switch (subject.kind()) {
      case BARS, STACKED, SHARES -> new BarPlot(subject);
      case COLUMNS -> new ColumnPlot(subject);
      case LINES, SLOPES -> new LinePlot(subject);
      case DOTS, INTERVALS, BOXES -> new DotPlot(subject);
      case SCATTER -> new PairPlot(subject, against);
      case HEAT, MOSAIC -> new MatrixPlot(subject);
    };
  }
}
