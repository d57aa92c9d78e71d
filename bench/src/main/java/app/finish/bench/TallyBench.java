package app.finish.bench;

import app.finish.core.tally.Plan;
import app.finish.core.tally.TallyDimension;
import app.finish.core.tally.TallyFunction;
import app.finish.core.tally.TallyMeasure;
import app.finish.records.Tallying;
import app.finish.records.source.Address;
import app.finish.records.source.Database;
import app.finish.records.source.Records;
import app.finish.records.sql.DatabaseQuery;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.Properties;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Level;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.TearDown;
import org.openjdk.jmh.annotations.Warmup;

/// Tallies records by three dimensions with all subtotals and five measures, beside the statement
/// that a person would write for it on the same database.
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 2, time = 3)
@Measurement(iterations = 5, time = 4)
@Fork(
    value = 2,
    jvmArgs = {
      "-Xmx512m",
      "--enable-native-access=ALL-UNNAMED",
      "--sun-misc-unsafe-memory-access=allow"
    })
public class TallyBench {
  private static final String BY_HAND =
      """
      SELECT GROUPING(route, season, vessel), route, season, vessel, COUNT(*), SUM(passengers),
             SUM(fares), AVG(late), SUM(fares) / SUM(cost)
      FROM sailings
      GROUP BY GROUPING SETS ((route, season, vessel), (route, season), (route, vessel), (route),
                              (vessel), ())
      """;

  /// How many records there are.
  @Param({"100000", "1000000", "10000000"})
  public int size;

  private Path folder;
  private Records records;
  private Connection byHand;
  private Plan plan;

  /// Makes the records.
  @Setup(Level.Trial)
  public void make() throws IOException, SQLException {
    folder = Files.createTempDirectory("bench");
    Path file = folder.resolve("sailings.db");
    try (Connection connection = DriverManager.getConnection("jdbc:duckdb:" + file);
        Statement statement = connection.createStatement()) {
      statement.execute("SELECT setseed(0.42)");
      statement.execute(
          "CREATE TABLE sailings AS SELECT ['Hale–Orrin', 'Orrin–Skell', 'Skell–Tamsay', NULL][1 +"
              + " CAST(floor(random() * 4) AS INT)] AS route,['Winter', 'Spring', 'Summer',"
              + " 'Autumn'][1 + CAST(floor(random() * 4) AS INT)] AS season,'Vessel ' ||"
              + " CAST(floor(random() * 20) AS INT) AS vessel,CAST(floor(random() * 300) AS BIGINT)"
              + " AS passengers,round(random() * 900, 2) AS fares, round(100 + random() * 500, 2)"
              + " AS cost,round(random() * 20 - 4) AS late FROM range("
              + size
              + ")");
    }
    Properties limits = new Properties();
    limits.setProperty("duckdb.read_only", "true");
    records =
        Database.open(
            Address.of("bench", "jdbc:duckdb:" + file, ""),
            new char[0],
            "sailings",
            DatabaseQuery.SILENT);
    byHand = DriverManager.getConnection("jdbc:duckdb:" + file, limits);
    plan =
        Plan.EMPTY
            .withDown(List.of(TallyDimension.of("route"), TallyDimension.of("season")))
            .withAcross(List.of(TallyDimension.of("vessel")))
            .withMeasures(
                List.of(
                    TallyMeasure.count(),
                    TallyMeasure.of(TallyFunction.SUM, "passengers"),
                    TallyMeasure.of(TallyFunction.SUM, "fares"),
                    TallyMeasure.of(TallyFunction.MEAN, "late"),
                    new TallyMeasure.Calculated("fares / cost", "recovery")));
  }

  /// Deletes them.
  @TearDown(Level.Trial)
  public void delete() throws IOException, SQLException {
    records.close();
    byHand.close();
    Files.deleteIfExists(folder.resolve("sailings.db"));
  }

  /// The tally, to the table.
  @Benchmark
  public Object tally() throws IOException {
    return Tallying.of(records).table(plan);
  }

  /// The statement written by hand, its rows read.
  @Benchmark
  public double byHand() throws SQLException {
    double sum = 0;
    try (Statement statement = byHand.createStatement();
        ResultSet rows = statement.executeQuery(BY_HAND)) {
      while (rows.next()) {
        for (int i = 5; i <= 9; i++) {
          sum += rows.getDouble(i);
        }
      }
    }
    return sum;
  }
}
