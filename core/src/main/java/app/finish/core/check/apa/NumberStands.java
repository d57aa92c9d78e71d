package app.finish.core.check.apa;

import app.finish.core.check.Finding;
import app.finish.core.dress.DressedCell;
import app.finish.core.style.Look;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import java.util.Optional;
import java.util.function.Consumer;

/// A table has a number, bold and flush left, on a line of its own above the title.
public final class NumberStands extends ApaCheck {
  private static final Selector NUMBER = Selector.of(PartName.NUMBER);

  public NumberStands() {
    super("number", "A table has a number, bold and flush left", "7.10");
  }

  @Override
  void look(Subject subject, Consumer<Finding> found) {
    Optional<DressedCell> number = subject.first(PartName.NUMBER);
    if (number.isEmpty()) {
      found.accept(
          on(
              PartName.NUMBER,
              "",
              "Table 1",
              "The table has no number.",
              set(subject, "Number it", NUMBER, Property.LEAD_IN, "Table")));
      return;
    }
    Look look = number.get().look();
    if (!look.bold()) {
      found.accept(
          at(
              number.get(),
              "regular",
              "bold",
              "The table’s number is not bold.",
              set(subject, "Set it bold", NUMBER, Property.WEIGHT, "bold")));
    }
    if (look.align() != Look.Align.START) {
      found.accept(
          at(
              number.get(),
              look.setting(Property.ALIGN),
              "start",
              "The table’s number is not flush left.",
              set(subject, "Set it flush left", NUMBER, Property.ALIGN, "start")));
    }
  }
}
