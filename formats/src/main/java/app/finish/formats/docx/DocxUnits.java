package app.finish.formats.docx;

/// What all parts of a document of text are written in.
final class DocxUnits {
  static final String NAMESPACE = "http://schemas.openxmlformats.org/wordprocessingml/2006/main";

  private DocxUnits() {}

  static long twips(double points) {
    return Math.round(points * 20);
  }
}
