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
/// @param parts what it is for
public record Emphasis(String label, List<Part> parts) {
  /// Copies the list.
  public Emphasis {
    parts = List.copyOf(parts);
  }

  /// The switches of a table.
  ///
  /// @param levels how many levels of subtotals it has
  public static List<Emphasis> all(int levels) {
    List<Emphasis> all = new ArrayList<>();
    all.add(new Emphasis("Column heads", List.of(Part.of(PartName.COLUMN_HEAD))));
    all.add(new Emphasis("Row headings", List.of(Part.of(PartName.STUB))));
    for (int level = 1; level <= levels; level++) {
      String label = levels == 1 ? "Subtotals" : "Subtotals, level " + level;
      all.add(
          new Emphasis(
              label,
              List.of(
                  new Part(PartName.SUBTOTAL_ROW, level),
                  new Part(PartName.SUBTOTAL_COLUMN, level))));
    }
    all.add(
        new Emphasis(
            "Grand totals",
            List.of(Part.of(PartName.GRAND_TOTAL_ROW), Part.of(PartName.GRAND_TOTAL_COLUMN))));
    return all;
  }

  /// Whether the part stands out: it is bold, slanted, filled or in another ink than the table.
  public boolean isOn(Cascade cascade) {
    Look plain = cascade.look(Part.of(PartName.TABLE).way());
    return parts.stream()
        .map(part -> cascade.look(part.way()))
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
    for (Part part : parts) {
      Selector selector = part.selectors().getLast();
      for (Property property :
          List.of(Property.WEIGHT, Property.SLANT, Property.FILL, Property.INK)) {
        touches = touches.without(selector, property);
      }
    }
    boolean byStyle = isOn(cascade.touched(touches));
    if (on && !byStyle) {
      for (Part part : parts) {
        Selector selector = part.selectors().getLast();
        touches = touches.with(selector, Property.WEIGHT, "bold");
      }
    } else if (!on && byStyle) {
      Look plain = cascade.look(Part.of(PartName.TABLE).way());
      for (Part part : parts) {
        Selector selector = part.selectors().getLast();
        for (Property property :
            List.of(Property.WEIGHT, Property.SLANT, Property.FILL, Property.INK)) {
          touches = touches.with(selector, property, plain.setting(property));
        }
      }
    }
    return touches;
  }
}
