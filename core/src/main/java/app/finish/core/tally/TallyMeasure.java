package app.finish.core.tally;

import app.finish.core.problem.Refusal;
import java.util.Locale;

/// A measure of a tally.
///
/// ```java
/// TallyMeasure fares = TallyMeasure.of(TallyFunction.SUM, "Fares");
/// new TallyMeasure.Calculated("Fares / Cost", "Cost recovery");
/// ```
public sealed interface TallyMeasure {
  /// What it is called.
  String name();

  /// The same measure under another name.
  TallyMeasure withName(String other);

  /// Worked out of the records of each cell.
  ///
  /// @param function what is worked out
  /// @param column of which column; empty for the count of records
  /// @param share for a quantile the share below it, from 0 to 1; 0.5 for all others
  /// @param name what it is called
  record Worked(TallyFunction function, String column, double share, String name)
      implements TallyMeasure {
    /// @throws app.finish.core.problem.Refusal if a share is not between 0 and 1
    public Worked {
      if (!(share >= 0 && share <= 1)) {
        throw new Refusal("A quantile's share is between 0 and 100.");
      }
    }

    @Override
    public Worked withName(String other) {
      return new Worked(function, column, share, other);
    }
  }

  /// Which total a percentage is a share of.
  enum Base {
    /// Of the row.
    ROW,
    /// Of the column.
    COLUMN,
    /// Of the whole table.
    TOTAL;

    /// The base as files and the command line write it.
    public String word() {
      return name().toLowerCase(Locale.ROOT);
    }
  }

  /// A percentage of a total.
  ///
  /// @param base of which total
  /// @param column the column whose sum is shared out; empty for the count of records
  /// @param name what it is called
  record Percent(Base base, String column, String name) implements TallyMeasure {
    @Override
    public Percent withName(String other) {
      return new Percent(base, column, other);
    }
  }

  /// Calculated from other measures, in totals from totals.
  ///
  /// @param expression the expression, in which measures and columns stand by their names; a column
  ///   stands for its sum
  /// @param name what it is called
  record Calculated(String expression, String name) implements TallyMeasure {
    @Override
    public Calculated withName(String other) {
      return new Calculated(expression, other);
    }
  }

  /// The number of records.
  static Worked count() {
    return new Worked(TallyFunction.COUNT, "", 0.5, "Count");
  }

  /// A measure over a column, under a name made of both.
  static Worked of(TallyFunction function, String column) {
    return new Worked(function, column, 0.5, function.nameOver(column));
  }

  /// A quantile of a column.
  ///
  /// @param share the share below it, from 0 to 1
  static Worked quantile(double share, String column) {
    String name = Bins.written(Math.round(share * 1e6) / 1e4) + "% quantile of " + column;
    return new Worked(TallyFunction.QUANTILE, column, share, name);
  }

  /// A percentage of the count of records, or of a column's sum.
  ///
  /// @param column the column; empty for the count
  static Percent percent(Base base, String column) {
    String of = base == Base.TOTAL ? "total" : base.name().toLowerCase(Locale.ROOT);
    return new Percent(base, column, (column.isEmpty() ? "" : column + ", ") + "% of " + of);
  }
}
