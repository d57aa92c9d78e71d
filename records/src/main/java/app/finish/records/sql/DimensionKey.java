package app.finish.records.sql;

import app.finish.core.problem.Refusal;
import app.finish.core.tally.Bins;
import app.finish.core.tally.TallyDimension;
import app.finish.records.column.Column;
import app.finish.records.column.ColumnType;
import app.finish.records.column.Columns;

/// What records are grouped by.
///
/// ```java
/// DimensionKey.of(TallyDimension.of("Route"), columns, dialect); // CAST("Route" AS VARCHAR)
/// ```
public final class DimensionKey {
  private DimensionKey() {}

  /// What records are grouped by for a dimension: a text, or a number.
  ///
  /// @throws app.finish.core.problem.Refusal if its bins don't suit its column
  public static String of(TallyDimension dimension, Columns columns, Dialect dialect) {
    Column column = columns.of(dimension.column());
    String name = dialect.quote(column.name());
    return switch (dimension.bins()) {
      case Bins.None _ -> plainKey(column, name, dialect);
      case Bins.Width width -> {
        columns.needNumbers(column, "gathered by width");
        String number = dialect.asDouble(name);
        yield "FLOOR((" + number + " - (" + width.start() + ")) / " + width.width() + ")";
      }
      case Bins.Cuts cuts -> {
        columns.needNumbers(column, "gathered by cut points");
        StringBuilder cases = new StringBuilder("CASE WHEN " + name + " IS NULL THEN NULL");
        for (int i = 0; i < cuts.points().size(); i++) {
          String number = dialect.asDouble(name);
          cases.append(" WHEN " + number + " < " + cuts.points().get(i) + " THEN " + i);
        }
        yield cases + " ELSE " + cuts.points().size() + " END";
      }
      case Bins.Dates dates -> {
        if (column.type() != ColumnType.DATE) {
          throw new Refusal(
              "“"
                  + column.name()
                  + "” holds no dates, so it has no "
                  + dates.part().word()
                  + ". Gather a column of dates.");
        }
        yield dialect.part(dates.part(), name);
      }
    };
  }

  private static String plainKey(Column column, String name, Dialect dialect) {
    return switch (column.type()) {
      case TEXT -> dialect.asText(name);
      case WHOLE -> name;
      case NUMBER -> dialect.asDouble(name);
      case TRUTH -> "CASE WHEN " + name + " THEN 'Yes' WHEN NOT " + name + " THEN 'No' END";
      case DATE -> dialect.asText("CAST(" + name + " AS DATE)");
    };
  }
}
