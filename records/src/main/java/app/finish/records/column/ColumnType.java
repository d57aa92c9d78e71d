package app.finish.records.column;

import app.finish.expressions.Name;
import java.util.Locale;

/// What sort of values a column of records holds.
public enum ColumnType {
  /// Whole numbers.
  WHOLE,
  /// Numbers.
  NUMBER,
  /// Dates or times.
  DATE,
  /// Yes or no.
  TRUTH,
  /// Texts, and whatever else is written out as text.
  TEXT;

  /// Whether it can be added up.
  public boolean isNumber() {
    return this == WHOLE || this == NUMBER;
  }

  /// What expressions take it for.
  Name.Kind kind() {
    return switch (this) {
      case WHOLE, NUMBER -> Name.Kind.NUMBER;
      case DATE -> Name.Kind.DATE;
      case TRUTH -> Name.Kind.TRUTH;
      case TEXT -> Name.Kind.TEXT;
    };
  }

  /// The type of a database's type name.
  public static ColumnType of(String name) {
    String type = name.toLowerCase(Locale.ROOT);
    if (type.matches("(big|small|tiny|huge|u.*)?int(eger|2|4|8)?|(big|small)?serial|u?hugeint")) {
      return WHOLE;
    }
    if (type.matches("(double|float|real|numeric|decimal|money).*")) {
      return type.matches("(numeric|decimal)\\(\\d+, ?0\\)") ? WHOLE : NUMBER;
    }
    if (type.matches("date|timestamp.*|datetime.*")) {
      return DATE;
    }
    return type.matches("bool.*|bit") ? TRUTH : TEXT;
  }
}
