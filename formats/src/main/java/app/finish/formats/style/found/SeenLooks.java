package app.finish.formats.style.found;

import app.finish.core.style.HouseStyle;
import app.finish.core.style.PaletteMaker;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import app.finish.core.style.colour.Colour;
import app.finish.core.style.colour.Light;
import app.finish.core.style.colour.Palette;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/// Makes a style of cells whose parts are known: of each property the setting that most cells of a
/// part have; what a part has in common with the body is set for the table.
public final class SeenLooks {
  private static final Selector TABLE = Selector.of(PartName.TABLE);
  private static final Selector BODY = Selector.of(PartName.BODY);

  private final Map<Selector, List<SeenCell>> cells;
  private final Map<Colour, String> roles = new LinkedHashMap<>();
  private Palette palette = Palette.NONE;

  SeenLooks(Map<Selector, List<SeenCell>> cells) {
    this.cells = cells;
  }

  HouseStyle style(String name) {
    Map<Selector, Map<Property, String>> found = new LinkedHashMap<>();
    nameColours();
    Map<Property, String> table = settings(cells.getOrDefault(BODY, List.of()), true);
    found.put(TABLE, table);
    cells.forEach(
        (selector, some) -> {
          Map<Property, String> own = settings(some, false);
          own.entrySet().removeIf(one -> one.getValue().equals(table.get(one.getKey())));
          if (selector.equals(BODY)) {
            own.remove(Property.FILL);
          }
          found.put(selector, own);
        });
    Map<Property, String> alternate = found.getOrDefault(new Selector.Alternate(), Map.of());
    String banding = alternate.getOrDefault(Property.FILL, "none");
    found.remove(new Selector.Alternate());
    if (!banding.equals("none")) {
      found.put(new Selector.Alternate(), Map.of(Property.FILL, banding));
    }
    found.values().removeIf(Map::isEmpty);
    HouseStyle style = HouseStyle.blank(name).basedOn("Plain").withPalette(palette);
    for (Map.Entry<Selector, Map<Property, String>> one : found.entrySet()) {
      for (Map.Entry<Property, String> set : one.getValue().entrySet()) {
        style = style.with(one.getKey(), set.getKey(), set.getValue());
      }
    }
    return style;
  }

  /// The role of each colour: the ink and ground of the body, then strong fills, pale fills and
  /// other inks in the order of how often they are seen.
  private void nameColours() {
    Colour ink = most(cells.getOrDefault(BODY, List.of()), SeenCell::ink).orElse(new Colour(0));
    Colour paper =
        most(cells.getOrDefault(BODY, List.of()), cell -> cell.fill().orElse(new Colour(0xffffff)))
            .orElse(new Colour(0xffffff));
    add("ink", ink);
    add("paper", paper);
    for (List<SeenCell> some : cells.values()) {
      for (SeenCell cell : some) {
        cell.fill().ifPresent(one -> add(Light.luminance(one) > 0.6 ? "mist" : "accent", one));
        add(cell.fill().isPresent() ? "onAccent" : "accent", cell.ink());
      }
    }
    List<Colour> main = new ArrayList<>(roles.keySet());
    main.remove(paper);
    palette = PaletteMaker.of(main).overlaidWith(palette);
  }

  private void add(String wanted, Colour colour) {
    if (roles.containsKey(colour)) {
      return;
    }
    String role = wanted;
    for (char next = 'B'; palette.roles().containsKey(role) && next <= 'Z'; next++) {
      role = wanted + next;
    }
    roles.put(colour, role);
    palette = palette.with(role, colour);
  }

  private Map<Property, String> settings(List<SeenCell> some, boolean whole) {
    Map<Property, String> settings = new EnumMap<>(Property.class);
    put(settings, Property.FACE, some, SeenCell::face);
    put(settings, Property.SIZE, some, cell -> points(cell.size()));
    put(settings, Property.WEIGHT, some, cell -> cell.bold() ? "bold" : "regular");
    put(settings, Property.SLANT, some, cell -> cell.italic() ? "italic" : "upright");
    put(settings, Property.UNDERLINE, some, SeenCell::underline);
    put(settings, Property.INK, some, cell -> roles.getOrDefault(cell.ink(), "ink"));
    if (!whole) {
      put(settings, Property.FILL, some, this::fill);
      put(settings, Property.ALIGN, some, SeenCell::align);
      put(settings, Property.RULE_ABOVE, some, cell -> rule(cell.above()));
      put(settings, Property.RULE_BELOW, some, cell -> rule(cell.below()));
      settings.remove(Property.FILL, "none");
      settings.remove(Property.RULE_ABOVE, "none");
      settings.remove(Property.RULE_BELOW, "none");
    }
    return settings;
  }

  private String fill(SeenCell cell) {
    return cell.fill().map(roles::get).filter(role -> !role.equals("paper")).orElse("none");
  }

  private String rule(SeenCell.Line line) {
    if (line.weight() == 0) {
      return "none";
    }
    String ink = line.colour().map(one -> roles.getOrDefault(one, "ink")).orElse("ink");
    return (points(line.weight()) + " " + ink + " " + line.kind()).strip();
  }

  private static String points(double points) {
    return (points == Math.rint(points) ? "" + (long) points : "" + points) + " pt";
  }

  private static void put(
      Map<Property, String> settings,
      Property property,
      List<SeenCell> some,
      Function<SeenCell, String> of) {
    most(some, of).filter(property::accepts).ifPresent(one -> settings.put(property, one));
  }

  private static <T> Optional<T> most(List<SeenCell> some, Function<SeenCell, T> of) {
    Map<T, Integer> counts = new HashMap<>();
    some.forEach(cell -> counts.merge(of.apply(cell), 1, Integer::sum));
    return counts.entrySet().stream().max(Map.Entry.comparingByValue()).map(Map.Entry::getKey);
  }
}
