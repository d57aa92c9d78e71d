package app.finish.formats.manuscript;

import app.finish.formats.docx.DocxManuscript;
import app.finish.formats.io.FileName;
import app.finish.formats.io.Manuscript;
import app.finish.formats.opendocument.OdtManuscript;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Locale;

/// Opens manuscripts that tables can be put into.
///
/// ```java
/// ManuscriptFile.open(Path.of("paper.docx")).write(sent, out);
/// ```
public final class ManuscriptFile {
  private ManuscriptFile() {}

  /// Opens one: an ODT by its ending, else a DOCX.
  ///
  /// @throws app.finish.core.problem.Problem if it is neither
  public static Manuscript open(Path file) throws IOException {
    return FileName.of(file).toLowerCase(Locale.ROOT).endsWith(".odt")
        ? OdtManuscript.of(file)
        : DocxManuscript.of(file);
  }
}
