package app.finish.core.arrange;

import app.finish.core.table.Held;
import app.finish.core.table.Leaf;
import app.finish.core.table.Measure;
import app.finish.core.table.Table;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// A title that is made from what its table holds, so that it follows every move: `{measures}`,
/// `{down}`, `{across}` and `{held}` stand for the names of those.
///
/// ```java
/// TitlePattern.of("{measures} by {down} and {across}", table); // "Fares by Route and Season"
/// ```
public final class TitlePattern {
  /// What a new title can be made of.
  public static final String USUAL = "{measures} by {down} and {across}";

  private static final int MOST_MEASURES = 4;

  private static final Pattern HOLE = Pattern.compile("\\{(measures|down|across|held)}");

  /// Connecting words that lead to nothing.
  private static final Pattern LOOSE = Pattern.compile("(?i)\\s+(by|and|of|in|at|for|,)\\s*$");

  private static final Pattern TWICE = Pattern.compile("(?i)\\b(by) (?:and|,) ");

  private TitlePattern() {}

  /// Whether a title is a pattern.
  public static boolean isPattern(String title) {
    return HOLE.matcher(title).find();
  }

  /// The title that a pattern makes of a table. What the table has not is left out, with the word
  /// that leads to it.
  public static String of(String pattern, Table table) {
    return of(pattern, table, UnaryOperator.identity());
  }

  /// The same with the names changed on their way.
  public static String of(String pattern, Table table, UnaryOperator<String> name) {
    if (!isPattern(pattern)) {
      return pattern;
    }
    Matcher hole = HOLE.matcher(pattern);
    StringBuilder title = new StringBuilder();
    while (hole.find()) {
      String said = name.apply(joined(names(hole.group(1), table)));
      hole.appendReplacement(title, Matcher.quoteReplacement(said));
      if (said.isEmpty()) {
        String before = LOOSE.matcher(title.toString().stripTrailing()).replaceAll("");
        title.setLength(0);
        title.append(before);
      }
    }
    hole.appendTail(title);
    String whole = title.toString().strip();
    whole = TWICE.matcher(whole).replaceAll("$1 ");
    return whole.startsWith("by ") ? whole.substring(3) : whole;
  }

  private static List<String> names(String what, Table table) {
    return switch (what) {
      case "measures" -> measures(table);
      case "down" -> given(table.down().dimensions());
      case "across" -> given(table.across().dimensions());
      default -> table.held().stream().map(Held::member).toList();
    };
  }

  private static List<String> given(List<String> names) {
    return names.stream().filter(name -> !name.isBlank()).toList();
  }

  /// The measures that the table shows, as its headings call them.
  private static List<String> measures(Table table) {
    Set<String> names = new LinkedHashSet<>();
    for (Leaf leaf : table.across().leaves()) {
      take(leaf, names);
    }
    for (int row = 0; row < Math.min(table.down().leaves().size(), 200); row++) {
      take(table.down().leaves().get(row), names);
    }
    if (names.isEmpty()) {
      table.measures().stream()
          .map(Measure::name)
          .filter(name -> !name.isEmpty())
          .limit(1)
          .forEach(names::add);
    }
    List<String> all = new ArrayList<>(names);
    return all.size() > MOST_MEASURES ? List.of() : all;
  }

  private static void take(Leaf leaf, Set<String> names) {
    leaf.path().stream()
        .filter(heading -> heading.measure().isPresent() && !heading.label().isBlank())
        .forEach(heading -> names.add(heading.label()));
  }

  private static String joined(List<String> names) {
    if (names.size() < 2) {
      return String.join("", names);
    }
    String last = names.getLast();
    return String.join(", ", names.subList(0, names.size() - 1))
        + (names.size() > 2 ? ", and " : " and ")
        + last;
  }
}
