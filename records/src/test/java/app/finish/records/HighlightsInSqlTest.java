package app.finish.records;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.arrange.formula.CellExpressions;
import app.finish.core.grid.Grid;
import app.finish.core.highlight.CellNames;
import app.finish.core.highlight.HighlightSentence;
import app.finish.core.highlight.Matches;
import app.finish.core.recognise.Recogniser;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.table.Table;
import app.finish.expressions.MeasureFormulas;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.TreeSet;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// Conditions of highlights match the rows that a database finds over the same values.
public class HighlightsInSqlTest {
  private static final String RANKED =
      "(SELECT *, rank() OVER (ORDER BY a DESC) AS top, rank() OVER (ORDER BY a) AS bottom,"
          + " rank() OVER (PARTITION BY port ORDER BY a DESC) AS topgroup, avg(a) OVER () AS mean,"
          + " avg(a) OVER (PARTITION BY port) AS groupmean, median(a) OVER () AS median,"
          + " stddev_samp(a) OVER () AS sd, count(a) OVER () AS n,"
          + " lag(a) OVER (PARTITION BY port ORDER BY id) AS before FROM cells)";
  private Connection connection;

  @BeforeClass
  public void connect() throws SQLException {
    connection = DriverManager.getConnection("jdbc:duckdb:");
  }

  @AfterClass
  public void close() throws SQLException {
    connection.close();
  }

  @DataProvider
  public Object[][] conditions() {
    String[][] pairs = {
      {"Amount below 40", "a < 40"},
      {"Amount at most 40", "a <= 40"},
      {"Amount above 40", "a > 40"},
      {"Amount at least 40", "a >= 40"},
      {"Amount equal to 40", "a = 40"},
      {"Amount other than 40", "a <> 40"},
      {"Amount between 20 and 60", "a BETWEEN 20 AND 60"},
      {"Amount below “Target”", "a < b"},
      {"Amount among the top 5 of its column", "top <= 5"},
      {"Amount among the bottom 5 of its column", "bottom <= 5"},
      {"Amount among the top 10% of its column", "top <= ceil(n * 0.1)"},
      {"Amount among the top 2 of its group", "topgroup <= 2"},
      {"Amount above the mean of its column", "a > mean + 1e-9"},
      {"Amount below the mean of its group", "a < groupmean - 1e-9"},
      {"Amount above the median of its column", "a > median"},
      {"Amount further than 1.5 SD from the mean of its column", "abs(a - mean) > 1.5 * sd"},
      {"Amount changed by above 10 from above", "a - before > 10"},
      {
        "Amount changed by below -50% from above",
        "before <> 0 AND 100 * (a - before) / abs(before) < -50"
      },
      {"Amount below 20 or above 80", "a < 20 OR a > 80"},
      {
        "Amount not below 20 and not above 80",
        "NOT coalesce(a < 20, false) AND NOT coalesce(a > 80, false)"
      },
      {"Amount where {value * 2 > Target && !total}", "a * 2 > b"},
      {"Amount where {Port == 'Hale' || value > 90}", "(port = 'Hale' AND a IS NOT NULL) OR a > 90"}
    };
    List<Object[]> all = new ArrayList<>();
    for (String[] pair : pairs) {
      for (int seed = 0; seed < 8; seed++) {
        all.add(new Object[] {pair[0], pair[1], seed});
      }
    }
    return all.toArray(Object[][]::new);
  }

  @Test(dataProvider = "conditions")
  public void matchesWhatADatabaseFinds(String sentence, String where, int seed)
      throws SQLException {
    Table table = filled(new Random(seed));
    CellExpressions expressions = new MeasureFormulas().ofCells();
    Matches matches =
        Matches.of(HighlightSentence.read(sentence + ": bold"), CellNames.of(table), expressions);
    assertThat(matches.asleep()).isEmpty();
    TreeSet<Integer> found = new TreeSet<>();
    matches.cells().forEach(spot -> found.add(spot.row()));
    TreeSet<Integer> wanted = new TreeSet<>();
    try (ResultSet rows =
        connection.createStatement().executeQuery("SELECT id FROM " + RANKED + " WHERE " + where)) {
      while (rows.next()) {
        wanted.add(rows.getInt(1));
      }
    }
    assertThat(found).as(sentence).isEqualTo(wanted);
  }

  /// A table of two measures over ports and days, and the same values in the database.
  private Table filled(Random random) throws SQLException {
    List<String> lines = new ArrayList<>(List.of("Port | Day | Amount | Target"));
    connection
        .createStatement()
        .execute("CREATE OR REPLACE TABLE cells (id INT, port TEXT, a DOUBLE, b DOUBLE)");
    String[] ports = {"Hale", "Orrin", "Skell", "Voe"};
    try (PreparedStatement insert =
        connection.prepareStatement("INSERT INTO cells VALUES (?, ?, ?, ?)")) {
      for (int row = 0; row < 48; row++) {
        double a = random.nextInt(1000) / 10.0;
        double b = random.nextInt(100);
        boolean missing = random.nextInt(12) == 0;
        a = random.nextInt(6) == 0 ? 40 : a;
        lines.add(
            ports[row / 12] + " | d" + (row % 12 + 1) + " | " + (missing ? "–" : a) + " | " + b);
        insert.setInt(1, row);
        insert.setString(2, ports[row / 12]);
        insert.setObject(3, missing ? null : (Object) a);
        insert.setDouble(4, b);
        insert.execute();
      }
    }
    Table table =
        Recogniser.recognise(Grid.ofText(lines.toArray(String[]::new)), Corrections.NONE).table();
    assertThat(table.body().rows()).isEqualTo(48);
    return table;
  }
}
