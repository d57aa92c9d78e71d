package app.finish.records.sql;

import app.finish.core.tally.DatePart;
import java.util.List;

/// How a database writes what standard SQL leaves open. Statements are put together from these
/// pieces; what a person wrote gets into them as quoted names and as parameters, never as text.
public interface Dialect {
  /// The word for a floating-point number of double precision.
  default String doubleType() {
    return "DOUBLE";
  }

  /// The word for a text of any length.
  default String textType() {
    return "VARCHAR";
  }

  /// A quantile of a value in a group, interpolated; a share of 0.5 gives the median.
  String quantile(String value, double share);

  /// The sum of a value in a group, as a floating-point number.
  ///
  /// @param whole whether the values are whole numbers, which are added up exactly
  default String sum(String value, boolean whole) {
    return asDouble("SUM(" + (whole ? value : asDouble(value)) + ")");
  }

  /// The arithmetic mean of a value in a group.
  default String mean(String value) {
    return "AVG(" + asDouble(value) + ")";
  }

  /// Whether a text fits a regular expression somewhere.
  String matches(String text, String pattern);

  /// The table of a name that may have a schema and a catalogue before it, parted by points.
  default String table(String name) {
    return String.join(".", List.of(name.split("\\.")).stream().map(this::quote).toList());
  }

  /// A name between quotes, with quotes inside it doubled.
  default String quote(String name) {
    return "\"" + name.replace("\"", "\"\"") + "\"";
  }

  /// A value as a floating-point number.
  default String asDouble(String value) {
    return "CAST(" + value + " AS " + doubleType() + ")";
  }

  /// A value as a text.
  default String asText(String value) {
    return "CAST(" + value + " AS " + textType() + ")";
  }

  /// The number of a date's part, as [DatePart] counts it.
  default String part(DatePart part, String date) {
    String year = "EXTRACT(YEAR FROM " + date + ")";
    String month = "EXTRACT(MONTH FROM " + date + ")";
    return switch (part) {
      case YEAR -> year;
      case QUARTER -> year + " * 4 + EXTRACT(QUARTER FROM " + date + ") - 1";
      case MONTH -> year + " * 12 + " + month + " - 1";
      case CALENDAR_MONTH -> month + " - 1";
      case SEASON -> "FLOOR(MOD(CAST(" + month + " AS INTEGER), 12) / 3.0)";
      case DAY -> day(date);
    };
  }

  /// The number of days since 1970-01-01.
  default String day(String date) {
    return "DATE_DIFF('day', DATE '1970-01-01', CAST(" + date + " AS DATE))";
  }

  /// DuckDB, embedded or in a file.
  final class DuckDb implements Dialect {
    /// Kahan's sum, so that a total of money is right to the penny however many records there are.
    @Override
    public String sum(String value, boolean whole) {
      return whole ? asDouble("SUM(" + value + ")") : "FSUM(" + asDouble(value) + ")";
    }

    @Override
    public String mean(String value) {
      return "FAVG(" + asDouble(value) + ")";
    }

    @Override
    public String quantile(String value, double share) {
      return "QUANTILE_CONT(" + asDouble(value) + ", " + share + ")";
    }

    @Override
    public String matches(String text, String pattern) {
      return "REGEXP_MATCHES(" + text + ", " + pattern + ")";
    }
  }

  /// PostgreSQL.
  final class PostgreSql implements Dialect {
    @Override
    public String doubleType() {
      return "DOUBLE PRECISION";
    }

    @Override
    public String textType() {
      return "TEXT";
    }

    @Override
    public String quantile(String value, double share) {
      return "PERCENTILE_CONT(" + share + ") WITHIN GROUP (ORDER BY " + asDouble(value) + ")";
    }

    @Override
    public String matches(String text, String pattern) {
      return "(" + text + " ~ " + pattern + ")";
    }

    @Override
    public String day(String date) {
      return "(CAST(" + date + " AS DATE) - DATE '1970-01-01')";
    }
  }

  /// Trino.
  final class Trino implements Dialect {
    /// Trino only estimates quantiles, so the answers are gathered and put in order.
    @Override
    public String quantile(String value, double share) {
      String number = asDouble(value);
      String sorted =
          "ARRAY_SORT(ARRAY_AGG(" + number + ") FILTER (WHERE " + value + " IS NOT NULL))";
      String place = "((COUNT(" + value + ") - 1) * DOUBLE '" + share + "')";
      String low = "ELEMENT_AT(" + sorted + ", CAST(FLOOR(" + place + ") AS BIGINT) + 1)";
      String high = "ELEMENT_AT(" + sorted + ", CAST(CEIL(" + place + ") AS BIGINT) + 1)";
      String between = "(" + place + " - FLOOR(" + place + "))";
      return "CASE WHEN COUNT("
          + value
          + ") > 0 THEN "
          + low
          + " + "
          + between
          + " * ("
          + high
          + " - "
          + low
          + ") END";
    }

    @Override
    public String matches(String text, String pattern) {
      return "REGEXP_LIKE(" + text + ", " + pattern + ")";
    }
  }
}
