package app.finish.core.style;

import app.finish.core.style.colour.Palette;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/// A house style: a palette and settings for parts, based on another style or on none.
///
/// ```java
/// HouseStyle mine = shipped.derived("Mine").with(Selector.of(PartName.TITLE), Property.WEIGHT,
/// "bold");
/// ```
///
/// @param name its name
/// @param basedOn the name of the style it is based on, or the empty string
/// @param shipped whether it came with Finish and can't be changed
/// @param palette its own roles; those of its base hold where it has none
/// @param screen roles that are other colours on a screen than in print; none for most styles
/// @param settings what it sets, by what it is for
/// @param board what is otherwise where a table stands on a board, by what it is for
/// @param highlights what is to be seen first in every table that wears it, as sentences, the
///   strongest first
/// @param demands what it asks of every table that wears it besides, as sentences
///   ([app.finish.core.check.house.HouseDemand] reads them)
/// @param kept what its file says that is not known here, as JSON by its place in the file; it is
///   written again
public record HouseStyle(
    String name,
    String basedOn,
    boolean shipped,
    Palette palette,
    Palette screen,
    Map<Selector, Map<Property, String>> settings,
    Map<Selector, Map<Property, String>> board,
    List<String> highlights,
    List<String> demands,
    Map<String, String> kept)
    implements Layer {

  /// A style that has one palette for print and screen, and nothing unknown in its file.
  public HouseStyle(
      String name,
      String basedOn,
      boolean shipped,
      Palette palette,
      Map<Selector, Map<Property, String>> settings) {
    this(
        name,
        basedOn,
        shipped,
        palette,
        Palette.NONE,
        settings,
        Map.of(),
        List.of(),
        List.of(),
        Map.of());
  }

  /// Copies the settings, in order.
  public HouseStyle {
    settings = copied(settings);
    board = copied(board);
    highlights = List.copyOf(highlights);
    demands = List.copyOf(demands);
    kept = Collections.unmodifiableMap(new LinkedHashMap<>(kept));
  }

  private static Map<Selector, Map<Property, String>> copied(
      Map<Selector, Map<Property, String>> settings) {
    Map<Selector, Map<Property, String>> copy = new LinkedHashMap<>();
    settings.forEach(
        (selector, own) ->
            copy.put(selector, Collections.unmodifiableMap(new LinkedHashMap<>(own))));
    return Collections.unmodifiableMap(copy);
  }

  /// A style of one's own that is based on this one and sets nothing yet.
  public HouseStyle derived(String newName) {
    return blank(newName).basedOn(name);
  }

  /// A style that is based on none and sets nothing.
  public static HouseStyle blank(String name) {
    return new HouseStyle(name, "", false, Palette.NONE, Map.of());
  }

  /// The same style with one setting more.
  ///
  /// @throws IllegalStateException if the style is a shipped one
  /// @throws app.finish.core.problem.Refusal if the setting has not the form that the property asks
  ///   for
  public HouseStyle with(Selector selector, Property property, String setting) {
    mayChange();
    return withSettings(changed(settings, selector, property, Optional.of(setting)));
  }

  /// The same style with one setting more for boards: there it outweighs what the style sets else.
  ///
  /// @throws IllegalStateException if the style is a shipped one
  /// @throws app.finish.core.problem.Refusal if the setting has not the form that the property asks
  ///   for
  public HouseStyle withOnBoard(Selector selector, Property property, String setting) {
    mayChange();
    return withBoard(changed(board, selector, property, Optional.of(setting)));
  }

  private void mayChange() {
    if (shipped) {
      throw new IllegalStateException(name + " is a shipped style; base one of your own on it.");
    }
  }

  private static Map<Selector, Map<Property, String>> changed(
      Map<Selector, Map<Property, String>> settings,
      Selector selector,
      Property property,
      Optional<String> setting) {
    setting.ifPresent(property::check);
    Map<Property, String> own = new LinkedHashMap<>(settings.getOrDefault(selector, Map.of()));
    setting.ifPresentOrElse(value -> own.put(property, value), () -> own.remove(property));
    Map<Selector, Map<Property, String>> all = new LinkedHashMap<>(settings);
    if (own.isEmpty()) {
      all.remove(selector);
    } else {
      all.put(selector, own);
    }
    return all;
  }

  /// The same style without one of its settings.
  public HouseStyle without(Selector selector, Property property) {
    return withSettings(changed(settings, selector, property, Optional.empty()));
  }

  /// The same style without one of its settings for boards.
  public HouseStyle withoutOnBoard(Selector selector, Property property) {
    return withBoard(changed(board, selector, property, Optional.empty()));
  }

  /// The style as it is on a board: what it sets for boards lies over the rest.
  public HouseStyle onBoard() {
    Map<Selector, Map<Property, String>> all = new LinkedHashMap<>(settings);
    board.forEach(
        (selector, own) -> {
          Map<Property, String> both = new LinkedHashMap<>(all.getOrDefault(selector, Map.of()));
          both.putAll(own);
          all.put(selector, both);
        });
    return board.isEmpty() ? this : withSettings(all);
  }

  private HouseStyle withSettings(Map<Selector, Map<Property, String>> others) {
    return new HouseStyle(
        name, basedOn, shipped, palette, screen, others, board, highlights, demands, kept);
  }

  /// The same style with other settings for boards.
  public HouseStyle withBoard(Map<Selector, Map<Property, String>> others) {
    return new HouseStyle(
        name, basedOn, shipped, palette, screen, settings, others, highlights, demands, kept);
  }

  /// The same style with a property set for everything: no part keeps a setting of its own for it,
  /// but sizes that are a share of the table's.
  public HouseStyle withEverywhere(Property property, String setting) {
    HouseStyle all = this;
    for (Selector selector : property.isSide() ? Set.<Selector>of() : settings.keySet()) {
      Map<Property, String> own = settings.getOrDefault(selector, Map.of());
      boolean share = own.getOrDefault(property, "").endsWith("%");
      all = share ? all : all.without(selector, property);
    }
    return all.with(Selector.of(PartName.TABLE), property, setting);
  }

  /// The same style with a property set for everything on a board: parts that set it for themselves
  /// set it so there too, but sizes that are a share of the table's.
  public HouseStyle withEverywhereOnBoard(Property property, String setting) {
    HouseStyle all = this;
    Set<Selector> own = new LinkedHashSet<>();
    if (!property.isSide()) {
      onBoard()
          .settings
          .forEach(
              (selector, set) -> {
                String before = set.getOrDefault(property, "");
                if (!before.isEmpty() && !before.endsWith("%")) {
                  own.add(selector);
                }
              });
    }
    own.add(Selector.of(PartName.TABLE));
    for (Selector selector : own) {
      all = all.withOnBoard(selector, property, setting);
    }
    return all;
  }

  /// The same style with touches made part of it; those of single places are left out.
  public HouseStyle with(Touches touches) {
    HouseStyle all = this;
    for (Touches.Touch touch : touches.each()) {
      if (!(touch.selector() instanceof Selector.OfPlace)) {
        all = all.with(touch.selector(), touch.property(), touch.setting());
      }
    }
    return all;
  }

  /// The same style under another name.
  public HouseStyle named(String other) {
    return new HouseStyle(
        other, basedOn, shipped, palette, screen, settings, board, highlights, demands, kept);
  }

  /// The same style based on another.
  public HouseStyle basedOn(String base) {
    return new HouseStyle(
        name, base, shipped, palette, screen, settings, board, highlights, demands, kept);
  }

  /// The same style with another palette.
  public HouseStyle withPalette(Palette other) {
    return new HouseStyle(
        name, basedOn, shipped, other, screen, settings, board, highlights, demands, kept);
  }

  /// The same style with other inks for dark screens.
  public HouseStyle withScreen(Palette other) {
    return new HouseStyle(
        name, basedOn, shipped, palette, other, settings, board, highlights, demands, kept);
  }

  /// The same style with other highlights, as sentences, the strongest first.
  public HouseStyle withHighlights(List<String> others) {
    return new HouseStyle(
        name, basedOn, shipped, palette, screen, settings, board, others, demands, kept);
  }

  /// The same style, with what a file said that is not known here.
  public HouseStyle keeping(Map<String, String> unknown) {
    return new HouseStyle(
        name, basedOn, shipped, palette, screen, settings, board, highlights, demands, unknown);
  }

  @Override
  public Set<Selector> selectors() {
    return settings.keySet();
  }

  @Override
  public Map<Property, String> of(Selector selector) {
    return settings.getOrDefault(selector, Map.of());
  }

  /// The same style with other demands on the tables that wear it.
  public HouseStyle withDemands(List<String> others) {
    return new HouseStyle(
        name, basedOn, shipped, palette, screen, settings, board, highlights, others, kept);
  }
}
