package app.finish.core.dress;

import app.finish.core.style.Part;
import app.finish.core.style.PartName;
import app.finish.core.style.Selector;
import app.finish.core.table.Heading;
import app.finish.core.table.Measure;
import app.finish.core.table.Table;
import app.finish.core.words.Symbols;
import java.util.ArrayList;
import java.util.List;

/// By which selectors a style speaks of parts of a table.
///
/// ```java
/// cascade.look(PartSelectors.of(Part.of(PartName.BODY)));
/// ```
final class PartSelectors {
  private PartSelectors() {}

  /// The selectors of a part of the table, beginning with the table.
  static List<Selector> of(Part... parts) {
    List<Selector> selectors = new ArrayList<>();
    selectors.add(Selector.of(PartName.TABLE));
    for (Part part : parts) {
      add(selectors, part);
    }
    return selectors;
  }

  /// Adds the selectors of a part: its family, itself, itself at its level.
  static void add(List<Selector> selectors, Part part) {
    part.selectors().forEach(selector -> addOnce(selectors, selector));
  }

  private static void addOnce(List<Selector> selectors, Selector selector) {
    if (!selectors.contains(selector)) {
      selectors.add(selector);
    }
  }

  /// The selectors of a measure's figures in the body.
  static List<Selector> ofMeasure(Measure measure) {
    List<Selector> selectors = of(Part.of(PartName.BODY));
    selectors.add(new Selector.OfKind(measure.kind()));
    selectors.add(new Selector.OfMeasure(measure.name()));
    return selectors;
  }

  /// The pieces of a heading's label: symbols are looked for where it names a statistic.
  static List<Symbols.Piece> pieces(String label, Heading heading, Table table) {
    boolean statistic =
        heading.measure().isPresent()
            && switch (table.measures().get(heading.measure().getAsInt()).kind()) {
              case VALUE, PERCENT -> false;
              case SUM -> label.contains("SS");
              default -> true;
            };
    return statistic ? Symbols.inName(label) : List.of(new Symbols.Piece(label, false));
  }
}
