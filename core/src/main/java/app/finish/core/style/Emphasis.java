package app.finish.core.style;

import java.util.ArrayList;
import java.util.List;

/// Parts that can be made to stand out on one table, or not, with one switch.
///
/// ```java
/// Touches touches = Emphasis.all(1).getLast().switched(cascade, false);
/// ```
///
/// @param label its name for people
/// @param selectors what it is for
public record Emphasis(String label, List<Selector> selectors) {
  /// Copies the list.
  public Emphasis {
    selectors = List.copyOf(selectors);
  }

  /// The switches of a table.
  ///
  /// @param levels how many levels of subtotals it has
  public static List<Emphasis> all(int levels) {
    List<Emphasis> all = new ArrayList<>();
    all.add(new Emphasis("Column heads", List.of(Selector.of(PartName.COLUMN_HEAD))));
    all.add(new Emphasis("Row headings", List.of(Selector.of(PartName.STUB))));
    for (int level = 1; level <= levels; level++) {
      String label = levels == 1 ? "Subtotals" : "Subtotals, level " + level;
      all.add(
          new Emphasis(
              label,
              List.of(
                  new Selector.OfPart(PartName.SUBTOTAL_ROW, level),
                  new Selector.OfPart(PartName.SUBTOTAL_COLUMN, level))));
    }
    all.add(
        new Emphasis(
            "Grand totals",
            List.of(
                Selector.of(PartName.GRAND_TOTAL_ROW), Selector.of(PartName.GRAND_TOTAL_COLUMN))));
    return all;
  }

  private static List<Selector> way(Selector selector) {
    List<Selector> way = new ArrayList<>();
    way.add(Selector.of(PartName.TABLE));
    if (selector instanceof Selector.OfPart of) {
      of.part().family().map(Selector::of).ifPresent(way::add);
      way.add(Selector.of(of.part()));
    }
    if (!way.contains(selector)) {
      way.add(selector);
    }
    return way;
  }

  /// Whether the part stands out: it is bold, slanted, filled or in another ink than the table.
  public boolean isOn(Cascade cascade) {
    Look plain = cascade.look(List.of(Selector.of(PartName.TABLE)));
    return selectors.stream()
        .map(selector -> cascade.look(way(selector)))
        .anyMatch(
            look ->
                look.bold() != plain.bold()
                    || look.italic() != plain.italic()
                    || !look.fill().equals(plain.fill())
                    || !look.ink().equals(plain.ink()));
  }

  /// The touches of a cascade with this emphasis on or off: what the style does is taken back, or
  /// comes back; where it does nothing, the part becomes bold.
  public Touches switched(Cascade cascade, boolean on) {
    Touches touches = cascade.touches();
    for (Selector selector : selectors) {
      for (Property property :
          List.of(Property.WEIGHT, Property.SLANT, Property.FILL, Property.INK)) {
        touches = touches.without(selector, property);
      }
    }
    boolean byStyle = isOn(cascade.touched(touches));
    if (on && !byStyle) {
      for (Selector selector : selectors) {
        touches = touches.with(selector, Property.WEIGHT, "bold");
      }
    } else if (!on && byStyle) {
      Look plain = cascade.look(List.of(Selector.of(PartName.TABLE)));
      for (Selector selector : selectors) {
        for (Property property :
            List.of(Property.WEIGHT, Property.SLANT, Property.FILL, Property.INK)) {
          touches = touches.with(selector, property, plain.setting(property));
        }
      }
    }
    return touches;
  }
}
