package app.finish.core.table;

import java.util.Map;

/// Which places of a table bear marks that notes explain.
///
/// ```java
/// Marks marks = new Marks(Map.of(new Spot.Figure(0, 2), "b,c"));
/// marks.at(new Spot.Figure(0, 2)); // "b,c"
/// ```
///
/// @param byPlace the marks by place, none empty
public record Marks(Map<Spot, String> byPlace) {
  /// No marks.
  public static final Marks NONE = new Marks(Map.of());

  /// Copies the map.
  public Marks {
    byPlace = Map.copyOf(byPlace);
  }

  /// The mark in a place, or the empty string.
  public String at(Spot place) {
    return byPlace.isEmpty() ? "" : byPlace.getOrDefault(place, "");
  }
}
