package app.finish.formats.io;

import app.finish.core.problem.Problem;

/// What to say of an office file that can't be read.
///
/// ```java
/// throw Unreadable.of(name, "an XLSX workbook", cause);
/// ```
public final class Unreadable {
  private Unreadable() {}

  /// @param kind what the file should be: "an XLSX workbook"
  public static Problem of(String name, String kind, Exception cause) {
    String words = String.valueOf(cause.getMessage());
    if (words.contains("Zip bomb") || words.contains("zip bomb")) {
      return Limits.unpacksTooFar(name);
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
