package app.finish.core.problem;

import java.io.IOException;

/// Something that the person can mend about a file, a disk or a database. Its message is one
/// sentence or two for them to read: which file, what is wrong, what to do.
///
/// ```java
/// throw new Problem("There is no file " + file + ". Check the name and the folder.");
/// ```
public class Problem extends IOException implements Mendable {
  private static final long serialVersionUID = 1;

  private final String sentence;
  private final String where;

  /// A problem in these words.
  public Problem(String sentence) {
    super(sentence);
    this.sentence = sentence;
    this.where = "";
  }

  /// A problem in these words, with what raised it.
  public Problem(String sentence, Throwable cause) {
    super(sentence, cause);
    this.sentence = sentence;
    this.where = "";
  }

  /// A problem in these words at a place.
  ///
  /// @param where the file, and the line or part of it
  public Problem(String sentence, String where) {
    super(sentence);
    this.sentence = sentence;
    this.where = where;
  }

  @Override
  public String sentence() {
    return sentence;
  }

  @Override
  public String where() {
    return where;
  }
}
