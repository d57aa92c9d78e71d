package app.finish.core.dress;

import app.finish.core.number.NumberFormat;
import app.finish.core.number.NumberReader;
import app.finish.core.number.WrittenDecimals;
import app.finish.core.style.Look;
import app.finish.core.table.Measure;
import app.finish.core.table.MeasureKind;
import app.finish.core.table.Value;

/// Figures as a style writes them.
///
/// ```java
/// FigureText.of(number, measure, look, true); // "85%", or "85" under a head that bears the unit
/// ```
final class FigureText {
  private FigureText() {}

  /// A figure as the style writes it. It gets no decimals that the source does not have, and the
  /// style's own only where its kind is certain; its unit stands in the cell unless a head bears
  /// it, and always where the figures of its measure have several.
  ///
  /// @param headed whether a head over the figure names its measure
  static String of(Value.Numeric number, Measure measure, Look look, boolean headed) {
    NumberFormat format = look.numbers();
    boolean whole = format.large() == NumberFormat.Large.IN_FULL;
    String written = number.written();
    if (format.decimals() < 0 && NumberReader.isScientific(written)) {
      return written;
    }
    if (!whole) {
      format = format.withDecimals(format.decimals() < 0 ? 1 : format.decimals());
    } else if (written.isEmpty()) {
      format = format.withDecimals(format.decimals() < 0 ? measure.decimals() : format.decimals());
    } else {
      format = format.withDecimals(decimals(number, measure, format.decimals()));
    }
    String own = measure.unit().isEmpty() ? NumberReader.unitOf(written) : "";
    if (!format.unitInCell() && !headed || !own.isEmpty()) {
      format = format.withUnitInCell(true);
    }
    String text = format.write(number.number(), own.isEmpty() ? measure.unit() : own);
    return number.number() >= 0 && written.startsWith("(") ? "(" + text + ")" : text;
  }

  private static int decimals(Value.Numeric number, Measure measure, int wanted) {
    int own = WrittenDecimals.of(number.written(), number.number());
    if (wanted < 0 || measure.kind() == MeasureKind.VALUE) {
      return own;
    }
    return own >= wanted || measure.precise()
        ? wanted
        : Math.min(wanted, Math.max(own, WrittenDecimals.in(number.number())));
  }
}
