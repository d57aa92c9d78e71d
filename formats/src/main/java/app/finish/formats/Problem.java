package app.finish.formats;

import java.io.IOException;

/// Something that the person can mend. Its message is one sentence or two for them to read: which
/// file, what is wrong, what to do.
public final class Problem extends IOException {
  private static final long serialVersionUID = 1;

  /// A problem in these words.
  public Problem(String sentence) {
    super(sentence);
  }

  /// A problem in these words, with what raised it.
  public Problem(String sentence, Throwable cause) {
    super(sentence, cause);
  }
}
