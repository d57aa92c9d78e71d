package app.finish.core.style;

import app.finish.core.number.NumberFormat;
import app.finish.core.style.Look.Align;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;

/// Resolves looks: goes through selectors from general to specific and, for each, through a style
/// and its bases; remembers where each property was set.
///
/// ```java
/// Look look = cascade.look(List.of(Selector.of(PartName.TABLE), Selector.of(PartName.TITLE)));
/// look.origin(Property.WEIGHT); // Marram house › title
/// ```
public final class Cascade {
  private static final Map<Property, String> UNSET = new EnumMap<>(Property.class);

  static {
    UNSET.putAll(
        Map.of(
            Property.FACE, "Arial",
            Property.SIZE, "10 pt",
            Property.WEIGHT, "regular",
            Property.SLANT, "upright",
            Property.INK, "ink",
            Property.FILL, "none",
            Property.ALIGN, "start",
            Property.LETTER_CASE, "as written",
            Property.LINE_HEIGHT, "1.2"));
    UNSET.putAll(
        Map.of(
            Property.PADDING_ABOVE, "2 pt",
            Property.PADDING_BELOW, "2 pt",
            Property.PADDING_SIDES, "4 pt",
            Property.INDENT, "10 pt",
            Property.RULE_ABOVE, "none",
            Property.RULE_BELOW, "none",
            Property.RULE_LEFT, "none",
            Property.RULE_RIGHT, "none"));
    UNSET.putAll(
        Map.of(
            Property.DECIMALS, "as written",
            Property.GROUPING, "comma",
            Property.DECIMAL_MARK, "point",
            Property.NEGATIVE, "minus",
            Property.MISSING, "",
            Property.ZERO_BEFORE_POINT, "yes",
            Property.UNIT_PLACE, "cell",
            Property.LEAD_IN, "",
            Property.STUB_FORM, "columns",
            Property.WIDTH, "content"));
    UNSET.put(Property.GAP, "4 pt");
  }

  private final List<HouseStyle> chain;
  private final Palette palette;
  private final Map<List<Selector>, Look> looks = new ConcurrentHashMap<>();

  Cascade(List<HouseStyle> chain) {
    this.chain = List.copyOf(chain);
    Palette all = Palette.PLAIN;
    for (HouseStyle style : chain.reversed()) {
      all = all.overlaidWith(style.palette());
    }
    this.palette = all;
  }

  /// The style that this cascade is of.
  public HouseStyle style() {
    return chain.getFirst();
  }

  /// The palette with the roles of the bases.
  public Palette palette() {
    return palette;
  }

  /// The look that the selectors make, from general to specific. Rules that are set on a family of
  /// parts or on the table are left out: they belong to its edge ([#edge]).
  public Look look(List<Selector> selectors) {
    return looks.computeIfAbsent(List.copyOf(selectors), this::resolve);
  }

  private Look resolve(List<Selector> selectors) {
    Map<Property, String> settings = new EnumMap<>(UNSET);
    Map<Property, Origin> origins = new EnumMap<>(Property.class);
    for (Selector selector : selectors) {
      for (HouseStyle style : chain.reversed()) {
        style
            .settings()
            .getOrDefault(selector, Map.of())
            .forEach(
                (property, setting) -> {
                  if (!(property.isRule() && isFamily(selector))) {
                    settings.put(property, relative(property, setting, settings.get(property)));
                    origins.put(property, new Origin(style.name(), selector));
                  }
                });
      }
    }
    return look(settings, origins);
  }

  private static boolean isFamily(Selector selector) {
    return selector instanceof Selector.OfPart of
        && switch (of.part()) {
          case TABLE, WORDS, HEADS, BODY, STUB, TOTALS -> true;
          default -> false;
        };
  }

  /// A relative size is a share of the size that it would inherit.
  private static String relative(Property property, String setting, String inherited) {
    if (property != Property.SIZE || !setting.endsWith("%")) {
      return setting;
    }
    double share = Double.parseDouble(setting.replace("%", "").strip()) / 100;
    double size = Math.round(points(inherited) * share * 100) / 100.0;
    return (size == Math.rint(size) ? "" + (long) size : "" + size) + " pt";
  }

  /// The rule that a style sets on the edge of the table, the heads or the body, and where it was
  /// set.
  public Optional<Map.Entry<RuleLine, Origin>> edge(PartName family, Property property) {
    Selector selector = Selector.of(family);
    for (HouseStyle style : chain) {
      String setting = style.settings().getOrDefault(selector, Map.of()).get(property);
      if (setting != null) {
        RuleLine rule = RuleLine.parse(setting);
        return rule.isDrawn()
            ? Optional.of(Map.entry(rule, new Origin(style.name(), selector)))
            : Optional.empty();
      }
    }
    return Optional.empty();
  }

  private Look look(Map<Property, String> settings, Map<Property, Origin> origins) {
    String fill = settings.get(Property.FILL);
    return new Look(
        Map.copyOf(settings),
        Map.copyOf(origins),
        settings.get(Property.FACE),
        points(settings.get(Property.SIZE)),
        settings.get(Property.WEIGHT).equals("bold"),
        settings.get(Property.SLANT).equals("italic"),
        palette.colour(settings.get(Property.INK)),
        fill.equals("none") ? Optional.empty() : Optional.of(palette.colour(fill)),
        Align.valueOf(settings.get(Property.ALIGN).toUpperCase(Locale.ROOT).replace(' ', '_')),
        Double.parseDouble(settings.get(Property.LINE_HEIGHT)),
        points(settings.get(Property.PADDING_ABOVE)),
        points(settings.get(Property.PADDING_BELOW)),
        points(settings.get(Property.PADDING_SIDES)),
        points(settings.get(Property.INDENT)),
        RuleLine.parse(settings.get(Property.RULE_ABOVE)),
        RuleLine.parse(settings.get(Property.RULE_BELOW)),
        RuleLine.parse(settings.get(Property.RULE_LEFT)),
        RuleLine.parse(settings.get(Property.RULE_RIGHT)),
        numbers(settings));
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
        NumberFormat.Negative.valueOf(settings.get(Property.NEGATIVE).toUpperCase(Locale.ROOT)),
        settings.get(Property.ZERO_BEFORE_POINT).equals("yes"),
        settings.get(Property.UNIT_PLACE).equals("cell"));
  }

  private static double points(String setting) {
    return Double.parseDouble(setting.replace("pt", "").strip());
  }
}
