package app.finish.core.table;

import java.util.Locale;

/// What stands in one place of a body: a number, a text, or nothing for a reason.
///
/// ```java
/// Value value = Value.number(12.5, "12.50");
/// ```
public sealed interface Value {
  /// A number, in its measure's unit, with the text that it came as.
  ///
  /// @param number the number
  /// @param written the text it was written as, without the mark of a footnote
  record Numeric(double number, String written) implements Value {
    /// @throws IllegalArgumentException if the number is not finite
    public Numeric {
      if (!Double.isFinite(number)) {
        throw new IllegalArgumentException("a value is finite");
      }
    }
  }

  /// A text in the place of a number, such as "n/a".
  ///
  /// @param text the text as written
  record Text(String text) implements Value {}

  /// No value.
  ///
  /// @param reason why it is missing, as far as the source tells
  /// @param written what stood in the place, empty if nothing did
  record Missing(Reason reason, String written) implements Value {}

  /// Why a value is missing.
  enum Reason {
    /// The place was empty.
    BLANK,
    /// A dash or dots stood in the place.
    DASH,
    /// The source reported an error of its own, such as a division by zero, or a formula that was
    /// saved without what it comes to.
    ERROR;

    /// The reason as files write it.
    public String word() {
      return name().toLowerCase(Locale.ROOT);
    }
  }

  /// An empty place.
  Value BLANK = new Missing(Reason.BLANK, "");

  /// A number and how it was written.
  static Value number(double number, String written) {
    return new Numeric(number, written);
  }

  /// A text.
  static Value text(String text) {
    return new Text(text);
  }

  /// What stood in the place, as written.
  default String written() {
    return switch (this) {
      case Numeric value -> value.written;
      case Text value -> value.text;
      case Missing value -> value.written;
    };
  }
}
