package app.finish.formats.io;

import java.util.function.DoubleConsumer;

/// How a file is to be read.
///
/// ```java
/// Sources.tables(path, ReadRequest.PLAIN.withHidden(true));
/// ```
///
/// @param hidden whether hidden sheets and rows are read too
/// @param progress is told, from the reading thread, which share of the file is read, from 0 to 1
public record ReadRequest(boolean hidden, DoubleConsumer progress) {
  /// Without what is hidden, telling nobody.
  public static final ReadRequest PLAIN = new ReadRequest(false, share -> {});

  /// The same request, with or without what is hidden.
  public ReadRequest withHidden(boolean value) {
    return new ReadRequest(value, progress);
  }

  /// The same request, telling its progress.
  public ReadRequest withProgress(DoubleConsumer told) {
    return new ReadRequest(hidden, told);
  }
}
