package app.finish.records.source;

import app.finish.core.problem.Problem;
import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.InterruptedIOException;
import java.nio.file.Files;
import java.nio.file.Path;

/// Makes sure that JSON is not nested so deeply that the database's library, which reads it in
/// native code, would end the whole process.
///
/// ```java
/// JsonDepth.check(file, "answers.json"); // throws a Problem beyond 64 levels
/// ```
final class JsonDepth {
  /// Records are rows of values; nobody nests them so deep.
  private static final int MOST = 64;

  private JsonDepth() {}

  static void check(Path file, String name) throws IOException {
    int depth = 0;
    boolean text = false;
    boolean escaped = false;
    long read = 0;
    try (InputStream in = new BufferedInputStream(Files.newInputStream(file), 1 << 16)) {
      for (int c = in.read(); c >= 0; c = in.read()) {
        if ((++read & 0xfffff) == 0 && Thread.interrupted()) {
          throw new InterruptedIOException("stopped");
        }
        if (text) {
          text = escaped || c != '"';
          escaped = !escaped && c == '\\';
          continue;
        }
        switch (c) {
          case '"' -> text = true;
          case '[', '{' -> depth++;
          case ']', '}' -> depth--;
          default -> {}
        }
        if (depth > MOST) {
          throw new Problem(
              name
                  + " nests more than "
                  + MOST
                  + " lists and objects in each other, which no records do. Save the records as"
                  + " rows, for example as CSV.");
        }
      }
    }
  }
}
