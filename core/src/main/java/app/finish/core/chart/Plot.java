package app.finish.core.chart;

/// Draws what is compared, without the words around it.
interface Plot {
  /// The least height in which it can be read, in points.
  double least(Drawing drawing, double width);

  /// Whether its marks bear the names of their series, so that no key is needed.
  ///
  /// @param width that it is drawn in, in points
  default boolean bearsNames(Drawing drawing, double width) {
    return false;
  }

  /// Draws it into a frame.
  void draw(Drawing drawing, Frame frame);
}
