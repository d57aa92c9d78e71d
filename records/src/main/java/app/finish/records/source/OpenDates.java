package app.finish.records.source;

import app.finish.records.sql.Dialect;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;

/// Finds columns of dates such as 03/04/2024 that can have the day or the month first, where no
/// date of the column tells which: none has a part above 12 in either place.
public final class OpenDates {
  private static final Dialect DUCK_DB = new Dialect.DuckDb();

  private final Connection connection;
  private final String scan;

  /// @param scan the file with all its columns as texts
  OpenDates(Connection connection, String scan) {
    this.connection = connection;
    this.scan = scan;
  }

  /// Those of the columns that are open.
  List<String> among(List<String> columns) throws SQLException {
    List<String> slashed = new ArrayList<>();
    List<String> tests = new ArrayList<>();
    for (String column : columns) {
      String name = DUCK_DB.quote(column);
      tests.add(
          "COUNT(*) FILTER (WHERE regexp_matches("
              + name
              + ", '^[0-9]{1,2}[/-][0-9]{1,2}[/-][0-9]{2,4}'))");
    }
    try (Statement statement = connection.createStatement();
        ResultSet first =
            statement.executeQuery(
                "SELECT "
                    + String.join(", ", tests)
                    + " FROM (SELECT * FROM "
                    + scan
                    + " LIMIT 100)")) {
      first.next();
      for (int i = 0; i < columns.size(); i++) {
        if (first.getLong(i + 1) > 0) {
          slashed.add(columns.get(i));
        }
      }
    }
    return slashed.isEmpty() ? slashed : undecided(slashed);
  }

  private List<String> undecided(List<String> columns) throws SQLException {
    List<String> tests = new ArrayList<>();
    for (String column : columns) {
      String name = DUCK_DB.quote(column);
      String part =
          "TRY_CAST(regexp_extract(" + name + ", '^([0-9]{1,2})[/-]([0-9]{1,2})', %d) AS INTEGER)";
      tests.add("MAX(" + part.formatted(1) + "), MAX(" + part.formatted(2) + ")");
    }
    List<String> open = new ArrayList<>();
    try (Statement statement = connection.createStatement();
        ResultSet result =
            statement.executeQuery("SELECT " + String.join(", ", tests) + " FROM " + scan)) {
      result.next();
      for (int i = 0; i < columns.size(); i++) {
        if (result.getInt(2 * i + 1) <= 12 && result.getInt(2 * i + 2) <= 12) {
          open.add(columns.get(i));
        }
      }
    }
    return open;
  }
}
