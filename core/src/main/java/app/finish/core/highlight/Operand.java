package app.finish.core.highlight;

/// What a figure is compared with.
///
/// ```java
/// new Operand.Number(85);
/// new Operand.OfMany(Operand.Statistic.MEAN, Scope.COLUMN); // the mean of its column
/// ```
public sealed interface Operand {
  /// A number, in the unit of the measure: 85 for 85 %.
  record Number(double number) implements Operand {
    /// @throws IllegalArgumentException if it is not finite
    public Number {
      if (!Double.isFinite(number)) {
        throw new IllegalArgumentException("a figure is compared with a finite number");
      }
    }
  }

  /// The figure of another measure in the same place.
  record OfMeasure(String measure) implements Operand {}

  /// The figure of the same measure at another member: last season's.
  ///
  /// @param dimension the dimension; empty for whichever has the member
  record AtMember(String dimension, String member) implements Operand {}

  /// What the members' figures around it come to; totals are none of them.
  record OfMany(Statistic statistic, Scope scope) implements Operand {}

  /// What many figures come to.
  enum Statistic {
    /// The arithmetic mean.
    MEAN("mean"),
    /// The middle one, or the mean of the two in the middle.
    MEDIAN("median"),
    /// Their sum.
    TOTAL("total");

    private final String word;

    Statistic(String word) {
      this.word = word;
    }

    /// Its name in sentences.
    public String word() {
      return word;
    }
  }
}
