package app.finish.records.source;

import app.finish.core.problem.Problem;
import app.finish.core.tally.RecordsName;
import app.finish.records.sql.DatabaseQuery;
import app.finish.records.sql.Dialect;
import app.finish.records.sql.SqlProblems;
import java.io.IOException;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.Locale;
import java.util.Properties;

/// Finds records in a database. Only reading statements are sent, over a connection that is said to
/// read only. The secret goes to the driver and nowhere else.
///
/// ```java
/// Address address = Address.of("sound", "jdbc:postgresql://localhost/sound", "reader");
/// Records records = Database.open(address, secret, "sailings", DatabaseQuery.SILENT);
/// ```
public final class Database {
  private Database() {}

  /// The records of a table.
  ///
  /// @param secret the password; empty if the database asks for none
  /// @param table the table, with its schema before a point if it needs one
  /// @throws Problem if the server does not answer, does not take the secret or has no such table
  public static Records open(Address address, char[] secret, String table, DatabaseQuery asking)
      throws IOException {
    Dialect dialect = dialect(address);
    RecordsName name = new RecordsName.Stored(address.name(), table);
    Connection connection = connect(address, secret, name.label());
    try {
      String from = dialect.table(table);
      RecordsDescription described =
          RecordsDescription.of(connection, dialect, from, name.label(), asking);
      return new Records(
          name,
          connection,
          dialect,
          from,
          described.columns(),
          described.count(),
          List.of(),
          () -> {});
    } catch (IOException | RuntimeException e) {
      close(connection);
      throw e;
    }
  }

  private static Connection connect(Address address, char[] secret, String label) throws Problem {
    Properties properties = new Properties();
    if (!address.user().isEmpty()) {
      properties.setProperty("user", address.user());
    }
    if (secret.length > 0) {
      properties.setProperty("password", new String(secret));
    }
    if (address.url().startsWith("jdbc:duckdb:")) {
      properties.setProperty("duckdb.read_only", "true");
    }
    try {
      Connection connection = DriverManager.getConnection(address.url(), properties);
      if (address.url().startsWith("jdbc:duckdb:")) {
        Path spill = Path.of(System.getProperty("java.io.tmpdir"), "finish-spill");
        RecordFile.limit(connection, spill);
        lock(connection);
      } else {
        connection.setReadOnly(true);
      }
      if (address.url().startsWith("jdbc:postgresql:")) {
        connection.setAutoCommit(false);
      }
      return connection;
    } catch (SQLException e) {
      throw SqlProblems.of(e, label);
    }
  }

  /// A database file may hold views that read other files: nothing outside it is opened.
  private static void lock(Connection connection) throws SQLException {
    try (Statement statement = connection.createStatement()) {
      statement.execute("SET enable_external_access = false");
      statement.execute("SET lock_configuration = true");
    }
  }

  private static Dialect dialect(Address address) throws Problem {
    String url = address.url().toLowerCase(Locale.ROOT);
    if (url.startsWith("jdbc:duckdb:")) {
      return new Dialect.DuckDb();
    }
    if (url.startsWith("jdbc:postgresql:")) {
      return new Dialect.PostgreSql();
    }
    if (url.startsWith("jdbc:trino:")) {
      return new Dialect.Trino();
    }
    throw new Problem(
        "The address of "
            + address.name()
            + " is of no database that Finish can ask. It has to "
            + "begin with jdbc:postgresql:, jdbc:trino: or jdbc:duckdb:.");
  }

  private static void close(Connection connection) {
    try {
      connection.close();
    } catch (SQLException e) {
      org.slf4j.LoggerFactory.getLogger(Database.class).debug("closing", e);
    }
  }
}
