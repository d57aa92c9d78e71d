package app.finish.core.style;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// A part of a table, with its level where it has one.
///
/// ```java
/// new Part(PartName.SUBTOTAL_ROW, 1).label(); // "Subtotal row, level 1"
/// ```
///
/// @param name which part
/// @param level 1 for the outermost, 0 where the part has no levels
public record Part(PartName name, int level) {
  /// A part without a level.
  public static Part of(PartName name) {
    return new Part(name, 0);
  }

  /// What is set for it, from general to special: its family, itself, itself at its level.
  public List<Selector> selectors() {
    List<Selector> selectors = new ArrayList<>();
    name.family().map(Selector::of).ifPresent(selectors::add);
    if (name.isStretch()) {
      selectors.add(Selector.of(PartName.HELD));
    }
    selectors.add(Selector.of(name));
    if (level > 0) {
      selectors.add(new Selector.OfPart(name, level));
    }
    return selectors;
  }

  /// What is set for its cells, beginning with the table; totals stand over the body.
  public List<Selector> way() {
    List<Selector> way = new ArrayList<>(List.of(Selector.of(PartName.TABLE)));
    if (name.family().equals(Optional.of(PartName.TOTALS))) {
      way.add(Selector.of(PartName.BODY));
    }
    selectors().stream().filter(selector -> !way.contains(selector)).forEach(way::add);
    return way;
  }

  /// Its name for people.
  public String label() {
    return level > 1 ? name.label() + ", level " + level : name.label();
  }
}
