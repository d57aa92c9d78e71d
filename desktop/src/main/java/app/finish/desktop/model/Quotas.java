package app.finish.desktop.model;

import app.finish.core.arrange.move.Quota;
import app.finish.desktop.kit.Texts;

/// How much is kept, as people write it: "10", or "80 %".
public final class Quotas {
  private Quotas() {}

  static String write(Quota quota) {
    return switch (quota) {
      case Quota.Count count -> "" + count.members();
      case Quota.Share share -> MoveWords.percent(share.percent()) + " %";
    };
  }

  /// @throws IllegalArgumentException with a sentence, if the text says no quota
  public static Quota read(String text) {
    String bare = text.strip();
    if (bare.matches("[1-9]\\d{0,5}")) {
      return new Quota.Count(Integer.parseInt(bare));
    }
    if (bare.matches("\\d{1,3}([.,]\\d+)?\\s*%")) {
      double percent = Double.parseDouble(bare.replace("%", "").replace(',', '.').strip());
      if (percent > 0 && percent <= 100) {
        return new Quota.Share(percent);
      }
    }
    throw new IllegalArgumentException(Texts.of("arrange.noQuota", bare));
  }

  /// @throws IllegalArgumentException with a sentence, if the text is no number of decimals
  public static int decimals(String text) {
    if (text.strip().matches("\\d|1[0-5]")) {
      return Integer.parseInt(text.strip());
    }
    throw new IllegalArgumentException(Texts.of("arrange.noDecimals", text.strip()));
  }
}
