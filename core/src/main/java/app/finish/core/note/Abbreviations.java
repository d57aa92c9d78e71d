package app.finish.core.note;

import app.finish.core.table.Axis;
import app.finish.core.table.Leaf;
import app.finish.core.table.Table;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/// Finds the abbreviations that stand in the headings of a table, and says in one sentence what
/// they mean.
///
/// ```java
/// Abbreviations.in(table); // [M, SD, CI]
/// Abbreviations.sentence(table, Map.of("OTP", "on-time performance")); // "*M* = mean; …"
/// ```
public final class Abbreviations {
  /// What abbreviations mean that stand in tables of results.
  private static final Map<String, String> MEANINGS = new LinkedHashMap<>();

  static {
    MEANINGS.put("M", "mean");
    MEANINGS.put("SD", "standard deviation");
    MEANINGS.put("SE", "standard error");
    MEANINGS.put("Mdn", "median");
    MEANINGS.put("CI", "confidence interval");
    MEANINGS.put("LL", "lower limit");
    MEANINGS.put("UL", "upper limit");
    MEANINGS.put("OR", "odds ratio");
    MEANINGS.put("RR", "risk ratio");
    MEANINGS.put("HR", "hazard ratio");
    MEANINGS.put("SS", "sum of squares");
    MEANINGS.put("MS", "mean square");
    MEANINGS.put("df", "degrees of freedom");
    MEANINGS.put("VIF", "variance inflation factor");
    MEANINGS.put("IQR", "interquartile range");
    MEANINGS.put("AIC", "Akaike information criterion");
    MEANINGS.put("BIC", "Bayesian information criterion");
    MEANINGS.put("RMSEA", "root mean square error of approximation");
    MEANINGS.put("CFI", "comparative fit index");
  }

  /// Those that are variables, and so italic.
  private static final Set<String> ITALIC = Set.of("M", "SD", "SE", "Mdn", "SS", "MS", "df");

  /// One letter is an abbreviation where it is all of a measure's name, or stands before brackets.
  private static final Pattern SHORT =
      Pattern.compile("(?<![\\p{L}\\p{N}.])(\\p{Lu}{2,5}|Mdn|df)(?![\\p{L}\\p{N}])");

  private static final Pattern MEAN = Pattern.compile("^M(?=$|\\s*\\()");

  private static final int LONG = 4;
  private static final int MOST_ROWS = 400;

  private Abbreviations() {}

  /// The abbreviations in the headings of a table, in reading order.
  public static List<String> in(Table table) {
    Set<String> found = new LinkedHashSet<>();
    table.down().dimensions().forEach(name -> look(name, false, found));
    look(table.across(), found);
    look(table.down(), found);
    return List.copyOf(found);
  }

  private static void look(Axis axis, Set<String> found) {
    for (int i = 0; i < Math.min(axis.leaves().size(), MOST_ROWS); i++) {
      Leaf leaf = axis.leaves().get(i);
      leaf.path().forEach(one -> look(one.label(), one.measure().isPresent(), found));
    }
  }

  private static void look(String label, boolean measure, Set<String> found) {
    if (measure && MEAN.matcher(label).find()) {
      found.add("M");
    }
    boolean shouting =
        label.chars().filter(Character::isLetter).count() > LONG
            && label.equals(label.toUpperCase(java.util.Locale.ROOT));
    Matcher matcher = SHORT.matcher(label);
    while (matcher.find() && !(shouting && label.contains(" "))) {
      found.add(matcher.group(1));
    }
  }

  /// What an abbreviation means, as the glossary says or as is usual.
  public static Optional<String> meaning(String abbreviation, Map<String, String> glossary) {
    return Optional.ofNullable(glossary.get(abbreviation))
        .or(() -> Optional.ofNullable(MEANINGS.get(abbreviation)));
  }

  /// The sentence that explains those whose meaning is known, as it is typed; empty if there is
  /// none.
  public static String sentence(Table table, Map<String, String> glossary) {
    Set<String> all = new LinkedHashSet<>(in(table));
    glossary.keySet().stream().filter(key -> stands(table, key)).forEach(all::add);
    List<String> said = new ArrayList<>();
    for (String one : all) {
      meaning(one, glossary).ifPresent(means -> said.add(typed(one) + " = " + means));
    }
    return said.isEmpty() ? "" : said.stream().collect(Collectors.joining("; ", "", "."));
  }

  private static String typed(String abbreviation) {
    return ITALIC.contains(abbreviation) ? "*" + abbreviation + "*" : abbreviation;
  }

  private static boolean stands(Table table, String word) {
    Pattern whole =
        Pattern.compile("(?<![\\p{L}\\p{N}])" + Pattern.quote(word) + "(?![\\p{L}\\p{N}])");
    return stands(table.across(), whole)
        || stands(table.down(), whole)
        || table.down().dimensions().stream().anyMatch(name -> whole.matcher(name).find());
  }

  private static boolean stands(Axis axis, Pattern whole) {
    return axis.leaves().stream()
        .limit(MOST_ROWS)
        .flatMap(leaf -> leaf.labels().stream())
        .anyMatch(label -> whole.matcher(label).find());
  }
}
