package app.finish.core.check.apa;

import app.finish.core.check.Finding;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import java.util.EnumSet;
import java.util.Set;
import java.util.function.Consumer;

/// Statistical symbols are italic, and nothing else in heads, stub and figures is: Greek letters
/// and abbreviations that are no variable (CI, LL, UL) are upright. Symbols are set so by
/// themselves, so what is looked for is a part that is italic as a whole.
public final class SymbolsStandOut extends ApaCheck {
  public SymbolsStandOut() {
    super(
        "symbols",
        "Symbols in Latin letters are italic; Greek letters, abbreviations and all other words are"
            + " upright",
        "6.44");
  }

  @Override
  void look(Subject subject, Consumer<Finding> found) {
    Set<PartName> said = EnumSet.noneOf(PartName.class);
    for (DressedRow row : subject.rows()) {
      for (DressedCell cell : row.cells()) {
        PartName part = cell.part().name();
        if (row.isTable() && cell.look().italic() && !cell.text().isEmpty() && said.add(part)) {
          found.accept(
              at(
                  cell,
                  "italic",
                  "upright",
                  cell.part().label() + " is italic as a whole, not its symbols alone.",
                  set(
                      subject,
                      "Set it upright",
                      from(cell.look(), Property.SLANT, Selector.of(part)),
                      Property.SLANT,
                      "upright")));
        }
      }
    }
  }
}
