package app.finish.cli;

import app.finish.core.document.Document;
import app.finish.core.document.Finish;
import app.finish.core.document.Source;
import app.finish.core.problem.Problem;
import app.finish.core.style.HouseStyle;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;

/// A document that a command begins with the tables of files, all in one style.
///
/// ```java
/// Document document = new Begun(input, err).with(files, style);
/// ```
///
/// @param input how files are read
/// @param err takes what is said of them
record Begun(Input input, PrintWriter err) {
  /// Whether the files are one document of Finish's own.
  static boolean isDocument(List<Path> files) {
    return files.size() == 1 && files.getFirst().toString().endsWith(".finish");
  }

  /// A document with all its tables in one style.
  static Document worn(Document document, HouseStyle style) {
    Document dressed = style.shipped() ? document : document.withStyle(style);
    for (int i : dressed.tablePlaces()) {
      dressed = dressed.withFinish(i, dressed.table(i).finish().withStyle(style.name()));
    }
    return dressed;
  }

  /// The tables of the files.
  ///
  /// @throws Problem if a document is among several files
  Document with(List<Path> files, HouseStyle style) throws IOException {
    Document document = new Document(List.of(), style.shipped() ? List.of() : List.of(style));
    for (Path file : files) {
      if (file.toString().endsWith(".finish")) {
        throw new Problem(file + " is a document of its own. Give it alone, without other files.");
      }
      for (Source source : input.read(file, err)) {
        document = document.withAdded(source, Finish.in(style.name()));
      }
    }
    return document;
  }
}
