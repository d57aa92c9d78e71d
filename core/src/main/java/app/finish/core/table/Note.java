package app.finish.core.table;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// A note below a table.
///
/// ```java
/// Note.general("Cost recovery is fares divided by cost.");
/// new Note("a", "Samphire was laid up in winter."); // a note on the cells that bear an a
/// ```
///
/// @param mark what ties it to cells: a letter, stars, a dagger; empty for a note on the whole
///   table
/// @param text what it says, without its mark
/// @param swatches what is drawn before it: a box or a sign and an ink each, such as `box bad 12%`
public record Note(String mark, String text, List<String> swatches) {
  private static final Pattern STARS = Pattern.compile("(?s)\\s*([*†‡+]+)\\s*(.*)");

  private static final Pattern LEVEL = Pattern.compile("^\\s*[pP]\\s*[<≤=>]");

  /// Copies the swatches.
  public Note {
    swatches = List.copyOf(swatches);
  }

  /// A note of words alone.
  public Note(String mark, String text) {
    this(mark, text, List.of());
  }

  /// A note on the whole table.
  public static Note general(String text) {
    return new Note("", text);
  }

  /// Whether it is on the whole table.
  public boolean isGeneral() {
    return mark.isEmpty();
  }

  /// A note on levels of probability: "*p < .05. **p < .01." The star that it begins with is its
  /// mark.
  public static Note probability(String text) {
    Matcher matcher = STARS.matcher(text);
    return matcher.matches()
        ? new Note(matcher.group(1), matcher.group(2))
        : new Note("*", text.strip());
  }

  /// Whether it is on levels of probability.
  public boolean isProbability() {
    return !isGeneral() && LEVEL.matcher(text).find();
  }

  /// Whether it is on single places, which bear its mark.
  public boolean isSpecific() {
    return !isGeneral() && !isProbability();
  }

  /// The same note under another mark.
  public Note marked(String other) {
    return new Note(other, text, swatches);
  }

  /// The same note in other words.
  public Note saying(String other) {
    return new Note(mark, other, swatches);
  }

  /// Whether a cell's mark, such as "b,c" or "**", calls for this note. A note on levels of
  /// probability, "*p < .05. **p < .01.", is called for by all the marks that it explains.
  public boolean explains(String cellMark) {
    if (isGeneral()) {
      return false;
    }
    for (String one : Marks.single(cellMark)) {
      boolean within = text.matches("(?s).*[\\s,;.]" + Pattern.quote(one) + "\\s*p\\b.*");
      if (one.equals(mark) || within) {
        return true;
      }
    }
    return false;
  }

  @Override
  public String toString() {
    return isGeneral()
        ? text
        : Character.isLetterOrDigit(mark.charAt(0)) ? mark + ". " + text : mark + text;
  }
}
