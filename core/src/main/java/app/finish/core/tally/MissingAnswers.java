package app.finish.core.tally;

import app.finish.core.words.Constants;
import java.util.Locale;

/// What becomes of records that lack an answer in a dimension.
public enum MissingAnswers {
  /// They are a member of their own, "No answer", which stands last and counts in totals.
  APART,
  /// They are not counted at all.
  LEFT_OUT;

  /// The choice that a word names, as [#word] writes it.
  ///
  /// @throws app.finish.core.problem.Refusal if there is none
  public static MissingAnswers of(String word) {
    return Constants.named(MissingAnswers.class, word, "way to treat missing answers");
  }

  /// The choice as files and the command line write it.
  public String word() {
    return name().toLowerCase(Locale.ROOT).replace('_', ' ');
  }
}
