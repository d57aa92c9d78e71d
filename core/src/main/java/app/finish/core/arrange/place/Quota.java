package app.finish.core.arrange.place;

import app.finish.core.problem.Refusal;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// How much is kept.

public sealed interface Quota {
  /// A number as people write it.
  String NUMBER = "([-−]?[\\d.,]*\\d\\s*%?)";

  /// So many members.
  ///
  /// @param members how many
  record Count(int members) implements Quota {}

  /// Members until they make up a share of the sum.
  ///
  /// @param percent the share, above 0 and up to 100
  record Share(double percent) implements Quota {
    /// @throws app.finish.core.problem.Refusal if it is no share
    public Share {
      if (!(percent > 0 && percent <= 100)) {
        throw new Refusal("A share is above 0 and up to 100 percent.");
      }
    }
  }

  /// Members whose figure keeps a condition.
  ///
  /// @param comparison how it is compared
  /// @param bound with which number
  /// @param other the upper bound of what is between two
  record Where(Comparison comparison, double bound, double other) implements Quota {
    /// Whether a figure keeps it; a missing one does not.
    public boolean keeps(double figure) {
      return switch (comparison) {
        case AT_LEAST -> figure >= bound;
        case AT_MOST -> figure <= bound;
        case ABOVE -> figure > bound;
        case BELOW -> figure < bound;
        case EQUAL_TO -> figure == bound;
        case BETWEEN -> figure >= bound && figure <= other;
      };
    }
  }

  /// How a figure is compared.
  enum Comparison {
    AT_LEAST("at least|≥|>=|from"),
    AT_MOST("at most|≤|<=|up to"),
    ABOVE("above|over|more than|greater than|>"),
    BELOW("below|under|less than|fewer than|<"),
    EQUAL_TO("equal to|equals|="),
    BETWEEN("between");

    private final String words;

    Comparison(String words) {
      this.words = words;
    }

    private String word() {
      return words.split("\\|")[0];
    }
  }

  /// The quota as people write it: "10", "80 %", or "at least 50".
  default String written() {
    return switch (this) {
      case Count count -> "" + count.members;
      case Share share -> percent(share.percent) + " %";
      case Where where ->
          where.comparison.word()
              + " "
              + percent(where.bound)
              + (where.comparison == Comparison.BETWEEN ? " and " + percent(where.other) : "");
    };
  }

  /// A percentage without decimals that say nothing.
  static String percent(double percent) {
    return percent == Math.rint(percent) ? "" + (long) percent : "" + percent;
  }

  /// The quota that a text says.
  ///
  /// @throws app.finish.core.problem.Refusal with a sentence, if it says none
  static Quota of(String text) {
    String bare = text.strip();
    if (bare.matches("[1-9]\\d{0,5}")) {
      return new Count(Integer.parseInt(bare));
    }
    if (bare.matches("\\d{1,3}([.,]\\d+)?\\s*%")) {
      double percent = Double.parseDouble(bare.replace("%", "").replace(',', '.').strip());
      if (percent > 0 && percent <= 100) {
        return new Share(percent);
      }
    }
    for (Comparison comparison : Comparison.values()) {
      Matcher match =
          Pattern.compile(
                  "(?:" + comparison.words + ")\\s*" + NUMBER + "(?:\\s+and\\s+" + NUMBER + ")?")
              .matcher(bare.toLowerCase(Locale.ROOT));
      boolean two = match.matches() && match.group(2) != null;
      if (match.matches() && two == (comparison == Comparison.BETWEEN)) {
        double one = number(match.group(1));
        double other = two ? number(match.group(2)) : one;
        return new Where(comparison, Math.min(one, other), Math.max(one, other));
      }
    }
    throw new Refusal(
        "“"
            + bare
            + "” says neither how many to keep nor a share nor a condition. Write a number such as"
            + " 10, a share such as 80 %, or a condition such as at least 50 or between 10 and"
            + " 20.");
  }

  private static double number(String written) {
    boolean thousands = written.matches("-?\\d{1,3}(,\\d{3})+(\\.\\d+)?");
    return Double.parseDouble(
        written.replace('−', '-').replace(",", thousands ? "" : ".").replace("%", "").strip());
  }
}
