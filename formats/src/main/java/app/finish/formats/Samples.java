package app.finish.formats;

import app.finish.core.document.Document;
import app.finish.core.document.Finish;
import app.finish.core.document.Source;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;

/// The files about Marram Sound that ship with Finish.
public final class Samples {
  /// The name of the workbook with the pivots.
  public static final String PIVOTS = "marram-sound.xlsx";

  private Samples() {}

  /// Puts a sample into a folder.
  ///
  /// @return the file
  public static Path copy(String name, Path folder) throws IOException {
    Path file = folder.resolve(name);
    try (InputStream stream =
        Samples.class.getResourceAsStream("/app/finish/formats/samples/" + name)) {
      Files.copy(stream, file, StandardCopyOption.REPLACE_EXISTING);
    }
    return file;
  }

  /// The document of the demo: the tables of the workbook as they came, in the plain style.
  public static Document demo() throws IOException {
    Path folder = Files.createTempDirectory("finish-demo");
    Path file = copy(PIVOTS, folder);
    try {
      Document document = Document.EMPTY;
      for (Source source : Sources.read(file)) {
        document = document.withAdded(source, Finish.in("Plain"));
      }
      return document;
    } finally {
      Files.deleteIfExists(file);
      Files.deleteIfExists(folder);
    }
  }
}
