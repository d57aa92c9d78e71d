package app.finish.records.source;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/// What the database could not take of a CSV file.
///
/// @param encoding whether bytes are not UTF-8
/// @param changed columns whose type changes, and where first
/// @param broken lines whose columns are not straight
/// @param delimiter what parts the values of a line
public record Rejects(
    boolean encoding,
    Map<String, Changed> changed,
    List<BrokenRecords.Line> broken,
    String delimiter) {
  /// A value of another type than those before it.
  ///
  /// @param number its line, from 1
  /// @param value the value
  public record Changed(long number, String value) {}

  /// What the database kept of its last reading.
  public static Rejects of(Connection connection) throws SQLException {
    Map<String, Changed> changed = new LinkedHashMap<>();
    Map<Long, BrokenRecords.Line> broken = new LinkedHashMap<>();
    boolean encoding = false;
    try (Statement statement = connection.createStatement();
        ResultSet result =
            statement.executeQuery(
                "SELECT line, column_name, CAST(error_type AS VARCHAR), error_message, csv_line "
                    + "FROM reject_errors ORDER BY line, column_idx")) {
      while (result.next()) {
        long line = result.getLong(1);
        String why = String.valueOf(result.getString(4));
        switch (result.getString(3)) {
          case "CAST" ->
              changed.putIfAbsent(
                  result.getString(2),
                  new Changed(line, why.replaceAll("(?s).*string \"(.*)\" to.*", "$1")));
          case "INVALID ENCODING" -> encoding = true;
          case "TOO MANY COLUMNS" -> add(broken, line, "too many values", result.getString(5));
          case "MISSING COLUMNS" -> add(broken, line, "too few values", result.getString(5));
          case "UNQUOTED VALUE" ->
              add(broken, line, "a quotation mark that is not closed", result.getString(5));
          default -> add(broken, line, "it is too long", result.getString(5));
        }
      }
    }
    return new Rejects(encoding, changed, List.copyOf(broken.values()), delimiter(connection));
  }

  private static String delimiter(Connection connection) throws SQLException {
    try (Statement statement = connection.createStatement();
        ResultSet result = statement.executeQuery("SELECT delimiter FROM reject_scans LIMIT 1")) {
      return result.next() ? String.valueOf(result.getString(1)) : ",";
    }
  }

  private static void add(
      Map<Long, BrokenRecords.Line> broken, long line, String why, String text) {
    broken.putIfAbsent(line, new BrokenRecords.Line(line, why, text == null ? "" : text));
  }
}
