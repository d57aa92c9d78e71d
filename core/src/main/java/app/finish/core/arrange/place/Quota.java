package app.finish.core.arrange.place;

import app.finish.core.problem.Refusal;

/// How much is kept.

public sealed interface Quota {
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

  /// The quota as people write it: "10", or "80 %".
  default String written() {
    return switch (this) {
      case Count count -> "" + count.members;
      case Share share -> percent(share.percent) + " %";
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
    throw new Refusal(
        "“"
            + bare
            + "” says neither how many to keep nor a share. Write a number such as 10, or a share"
            + " such as 80 %.");
  }
}
