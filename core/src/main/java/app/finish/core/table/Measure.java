package app.finish.core.table;

import app.finish.core.number.NumberReader;
import java.util.Optional;

/// What the figures of a column, a row or a whole table measure.
///
/// ```java
/// new Measure("Cost recovery", MeasureKind.PERCENT, "%", 0);
/// ```
///
/// @param name its name as the source writes it, or the empty string
/// @param kind what sort of figure it is
/// @param unit `%`, a currency sign or code, or the empty string
/// @param decimals the most decimals that its figures were written with
/// @param bracketed of which kind the figures are that stand in brackets behind its own, in the
///   same cells, if such figures do
/// @param reader reads the figures of cells that hold several, where it is known how these are
///   written
/// @param precise whether its figures have more decimals than they were written with, as those of a
///   spreadsheet may
public record Measure(
    String name,
    MeasureKind kind,
    String unit,
    int decimals,
    Optional<MeasureKind> bracketed,
    Optional<NumberReader> reader,
    boolean precise) {
  /// A measure that has its cells to itself.
  public Measure(String name, MeasureKind kind, String unit, int decimals) {
    this(name, kind, unit, decimals, Optional.empty(), Optional.empty(), false);
  }

  /// A measure of which nothing is known.
  public static final Measure UNKNOWN = new Measure("", MeasureKind.VALUE, "", 0);

  /// The same measure, said to be of another kind.
  public Measure withKind(MeasureKind other) {
    return new Measure(name, other, unit, decimals, bracketed, reader, precise);
  }

  /// The same measure with figures of another in brackets behind its own. A % in its name is that
  /// of the others unless it is a percentage itself.
  public Measure withBracketed(MeasureKind other) {
    boolean others = unit.equals("%") && kind != MeasureKind.PERCENT;
    return new Measure(
        name, kind, others ? "" : unit, decimals, Optional.of(other), reader, precise);
  }

  /// The same measure, said to have more decimals than are written.
  public Measure withMoreDecimals() {
    return new Measure(name, kind, unit, decimals, bracketed, reader, true);
  }

  /// The same measure under another name.
  public Measure withName(String other) {
    return new Measure(other, kind, unit, decimals, bracketed, reader, precise);
  }

  /// The same measure, some of whose cells hold several figures that are written so.
  public Measure readBy(NumberReader how) {
    return new Measure(name, kind, unit, decimals, bracketed, Optional.of(how), precise);
  }
}
