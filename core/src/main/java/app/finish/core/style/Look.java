package app.finish.core.style;

import app.finish.core.number.NumberFormat;
import app.finish.core.style.colour.Colour;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/// How one cell looks: every property resolved, each with its origin.
///
/// @param settings the resolved settings, sizes in points
/// @param origins where each was set; a property that no style sets has none
/// @param face the face's name
/// @param size points
/// @param bold whether it is bold
/// @param italic whether it is italic
/// @param underline the line under the text
/// @param ink the colour of the text
/// @param fill the colour behind it, if any
/// @param align how the text stands in its cell
/// @param vertical where the text stands in a cell that is higher
/// @param shortened whether a text that is too long is shortened, not broken
/// @param lineHeight distance of lines as a multiple of the size
/// @param above points of space above
/// @param below points of space below
/// @param sides points of space at either side
/// @param indent points of indent for each level
/// @param rowHeight the least height of its row in points; 0 for as high as its texts
/// @param ruleAbove the line above
/// @param ruleBelow the line below
/// @param ruleLeft the line to the left
/// @param ruleRight the line to the right
/// @param betweenRows the line between rows that look so
/// @param betweenColumns the line between columns that look so
/// @param numbers how numbers are written; decimals −1 for as many as the measure was written with
/// @param marked whether anything stands or is drawn beside a figure or in its stead
public record Look(
    Map<Property, String> settings,
    Map<Property, Origin> origins,
    String face,
    double size,
    boolean bold,
    boolean italic,
    Underline underline,
    Colour ink,
    Optional<Colour> fill,
    Align align,
    Vertical vertical,
    boolean shortened,
    double lineHeight,
    double above,
    double below,
    double sides,
    double indent,
    double rowHeight,
    RuleLine ruleAbove,
    RuleLine ruleBelow,
    RuleLine ruleLeft,
    RuleLine ruleRight,
    RuleLine betweenRows,
    RuleLine betweenColumns,
    NumberFormat numbers,
    boolean marked) {

  /// How text stands in its cell.
  public enum Align {
    /// At the start of the line.
    START,
    /// In the middle.
    CENTRE,
    /// At the end of the line.
    END,
    /// On the decimal mark, the column's figures at the end.
    DECIMAL,
    /// On the decimal mark, the column's figures in the middle.
    DECIMAL_CENTRE
  }

  /// Where a text stands in a cell that is higher.
  public enum Vertical {
    /// Heads and figures at the foot, headings of several rows at the top.
    AS_USUAL,
    /// At the top.
    TOP,
    /// In the middle.
    MIDDLE,
    /// At the foot.
    BOTTOM
  }

  /// Lines under a text.
  public enum Underline {
    /// No line.
    NONE,
    /// One line.
    SINGLE,
    /// Two lines.
    DOUBLE
  }

  /// The same look with so much more space above and below.
  public Look withMoreSpace(double moreAbove, double moreBelow) {
    return with(above + moreAbove, below + moreBelow, ruleAbove, ruleBelow, ruleLeft, ruleRight);
  }

  /// The same look with other rules on its sides.
  public Look withRules(RuleLine toAbove, RuleLine toBelow, RuleLine toLeft, RuleLine toRight) {
    return with(above, below, toAbove, toBelow, toLeft, toRight);
  }

  private Look with(
      double spaceAbove,
      double spaceBelow,
      RuleLine toAbove,
      RuleLine toBelow,
      RuleLine toLeft,
      RuleLine toRight) {
    return new Look(
        settings,
        origins,
        face,
        size,
        bold,
        italic,
        underline,
        ink,
        fill,
        align,
        vertical,
        shortened,
        lineHeight,
        spaceAbove,
        spaceBelow,
        sides,
        indent,
        rowHeight,
        toAbove,
        toBelow,
        toLeft,
        toRight,
        betweenRows,
        betweenColumns,
        numbers,
        marked);
  }

  /// The same look in another ink, and before another colour or none.
  Look withColours(Colour otherInk, Optional<Colour> otherFill) {
    return new Look(
        settings,
        origins,
        face,
        size,
        bold,
        italic,
        underline,
        otherInk,
        otherFill,
        align,
        vertical,
        shortened,
        lineHeight,
        above,
        below,
        sides,
        indent,
        rowHeight,
        ruleAbove,
        ruleBelow,
        ruleLeft,
        ruleRight,
        betweenRows,
        betweenColumns,
        numbers,
        marked);
  }

  /// The setting of a property.
  public String setting(Property property) {
    return Objects.requireNonNull(settings.get(property), property::word);
  }

  /// Where a property was set, if a style sets it.
  public Optional<Origin> origin(Property property) {
    return Optional.ofNullable(origins.get(property));
  }

  /// The points that a setting writes; 0 for one that is not written in points.
  public double points(Property property) {
    String setting = setting(property);
    return setting.endsWith("pt") ? points(setting) : 0;
  }

  /// The distance from one line to the next, in points.
  public double leading() {
    return size * lineHeight;
  }

  /// How many points a setting writes.
  static double points(String setting) {
    return Double.parseDouble(setting.replace("pt", "").strip());
  }
}
