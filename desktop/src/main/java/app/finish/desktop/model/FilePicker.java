package app.finish.desktop.model;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;

/// Asks the person for a file.
public interface FilePicker {
  /// A file to read.
  ///
  /// @param kind what sort of files, in words
  /// @param endings their endings, such as `*.xlsx`
  Optional<Path> toRead(String kind, String... endings);

  /// A file to write.
  ///
  /// @param name the name to begin with
  /// @param ending its ending, such as `*.docx`
  Optional<Path> toWrite(String name, String kind, String ending);

  /// Shows a page in the browser of the system.
  ///
  /// @throws IOException if no browser can be begun
  void browse(Path page) throws IOException;

  /// What to do with changes that are not saved.
  Answer aboutUnsaved(String documentName);

  /// An answer about unsaved changes.
  enum Answer {
    SAVE,
    DROP,
    GO_BACK
  }
}
