package app.finish.records.source;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.finish.core.table.Table;
import app.finish.core.tally.Plan;
import app.finish.core.tally.Reading;
import app.finish.core.tally.TallyDimension;
import app.finish.core.tally.TallyMeasure;
import app.finish.records.Tallying;
import app.finish.records.column.Column;
import app.finish.records.column.ColumnType;
import app.finish.records.sql.DatabaseQuery;
import app.finish.records.words.PlanWords;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// What stands far down in a file changes what its column is, and nothing is changed without being
/// told.
public class LateAnswersTest {
  private static final int EARLY = 25_000;

  private static Path csv(String head, int lines, java.util.function.IntFunction<String> line)
      throws IOException {
    Path file = Files.createTempDirectory("late").resolve("late.csv");
    StringBuilder text = new StringBuilder(head).append('\n');
    for (int i = 0; i < lines; i++) {
      text.append(line.apply(i)).append('\n');
    }
    return Files.writeString(file, text);
  }

  private static double total(Records records, TallyMeasure measure) throws IOException {
    Plan plan =
        Plan.EMPTY
            .withDown(List.of(TallyDimension.of("Route").totalled(true)))
            .withMeasures(List.of(measure));
    Table table = Tallying.of(records).table(plan);
    return table.body().number(table.body().rows() - 1, 0);
  }

  @DataProvider
  public Object[] endings() {
    return new Object[] {"csv", "json"};
  }

  @Test(dataProvider = "endings")
  public void lateDecimalsAreNotRounded(String ending) throws IOException {
    double sum = 0;
    for (int i = 0; i < EARLY + 500; i++) {
      sum += i < EARLY ? i % 7 : 0.25;
    }
    Path file =
        csv("Route,Cost", EARLY + 500, i -> "R" + i % 3 + "," + (i < EARLY ? "" + i % 7 : "0.25"));
    if (ending.equals("json")) {
      StringBuilder json = new StringBuilder();
      List<String> lines = Files.readAllLines(file);
      for (String line : lines.subList(1, lines.size())) {
        String[] parts = line.split(",");
        json.append("{\"Route\":\"%s\",\"Cost\":%s}\n".formatted(parts[0], parts[1]));
      }
      file = Files.writeString(file.resolveSibling("late.json"), json);
    }
    try (Records records = RecordFile.open(file, Reading.PLAIN, DatabaseQuery.SILENT)) {
      assertThat(total(records, new PlanWords(records.columns()).measure("sum Cost")))
          .isEqualTo(sum);
      if (ending.equals("csv")) {
        assertThat(records.said()).anyMatch(one -> one.contains("decimals later"));
      }
    }
  }

  @Test
  public void leadingZerosStayText() throws IOException {
    Path file = csv("Route,Postcode", 300, i -> "R1," + (i < 200 ? "1067" : "01067"));
    try (Records records = RecordFile.open(file, Reading.PLAIN, DatabaseQuery.SILENT)) {
      assertThat(records.columns().of("Postcode").type()).isEqualTo(ColumnType.TEXT);
      assertThat(records.members(TallyDimension.of("Postcode"), 9, DatabaseQuery.SILENT))
          .hasSize(2);
    }
    Path late = csv("Route,Postcode", EARLY + 10, i -> "R1," + (i < EARLY ? "1067" : "01067"));
    try (Records records = RecordFile.open(late, Reading.PLAIN, DatabaseQuery.SILENT)) {
      assertThat(records.members(TallyDimension.of("Postcode"), 9, DatabaseQuery.SILENT))
          .hasSize(2);
    }
  }

  @Test
  public void quotedDigitsAreTextsWhereOtherNumbersAreNotQuoted() throws IOException {
    Path codes = csv("Route,Code,Units", 30, i -> "\"R1\",\"%d\",%d".formatted(100 + i % 4, i));
    try (Records records = RecordFile.open(codes, Reading.PLAIN, DatabaseQuery.SILENT)) {
      assertThat(records.columns().of("Code").type()).isEqualTo(ColumnType.TEXT);
      assertThat(records.columns().of("Units").type()).isEqualTo(ColumnType.WHOLE);
      assertThat(records.said()).anyMatch(one -> one.contains("quotation marks"));
    }
    Reading asNumbers = Reading.PLAIN.withNumbers(Set.of("Code"));
    try (Records records = RecordFile.open(codes, asNumbers, DatabaseQuery.SILENT)) {
      assertThat(total(records, new PlanWords(records.columns()).measure("mean Code")))
          .isBetween(101.0, 102.0);
    }
    Path all = csv("Route,Code,Units", 30, i -> "\"R1\",\"%d\",\"%d\"".formatted(i % 4, i));
    try (Records records = RecordFile.open(all, Reading.PLAIN, DatabaseQuery.SILENT)) {
      assertThat(records.columns().of("Code").type()).isEqualTo(ColumnType.WHOLE);
    }
  }

  @Test
  public void columnsThatNobodyAsksForAreKnownAndNotRead() throws IOException {
    Path file =
        csv("Route,Day,Units,Late", 60, i -> "R%d,2025-01-05,%d,%d".formatted(i % 3, i, i % 2));
    try (Records records =
        RecordFile.open(
            file, Reading.PLAIN, DatabaseQuery.SILENT, name -> "Route Units".contains(name))) {
      assertThat(records.columns().all())
          .extracting(Column::name)
          .containsExactly("Route", "Day", "Units", "Late");
      assertThat(records.columns().of("Day").type()).isEqualTo(ColumnType.DATE);
      assertThat(total(records, new PlanWords(records.columns()).measure("sum Units")))
          .isEqualTo(59 * 30);
    }
    Path broken = csv("Route,Day,Units,Late", 5, i -> i == 3 ? "R1,2" : "R1,2,3,4");
    assertThatThrownBy(
            () -> RecordFile.open(broken, Reading.PLAIN, DatabaseQuery.SILENT, "Units"::equals))
        .isInstanceOf(BrokenRecords.class);
  }

