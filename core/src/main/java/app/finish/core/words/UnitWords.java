package app.finish.core.words;

/// The words for units that figures are told in, as parts of patterns that take no notice of
/// capitals: one list for whoever looks for them.
///
/// ```java
/// Pattern.compile("(?i)in " + UnitWords.SCALE).matcher("in thousands").matches(); // true
/// ```
public final class UnitWords {
  /// How many of a unit one figure stands for: "thousands", "mn", "'000", "Tsd.".
  public static final String SCALE =
      "(?:hundreds?|thousands?|millions?|billions?|mln|mio\\.?|mrd\\.?|mn|bn|tsd\\.?|[’'‘]?000s?|1[,."
          + " ]000s?|1[,. ]000[,. ]000)";

  /// Currencies, by sign, code or name.
  public static final String MONEY =
      "(?:[€$£¥]|EUR|USD|GBP|CHF|SEK|NOK|DKK|JPY|kr|euros?|dollars?|pounds?|crowns?|francs?)";

  /// Shares in the hundred.
  public static final String PERCENT = "(?:%|per ?cent|percentages?)";

  /// What is measured otherwise: shares, lengths, weights, times.
  public static final String MEASURE =
      "(?:"
          + PERCENT
          + "|(?:nautical )?miles|km|kg|tonnes?|tons?|hours?|minutes?|seconds?|days?|years?"
          + "|met(?:re|er)s?|lit(?:re|er)s?)";

  /// That a word ends here, also one that is a sign.
  public static final String END = "(?![\\p{L}\\p{N}])";

  private UnitWords() {}
}
