package app.finish.core.table;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/// Which places of a table bear marks that notes explain.
///
/// ```java
/// Marks marks = new Marks(Map.of(new Spot.Figure(0, 2), "b,c"));
/// marks.at(new Spot.Figure(0, 2)); // "b,c"
/// ```
///
/// @param byPlace the marks by place, none empty
/// @param typed headings of which some is italic, bold, raised or lowered, as each was typed
public record Marks(Map<Spot, String> byPlace, Map<Spot, String> typed) {
  /// No marks.
  public static final Marks NONE = new Marks(Map.of(), Map.of());

  /// Copies the maps.
  public Marks {
    byPlace = Map.copyOf(byPlace);
    typed = Map.copyOf(typed);
  }

  /// Marks on a table whose headings are all in one look.
  public Marks(Map<Spot, String> byPlace) {
    this(byPlace, Map.of());
  }

  /// A heading as it was typed, with its marks; the empty string for one in one look.
  public String typed(Spot place) {
    return typed.isEmpty() ? "" : typed.getOrDefault(place, "");
  }

  /// The same headings under other marks.
  public Marks withMarks(Map<Spot, String> others) {
    return new Marks(others, typed);
  }

  /// The same marks over headings typed so.
  public Marks withTyped(Map<Spot, String> others) {
    return new Marks(byPlace, others);
  }

  /// The single marks of a place: "b,c" is two.
  public static List<String> single(String mark) {
    return mark.isEmpty() ? List.of() : List.of(mark.split("\\s*,\\s*"));
  }

  /// All single marks that stand in the table.
  public Set<String> all() {
    return byPlace.values().stream()
        .flatMap(mark -> single(mark).stream())
        .collect(Collectors.toSet());
  }

  /// The mark in a place, or the empty string.
  public String at(Spot place) {
    return byPlace.isEmpty() ? "" : byPlace.getOrDefault(place, "");
  }
}