  @Test
  public void aColumnIsKeptAsText() throws IOException {
    Path file = csv("Route,Code", 50, i -> "R1," + (100 + i % 4));
    Reading reading = Reading.PLAIN.withTexts(Set.of("Code"));
    try (Records records = RecordFile.open(file, reading, DatabaseQuery.SILENT)) {
      assertThat(records.columns().of("Code").type()).isEqualTo(ColumnType.TEXT);
    }
  }

  @Test
  public void openDatesAreAskedAbout() throws IOException {
    Path open = csv("Route,Sailed on", 40, i -> "R1,0%d/0%d/2024".formatted(1 + i % 9, 1 + i % 8));
    try (Records records = RecordFile.open(open, Reading.PLAIN, DatabaseQuery.SILENT)) {
      assertThat(records.columns().of("Sailed on").type()).isEqualTo(ColumnType.TEXT);
      assertThat(records.said()).anyMatch(one -> one.contains("day or the month first"));
    }
    try (Records records =
        RecordFile.open(open, Reading.PLAIN.withDayFirst(true), DatabaseQuery.SILENT)) {
      assertThat(records.columns().of("Sailed on").type()).isEqualTo(ColumnType.DATE);
      assertThat(records.columns().of("Sailed on").example()).startsWith("2024-01-01");
    }
    Path told =
        csv("Route,Sailed on", 40, i -> "R1,%02d/0%d/2024".formatted(1 + i % 28, 1 + i % 8));
    try (Records records = RecordFile.open(told, Reading.PLAIN, DatabaseQuery.SILENT)) {
      assertThat(records.columns().of("Sailed on").type()).isEqualTo(ColumnType.DATE);
    }
  }

  @Test
  public void writtenNumbersAreNumbersWhereAPersonSaysSo() throws IOException {
    String[] written = {"5%", "\"1,234\"", "(500)", "€2.50", "none"};
    Path file = csv("Route,Worth", 5, i -> "R1," + written[i]);
    Reading reading = Reading.PLAIN.withNumbers(Set.of("Worth"));
    try (Records records = RecordFile.open(file, reading, DatabaseQuery.SILENT)) {
      assertThat(total(records, new PlanWords(records.columns()).measure("sum Worth")))
          .isEqualTo(5 + 1234 - 500 + 2.5);
      assertThat(records.said()).anyMatch(one -> one.contains("none"));
    }
  }

  @Test
  public void anExpressionInAFunctionIsOfEachRecord() throws IOException {
    Path file = csv("Route,Units,Unit cost", 4, i -> "R1,%d,%s".formatted(i + 1, "0.5"));
    try (Records records = RecordFile.open(file, Reading.PLAIN, DatabaseQuery.SILENT)) {
      PlanWords words = new PlanWords(records.columns());
      assertThat(total(records, words.measure("sum (Units * Unit cost)"))).isEqualTo(5);
      assertThat(total(records, words.measure("sum(Units * Unit cost) as Worth"))).isEqualTo(5);
      assertThat(total(records, words.measure("sum(Units) * sum(Unit cost) as Odd"))).isEqualTo(20);
      assertThat(total(records, words.measure("mean(Units / Unit cost) as M"))).isEqualTo(5);
      assertThatThrownBy(() -> total(records, words.measure("Units * Unit cost as Worth")))
          .isInstanceOf(IllegalArgumentException.class)
          .hasMessageContaining("sum(Units) * sum(Unit cost)")
          .hasMessageContaining("sum(Units * Unit cost)");
    }
  }

  @Test
  public void twoMeasuresOfAColumnHaveTwoNames() throws IOException {
    Path file = csv("Route,Cost", 3, i -> "R1," + i);
    try (Records records = RecordFile.open(file, Reading.PLAIN, DatabaseQuery.SILENT)) {
      PlanWords words = new PlanWords(records.columns());
      Plan plan =
          Plan.EMPTY.withMeasures(List.of(words.measure("sum Cost"), words.measure("count Cost")));
      assertThat(plan.measures()).extracting(TallyMeasure::name).doesNotHaveDuplicates();
    }
  }

  @Test
  public void aLongFileIsReadWholeAndItsFirstRecordsAreTheFirst() throws IOException {
    int lines = 700_000;
    Path file =
        csv(
            "Route,Day,Passengers",
            lines,
            i -> "Route %d,2025-01-%02d,%d".formatted(i % 5, 1 + i % 28, i));
    try (Records records = RecordFile.open(file, Reading.PLAIN, DatabaseQuery.SILENT)) {
      assertThat(records.count()).isEqualTo(lines);
      assertThat(total(records, new PlanWords(records.columns()).measure("sum Passengers")))
          .isEqualTo(lines * (lines - 1.0) / 2);
      List<List<String>> first = records.first(20, DatabaseQuery.SILENT);
      for (int i = 0; i < 20; i++) {
        assertThat(first.get(i).get(2)).isEqualTo(String.format(Locale.ROOT, "%d", i));
      }
    }
  }
}
