package app.finish.core.style;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

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
/// @param settings what it sets, by what it is for
public record HouseStyle(
    String name,
    String basedOn,
    boolean shipped,
    Palette palette,
    Map<Selector, Map<Property, String>> settings) {

  /// Copies the settings, in order.
  public HouseStyle {
    Map<Selector, Map<Property, String>> copy = new LinkedHashMap<>();
    settings.forEach(
        (selector, own) ->
            copy.put(selector, Collections.unmodifiableMap(new LinkedHashMap<>(own))));
    settings = Collections.unmodifiableMap(copy);
  }

  /// A style of one's own that is based on this one and sets nothing yet.
  public HouseStyle derived(String newName) {
    return new HouseStyle(newName, name, false, new Palette(Map.of()), Map.of());
  }

  /// The same style with one setting more.
  ///
  /// @throws IllegalStateException if the style is a shipped one
  /// @throws IllegalArgumentException if the setting has not the form that the property asks for
  public HouseStyle with(Selector selector, Property property, String setting) {
    if (shipped) {
      throw new IllegalStateException(name + " is a shipped style; base one of your own on it.");
    }
    if (!property.accepts(setting)) {
      throw new IllegalArgumentException(property.label() + " can't be “" + setting + "”.");
    }
    Map<Selector, Map<Property, String>> all = new LinkedHashMap<>(settings);
    Map<Property, String> own = new LinkedHashMap<>(all.getOrDefault(selector, Map.of()));
    own.put(property, setting);
    all.put(selector, own);
    return new HouseStyle(name, basedOn, false, palette, all);
  }
}
