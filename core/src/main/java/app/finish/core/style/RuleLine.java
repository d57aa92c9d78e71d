package app.finish.core.style;

import java.util.Locale;

/// A drawn line.
///
/// ```java
/// RuleLine.parse("0.5 pt accent spanned");
/// ```
///
/// @param weight points; 0 for no line
/// @param ink a role of the palette or a tint of one
/// @param kind how it is drawn
/// @param reach how far it goes
public record RuleLine(double weight, String ink, Kind kind, Reach reach) {
  /// How a rule is drawn.
  public enum Kind {
    /// One line.
    SINGLE,
    /// Two lines.
    DOUBLE,
    /// Dots.
    DOTTED
  }

  /// How far a rule goes.
  public enum Reach {
    /// The whole width of its cells.
    FULL,
    /// Under the columns that a spanner spans, with a gap to its neighbours.
    SPANNED
  }

  /// No line.
  public static final RuleLine NONE = new RuleLine(0, "ink", Kind.SINGLE, Reach.FULL);

  /// The rule that a setting writes.
  ///
  /// @throws IllegalArgumentException if the text has another form
  public static RuleLine parse(String setting) {
    if (setting.equals("none")) {
      return NONE;
    }
    if (!Property.RULE_ABOVE.accepts(setting)) {
      throw new IllegalArgumentException(
          "A rule is written like “1 pt ink” or “0.5 pt accent dotted spanned”, not “"
              + setting
              + "”.");
    }
    String[] words = setting.replaceFirst("([0-9]) ?pt ", "$1 ").split(" ");
    StringBuilder ink = new StringBuilder(words[1]);
    Kind kind = Kind.SINGLE;
    Reach reach = Reach.FULL;
    for (int i = 2; i < words.length; i++) {
      String word = words[i].toUpperCase(Locale.ROOT);
      switch (word) {
        case "SINGLE", "DOUBLE", "DOTTED" -> kind = Kind.valueOf(word);
        case "FULL", "SPANNED" -> reach = Reach.valueOf(word);
        default -> ink.append(' ').append(words[i]);
      }
    }
    return new RuleLine(Double.parseDouble(words[0]), ink.toString(), kind, reach);
  }

  /// Whether there is a line.
  public boolean isDrawn() {
    return weight > 0;
  }

  /// The heavier of two rules that fall on one place.
  public RuleLine orHeavier(RuleLine other) {
    return other.weight > weight ? other : this;
  }

  @Override
  public String toString() {
    if (!isDrawn()) {
      return "none";
    }
    String points = weight == Math.rint(weight) ? "" + (int) weight : "" + weight;
    return points
        + " pt "
        + ink
        + (kind == Kind.SINGLE ? "" : " " + kind.name().toLowerCase(Locale.ROOT))
        + (reach == Reach.FULL ? "" : " " + reach.name().toLowerCase(Locale.ROOT));
  }
}
