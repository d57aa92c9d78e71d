package app.finish.core.tally;

import app.finish.core.words.Constants;
import java.util.Locale;

/// What is asked of records.
public enum Question {
  /// The measures for each combination of members.
  TALLY,
  /// What the columns of the measures are like: n, mean, standard deviation, median, least and
  /// greatest of each, for each member of the dimension down if there is one.
  DESCRIPTION,
  /// How the columns of the measures go together: Pearson's r of each two, with p and n.
  CORRELATION,
  /// How the means of the measures' columns differ between the members of the one dimension down: t
  /// for two members, F for more.
  COMPARISON;

  /// The question that a word names, as [#word] writes it.
  ///
  /// @throws app.finish.core.problem.Refusal if there is none
  public static Question of(String word) {
    return Constants.named(Question.class, word, "question");
  }

  /// The question as files write it.
  public String word() {
    return name().toLowerCase(Locale.ROOT);
  }
}
