package app.finish.records.source;

import app.finish.core.tally.Member;
import app.finish.core.tally.RecordsName;
import app.finish.core.tally.TallyDimension;
import app.finish.records.column.Columns;
import app.finish.records.sql.DatabaseQuery;
import app.finish.records.sql.Dialect;
import app.finish.records.sql.DimensionKey;
import app.finish.records.sql.SqlProblems;
import java.io.IOException;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.SortedSet;
import java.util.TreeSet;

/// Records that can be asked: a table in an embedded database or in a server.
///
/// ```java
/// try (Records records = RecordFile.open(path, Reading.PLAIN, DatabaseQuery.SILENT)) {
///   records.columns().all();
///   Tallying.of(records).table(plan);
/// }
/// ```
public final class Records implements AutoCloseable {
  /// The first records of a long file, which are kept in their order.
  public static final String FIRST = "first_records";

  private final RecordsName name;
  private final Connection connection;
  private final Dialect dialect;
  private final String table;
  private final Columns columns;
  private final long count;
  private final List<String> said;
  private final Runnable afterClosing;

  Records(
      RecordsName name,
      Connection connection,
      Dialect dialect,
      String table,
      Columns columns,
      long count,
      List<String> said,
      Runnable afterClosing) {
    this.name = name;
    this.connection = connection;
    this.dialect = dialect;
    this.table = table;
    this.columns = columns;
    this.count = count;
    this.said = List.copyOf(said);
    this.afterClosing = afterClosing;
  }

  /// Where they are.
  public RecordsName name() {
    return name;
  }

  /// The columns in order.
  public Columns columns() {
    return columns;
  }

  /// How many records there are; −1 if nobody has counted.
  public long count() {
    return count;
  }

  /// What had to be decided while they were read, a sentence each.
  public List<String> said() {
    return said;
  }

  public Connection connection() {
    return connection;
  }

  public Dialect dialect() {
    return dialect;
  }

  public String table() {
    return table;
  }

  /// The first records, written out, an empty text where there is no answer.
  ///
  /// @throws app.finish.formats.io.Problem if the server doesn't answer
  public List<List<String>> first(int records, DatabaseQuery asking) throws IOException {
    List<String> picked =
        columns.all().stream().map(one -> dialect.asText(dialect.quote(one.name()))).toList();
    String from = keepsFirst() ? FIRST : table;
    String sql = "SELECT " + String.join(", ", picked) + " FROM " + from + " LIMIT " + records;
    return asking.ask(
        connection,
        sql,
        List.of(),
        result -> {
          List<List<String>> rows = new ArrayList<>();
          while (result.next()) {
            List<String> row = new ArrayList<>();
            for (int i = 1; i <= picked.size(); i++) {
              String text = result.getString(i);
              row.add(text == null ? "" : text);
            }
            rows.add(row);
          }
          return rows;
        },
        name.label());
  }

  private boolean keepsFirst() throws IOException {
    if (!(name instanceof RecordsName.File)) {
      return false;
    }
    try (var found = connection.getMetaData().getTables(null, null, FIRST, null)) {
      return found.next();
    } catch (SQLException e) {
      throw SqlProblems.of(e, name.label());
    }
  }

  /// Whether a condition holds for some record.
  ///
  /// @param condition a condition in the database's language, that we wrote
  public boolean holds(String condition, DatabaseQuery asking) throws IOException {
    String sql = "SELECT COUNT(*) FROM " + table + " WHERE " + condition;
    return asking.ask(
        connection,
        sql,
        List.of(),
        result -> {
          result.next();
          return result.getLong(1) > 0;
        },
        name.label());
  }

  /// The members of a dimension, in order.
  ///
  /// @param most how many are wanted at most
  /// @throws app.finish.formats.io.Problem if the server doesn't answer
  public List<Member> members(TallyDimension dimension, int most, DatabaseQuery asking)
      throws IOException {
    String key = DimensionKey.of(dimension, columns, dialect);
    String sql =
        "SELECT k FROM (SELECT DISTINCT " + key + " AS k FROM " + table + ") AS keys LIMIT " + most;
    SortedSet<Member> members =
        asking.ask(
            connection,
            sql,
            List.of(),
            result -> {
              SortedSet<Member> found = new TreeSet<>();
              while (result.next()) {
                found.add(member(result, 1));
              }
              return found;
            },
            name.label());
    return List.copyOf(members);
  }

  /// The member in a column of a result.
  public static Member member(ResultSet result, int column) throws SQLException {
    Object value = result.getObject(column);
    return switch (value) {
      case null -> Member.MISSING;
      case Number number ->
          Double.isNaN(number.doubleValue()) ? Member.MISSING : Member.of(number.doubleValue());
      default -> Member.of(value.toString());
    };
  }

  /// Lets go of the records. What was read from a file for this is deleted.
  @Override
  public void close() {
    try {
      connection.close();
    } catch (SQLException e) {
      org.slf4j.LoggerFactory.getLogger(Records.class).debug("closing {}", name.label(), e);
    } finally {
      afterClosing.run();
    }
  }
}
