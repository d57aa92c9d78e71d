package app.finish.core.recognise.said;

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
  /// @throws IllegalArgumentException if there is none
  public static BracketMeaning of(String word) {
    return valueOf(word.toUpperCase(Locale.ROOT));
  }

  @Override
  public String toString() {
    return name().toLowerCase(Locale.ROOT);
  }
}
