package app.finish.core.style;

import app.finish.core.problem.Refusal;
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
/// @param gap points that it leaves free at either end; −1 for the space at the sides of its cell
///   where it is spanned, and none elsewhere
/// @param stays whether it is drawn in the place of its row where a group has no such row
public record RuleLine(
    double weight, String ink, Kind kind, Reach reach, double gap, boolean stays) {
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
    SPANNED,
    /// Under or over the columns of figures only, not the stub.
    FIGURES
  }

  /// A rule without a gap of its own, which goes with its row.
  public RuleLine(double weight, String ink, Kind kind, Reach reach) {
    this(weight, ink, kind, reach, -1, false);
  }

  /// No line.
  public static final RuleLine NONE = new RuleLine(0, "ink", Kind.SINGLE, Reach.FULL);

  /// The rule that a setting writes.
  ///
  /// @throws app.finish.core.problem.Refusal if the text has another form
  public static RuleLine parse(String setting) {
    if (setting.equals("none")) {
      return NONE;
    }
    if (!Property.RULE_ABOVE.accepts(setting)) {
      throw new Refusal(
          "A rule is written like “1 pt ink” or “0.5 pt accent dotted spanned”, not “"
              + setting
              + "”.");
    }
    String[] words = setting.replaceAll("([0-9]) ?pt\\b", "$1").split(" ");
    StringBuilder ink = new StringBuilder(words[1]);
    Kind kind = Kind.SINGLE;
    Reach reach = Reach.FULL;
    double gap = -1;
    boolean stays = false;
    for (int i = 2; i < words.length; i++) {
      String word = words[i].toUpperCase(Locale.ROOT);
      switch (word) {
        case "SINGLE", "DOUBLE", "DOTTED" -> kind = Kind.valueOf(word);
        case "GAP" -> gap = Double.parseDouble(words[++i]);
        case "STAYS" -> stays = true;
        case "FULL", "SPANNED", "FIGURES" -> reach = Reach.valueOf(word);
        default -> ink.append(' ').append(words[i]);
      }
    }
    return new RuleLine(Double.parseDouble(words[0]), ink.toString(), kind, reach, gap, stays);
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
    return plain(weight)
        + " pt "
        + ink
        + (kind == Kind.SINGLE ? "" : " " + kind.name().toLowerCase(Locale.ROOT))
        + (reach == Reach.FULL ? "" : " " + reach.name().toLowerCase(Locale.ROOT))
        + (gap < 0 ? "" : " gap " + plain(gap) + " pt")
        + (stays ? " stays" : "");
  }

  private static String plain(double points) {
    return points == Math.rint(points) ? "" + (int) points : "" + points;
  }
}
