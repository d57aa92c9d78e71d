package app.finish.bench;

import app.finish.core.tally.Plan;
import app.finish.core.tally.Reading;
import app.finish.core.tally.TallyDimension;
import app.finish.core.tally.TallyFunction;
import app.finish.core.tally.TallyMeasure;
import app.finish.records.Tallying;
import app.finish.records.source.RecordFile;
import app.finish.records.source.Records;
import app.finish.records.sql.DatabaseQuery;
import java.io.BufferedWriter;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Level;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.TearDown;
import org.openjdk.jmh.annotations.Warmup;

/// The first tally of a CSV of a million sailings, from nothing: the file is read, looked through
/// for what is missing, and tallied. The floor is the database's own reading of it.
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SingleShotTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 0)
@Measurement(iterations = 1)
@Fork(
    value = 7,
    jvmArgs = {
      "-Xmx512m",
      "--enable-native-access=ALL-UNNAMED",
      "--sun-misc-unsafe-memory-access=allow"
    })
public class FirstTallyBench {
  private static final String[] ROUTES = {"Hale–Orrin", "Orrin–Skell", "Skell–Tamsay"};

  private Path folder;
  private Path csv;

  /// Writes the file, once for all forks.
  @Setup(Level.Trial)
  public void write() throws IOException {
    folder = Files.createTempDirectory("bench");
    csv = folder.resolve("sailings.csv");
    Random random = new Random(1);
    try (BufferedWriter out = Files.newBufferedWriter(csv)) {
      out.write("Sailed on,Route,Vessel,Passengers,Vehicles,Fares,Running cost,Minutes late\n");
      for (int i = 0; i < 1_000_000; i++) {
        int people = random.nextInt(300);
        out.write("2025-0" + (1 + i % 9) + "-1" + i % 10 + "," + ROUTES[i % 3] + ",Vessel ");
        out.write(random.nextInt(20) + "," + people + "," + people / 4 + "," + people * 7.25);
        out.write("," + (100 + random.nextInt(500)) + "," + (random.nextInt(20) - 4) + "\n");
      }
    }
  }

  /// Deletes it.
  @TearDown(Level.Trial)
  public void delete() throws IOException {
    Files.deleteIfExists(csv);
    Files.deleteIfExists(folder.resolve("floor.db"));
    Files.deleteIfExists(folder);
  }

  /// To the table.
  @Benchmark
  public Object firstTally() throws IOException {
    Plan plan =
        Plan.EMPTY
            .withDown(List.of(TallyDimension.of("Route"), TallyDimension.of("Vessel")))
            .withMeasures(
                List.of(
                    TallyMeasure.count(),
                    TallyMeasure.of(TallyFunction.SUM, "Fares"),
                    TallyMeasure.of(TallyFunction.MEAN, "Minutes late")));
    try (Records records = RecordFile.open(csv, Reading.PLAIN, DatabaseQuery.SILENT)) {
      return Tallying.of(records).table(plan);
    }
  }

  /// The database's own reading.
  @Benchmark
  public boolean floorOwnReading() throws SQLException {
    try (Connection connection =
            DriverManager.getConnection("jdbc:duckdb:" + folder.resolve("floor.db"));
        Statement statement = connection.createStatement()) {
      return statement.execute(
          "CREATE OR REPLACE TABLE records AS SELECT * FROM read_csv('" + csv + "')");
    }
  }
}
