package app.finish.formats.io;

import app.finish.core.problem.Problem;
import java.io.IOException;
import java.nio.file.Path;

/// Reads the sheets of a file.
public interface TableReader {
  /// The sheets of a file in order, each as its cells came.
  ///
  /// @throws Problem if the file can't be read as this format, in words for the person
  /// @throws java.io.InterruptedIOException if the reading thread is interrupted
  /// @throws IOException if the disk fails
  Sheets read(Path file, ReadRequest request) throws IOException;
}
