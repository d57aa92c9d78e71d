package app.finish.core.recognise.said;

import app.finish.core.words.Constants;
import java.util.Locale;

/// What an empty cell among the figures stands for.
public enum BlankMeaning {
  /// There is no figure.
  MISSING,
  /// The figure is zero.
  ZERO,
  /// The figure is that of the cell above.
  AS_ABOVE;

  /// The meaning that a word names, as [#toString] writes it.
  ///
  /// @throws app.finish.core.problem.Refusal if there is none
  public static BlankMeaning of(String word) {
    return Constants.named(BlankMeaning.class, word, "meaning of empty cells");
  }

  @Override
  public String toString() {
    return name().toLowerCase(Locale.ROOT).replace('_', ' ');
  }
}
