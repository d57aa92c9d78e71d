package app.finish.core.check.apa;

import app.finish.core.check.Mend;
import app.finish.core.style.Look;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import app.finish.core.table.Measure;
import app.finish.core.table.Value;

/// A negative number has a minus sign, not a hyphen.
public final class MinusIsMinus extends FiguresAreWritten {
  public MinusIsMinus() {
    super("minus", "A negative number has a minus sign, not a hyphen", "6.45");
  }

  @Override
  String written(String text, Value value, Measure measure) {
    return value instanceof Value.Numeric && text.startsWith("-") && text.length() > 1
        ? "−" + text.substring(1)
        : text;
  }

  @Override
  String sentence(Measure measure) {
    return "A negative number is written with a hyphen.";
  }

  @Override
  Mend mend(Subject subject, Selector selector, Look look) {
    Selector set = from(look, Property.NEGATIVE, selector);
    return set(subject, "Write a minus sign", set, Property.NEGATIVE, "minus");
  }

  @Override
  boolean together() {
    return true;
  }
}
