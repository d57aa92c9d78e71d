package app.finish.core.check.apa;

import app.finish.core.check.Check;
import app.finish.core.check.Checked;
import app.finish.core.check.Finding;
import app.finish.core.check.Where;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;

/// Each table is called out by its number in the text of its manuscript, and the tables are
/// numbered in the order in which they are first called out.
///
/// ```java
/// new CalledOut().in("As Table 1 shows … (see Tables 2 and 3).", 3); // nothing to find
/// ```
public final class CalledOut implements Check {
  private static final String ONE = "(?:[A-Z]?\\d+(?:\\.\\d+)?)";
  private static final Pattern CALLOUT =
      Pattern.compile(
          "\\b(?:Tables?|Tabellen?|Tableaux?|Tabl?as?|Tabelle)\\s+("
              + ONE
              + "(?:\\s*(?:,?\\s*(?:and|und|et|to)|,|[-–])\\s*"
              + ONE
              + ")*)");
  private static final Pattern NUMBER = Pattern.compile("([-–]|to)?\\s*([A-Z]?)(\\d+)(\\.\\d+)?");
  private static final int MOST = 999;

  @Override
  public String id() {
    return "apa.callout";
  }

  @Override
  public String asks() {
    return "Each table is called out in the text, in the order of the numbers";
  }

  @Override
  public String why() {
    return "Publication Manual of the American Psychological Association, 7th edition, 7.5";
  }

  /// A table alone tells nothing of its manuscript.
  @Override
  public List<Finding> findings(Checked table) {
    return List.of();
  }

  /// What the text of a manuscript calls out, in the order of first mention.
  public static Set<String> mentioned(String text) {
    Set<String> mentioned = new LinkedHashSet<>();
    Matcher callout = CALLOUT.matcher(text);
    while (callout.find()) {
      Matcher number = NUMBER.matcher(callout.group(1));
      int last = 0;
      while (number.find()) {
        int next = number.group(3).length() > 3 ? 0 : Integer.parseInt(number.group(3));
        boolean chapter = number.group(4) != null;
        for (int between = last + 1;
            number.group(1) != null && !chapter && between < next;
            between++) {
          mentioned.add(number.group(2) + between);
        }
        if (next > 0 && next <= MOST) {
          mentioned.add(number.group(2) + next + (chapter ? number.group(4) : ""));
        }
        last = chapter ? 0 : next;
      }
    }
    return mentioned;
  }

  /// What does not hold of a manuscript with tables that are numbered from 1.
  ///
  /// @param text its text
  /// @param tables how many tables go with it
  public List<Finding> in(String text, int tables) {
    return in(text, IntStream.rangeClosed(1, tables).mapToObj(number -> "" + number).toList());
  }

  /// What does not hold of a manuscript.
  ///
  /// @param text its text
  /// @param numbers the numbers of the tables that go with it, in order
  public List<Finding> in(String text, List<String> numbers) {
    List<Finding> findings = new ArrayList<>();
    Set<String> mentioned = mentioned(text);
    for (String number : numbers) {
      if (!mentioned.contains(number)) {
        findings.add(
            at(
                number,
                "never called out",
                "(see Table " + number + ")",
                "The text never calls Table " + number + " out."));
      }
    }
    int before = -1;
    for (String number : mentioned) {
      int place = numbers.indexOf(number);
      if (place < 0) {
        findings.add(
            at(
                number,
                "Table " + number,
                "",
                "The text calls Table " + number + " out, and there is none."));
      } else if (place < before) {
        String earlier = numbers.get(before);
        findings.add(
            at(
                number,
                "after Table " + earlier,
                "before Table " + earlier,
                "The text calls Table " + number + " out only after Table " + earlier + "."));
      }
      before = Math.max(before, place);
    }
    return findings;
  }

  /// In which order a text calls tables out: their places among the numbers. Those that it never
  /// calls out come last.
  public static List<Integer> order(String text, List<String> numbers) {
    Set<Integer> order = new LinkedHashSet<>();
    mentioned(text).stream().map(numbers::indexOf).filter(at -> at >= 0).forEach(order::add);
    IntStream.range(0, numbers.size()).forEach(order::add);
    return List.copyOf(order);
  }

  private Finding at(String number, String is, String should, String sentence) {
    return new Finding(this, new Where.Part("Table " + number), is, should, sentence);
  }
}
