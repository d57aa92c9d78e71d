package app.finish.formats.docx;

/// What all parts of a document of text are written in.
final class DocxUnits {
  static final String NAMESPACE = "http://schemas.openxmlformats.org/wordprocessingml/2006/main";

  private static final long LONGEST_SIDE = 31_680;

  private DocxUnits() {}

  static long twips(double points) {
    return Math.round(points * 20);
  }

  /// The side of a page: at most 22 inches, which is what word processors take.
  static long side(double points) {
    return Math.min(twips(points), LONGEST_SIDE);
  }
}
