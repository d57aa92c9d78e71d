package app.finish.core.style;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/// What was changed by hand on one table: settings for a part of this table alone, or for one place
/// of it. They outweigh the style, and stay when another is put on.
///
/// ```java
/// Touches touches = Touches.NONE.with(Selector.of(PartName.TITLE), Property.WEIGHT, "bold");
/// touches.count(); // 1
/// ```
///
/// @param settings the settings, by what they are for
public record Touches(Map<Selector, Map<Property, String>> settings) implements Layer {
  /// No touches.
  public static final Touches NONE = new Touches(Map.of());

  /// Copies the settings, in order.
  public Touches {
    Map<Selector, Map<Property, String>> copy = new LinkedHashMap<>();
    settings.forEach(
        (selector, own) -> {
          if (!own.isEmpty()) {
            copy.put(selector, Collections.unmodifiableMap(new LinkedHashMap<>(own)));
          }
        });
    settings = Collections.unmodifiableMap(copy);
  }

  /// One setting of one place.
  ///
  /// @param selector what it is for
  /// @param property what it sets
  /// @param setting to what
  public record Touch(Selector selector, Property property, String setting) {}

  /// Whether there are none.
  public boolean isEmpty() {
    return settings.isEmpty();
  }

  /// How many settings there are.
  public int count() {
    return settings.values().stream().mapToInt(Map::size).sum();
  }

  /// Each of them, in the order in which their places were first touched.
  public List<Touch> each() {
    List<Touch> all = new ArrayList<>();
    settings.forEach(
        (selector, own) ->
            own.forEach((property, setting) -> all.add(new Touch(selector, property, setting))));
    return all;
  }

  @Override
  public String name() {
    return "";
  }

  @Override
  public Set<Selector> selectors() {
    return settings.keySet();
  }

  /// What is set for a place or part; nothing if it is not touched.
  @Override
  public Map<Property, String> of(Selector selector) {
    return settings.getOrDefault(selector, Map.of());
  }

  /// The same touches and one more.
  ///
  /// @throws app.finish.core.problem.Refusal if the setting has not the form that the property asks
  ///   for
  public Touches with(Selector selector, Property property, String setting) {
    property.check(setting);
    Map<Property, String> own = new LinkedHashMap<>(of(selector));
    own.put(property, setting);
    return replaced(selector, own);
  }

  /// The same touches without one.
  public Touches without(Selector selector, Property property) {
    Map<Property, String> own = new LinkedHashMap<>(of(selector));
    own.remove(property);
    return replaced(selector, own);
  }

  private Touches replaced(Selector selector, Map<Property, String> own) {
    Map<Selector, Map<Property, String>> all = new LinkedHashMap<>(settings);
    all.put(selector, own);
    return new Touches(all);
  }

  /// The touched places, but for those of parts.
  public List<Selector.OfPlace> places() {
    return settings.keySet().stream()
        .filter(Selector.OfPlace.class::isInstance)
        .map(Selector.OfPlace.class::cast)
        .toList();
  }
}
