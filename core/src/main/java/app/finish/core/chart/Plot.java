package app.finish.core.chart;

/// Draws what is compared, without the words around it.
interface Plot {
  /// The least height in which it can be read, in points.
  double least(Drawing drawing, double width);

  /// Draws it into a frame.
  void draw(Drawing drawing, Frame frame);
}
