package app.finish.formats.richtext;

/// Lengths as RTF writes them.
///
/// ```java
/// RtfUnits.twips(12); // 240
/// ```
final class RtfUnits {
  private static final int TWIPS = 20;

  private RtfUnits() {}

  /// A length in twentieths of a point.
  static long twips(double points) {
    return Math.round(points * TWIPS);
  }
}
