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

/// Each table is called out by its number in the text of its manuscript, and the tables are
/// numbered in the order in which they are first called out.
///
/// ```java
/// new CalledOut().in("As Table 1 shows … (see Tables 2 and 3).", 3); // nothing to find
/// ```
public final class CalledOut implements Check {
  private static final Pattern CALLOUT =
      Pattern.compile(
          "\\b(?:Tables?|Tabellen?|Tableaux?|Tabl?as?|Tabelle)\\s+(\\d+(?:\\s*(?:,?\\s*(?:and|und|et|to)|,|[-–])\\s*\\d+)*)");
  private static final Pattern NUMBER = Pattern.compile("([-–]|to)?\\s*(\\d+)");
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
  static Set<Integer> mentioned(String text) {
    Set<Integer> mentioned = new LinkedHashSet<>();
    Matcher callout = CALLOUT.matcher(text);
    while (callout.find()) {
      Matcher number = NUMBER.matcher(callout.group(1));
      int last = 0;
      while (number.find()) {
        int next = number.group(2).length() > 3 ? 0 : Integer.parseInt(number.group(2));
        for (int between = last + 1; number.group(1) != null && between < next; between++) {
          mentioned.add(between);
        }
        if (next > 0 && next <= MOST) {
          mentioned.add(next);
        }
        last = next;
      }
    }
    return mentioned;
  }

  /// What does not hold of a manuscript.
  ///
  /// @param text its text
  /// @param tables how many tables go with it, numbered from 1
  public List<Finding> in(String text, int tables) {
    List<Finding> findings = new ArrayList<>();
    Set<Integer> mentioned = mentioned(text);
    for (int number = 1; number <= tables; number++) {
      if (!mentioned.contains(number)) {
        findings.add(
            at(
                number,
                "never called out",
                "(see Table " + number + ")",
                "The text never calls Table " + number + " out."));
      }
    }
    int before = 0;
    for (int number : mentioned) {
      if (number > tables) {
        findings.add(
            at(
                number,
                "Table " + number,
                "",
                "The text calls Table " + number + " out, and there is none."));
      } else if (number < before) {
        findings.add(
            at(
                number,
                "after Table " + before,
                "before Table " + before,
                "The text calls Table " + number + " out only after Table " + before + "."));
      }
      before = Math.max(before, number);
    }
    return findings;
  }

  private Finding at(int number, String is, String should, String sentence) {
    return new Finding(this, new Where.Part("Table " + number), is, should, sentence);
  }
}
