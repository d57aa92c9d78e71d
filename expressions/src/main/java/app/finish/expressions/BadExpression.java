package app.finish.expressions;

import app.finish.core.problem.Refusal;

/// An expression that can't be used, with a sentence for the person and the offset in the text.

public final class BadExpression extends Refusal {
  private static final long serialVersionUID = 1;

  private final int offset;

  /// @param sentence what is wrong, where, and what to do
  /// @param offset where in the text, from 0
  public BadExpression(String sentence, int offset) {
    super(sentence);
    this.offset = offset;
  }

  @Override
  public String where() {
    return "character " + (offset + 1);
  }

  /// Where in the text, from 0.
  public int offset() {
    return offset;
  }
}
