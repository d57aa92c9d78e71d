package app.finish.records.source;

import app.finish.records.sql.Dialect;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/// Takes columns for whole numbers whose first answers are, once all of their answers were seen: a
/// later decimal makes them numbers with decimals, a leading zero or a word keeps them texts.
/// Nothing is rounded.
///
/// ```java
/// List<String> said = new WholeNumbers(connection, Set.of(), true).take(Set.of("Passengers"));
/// ```
public final class WholeNumbers {
  private static final Dialect DUCK_DB = new Dialect.DuckDb();
  private static final String NOT_WHOLE = "finish: not a whole number";

  private final Connection connection;
  private final Set<String> texts;
  private final boolean ordered;
  private final Set<String> kept = new LinkedHashSet<>();

  /// @param texts columns that stay texts
  /// @param ordered whether the records stand in the order of the file
  WholeNumbers(Connection connection, Set<String> texts, boolean ordered) {
    this.ordered = ordered;
    this.connection = connection;
    this.texts = texts;
  }

  /// A column of texts as whole numbers; an answer that is none ends the statement.
  static String cast(String column) {
    String name = DUCK_DB.quote(column);
    return "CASE WHEN "
        + name
        + " IS NULL THEN NULL WHEN "
        + isWhole(column)
        + " THEN TRY_CAST("
        + name
        + " AS BIGINT) ELSE CAST(error('"
        + NOT_WHOLE
        + "') AS BIGINT) END AS "
        + name;
  }

  /// Whether a statement with [#cast] ended because an answer is no whole number.
  static boolean isRefusal(SQLException e) {
    return String.valueOf(e.getMessage()).contains(NOT_WHOLE);
  }

  /// What is the same when written out again is a whole number and nothing else.
  private static String isWhole(String column) {
    String name = DUCK_DB.quote(column);
    return "CAST(TRY_CAST(" + name + " AS BIGINT) AS VARCHAR) = " + name;
  }

  /// Columns that look like numbers and are texts.
  Set<String> kept() {
    return kept;
  }

  /// Gives the columns their types; says what differs from what the first answers were.
  List<String> take(Set<String> columns) throws SQLException {
    List<String> open =
        columns.stream()
            .filter(column -> texts.stream().noneMatch(column::equalsIgnoreCase))
            .toList();
    List<String> said = new ArrayList<>();
    if (open.isEmpty()) {
      return said;
    }
    List<String> tests = new ArrayList<>();
    for (String column : open) {
      tests.add(
          "COUNT(*) FILTER (WHERE "
              + DUCK_DB.quote(column)
              + " IS NOT NULL AND ("
              + isWhole(column)
              + ") IS NOT TRUE)");
    }
    List<String> casts = new ArrayList<>();
    try (Statement statement = connection.createStatement();
        ResultSet result =
            statement.executeQuery("SELECT " + String.join(", ", tests) + " FROM records")) {
      result.next();
      for (int i = 0; i < open.size(); i++) {
        String type = result.getLong(i + 1) == 0 ? "BIGINT" : other(open.get(i), said);
        if (!type.isEmpty()) {
          casts.add(changed(open.get(i), type));
        }
      }
    }
    for (String cast : casts) {
      try (Statement statement = connection.createStatement()) {
        statement.execute(cast);
      }
    }
    return said;
  }

  private static String changed(String column, String type) {
    String name = DUCK_DB.quote(column);
    return "ALTER TABLE records ALTER "
        + name
        + " TYPE "
        + type
        + " USING CAST(TRIM("
        + name
        + ") AS "
        + type
        + ")";
  }

  /// The type of a column not all of whose answers are plain whole numbers; nothing if it stays
  /// text.
  private String other(String column, List<String> said) throws SQLException {
    String name = DUCK_DB.quote(column);
    String bare = "TRIM(" + name + ")";
    String sql =
        "SELECT COUNT(*) FILTER (WHERE regexp_full_match("
            + bare
            + ", '[-+]?0[0-9]+')), "
            + "COUNT(*) FILTER (WHERE TRY_CAST("
            + bare
            + " AS DOUBLE) IS NULL), "
            + "COUNT(*) FILTER (WHERE NOT regexp_full_match("
            + bare
            + ", '[-+]?[0-9]+')), "
            + "MIN("
            + name
            + ") FILTER (WHERE TRY_CAST("
            + bare
            + " AS DOUBLE) IS NULL), MIN(rowid) FILTER (WHERE TRY_CAST("
            + bare
            + " AS DOUBLE) IS NULL), MAX(LENGTH("
            + bare
            + ")) FROM records WHERE "
            + name
            + " IS NOT NULL";
    try (Statement statement = connection.createStatement();
        ResultSet result = statement.executeQuery(sql)) {
      result.next();
      if (result.getLong(2) > 0) {
        said.add(
            "“"
                + column
                + "” holds “"
                + result.getString(4)
                + "”"
                + (ordered ? " near line " + (result.getLong(5) + 2) : "")
                + ", where numbers stood before, so it is read as text. Take it for numbers if such"
                + " answers are to count as missing.");
        return "";
      }
      if (result.getLong(1) > 0) {
        kept.add(column);
        said.add(
            "“"
                + column
                + "” has answers with a leading zero, so it is read as text. Take it for numbers if"
                + " they are some.");
        return "";
      }
      if (result.getLong(3) > 0) {
        said.add(
            "“"
                + column
                + "” begins with whole numbers and has decimals later; nothing was rounded.");
        return "DOUBLE";
      }
      // Longer than a whole number of the database holds.
      return result.getLong(6) > 18 ? "" : "BIGINT";
    }
  }
}
