package app.finish.formats;

import app.finish.core.grid.Grid;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;

/// Reads the sheets of a file.
public interface TableReader {
  /// The sheets of a file in order, each as its cells came.
  ///
  /// @throws Problem if the file can't be read as this format, in words for the person
  /// @throws IOException if the disk fails
  List<Grid> read(Path file) throws IOException;
}
