package app.finish.records.source;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.awaitility.Awaitility.await;

import app.finish.core.problem.Problem;
import app.finish.core.tally.Plan;
import app.finish.core.tally.TallyDimension;
import app.finish.core.tally.TallyFunction;
import app.finish.core.tally.TallyMeasure;
import app.finish.records.RandomPlans;
import app.finish.records.Sailing;
import app.finish.records.Tallying;
import app.finish.records.TallyingTest;
import app.finish.records.sql.DatabaseQuery;
import app.finish.records.sql.PlanStatement;
import io.zonky.test.db.postgres.embedded.EmbeddedPostgres;
import java.io.IOException;
import java.io.InterruptedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/// The same plans on a PostgreSQL server, and what can go wrong with a server.
public class PostgreSqlTest {
  private final List<Sailing> sailings = Sailing.some(500, 21);
  private EmbeddedPostgres server;
  private Path data;

  @BeforeClass
  public void start() throws Exception {
    data = Files.createTempDirectory("postgres");
    server = EmbeddedPostgres.builder().setDataDirectory(data).start();
    try (Connection connection = server.getPostgresDatabase().getConnection();
        Statement statement = connection.createStatement()) {
      statement.execute("CREATE SCHEMA sound");
      Stored.put(connection, "sound.\"Sailings; old\"", sailings);
      statement.execute(
          "CREATE VIEW sound.slow AS SELECT a AS \"A\" FROM generate_series(1, 2000000000) AS"
              + " s(a)");
      statement.execute("CREATE ROLE reader LOGIN PASSWORD 'tide-table'");
      statement.execute("GRANT USAGE ON SCHEMA sound TO reader");
      statement.execute("GRANT SELECT ON ALL TABLES IN SCHEMA sound TO reader");
      Path access = data.resolve("pg_hba.conf");
      Files.writeString(access, "host all reader all scram-sha-256\n" + Files.readString(access));
      statement.execute("SELECT pg_reload_conf()");
    }
    await().until(this::readerIsAskedForItsPassword);
  }

  /// The server reads its new rules of access a moment after it is told to.
  private boolean readerIsAskedForItsPassword() {
    try (Connection _ =
        DriverManager.getConnection(server.getJdbcUrl("reader", "postgres"), "reader", "wrong")) {
      return false;
    } catch (SQLException e) {
      return true;
    }
  }

  @AfterClass
  public void stop() throws IOException {
    server.close();
  }

  private Address address() {
    return Address.of(
        "sound", "jdbc:postgresql://localhost:" + server.getPort() + "/postgres", "reader");
  }

  private Records open(String secret, String table) throws IOException {
    return Database.open(address(), secret.toCharArray(), table, DatabaseQuery.SILENT);
  }

  @Test
  public void plansGiveWhatAPlainTallyGives() throws IOException {
    try (Records records = open("tide-table", "sound.Sailings; old")) {
      assertThat(records.count()).isEqualTo(500);
      for (int batch = 0; batch < 8; batch++) {
        RandomPlans plans = new RandomPlans(5000L + batch);
        for (int i = 0; i < 25; i++) {
          Plan plan = plans.next();
          TallyingTest.hold(plan, Tallying.of(records).table(plan), sailings);
        }
      }
    }
  }

  @Test
  public void aWrongPasswordGetsASentenceWithoutIt() {
    assertThatThrownBy(() -> open("low-tide", "sound.slow"))
        .isInstanceOf(Problem.class)
        .hasMessage(
            "The server of sound, sound.slow did not take the name and password. Type them again.");
    assertThatThrownBy(
            () -> Address.of("sound", "jdbc:postgresql://h/b?user=a&password=low-tide", ""))
        .hasMessageContaining("There is a password in the address")
        .hasMessageContaining("FINISH_SECRET_SOUND")
        .hasMessageNotContaining("low-tide");
  }

  @Test
  public void aTableThatIsNotThereGetsASentence() {
    assertThatThrownBy(() -> open("tide-table", "sound.nothing"))
        .isInstanceOf(Problem.class)
        .hasMessageContaining("There is no table behind sound, sound.nothing");
  }

  @Test
  public void nothingButReadingIsSent() throws Exception {
    try (Records records = open("tide-table", "sound.Sailings; old")) {
      Connection connection = records.connection();
      assertThat(connection.isReadOnly()).isTrue();
      try (Statement statement = connection.createStatement()) {
        assertThatThrownBy(() -> statement.execute("CREATE TABLE sound.more (a INT)"))
            .isInstanceOf(SQLException.class)
            .hasMessageContaining("read-only");
      }
      assertThatThrownBy(
              () ->
                  DatabaseQuery.SILENT.ask(
                      connection, "DELETE FROM sound.slow", List.of(), result -> 1, "x"))
          .hasMessageContaining("only reading statements");
    }
  }

