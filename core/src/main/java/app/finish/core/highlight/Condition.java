package app.finish.core.highlight;

import java.util.List;

/// When a figure is highlighted. What is compared is the exact value, not what is printed.
///
/// ```java
/// new Condition.Compared(Condition.Sign.BELOW, new Operand.Number(85));
/// ```
public sealed interface Condition {
  /// How a figure compares.
  enum Sign {
    /// Less.
    BELOW("below"),
    /// Less or equal.
    AT_MOST("at most"),
    /// More.
    ABOVE("above"),
    /// More or equal.
    AT_LEAST("at least"),
    /// Equal.
    EQUAL("equal to"),
    /// Not equal.
    OTHER("other than");

    private final String words;

    Sign(String words) {
      this.words = words;
    }

    /// As sentences say it.
    public String words() {
      return words;
    }

    /// Whether a number compares so with another; never where one is not a number.
    public boolean holds(double number, double other) {
      return switch (this) {
        case BELOW -> number < other;
        case AT_MOST -> number <= other;
        case ABOVE -> number > other;
        case AT_LEAST -> number >= other;
        case EQUAL -> number == other;
        case OTHER -> number < other || number > other;
      };
    }
  }

  /// Whatever stands there.
  record Always() implements Condition {}

  /// It compares so with something.
  record Compared(Sign sign, Operand with) implements Condition {}

  /// It lies between two numbers, both among them.
  record Between(double low, double high) implements Condition {
    /// @throws IllegalArgumentException if either is not finite
    public Between {
      if (!Double.isFinite(low) || !Double.isFinite(high)) {
        throw new IllegalArgumentException("a figure lies between finite numbers");
      }
    }
  }

  /// It is among the greatest or the least; equal figures are in or out together.
  ///
  /// @param greatest whether the greatest are meant
  /// @param count how many, or how many per cent of them
  /// @param percent whether `count` is a percentage
  record Outermost(boolean greatest, double count, boolean percent, Scope scope)
      implements Condition {}

  /// It is further from the mean than so many standard deviations (of a sample, n − 1).
  record FarFromMean(double deviations, Scope scope) implements Condition {}

  /// It differs from the figure of the member before it in its group.
  ///
  /// @param sign how the change compares: `BELOW` −5 for a fall of more than 5
  /// @param percent whether the change is in per cent of the figure before
  /// @param across whether the member before stands to the left; else above
  record Changed(Sign sign, double by, boolean percent, boolean across) implements Condition {}

  /// No figure stands there.
  record Missing() implements Condition {}

  /// A number stands there.
  record IsNumber() implements Condition {}

  /// A text stands there.
  record IsText() implements Condition {}

  /// What is written there contains this, whatever the case.
  record Contains(String text) implements Condition {}

  /// What is written there is one of these, whatever the case.
  record OneOf(List<String> texts) implements Condition {
    /// Copies the texts.
    public OneOf {
      texts = List.copyOf(texts);
    }
  }

  /// An expression over the cell comes out true.
  record Expression(String text) implements Condition {}

  /// All of these.
  record All(List<Condition> conditions) implements Condition {
    /// Copies the conditions.
    public All {
      conditions = List.copyOf(conditions);
    }
  }

  /// At least one of these.
  record Any(List<Condition> conditions) implements Condition {
    /// Copies the conditions.
    public Any {
      conditions = List.copyOf(conditions);
    }
  }

  /// The opposite.
  record Not(Condition condition) implements Condition {}
}
