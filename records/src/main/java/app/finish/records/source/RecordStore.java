package app.finish.records.source;

import app.finish.records.sql.DatabaseQuery;
import java.io.IOException;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.LinkedHashSet;
import java.util.Set;

/// The embedded database whose table `records` a file is put into.
///
/// @param connection to the database
/// @param label what the records are called
/// @param asking watches each statement
public record RecordStore(Connection connection, String label, DatabaseQuery asking) {
  /// Does a statement that can take long.
  ///
  /// @throws app.finish.formats.io.Problem if it can't be done, in words for the person
  public void run(String sql) throws IOException, SQLException {
    try (PreparedStatement statement = connection.prepareStatement(sql)) {
      asking.watched(
          statement,
          () -> {
            statement.execute();
            return true;
          },
          label);
    }
  }

  /// The columns of the table that hold texts.
  public Set<String> textColumns() throws SQLException {
    Set<String> columns = new LinkedHashSet<>();
    try (Statement statement = connection.createStatement();
        ResultSet result =
            statement.executeQuery(
                "SELECT column_name FROM duckdb_columns() WHERE table_name = 'records' "
                    + "AND data_type = 'VARCHAR' ORDER BY column_index")) {
      while (result.next()) {
        columns.add(result.getString(1));
      }
    }
    return columns;
  }

  /// A path as the database reads it: quoted, and with nothing in it that stands for several.
  static String path(Path file) {
    String escaped =
        file.toAbsolutePath()
            .toString()
            .replace("[", "[[]")
            .replace("*", "[*]")
            .replace("?", "[?]");
    return text(escaped);
  }

  /// A text as it is written in a statement.
  static String text(String words) {
    return "'" + words.replace("'", "''") + "'";
  }
}
