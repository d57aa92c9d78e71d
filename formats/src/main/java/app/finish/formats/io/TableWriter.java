package app.finish.formats.io;

import app.finish.core.layout.Paper;
import app.finish.core.layout.Proof;
import java.io.IOException;
import java.io.OutputStream;
import java.util.List;

/// Writes tables as a file of one format.
public interface TableWriter {
  /// The paper that tables should be laid out on for this format.
  ///
  /// @param chosen the paper that the person chose
  Paper paper(Paper chosen);

  /// Writes the tables in order. The stream is left open.
  ///
  /// @throws IOException if the stream fails
  void write(List<Proof> proofs, OutputStream out) throws IOException;
}
