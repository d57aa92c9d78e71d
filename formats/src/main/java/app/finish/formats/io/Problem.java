package app.finish.formats.io;

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

  /// What to say of an office file that can't be read.
  ///
  /// @param kind what the file should be: "an XLSX workbook"
  public static Problem unreadable(String name, String kind, Exception cause) {
    String words = String.valueOf(cause.getMessage());
    if (words.contains("Zip bomb") || words.contains("zip bomb")) {
      return new Problem(
          name
              + " unpacks to far more than a workbook should, so it was not opened. If you trust"
              + " it, open it in a spreadsheet and save it anew.",
          cause);
    }
    if (words.contains("DOCTYPE")) {
      return new Problem(
          name
              + " holds a document type declaration, which no workbook needs, so it was not opened."
              + " Ask for the file again from where it came.",
          cause);
    }
    return new Problem(
        name
            + " can't be read as "
            + kind
            + "; it may be damaged or cut off. Open it in the program that it is from and save it"
            + " anew.",
        cause);
  }
}
