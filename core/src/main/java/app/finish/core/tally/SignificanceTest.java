package app.finish.core.tally;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/// A test whose result stands in a note below a tally.
public enum SignificanceTest {
  /// Pearson's χ² of independence, with Cramér's V: one dimension down, one across.
  CHI_SQUARE("chi-square"),
  /// The analysis of variance of a column between the members of one dimension: F and η².
  ANOVA("anova"),
  /// Student's t between the two members of one dimension, with Cohen's d.
  T_TEST("t");

  private final String word;

  SignificanceTest(String word) {
    this.word = word;
  }

  /// The test that a word names.
  public static Optional<SignificanceTest> of(String word) {
    String lower = word.toLowerCase(Locale.ROOT);
    return Arrays.stream(values()).filter(one -> one.word.equals(lower)).findFirst();
  }

  /// The test as files and the command line write it.
  public String word() {
    return word;
  }
}
