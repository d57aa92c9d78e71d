package app.finish.formats.io;

import app.finish.core.layout.Paper;
import java.io.IOException;
import java.io.OutputStream;
import java.util.List;
import java.util.Set;

/// Writes items of a document as a file of one format.
public interface TableWriter {
  /// The paper that this format lays tables out on.
  ///
  /// @param chosen the paper that the person chose
  Paper paper(Paper chosen);

  /// What of a table its files still have.
  Set<Kept> keeps();

  /// The titles of highlights that its files hold as fixed looks, where files of the format can
  /// hold highlights that follow their figures.
  default List<String> fixed(Sent sent) {
    return List.of();
  }

  /// Writes the items in order. The stream is left open.
  ///
  /// @throws IOException if the stream fails
  void write(Sent sent, OutputStream out) throws IOException;
}
