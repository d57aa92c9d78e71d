package app.finish.core.check.apa;

import app.finish.core.check.Mend;
import app.finish.core.style.Look;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import app.finish.core.table.Measure;
import app.finish.core.table.MeasureKind;
import app.finish.core.table.Value;

/// No zero stands before the point of what can't pass 1 in size, and one does where it can.
public final class ZeroBeforePoint extends FiguresAreWritten {
  public ZeroBeforePoint() {
    super(
        "leading-zero",
        "No zero before the point of what can't pass 1, and one where it can",
        "6.36");
  }

  private static boolean isBare(Measure measure) {
    return measure.kind() == MeasureKind.P || measure.kind() == MeasureKind.CORRELATION;
  }

  @Override
  String written(String text, Value value, Measure measure) {
    if (!(value instanceof Value.Numeric) || measure.kind() == MeasureKind.VALUE) {
      return text;
    }
    return isBare(measure)
        ? text.replaceFirst("^([-−<> ]*)0([.,]\\d)", "$1$2")
        : text.replaceFirst("^([-−]?)([.,]\\d)", "$10$2");
  }

  @Override
  String sentence(Measure measure) {
    return isBare(measure)
        ? "“" + measure.name() + "” can't pass 1, and has a zero before the point."
        : "“" + measure.name() + "” can pass 1, and has no zero before the point.";
  }

  @Override
  Mend mend(Subject subject, Selector selector, Look look) {
    boolean bare =
        selector instanceof Selector.OfMeasure(String name)
            && subject.table().measures().stream()
                .anyMatch(one -> one.name().equals(name) && isBare(one));
    return set(
        subject,
        bare ? "Leave the zero out" : "Write the zero",
        selector,
        Property.ZERO_BEFORE_POINT,
        bare ? "no" : "yes");
  }
}
