package app.finish.records.source;

import app.finish.records.column.Column;
import app.finish.records.column.ColumnType;
import app.finish.records.column.Columns;
import app.finish.records.sql.DatabaseQuery;
import app.finish.records.sql.Dialect;
import java.io.IOException;
import java.sql.Connection;
import java.sql.ResultSetMetaData;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/// What a table of records holds: its columns with their types and how many answers are missing,
/// and how many records there are.
///
/// @param columns the columns
/// @param count how many records
public record RecordsDescription(Columns columns, long count) {
  private static final int EXAMPLES = 50;

  /// Asks a database about a table.
  static RecordsDescription of(
      Connection connection, Dialect dialect, String table, String label, DatabaseQuery asking)
      throws IOException {
    List<Column> bare =
        asking.ask(
            connection,
            "SELECT * FROM " + table + " LIMIT " + EXAMPLES,
            List.of(),
            result -> {
              ResultSetMetaData meta = result.getMetaData();
              int width = meta.getColumnCount();
              String[] examples = new String[width];
              while (result.next()) {
                for (int i = 0; i < width; i++) {
                  examples[i] = examples[i] == null ? result.getString(i + 1) : examples[i];
                }
              }
              List<Column> columns = new ArrayList<>();
              for (int i = 0; i < width; i++) {
                boolean whole = meta.getScale(i + 1) == 0;
                String typeName = meta.getColumnTypeName(i + 1);
                ColumnType type = ColumnType.of(typeName);
                boolean decimal = typeName.toLowerCase(java.util.Locale.ROOT).startsWith("decimal");
                type = decimal && whole ? ColumnType.WHOLE : type;
                columns.add(
                    new Column(
                        meta.getColumnLabel(i + 1),
                        type,
                        -1,
                        examples[i] == null ? "" : examples[i]));
              }
              return columns;
            },
            label);
    return counted(connection, dialect, table, label, asking, bare);
  }

  /// This with the columns of the file that were not read too, in the file's order.
  ///
  /// @param found the columns of the file by name, with the database's types
  RecordsDescription withFound(Map<String, String> found) {
    if (found.isEmpty()) {
      return this;
    }
    List<Column> all = new ArrayList<>();
    found.forEach(
        (name, type) ->
            all.add(
                columns.find(name).orElseGet(() -> new Column(name, ColumnType.of(type), -1, ""))));
    return new RecordsDescription(new Columns(columns.label(), all), count);
  }

  private static RecordsDescription counted(
      Connection connection,
      Dialect dialect,
      String table,
      String label,
      DatabaseQuery asking,
      List<Column> bare)
      throws IOException {
    List<String> counts = new ArrayList<>(List.of("COUNT(*)"));
    bare.forEach(column -> counts.add("COUNT(" + dialect.quote(column.name()) + ")"));
    return asking.ask(
        connection,
        "SELECT " + String.join(", ", counts) + " FROM " + table,
        List.of(),
        result -> {
          result.next();
          long all = result.getLong(1);
          List<Column> columns = new ArrayList<>();
          for (int i = 0; i < bare.size(); i++) {
            Column column = bare.get(i);
            long missing = all - result.getLong(i + 2);
            columns.add(new Column(column.name(), column.type(), missing, column.example()));
          }
          return new RecordsDescription(new Columns(label, columns), all);
        },
        label);
  }
}
