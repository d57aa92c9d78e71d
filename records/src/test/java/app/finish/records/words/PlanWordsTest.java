package app.finish.records.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.finish.core.grid.Grid;
import app.finish.core.tally.Bins;
import app.finish.core.tally.DatePart;
import app.finish.core.tally.Plan;
import app.finish.core.tally.TallyDimension;
import app.finish.core.tally.TallyFunction;
import app.finish.core.tally.TallyMeasure;
import app.finish.formats.Sources;
import app.finish.formats.samples.Samples;
import app.finish.records.RandomPlans;
import app.finish.records.RecordsGuess;
import app.finish.records.Sailing;
import app.finish.records.column.Column;
import app.finish.records.column.ColumnType;
import app.finish.records.column.Columns;
import app.finish.records.source.RecordFile;
import app.finish.records.source.Records;
import app.finish.records.sql.DatabaseQuery;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.testng.annotations.Test;

/// Dimensions and measures in words, and records told from tables.
public class PlanWordsTest {
  private static final Columns COLUMNS =
      new Columns(
          "x.csv",
          List.of(
              new Column("Route", ColumnType.TEXT, 0, ""),
              new Column("Sailed on", ColumnType.DATE, 0, ""),
              new Column("Sold as seen", ColumnType.NUMBER, 0, ""),
              new Column("Age", ColumnType.WHOLE, 0, ""),
              new Column("count", ColumnType.NUMBER, 0, ""),
              new Column("Late by min", ColumnType.NUMBER, 0, "")));

  private final PlanWords words = new PlanWords(COLUMNS);

  @Test
  public void wordsAreReadAsMeant() {
    assertThat(words.dimension("route")).isEqualTo(TallyDimension.of("Route"));
    assertThat(words.dimension("Sailed on by calendar month as Month"))
        .isEqualTo(
            TallyDimension.of("Sailed on")
                .in(new Bins.Dates(DatePart.CALENDAR_MONTH))
                .named("Month"));
    assertThat(words.dimension("Late by min")).isEqualTo(TallyDimension.of("Late by min"));
    assertThat(words.dimension("Age by 10").bins()).isEqualTo(new Bins.Width(10, 0, true));
    assertThat(words.dimension("Sold as seen at 1.5, 3").bins())
        .isEqualTo(Bins.cuts(List.of(1.5, 3.0), false));
    assertThat(words.measure("sum Sold as seen"))
        .isEqualTo(TallyMeasure.of(TallyFunction.SUM, "Sold as seen"));
    assertThat(words.measure("q90 Age as Oldest").name()).isEqualTo("Oldest");
    assertThat(words.measure("count")).isEqualTo(TallyMeasure.count());
    assertThat(words.measure("count / Age as Ratio"))
        .isEqualTo(new TallyMeasure.Calculated("count / Age", "Ratio"));
    assertThat(words.measure("sum count")).isEqualTo(TallyMeasure.of(TallyFunction.SUM, "count"));
  }

  @Test
  public void whatCannotBeReadIsSaid() {
    assertThatThrownBy(() -> words.dimension("Age at 3, x"))
        .hasMessageContaining("“x”, which is no number");
    assertThatThrownBy(() -> words.dimension("Age at 3, 2")).hasMessageContaining("rise");
    assertThatThrownBy(() -> words.dimension("Sailed on by fortnight"))
        .hasMessageContaining("“by fortnight” is not known");
    assertThatThrownBy(() -> words.measure("sum Fare")).hasMessageContaining("no column “Fare”");
    assertThatThrownBy(() -> words.dimension("Age by 0")).hasMessageContaining("above 0");
  }

  @Test
  public void everyPlanCanBeWrittenInWordsAndReadAgain() throws IOException {
    Path file = Files.createTempFile("sailings", ".csv");
    Files.writeString(file, Sailing.csv(Sailing.some(50, 2)));
    try (Records records =
        RecordFile.open(file, app.finish.core.tally.Reading.PLAIN, DatabaseQuery.SILENT)) {
      PlanWords reader = new PlanWords(records.columns());
      RandomPlans plans = new RandomPlans(9);
      for (int i = 0; i < 300; i++) {
        Plan plan = plans.next();
        for (TallyDimension one : plan.dimensions()) {
          TallyDimension read = reader.dimension(PlanWords.words(one));
          boolean shifted = one.bins() instanceof Bins.Width width && width.start() != 0;
          if (!shifted) {
            assertThat(read.totalled(one.totalled())).isEqualTo(one);
          }
        }
        for (TallyMeasure one : plan.measures()) {
          assertThat(reader.measure(PlanWords.words(one))).isEqualTo(one);
        }
      }
    }
  }

  @Test
  public void recordsAreToldFromTables() throws IOException {
    Path folder = Files.createTempDirectory("guess");
    assertThat(isRecords(Samples.copy(Samples.SAILINGS, folder))).isTrue();
    assertThat(isRecords(Samples.copy(Samples.ANSWERS, folder))).isTrue();
    assertThat(isRecords(Samples.copy(Samples.PIVOTS, folder))).isFalse();
    StringBuilder lands = new StringBuilder("Island,People,Area\n");
    for (int i = 0; i < 200; i++) {
      lands.append("Island ").append(i).append(",3,4\n");
    }
    assertThat(isRecords(Files.writeString(folder.resolve("lands.csv"), lands))).isFalse();
  }

  private static boolean isRecords(Path file) throws IOException {
    Grid grid = Sources.read(file).getFirst().grid();
    return RecordsGuess.isRecords(grid);
  }
}
