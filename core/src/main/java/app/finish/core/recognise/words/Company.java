package app.finish.core.recognise.words;

import app.finish.core.table.MeasureKind;
import java.util.Collection;
import java.util.HashSet;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/// The names beside which a name stands. A letter is that of a statistic only in the company of
/// statistics: *M* beside *SD* is a mean, beside *F* it may be a sex. *Sum* beside *mean* is a
/// measure, elsewhere a total.
///
/// ```java
/// Company.of(List.of("n", "M", "SD")).kind("M"); // a mean
/// Company.of(List.of("F", "M")).kind("M"); // nothing
/// ```
public final class Company {
  private static final Set<String> WITH_P =
      Set.of("f", "t", "z", "r", "b", "β", "χ2", "χ²", "u", "h", "q", "w");

  private static final Set<String> AMBIGUOUS = Set.of("variance", "range", "mode", "error");

  private static final Set<String> LAST_WORDS =
      Set.of("n", "N", "%", "M", "SD", "SE", "CI", "Mean", "mean", "Median", "median", "Count");

  private final Set<String> shared;
  private final boolean letters;
  private final boolean quarters;
  private final int statistics;

  private Company(boolean letters, boolean quarters, int statistics, Set<String> shared) {
    this.shared = shared;
    this.letters = letters;
    this.quarters = quarters;
    this.statistics = statistics;
  }

  /// The company of these names.
  public static Company of(Collection<String> names) {
    int words = 0;
    int all = 0;
    boolean p = false;
    boolean withP = false;
    boolean n = false;
    boolean m = false;
    boolean quarters = names.stream().anyMatch(name -> name.strip().equalsIgnoreCase("q4"));
    for (String name : names) {
      boolean known = Statistics.kind(name).isPresent() && !(quarters && isQuarter(name));
      String lower = name.strip().toLowerCase(Locale.ROOT);
      all += known ? 1 : 0;
      words += known && !isLetter(name) ? 1 : 0;
      p |= lower.equals("p");
      withP |= WITH_P.contains(lower);
      n |= name.strip().equals("n") || name.strip().equals("N");
      m |= name.strip().equals("M");
    }
    boolean strange =
        names.stream()
            .anyMatch(
                name ->
                    isLetter(name)
                        && Character.isUpperCase(name.strip().codePointAt(0))
                        && Statistics.kind(name).isEmpty());
    boolean few = all * 3 < names.size();
    Set<String> once = new HashSet<>();
    Set<String> shared = new HashSet<>();
    for (String name : names) {
      String last = lastWord(name.strip());
      if (LAST_WORDS.contains(last) && !once.add(last)) {
        shared.add(last);
      }
    }
    return new Company(
        (words > 0 || p && withP && !strange || n && m) && !few, quarters, all, shared);
  }

  private static boolean isQuarter(String name) {
    return name.strip().matches("[Qq][1-4]");
  }

  /// Whether a name is one letter, so that it may be anything.
  public static boolean isLetter(String name) {
    return name.strip().codePointCount(0, name.strip().length()) == 1 && !name.strip().equals("%");
  }

  /// The kind of measure that a name tells in this company.
  public Optional<MeasureKind> kind(String name) {
    String bare = name.strip();
    boolean count = bare.equals("n") || bare.equals("N");
    boolean word = AMBIGUOUS.contains(bare.toLowerCase(Locale.ROOT)) && statistics == 1;
    if (word || quarters && isQuarter(bare)) {
      return Optional.empty();
    }
    if (isLetter(bare) && !letters && !count) {
      return Optional.empty();
    }
    if (bare.equalsIgnoreCase("sum") || bare.equalsIgnoreCase("total")) {
      return statistics > 1 && bare.equalsIgnoreCase("sum")
          ? Optional.of(MeasureKind.SUM)
          : Optional.empty();
    }
    Optional<MeasureKind> kind = Vocabulary.measureKind(name);
    if (kind.isPresent()) {
      return kind;
    }
    String last = lastWord(bare);
    return shared.contains(last) ? Statistics.kind(last) : Optional.empty();
  }

  /// The last word of several; of one word nothing.
  private static String lastWord(String name) {
    int blank = name.lastIndexOf(' ');
    return blank < 0 ? "" : name.substring(blank + 1);
  }

  /// Whether a name says total and is no measure here.
  public boolean saysTotal(String name) {
    boolean total = Vocabulary.saysTotal(name) || Vocabulary.saysAll(name);
    return total && !(name.strip().equalsIgnoreCase("sum") && statistics > 1);
  }
}
