package app.finish.core.style;

import app.finish.core.style.colour.NightInks;
import app.finish.core.style.colour.Palette;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/// Resolves looks. Settings lie in storeys ([#storeys]): what a language asks for; a style and its
/// bases, where the more specific selector outweighs whichever style sets it; over them each layer,
/// such as a highlight; and on top the touches of the table. Remembers where each property was set.
///
/// ```java
/// Look look = cascade.look(List.of(Selector.of(PartName.TABLE), Selector.of(PartName.TITLE)));
/// look.origin(Property.WEIGHT); // Marram house › title
/// ```
public final class Cascade {
  private static final Set<Property> TINTS =
      EnumSet.of(
          Property.INK,
          Property.FILL,
          Property.EVERY,
          Property.TOGETHER,
          Property.FROM,
          Property.COUNTED,
          Property.OVER);

  private static final int LOOKS_KEPT = 20_000;

  private final List<HouseStyle> chain;
  private final List<Layer> ground;
  private final List<Layer> layers;
  private final Touches touches;
  private final Palette palette;
  private final Set<Selector> known = new HashSet<>();
  private final List<Selector.OfBoth> pairs = new ArrayList<>();
  private final Map<List<Selector>, Look> looks = new ConcurrentHashMap<>();
  private final Map<Layer, Cascade> over = new ConcurrentHashMap<>();
  private final Map<Layer, Cascade> below = new ConcurrentHashMap<>();
  private final Map<Look, Look> shared = new ConcurrentHashMap<>();
  private final boolean lines;

  Cascade(List<HouseStyle> chain, Touches touches, Palette over) {
    this(chain, List.of(), List.of(), touches, over);
  }

  private Cascade(
      List<HouseStyle> chain,
      List<Layer> ground,
      List<Layer> layers,
      Touches touches,
      Palette over) {
    this.chain = List.copyOf(chain);
    this.ground = List.copyOf(ground);
    this.layers = List.copyOf(layers);
    this.touches = touches;
    Palette all = Palette.PLAIN;
    for (HouseStyle style : chain.reversed()) {
      all = all.overlaidWith(style.palette());
    }
    this.palette = all.overlaidWith(over);
    for (List<Layer> storey : storeys()) {
      storey.forEach(layer -> know(layer.selectors()));
    }
    this.lines = storeys().stream().flatMap(List::stream).anyMatch(Cascade::setsLines);
  }

  /// What lies over what, from the ground up. Within a storey the more specific selector outweighs
  /// the layer.
  private List<List<Layer>> storeys() {
    List<List<Layer>> storeys = new ArrayList<>();
    ground.forEach(layer -> storeys.add(List.of(layer)));
    storeys.add(List.copyOf(chain.reversed()));
    layers.forEach(layer -> storeys.add(List.of(layer)));
    storeys.add(List.of(touches));
    return storeys;
  }

  /// The same cascade with a layer over the style and the layers that lie there, below the touches.
  public Cascade with(Layer layer) {
    return over.computeIfAbsent(layer, this::under);
  }

  /// The same cascade with a layer below the style, for what the style leaves open.
  public Cascade on(Layer layer) {
    return below.computeIfAbsent(layer, this::grounded);
  }

  private Cascade grounded(Layer layer) {
    List<Layer> more = new ArrayList<>(List.of(layer));
    more.addAll(ground);
    return new Cascade(chain, more, layers, touches, palette);
  }

  private Cascade under(Layer layer) {
    List<Layer> more = new ArrayList<>(layers);
    more.add(layer);
    return new Cascade(chain, ground, more, touches, palette);
  }

  private void know(Set<Selector> selectors) {
    for (Selector selector : selectors) {
      boolean fresh = known.add(selector);
      if (fresh && selector instanceof Selector.OfBoth both) {
        pairs.add(both);
      }
    }
  }

  /// The same cascade with touches of one table over it.
  public Cascade touched(Touches others) {
    return others.equals(touches) ? this : new Cascade(chain, ground, layers, others, palette);
  }

  /// The same cascade in other inks.
  public Cascade inked(Palette other) {
    return other.roles().isEmpty()
        ? this
        : new Cascade(chain, ground, layers, touches, palette.overlaidWith(other));
  }

  /// The same cascade as it is on a screen: styles for dark screens have other inks there.
  public Cascade onScreen() {
    return inked(screen());
  }

  private Palette screen() {
    Palette screen = Palette.NONE;
    for (HouseStyle style : chain.reversed()) {
      screen = screen.overlaidWith(style.screen());
    }
    return screen;
  }

  /// The inks for a dark page: those for screens, where they are dark; else those for print with
  /// light and dark turned round.
  public Palette nightInks() {
    Palette onScreen = palette.overlaidWith(screen());
    return NightInks.isDark(onScreen) ? onScreen : NightInks.of(palette);
  }

  /// The style that this cascade is of.
  public HouseStyle style() {
    return chain.getFirst();
  }

  /// The style and those that it is based on, itself first.
  public List<HouseStyle> chain() {
    return chain;
  }

  /// The touches that lie over the style.
  public Touches touches() {
    return touches;
  }

  /// The palette with the roles of the bases.
  public Palette palette() {
    return palette;
  }

  /// Whether the style, one of its bases or a touch sets anything for this.
  public boolean knows(Selector selector) {
    return known.contains(selector);
  }

