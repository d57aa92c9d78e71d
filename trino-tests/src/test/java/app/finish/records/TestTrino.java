package app.finish.records;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.finish.core.problem.Problem;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import app.finish.core.tally.Bins;
import app.finish.core.tally.DatePart;
import app.finish.core.tally.MissingAnswers;
import app.finish.core.tally.Plan;
import app.finish.core.tally.TallyDimension;
import app.finish.core.tally.TallyFunction;
import app.finish.core.tally.TallyMeasure;
import app.finish.core.tally.TallyMeasure.Base;
import app.finish.records.source.Address;
import app.finish.records.source.Database;
import app.finish.records.source.Records;
import app.finish.records.sql.DatabaseQuery;
import io.trino.plugin.tpch.TpchPlugin;
import io.trino.testing.DistributedQueryRunner;
import io.trino.testing.TestingSession;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/// The same plans on a cluster of Trino with two workers and on DuckDB, over the same orders. The
/// cluster's own test library insists on a name that begins with Test.
public class TestTrino {
  private static final String[] FUNCTIONS = {
    "count", "distinct", "sum", "mean", "sd", "se", "median", "min", "max"
  };

  private static final String[] FILTERS = {
    "",
    "totalprice / 1000 >= 50 && orderpriority != '5-LOW'",
    "orderdate >= date('1996-07-01') || quarter(orderdate) == 2",
    "orderpriority.startsWith('1') || clerk.endsWith('7')",
    "custkey in [1, 4, 7, 100, 121, 124, 127, 130] || !missing(comment) && size(comment) > 60",
    "clerk.matches('0[0-4]$')"
  };

  private Runnable stopCluster = () -> {};
  private Address trino;
  private Address duck;

  @BeforeClass
  public void start() throws Exception {
    DistributedQueryRunner cluster =
        DistributedQueryRunner.builder(
                TestingSession.testSessionBuilder().setCatalog("tpch").setSchema("tiny").build())
            .setWorkerCount(2)
            .build();
    stopCluster = cluster::close;
    cluster.installPlugin(new TpchPlugin());
    cluster.createCatalog("tpch", "tpch", Map.of());
    trino =
        Address.of("cluster", "jdbc:trino://" + cluster.getCoordinator().getAddress(), "reader");
    Path file = Files.createTempDirectory("trino").resolve("orders.db");
    copyOrders(file);
    duck = Address.of("file", "jdbc:duckdb:" + file, "");
  }

  @AfterClass(alwaysRun = true)
  public void stop() {
    stopCluster.run();
  }

  /// Copies the orders as the cluster gives them.
  private void copyOrders(Path file) throws Exception {
    String columns =
        "orderkey, custkey, orderstatus, totalprice, orderdate, orderpriority, clerk, comment";
    try (Connection from = DriverManager.getConnection(trino.url(), "reader", null);
        Connection to = DriverManager.getConnection("jdbc:duckdb:" + file);
        Statement read = from.createStatement();
        Statement make = to.createStatement()) {
      make.execute(
          "CREATE TABLE orders (orderkey BIGINT, custkey BIGINT, orderstatus VARCHAR, totalprice"
              + " DOUBLE, orderdate DATE, orderpriority VARCHAR, clerk VARCHAR, comment VARCHAR)");
      try (ResultSet rows = read.executeQuery("SELECT " + columns + " FROM tpch.tiny.orders");
          PreparedStatement insert =
              to.prepareStatement("INSERT INTO orders VALUES (?, ?, ?, ?, ?, ?, ?, ?)")) {
        to.setAutoCommit(false);
        while (rows.next()) {
          for (int i = 1; i <= 8; i++) {
            insert.setObject(i, i == 5 ? rows.getDate(i) : rows.getObject(i));
          }
          insert.addBatch();
        }
        insert.executeBatch();
        to.commit();
      }
    }
  }

  @Test
  public void plansGiveTheSameOnTrinoAsOnDuckDb() throws IOException {
    Random random = new Random(12);
    try (Records far = Database.open(trino, new char[0], "tpch.tiny.orders", DatabaseQuery.SILENT);
        Records near = Database.open(duck, new char[0], "orders", DatabaseQuery.SILENT)) {
      assertThat(far.count()).isEqualTo(near.count()).isEqualTo(15_000);
      for (int i = 0; i < 40; i++) {
        Plan plan = plan(random);
        same(plan, Tallying.of(far).table(plan), Tallying.of(near).table(plan));
      }
    }
  }

  private static Plan plan(Random random) {
    List<TallyDimension> dimensions =
        List.of(
            TallyDimension.of("orderpriority"),
            TallyDimension.of("orderstatus"),
            TallyDimension.of("orderdate").in(new Bins.Dates(DatePart.values()[random.nextInt(5)])),
            TallyDimension.of("totalprice").in(new Bins.Width(75_000.5, 100, false)),
            TallyDimension.of("custkey").in(Bins.cuts(List.of(100.0, 700.0, 1400.0), true)));
    int first = random.nextInt(3);
    int second = first + random.nextInt(3);
    List<TallyMeasure> measures = new ArrayList<>();
    for (int i = 0; i <= random.nextInt(4); i++) {
      String column = random.nextBoolean() ? "totalprice" : "custkey";
      TallyMeasure measure =
          switch (random.nextInt(6)) {
            case 0 -> TallyMeasure.percent(Base.values()[random.nextInt(3)], "");
            case 1 -> TallyMeasure.quantile(random.nextInt(101) / 100.0, column);
            case 2 -> new TallyMeasure.Calculated("sum(totalprice) / sum(custkey)", "Ratio");
            default ->
                TallyMeasure.of(
                    TallyFunction.of(FUNCTIONS[random.nextInt(FUNCTIONS.length)]).orElseThrow(),
                    column);
          };
      measures.add(measure.withName(measure.name() + i));
    }
    return Plan.EMPTY
        .withDown(dimensions.subList(0, first))
        .withAcross(dimensions.subList(first, second))
        .withMeasures(measures)
        .withMissing(random.nextBoolean() ? MissingAnswers.APART : MissingAnswers.LEFT_OUT)
        .withWeight(random.nextInt(4) == 0 ? "custkey" : "")
        .withWhere(FILTERS[random.nextInt(FILTERS.length)]);
  }

  private static void same(Plan plan, Table far, Table near) {
    assertThat(far.down()).as(plan.toString()).isEqualTo(near.down());
    assertThat(far.across()).as(plan.toString()).isEqualTo(near.across());
    for (int row = 0; row < far.body().rows(); row++) {
      for (int column = 0; column < far.body().columns(); column++) {
        Value one = far.body().at(row, column);
        Value other = near.body().at(row, column);
        if (one instanceof Value.Numeric a && other instanceof Value.Numeric b) {
          assertThat(a.number())
              .as(plan + " " + row + " " + column)
              .isCloseTo(b.number(), within(1e-9 * Math.max(1, Math.abs(b.number()))));
        } else {
          assertThat(one).as(plan + " " + row + " " + column).isEqualTo(other);
        }
      }
    }
  }

  @Test
  public void aTableThatIsNotThereGetsASentence() {
    assertThatThrownBy(
            () -> Database.open(trino, new char[0], "tpch.tiny.nothing", DatabaseQuery.SILENT))
        .isInstanceOf(Problem.class)
        .hasMessageContaining("There is no table behind cluster, tpch.tiny.nothing");
  }
}
