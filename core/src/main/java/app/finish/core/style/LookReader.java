package app.finish.core.style;

import app.finish.core.number.NumberFormat;
import app.finish.core.style.Look.Align;
import app.finish.core.style.Look.Underline;
import app.finish.core.style.Look.Vertical;
import app.finish.core.style.colour.Colour;
import app.finish.core.style.colour.Palette;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/// Reads a look from settings that have been checked.
public final class LookReader {
  private static final String THIN_SPACE = "\u202F";

  private LookReader() {}

  static Look look(Map<Property, String> settings, Map<Property, Origin> origins, Palette palette) {
    String rowHeight = setting(settings, Property.ROW_HEIGHT);
    return new Look(
        Map.copyOf(settings),
        Map.copyOf(origins),
        setting(settings, Property.FACE),
        Look.points(setting(settings, Property.SIZE)),
        setting(settings, Property.WEIGHT).equals("bold"),
        setting(settings, Property.SLANT).equals("italic"),
        Underline.valueOf(constant(setting(settings, Property.UNDERLINE))),
        ink(settings, palette),
        fill(settings, palette),
        Align.valueOf(constant(setting(settings, Property.ALIGN))),
        Vertical.valueOf(constant(setting(settings, Property.VERTICAL))),
        setting(settings, Property.LONG_TEXTS).equals("shorten"),
        Double.parseDouble(setting(settings, Property.LINE_HEIGHT)),
        Look.points(setting(settings, Property.PADDING_ABOVE)),
        Look.points(setting(settings, Property.PADDING_BELOW)),
        Look.points(setting(settings, Property.PADDING_SIDES)),
        Look.points(setting(settings, Property.INDENT)),
        rowHeight.equals("content") ? 0 : Look.points(rowHeight),
        RuleLine.parse(setting(settings, Property.RULE_ABOVE)),
        RuleLine.parse(setting(settings, Property.RULE_BELOW)),
        RuleLine.parse(setting(settings, Property.RULE_LEFT)),
        RuleLine.parse(setting(settings, Property.RULE_RIGHT)),
        RuleLine.parse(setting(settings, Property.RULE_BETWEEN_ROWS)),
        RuleLine.parse(setting(settings, Property.RULE_BETWEEN_COLUMNS)),
        numbers(settings),
        isMarked(settings));
  }

  private static String setting(Map<Property, String> settings, Property property) {
    return Objects.requireNonNull(settings.get(property), property::word);
  }

  private static boolean isMarked(Map<Property, String> settings) {
    return settings.entrySet().stream()
        .anyMatch(
            one ->
                one.getKey().chapter() == Property.Chapter.MARKS
                    && !one.getValue().equals(Unset.SETTINGS.get(one.getKey())));
  }

  static Optional<Colour> fill(Map<Property, String> settings, Palette palette) {
    String fill = setting(settings, Property.FILL);
    return fill.equals("none") ? Optional.empty() : Optional.of(palette.colour(fill));
  }

  static Colour ink(Map<Property, String> settings, Palette palette) {
    String ink = setting(settings, Property.INK);
    String fill = setting(settings, Property.FILL);
    boolean filled = !fill.equals("none");
    return ink.equals("readable") && filled
        ? palette.readableOn(palette.colour(fill))
        : palette.colour(ink.equals("readable") ? "ink" : ink);
  }

  private static String constant(String setting) {
    return setting.toUpperCase(Locale.ROOT).replace(' ', '_');
  }

  private static String grouping(String setting) {
    return switch (setting) {
      case "comma" -> ",";
      case "point" -> ".";
      case "space" -> THIN_SPACE;
      default -> "";
    };
  }

  /// Where one mark would stand for both, thousands are parted by the other.
  private static NumberFormat numbers(Map<Property, String> settings) {
    String decimals = setting(settings, Property.DECIMALS);
    String point = setting(settings, Property.DECIMAL_MARK).equals("comma") ? "," : ".";
    String grouping = grouping(setting(settings, Property.GROUPING));
    return new NumberFormat(
        decimals.equals("as written") ? -1 : Integer.parseInt(decimals),
        grouping.equals(point) ? point.equals(",") ? "." : "," : grouping,
        point,
        NumberFormat.Negative.valueOf(constant(setting(settings, Property.NEGATIVE))),
        setting(settings, Property.ZERO_BEFORE_POINT).equals("yes"),
        setting(settings, Property.UNIT_PLACE).equals("cell"),
        NumberFormat.Large.valueOf(constant(setting(settings, Property.LARGE_NUMBERS))),
        setting(settings, Property.CURRENCY).equals("after"),
        setting(settings, Property.PERCENT).equals("spaced"));
  }
}
