package app.finish.records;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.arrange.Arranged;
import app.finish.core.arrange.Arranger;
import app.finish.core.arrange.make.ByFigure;
import app.finish.core.arrange.make.ByLabel;
import app.finish.core.arrange.make.Calculate;
import app.finish.core.arrange.make.DropTotals;
import app.finish.core.arrange.make.FoldLevel;
import app.finish.core.arrange.make.KeepTop;
import app.finish.core.arrange.make.PlaceLevel;
import app.finish.core.arrange.move.Arrangement;
import app.finish.core.arrange.move.Move;
import app.finish.core.arrange.place.Side;
import app.finish.core.table.Leaf;
import app.finish.core.table.MeasureKind;
import app.finish.core.table.Table;
import app.finish.core.tally.Plan;
import app.finish.core.tally.RecordsName;
import app.finish.core.tally.TallyDimension;
import app.finish.core.tally.TallyFunction;
import app.finish.core.tally.TallyMeasure;
import app.finish.expressions.MeasureFormulas;
import app.finish.formats.samples.Samples;
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
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.assertj.core.data.Offset;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/// Tallied tables that are arranged hold what a plain statement on the same records gives.
public class ArrangedTallyTest {
  private static final List<String> FARES = List.of("Fares");

  private Table tallied;
  private Path records;

  @BeforeClass
  public void tally() throws IOException {
    records = Samples.copy(Samples.SAILINGS, Files.createTempDirectory("arranged"));
    Plan plan =
        Plan.EMPTY
            .withDown(List.of(TallyDimension.of("Route"), TallyDimension.of("Vessel")))
            .withMeasures(
                List.of(
                    TallyMeasure.count().withName("Sailings"),
                    TallyMeasure.of(TallyFunction.SUM, "Fares"),
                    TallyMeasure.of(TallyFunction.SUM, "Running cost")));
    RecordsName.Sample sample = new RecordsName.Sample(Samples.SAILINGS);
    try (Records open = RecordSamples.open(sample, DatabaseQuery.SILENT)) {
      tallied = Tallying.of(open).tally(plan).table();
    }
  }

  private Arranged arranged(Move... moves) {
    Arrangement arrangement = Arrangement.of(moves);
    Arranged arranged = Arranger.arrange(tallied, arrangement, new MeasureFormulas());
    assertThat(arranged.unplaced()).isEmpty();
    return arranged;
  }

  /// The second column of a statement by its first.
  private Map<String, Double> asked(String columns, String rest) throws SQLException {
    Map<String, Double> figures = new LinkedHashMap<>();
    String from = " from read_csv('" + records + "') ";
    try (Connection connection = DriverManager.getConnection("jdbc:duckdb:");
        Statement statement = connection.createStatement();
        ResultSet rows = statement.executeQuery("select " + columns + from + rest)) {
      while (rows.next()) {
        figures.put(rows.getString(1), rows.getDouble(2));
      }
    }
    return figures;
  }

  private static Map<String, Double> column(Arranged arranged, int column) {
    Map<String, Double> figures = new LinkedHashMap<>();
    for (Leaf leaf : arranged.table().down().leaves()) {
      figures.put(
          String.join("/", leaf.labels()), arranged.table().body().number(leaf.index(), column));
    }
    return figures;
  }

  private static void assertSame(Map<String, Double> some, Map<String, Double> others) {
    assertThat(some.keySet()).containsExactlyElementsOf(others.keySet());
    others.forEach(
        (name, figure) ->
            assertThat(some.get(name)).as(name).isCloseTo(figure, Offset.offset(1e-6)));
  }

  @Test
  public void aTallyFoldedToItsOtherLevelIsTheCoarserOne() throws SQLException {
    Arranged arranged =
        arranged(
            new PlaceLevel(Side.DOWN, 1, Side.DOWN, 0),
            new FoldLevel(Side.DOWN, 0),
            new DropTotals(Side.DOWN, 0),
            new ByLabel(Side.DOWN, 0, false));
    assertSame(column(arranged, 1), asked("Vessel, sum(Fares)", "group by Vessel order by Vessel"));
  }

  @Test
  public void ratiosAndSharesAreThoseOfTheRecords() throws SQLException {
    Arranged arranged =
        arranged(
            new FoldLevel(Side.DOWN, 0),
            new DropTotals(Side.DOWN, 0),
            new Calculate("Share", "share_of_total(Fares)", MeasureKind.PERCENT, 1),
            new Calculate("Recovery", "Fares / Running cost", MeasureKind.RATIO, 2),
            new ByFigure(Side.DOWN, 0, FARES, true));
    String by = "group by Route order by sum(Fares) desc";
    assertSame(column(arranged, 3), asked("Route, sum(Fares) / sum(sum(Fares)) over () * 100", by));
    assertSame(column(arranged, 4), asked("Route, sum(Fares) / sum(\"Running cost\")", by));
  }

  @Test
  public void theRestIsWhatTheOtherRecordsSumTo() throws SQLException {
    Arranged arranged =
        arranged(
            new PlaceLevel(Side.DOWN, 1, Side.DOWN, 0),
            new FoldLevel(Side.DOWN, 0),
            new DropTotals(Side.DOWN, 0),
            new Calculate("Recovery", "Fares / Running cost", MeasureKind.RATIO, 2),
            new KeepTop(Side.DOWN, 0, 1, FARES, false, true));
    String best =
        "(select Vessel from read_csv('"
            + records
            + "') group by Vessel"
            + " order by sum(Fares) desc limit 1)";
    Map<String, Double> rest =
        asked("'rest', sum(Fares) / sum(\"Running cost\")", "where Vessel <> " + best);
    assertThat(arranged.table().body().number(1, 3))
        .isCloseTo(rest.get("rest"), Offset.offset(1e-9));
  }
}
