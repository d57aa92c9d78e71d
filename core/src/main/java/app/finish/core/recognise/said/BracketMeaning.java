package app.finish.core.recognise.said;

import app.finish.core.words.Constants;
import java.util.Locale;

/// What figures in brackets stand for.
public enum BracketMeaning {
  /// Negative figures, as accountants write them.
  NEGATIVE,
  /// Figures of another kind beside or under those that they belong to, such as standard errors.
  FIGURE,
  /// Nothing tells; they keep their written form and are no numbers.
  UNTOLD;

  /// The meaning that a word names, as [#toString] writes it.
  ///
  /// @throws app.finish.core.problem.Refusal if there is none
  public static BracketMeaning of(String word) {
    return Constants.named(BracketMeaning.class, word, "meaning of brackets");
  }

  @Override
  public String toString() {
    return name().toLowerCase(Locale.ROOT);
  }
}
