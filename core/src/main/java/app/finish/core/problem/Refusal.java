package app.finish.core.problem;

/// What was asked for can't be: a setting that is none, an expression that can't be read, groups
/// that can't be compared.
///
/// ```java
/// throw new Refusal("A colour is written #rrggbb, not “" + hex + "”.");
/// ```
public class Refusal extends IllegalArgumentException implements Mendable {
  private static final long serialVersionUID = 1;

  private final String sentence;

  /// A refusal in these words.
  public Refusal(String sentence) {
    super(sentence);
    this.sentence = sentence;
  }

  /// A refusal in these words, with what raised it.
  public Refusal(String sentence, Throwable cause) {
    super(sentence, cause);
    this.sentence = sentence;
  }

  @Override
  public String sentence() {
    return sentence;
  }

  @Override
  public String where() {
    return "";
  }
}
