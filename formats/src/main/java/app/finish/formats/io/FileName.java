package app.finish.formats.io;

import java.nio.file.Path;

/// What a file is called, and what it begins with.
///
/// ```java
/// FileName.of(Path.of("/home/ada/sailings.csv")); // sailings.csv
/// ```
public final class FileName {
  private FileName() {}

  /// The name of a file without its folders, as sentences use it.
  public static String of(Path file) {
    return file.getFileName() == null ? file.toString() : file.getFileName().toString();
  }

  /// Whether a file's first bytes are these.
  public static boolean startsWith(byte[] bytes, int... wanted) {
    for (int i = 0; i < wanted.length; i++) {
      if (i >= bytes.length || (bytes[i] & 0xff) != wanted[i]) {
        return false;
      }
    }
    return true;
  }
}
