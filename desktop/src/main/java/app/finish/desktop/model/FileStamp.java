package app.finish.desktop.model;

import app.finish.core.problem.Problem;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/// When a file was written last, and how long it is: whether it is still the one that was opened or
/// saved here.
///
/// ```java
/// FileStamp stamp = FileStamp.of(path);
/// stamp.check(path); // throws a Problem if another window wrote the file
/// ```
///
/// @param time when it was written last, in milliseconds; −1 for a file that is not known
/// @param length its length in bytes
record FileStamp(long time, long length) {
  /// Of a file that is not known.
  static final FileStamp NONE = new FileStamp(-1, -1);

  /// Of a file that was written by somebody else.
  static final FileStamp OTHER = new FileStamp(0, -1);

  /// The stamp of a file as it is now.
  static FileStamp of(Path file) {
    try {
      return new FileStamp(Files.getLastModifiedTime(file).toMillis(), Files.size(file));
    } catch (IOException e) {
      return NONE;
    }
  }

  /// Makes sure that nobody else wrote the file.
  ///
  /// @throws Problem if somebody did, in words for the person
  void check(Path file) throws Problem {
    if (!equals(NONE) && Files.exists(file) && !of(file).equals(this)) {
      throw new Problem(
          file.getFileName()
              + " was written by another window since it was opened or saved here, and was left as"
              + " it is. Save this document under another name, so that nothing is lost.");
    }
  }
}
