package app.finish.formats.io;

import app.finish.core.layout.Paper;
import java.io.IOException;
import java.io.OutputStream;
import java.util.List;

/// A manuscript of which a copy with tables in it can be written.
///
/// ```java
/// Manuscript manuscript = ManuscriptFile.open(Path.of("paper.odt"));
/// List<String> uncalled = manuscript.write(sent, out);
/// ```
public interface Manuscript {
  /// Its page, with margins that leave as much room as its own.
  Paper paper();

  /// Writes the manuscript with the tables in it: each stands where `[[table 3]]` does, else after
  /// the paragraph that first calls it out, else at the end. One that an earlier run put there is
  /// renewed in its place.
  ///
  /// @return the numbers of tables that the text never calls out; they stand at the end
  List<String> write(Sent sent, OutputStream out) throws IOException;
}
