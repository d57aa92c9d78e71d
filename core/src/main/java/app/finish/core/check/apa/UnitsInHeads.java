package app.finish.core.check.apa;

import app.finish.core.check.Mend;
import app.finish.core.style.Look;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import app.finish.core.table.Measure;
import app.finish.core.table.Value;

/// Units and the percent sign stand in the head, not in each cell.
public final class UnitsInHeads extends FiguresAreWritten {
  public UnitsInHeads() {
    super("units", "Units and the percent sign stand in the head, not in each cell", "7.12");
  }

  @Override
  String written(String text, Value value, Measure measure) {
    String unit = measure.unit();
    return value instanceof Value.Numeric && !unit.isEmpty() && text.contains(unit)
        ? text.replace(unit, "").strip()
        : text;
  }

  @Override
  String sentence(Measure measure) {
    return "The unit " + measure.unit() + " of “" + measure.name() + "” stands in each cell.";
  }

  @Override
  Mend mend(Subject subject, Selector selector, Look look) {
    return set(subject, "Put the unit in the head", selector, Property.UNIT_PLACE, "head");
  }
}