  @Test
  public void namesAndValuesNeverBecomeStatements() throws IOException {
    try (Records records = open("tide-table", "sound.Sailings; old")) {
      Plan plan =
          Plan.EMPTY
              .withDown(List.of(TallyDimension.of("Vessel \"old\"; name")))
              .withWhere("Route == \"x'; DROP TABLE sound.slow; --\"");
      assertThat(Tallying.of(records).groups(plan)).hasSize(1);
      PlanStatement statement =
          new PlanStatement(plan, records.columns(), records.table(), records.dialect());
      assertThat(statement.sql()).contains("\"Vessel \"\"old\"\"; name\"").doesNotContain("DROP");
    }
  }

  @Test
  public void stoppingStopsItOnTheServer() throws Exception {
    Throwable[] ended = {null};
    Thread asker =
        new Thread(
            () -> {
              try (Records records = open("tide-table", "sound.slow")) {
                ended[0] = new AssertionError("it was not slow: " + records.count());
              } catch (IOException e) {
                ended[0] = e;
              }
            });
    asker.start();
    await().until(() -> running() == 1);
    asker.interrupt();
    asker.join(10_000);
    assertThat(ended[0]).isInstanceOf(InterruptedIOException.class);
    await().until(() -> running() == 0);
  }

  /// Whether a statement on a slow view runs on a server.
  private static boolean isAsked(EmbeddedPostgres other) throws SQLException {
    String sql =
        "SELECT COUNT(*) FROM pg_stat_activity WHERE state = 'active' AND query LIKE '%slow%'"
            + " AND pid <> pg_backend_pid()";
    try (Connection connection = other.getPostgresDatabase().getConnection();
        Statement statement = connection.createStatement();
        ResultSet result = statement.executeQuery(sql)) {
      result.next();
      return result.getLong(1) > 0;
    }
  }

  private long running() throws SQLException {
    String sql =
        "SELECT COUNT(*) FROM pg_stat_activity WHERE usename = 'reader' AND state = 'active'";
    try (Connection connection = server.getPostgresDatabase().getConnection();
        Statement statement = connection.createStatement();
        ResultSet result = statement.executeQuery(sql)) {
      result.next();
      return result.getLong(1);
    }
  }

  @Test
  public void aServerThatGoesAwayGetsASentence() throws Exception {
    EmbeddedPostgres other = EmbeddedPostgres.builder().start();
    try (Connection connection = other.getPostgresDatabase().getConnection()) {
      Stored.put(connection, "sailings", sailings.subList(0, 50));
    }
    Address address =
        Address.of(
            "away", "jdbc:postgresql://localhost:" + other.getPort() + "/postgres", "postgres");
    try (Records records = Database.open(address, new char[0], "sailings", DatabaseQuery.SILENT)) {
      Plan plan =
          Plan.EMPTY.withMeasures(List.of(TallyMeasure.of(TallyFunction.MEAN, "Passengers")));
      assertThat(Tallying.of(records).table(plan).body().rows()).isEqualTo(1);
      other.close();
      assertThatThrownBy(() -> Tallying.of(records).table(plan))
          .isInstanceOf(Problem.class)
          .hasMessageContaining("does not answer")
          .hasMessageContaining("Nothing was changed");
    }
    assertThatThrownBy(() -> Database.open(address, new char[0], "sailings", DatabaseQuery.SILENT))
        .isInstanceOf(Problem.class)
        .hasMessageContaining("does not answer");
  }

  @Test
  public void aServerThatGoesAwayInTheMiddleGetsASentence() throws Exception {
    EmbeddedPostgres other = EmbeddedPostgres.builder().start();
    try (Connection connection = other.getPostgresDatabase().getConnection();
        Statement statement = connection.createStatement()) {
      statement.execute(
          "CREATE VIEW slow AS SELECT a AS \"A\" FROM generate_series(1, 2000000000) AS s(a)");
    }
    Address address =
        Address.of(
            "away", "jdbc:postgresql://localhost:" + other.getPort() + "/postgres", "postgres");
    Throwable[] ended = {null};
    Thread asker =
        new Thread(
            () -> {
              try {
                Database.open(address, new char[0], "slow", DatabaseQuery.SILENT).close();
              } catch (IOException e) {
                ended[0] = e;
              }
            });
    asker.start();
    await().until(() -> isAsked(other));
    other.close();
    asker.join(20_000);
    assertThat(ended[0]).isInstanceOf(Problem.class).hasMessageContaining("does not answer");
  }
}
