package app.finish.core.style;

import app.finish.core.number.NumberFormat;
import app.finish.core.style.Look.Align;
import app.finish.core.style.Look.Underline;
import app.finish.core.style.Look.Vertical;
import app.finish.core.style.colour.Palette;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/// Reads a look from settings that have been checked.
public final class LookReader {
  private LookReader() {}

  static Look look(Map<Property, String> settings, Map<Property, Origin> origins, Palette palette) {
    String fill = settings.get(Property.FILL);
    String rowHeight = settings.get(Property.ROW_HEIGHT);
    return new Look(
        Map.copyOf(settings),
        Map.copyOf(origins),
        settings.get(Property.FACE),
        points(settings.get(Property.SIZE)),
        settings.get(Property.WEIGHT).equals("bold"),
        settings.get(Property.SLANT).equals("italic"),
        Underline.valueOf(constant(settings.get(Property.UNDERLINE))),
        palette.colour(settings.get(Property.INK)),
        fill.equals("none") ? Optional.empty() : Optional.of(palette.colour(fill)),
        Align.valueOf(constant(settings.get(Property.ALIGN))),
        Vertical.valueOf(constant(settings.get(Property.VERTICAL))),
        settings.get(Property.LONG_TEXTS).equals("shorten"),
        Double.parseDouble(settings.get(Property.LINE_HEIGHT)),
        points(settings.get(Property.PADDING_ABOVE)),
        points(settings.get(Property.PADDING_BELOW)),
        points(settings.get(Property.PADDING_SIDES)),
        points(settings.get(Property.INDENT)),
        rowHeight.equals("content") ? 0 : points(rowHeight),
        RuleLine.parse(settings.get(Property.RULE_ABOVE)),
        RuleLine.parse(settings.get(Property.RULE_BELOW)),
        RuleLine.parse(settings.get(Property.RULE_LEFT)),
        RuleLine.parse(settings.get(Property.RULE_RIGHT)),
        numbers(settings));
  }

  private static String constant(String setting) {
    return setting.toUpperCase(Locale.ROOT).replace(' ', '_');
  }

  private static NumberFormat numbers(Map<Property, String> settings) {
    String decimals = settings.get(Property.DECIMALS);
    return new NumberFormat(
        decimals.equals("as written") ? -1 : Integer.parseInt(decimals),
        switch (settings.get(Property.GROUPING)) {
          case "comma" -> ",";
          case "point" -> ".";
          case "space" -> "\u202F";
          default -> "";
        },
        settings.get(Property.DECIMAL_MARK).equals("comma") ? "," : ".",
        NumberFormat.Negative.valueOf(constant(settings.get(Property.NEGATIVE))),
        settings.get(Property.ZERO_BEFORE_POINT).equals("yes"),
        settings.get(Property.UNIT_PLACE).equals("cell"),
        NumberFormat.Large.valueOf(constant(settings.get(Property.LARGE_NUMBERS))),
        settings.get(Property.CURRENCY).equals("after"),
        settings.get(Property.PERCENT).equals("spaced"));
  }

  static double points(String setting) {
    return Double.parseDouble(setting.replace("pt", "").strip());
  }
}