  /// All for which the style, one of its bases or a touch sets anything.
  public Set<Selector> known() {
    return Set.copyOf(known);
  }

  /// Whether the style, one of its bases or a touch sets anything for this but inks, fills and
  /// rules: then texts may be set wider or higher by it.
  public boolean changesTextsBy(Selector selector) {
    return storeys().stream()
        .flatMap(List::stream)
        .flatMap(layer -> layer.of(selector).keySet().stream())
        .anyMatch(property -> !(property.isRule() || TINTS.contains(property)));
  }

  /// The look that the selectors make, from general to specific. Rules that are set on a family of
  /// parts or on the table are left out: they belong to its edge ([#edge]). Looks that are equal
  /// are one object.
  public Look look(List<Selector> selectors) {
    List<Selector> relevant = new ArrayList<>(selectors.size());
    for (Selector selector : selectors) {
      if (known.contains(selector) || selector instanceof Selector.OfHighlight) {
        relevant.add(selector);
      }
    }
    for (Selector.OfBoth both : pairs) {
      if (selectors.contains(both.part()) && selectors.contains(both.of())) {
        relevant.add(both);
      }
    }
    Look look = looks.get(relevant);
    if (looks.size() > LOOKS_KEPT) {
      looks.clear();
      shared.clear();
    }
    return look != null ? look : looks.computeIfAbsent(List.copyOf(relevant), this::resolve);
  }

  /// How many looks differ so far.
  public int looks() {
    return shared.size();
  }

  private Look resolve(List<Selector> selectors) {
    Map<Property, String> settings = new EnumMap<>(Unset.SETTINGS);
    Map<Property, Origin> origins = new EnumMap<>(Property.class);
    for (List<Layer> storey : storeys()) {
      for (Selector selector : selectors) {
        for (Layer layer : storey) {
          lay(layer.of(selector), new Origin(layer.name(), selector), settings, origins);
        }
      }
    }
    Look look = LookReader.look(settings, origins, palette);
    return shared.computeIfAbsent(look, own -> own);
  }

  private static void lay(
      Map<Property, String> over,
      Origin origin,
      Map<Property, String> settings,
      Map<Property, Origin> origins) {
    over.forEach(
        (property, setting) -> {
          if (!isEdge(origin.selector(), property)) {
            settings.put(
                property, relative(property, setting, settings.getOrDefault(property, setting)));
            origins.put(property, origin);
          }
        });
  }

  /// Whether a rule that is set for this belongs to the edge of all cells that it is set for
  /// together, not to each of them: it frames a family of parts, and stands at the ends of a row or
  /// a column.
  public static boolean isEdge(Selector selector, Property property) {
    boolean endsRow = property == Property.RULE_LEFT || property == Property.RULE_RIGHT;
    return property.isSide()
        && switch (selector) {
          case Selector.OfPart(PartName part, int level) ->
              switch (part) {
                case TABLE, HEADS, BODY, STUB -> level == 0;
                case SUBTOTAL_ROW, GRAND_TOTAL_ROW, GROUP_ROW -> endsRow;
                case SUBTOTAL_COLUMN, GRAND_TOTAL_COLUMN -> !endsRow;
                case TOTALS -> true;
                default -> false;
              };
          case Selector.OfPlace place -> place.line();
          case Selector.OfKind _, Selector.OfMeasure _ -> true;
          case Selector.AlternateColumns _ -> !endsRow;
          case Selector.Alternate _ -> endsRow;
          case Selector.OfBoth _, Selector.OfHighlight _ -> false;
        };
  }

  /// Whether anything sets a rule that belongs to an edge, or lines between rows or columns.
  public boolean hasLines() {
    return lines;
  }

  private static boolean setsLines(Layer layer) {
    for (Selector selector : layer.selectors()) {
      for (Property property : layer.of(selector).keySet()) {
        boolean between = property.isRule() && !property.isSide();
        if (between || isEdge(selector, property) && !isBand(selector, property)) {
          return true;
        }
      }
    }
    return false;
  }

  /// Whether a rule is drawn above or below the whole table, the heads or the body, for which rows
  /// have edges.
  private static boolean isBand(Selector selector, Property property) {
    return (property == Property.RULE_ABOVE || property == Property.RULE_BELOW)
        && selector instanceof Selector.OfPart(PartName part, int _)
        && (part == PartName.TABLE || part == PartName.HEADS || part == PartName.BODY);
  }

  /// A relative size is a share of the size that it would inherit.
  private static String relative(Property property, String setting, String inherited) {
    if (property != Property.SIZE || !setting.endsWith("%")) {
      return setting;
    }
    double share = Double.parseDouble(setting.replace("%", "").strip()) / 100;
    double size = Math.round(Look.points(inherited) * share * 100) / 100.0;
    return (size == Math.rint(size) ? "" + (long) size : "" + size) + " pt";
  }

  /// The rule that a touch or a style sets on the edge of what a selector is for, and where it was
  /// set.
  public Optional<Map.Entry<RuleLine, Origin>> edge(Selector selector, Property property) {
    for (List<Layer> storey : storeys().reversed()) {
      for (Layer layer : storey.reversed()) {
        String setting = layer.of(selector).get(property);
        if (setting != null) {
          return Optional.of(RuleLine.parse(setting))
              .filter(RuleLine::isDrawn)
              .map(rule -> Map.entry(rule, new Origin(layer.name(), selector)));
        }
      }
    }
    return Optional.empty();
  }
}
