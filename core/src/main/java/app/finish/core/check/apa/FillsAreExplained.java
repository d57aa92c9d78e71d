package app.finish.core.check.apa;

import app.finish.core.check.Finding;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import app.finish.core.style.colour.Colour;
import java.util.HashSet;
import java.util.Locale;
import java.util.Set;
import java.util.function.Consumer;

/// There are no fills, unless a note says what they mean.
public final class FillsAreExplained extends ApaCheck {
  private static final String EXPLAINED =
      "(?s).*(shad|fill|colou?r|tint|grey|gray|highlight|bold|■|▲|▼|●).*";

  public FillsAreExplained() {
    super("shading", "There are no fills, unless a note says what they mean", "7.17");
  }

  @Override
  void look(Subject subject, Consumer<Finding> found) {
    boolean explained = subject.notes().toLowerCase(Locale.ROOT).matches(EXPLAINED);
    Colour paper = subject.dressed().palette().colour("paper");
    Set<String> said = new HashSet<>();
    for (DressedRow row : subject.rows()) {
      for (DressedCell cell : row.cells()) {
        boolean filled = cell.look().fill().filter(fill -> !fill.equals(paper)).isPresent();
        if (filled && !explained && said.add(from(cell).toString())) {
          found.accept(
              at(
                  cell,
                  cell.look().setting(Property.FILL),
                  "none",
                  cell.part().label() + " has a fill, and no note says what it means.",
                  set(subject, "Take the fill off", from(cell), Property.FILL, "none")));
        }
      }
    }
  }

  private static Selector from(DressedCell cell) {
    return cell.look()
        .origin(Property.FILL)
        .map(origin -> origin.selector())
        .orElse(Selector.of(PartName.TABLE));
  }
}
