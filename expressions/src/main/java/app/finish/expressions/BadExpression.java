package app.finish.expressions;

import app.finish.core.problem.Refusal;

/// An expression that can't be used, with a sentence for the person and the place in the text.

public final class BadExpression extends Refusal {
  private static final long serialVersionUID = 1;

  private final int place;

  /// @param sentence what is wrong, where, and what to do
  /// @param place where in the text, from 0
  public BadExpression(String sentence, int place) {
    super(sentence);
    this.place = place;
  }

  @Override
  public String where() {
    return "character " + (place + 1);
  }

  /// Where in the text, from 0.
  public int place() {
    return place;
  }
}
