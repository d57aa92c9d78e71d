package app.finish.records.source;

import app.finish.records.Sailing;
import java.sql.Connection;
import java.sql.Date;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Collections;
import java.util.List;

/// Puts sailings into a table of a database.
public final class Stored {
  private Stored() {}

  static void put(Connection connection, String table, List<Sailing> sailings) throws SQLException {
    StringBuilder columns = new StringBuilder();
    String[] types = {
      "VARCHAR(40)",
      "VARCHAR(40)",
      "DATE",
      "BIGINT",
      "DOUBLE PRECISION",
      "DECIMAL(12, 2)",
      "DOUBLE PRECISION",
      "BOOLEAN",
      "DECIMAL(6, 2)"
    };
    for (int i = 0; i < types.length; i++) {
      String name = "\"" + Sailing.COLUMNS.get(i).replace("\"", "\"\"") + "\"";
      columns.append(i > 0 ? ", " : "").append(name).append(' ').append(types[i]);
    }
    try (Statement statement = connection.createStatement()) {
      statement.execute("CREATE TABLE " + table + " (" + columns + ")");
    }
    String marks = String.join(", ", Collections.nCopies(types.length, "?"));
    try (PreparedStatement insert =
        connection.prepareStatement("INSERT INTO " + table + " VALUES (" + marks + ")")) {
      for (Sailing one : sailings) {
        for (int i = 0; i < types.length; i++) {
          Object value = one.value(Sailing.COLUMNS.get(i));
          insert.setObject(
              i + 1, value instanceof java.time.LocalDate day ? Date.valueOf(day) : value);
        }
        insert.addBatch();
      }
      insert.executeBatch();
    }
  }
}
