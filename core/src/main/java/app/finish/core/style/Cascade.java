package app.finish.core.style;

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

/// Resolves looks. Settings lie in storeys ([#storeys]): a style and its bases, where the more
/// specific selector outweighs whichever style sets it; over them each layer, such as a highlight;
/// and on top the touches of the table. Remembers where each property was set.
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
          Property.FROM,
          Property.COUNTED,
          Property.OVER);

  private static final int LOOKS_KEPT = 20_000;

  private final List<HouseStyle> chain;
  private final List<Layer> layers;
  private final Touches touches;
  private final Palette palette;
  private final Set<Selector> known = new HashSet<>();
  private final List<Selector.OfBoth> pairs = new ArrayList<>();
  private final Map<List<Selector>, Look> looks = new ConcurrentHashMap<>();
  private final Map<Layer, Cascade> over = new ConcurrentHashMap<>();
  private final Map<Look, Look> shared = new ConcurrentHashMap<>();

  Cascade(List<HouseStyle> chain, Touches touches, Palette over) {
    this(chain, List.of(), touches, over);
  }

  private Cascade(List<HouseStyle> chain, List<Layer> layers, Touches touches, Palette over) {
    this.chain = List.copyOf(chain);
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
  }

  /// What lies over what, from the ground up. Within a storey the more specific selector outweighs
  /// the layer.
  private List<List<Layer>> storeys() {
    List<List<Layer>> storeys = new ArrayList<>();
    storeys.add(List.copyOf(chain.reversed()));
    layers.forEach(layer -> storeys.add(List.of(layer)));
    storeys.add(List.of(touches));
    return storeys;
  }

  /// The same cascade with a layer over the style and the layers that lie there, below the touches.
  public Cascade with(Layer layer) {
    return over.computeIfAbsent(layer, this::under);
  }

  private Cascade under(Layer layer) {
    List<Layer> more = new ArrayList<>(layers);
    more.add(layer);
    return new Cascade(chain, more, touches, palette);
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
    return others.equals(touches) ? this : new Cascade(chain, layers, others, palette);
  }

  /// The same cascade in other inks.
  public Cascade inked(Palette other) {
    return other.roles().isEmpty()
        ? this
        : new Cascade(chain, layers, touches, palette.overlaidWith(other));
  }

  /// The same cascade as it is on a screen: styles for dark screens have other inks there.
  public Cascade onScreen() {
    Palette screen = Palette.NONE;
    for (HouseStyle style : chain.reversed()) {
      screen = screen.overlaidWith(style.screen());
    }
    return inked(screen);
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
          if (!(property.isRule() && isFamily(origin.selector()))) {
            settings.put(
                property, relative(property, setting, settings.getOrDefault(property, setting)));
            origins.put(property, origin);
          }
        });
  }

  /// Whether rules that are set for this belong to the edge of a family of parts, not to each cell.
  public static boolean isFamily(Selector selector) {
    return selector instanceof Selector.OfPart of
        && of.level() == 0
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
    double size = Math.round(Look.points(inherited) * share * 100) / 100.0;
    return (size == Math.rint(size) ? "" + (long) size : "" + size) + " pt";
  }

  /// The rule that a touch or a style sets on the edge of the table, the heads or the body, and
  /// where it was set.
  public Optional<Map.Entry<RuleLine, Origin>> edge(PartName family, Property property) {
    Selector selector = Selector.of(family);
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
