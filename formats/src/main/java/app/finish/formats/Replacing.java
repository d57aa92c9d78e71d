package app.finish.formats;

import app.finish.core.problem.Problem;
import java.nio.file.Path;
import java.util.List;

/// Says whether files may take their places. It is asked when all of them are written beside these
/// and none is there yet, since how many pictures a long table takes is known only then.
///
/// ```java
/// sending.write(document, places, OutputFormat.PNG, Paper.A4, form, path, Replacing.ALL);
/// ```
@FunctionalInterface
public interface Replacing {
  /// Replaces whatever is there.
  Replacing ALL = files -> {};

  /// Looks at the places, and refuses or lets go on.
  ///
  /// @param files where the files would stand
  /// @throws Problem if one of them may not be replaced; then none is written
  void allow(List<Path> files) throws Problem;
}
