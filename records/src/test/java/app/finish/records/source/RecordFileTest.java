package app.finish.records.source;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.awaitility.Awaitility.await;

import app.finish.core.problem.Problem;
import app.finish.core.table.Table;
import app.finish.core.tally.Plan;
import app.finish.core.tally.Reading;
import app.finish.core.tally.RecordsName;
import app.finish.core.tally.TallyDimension;
import app.finish.core.tally.TallyFunction;
import app.finish.core.tally.TallyMeasure;
import app.finish.records.RandomPlans;
import app.finish.records.Sailing;
import app.finish.records.Tallying;
import app.finish.records.TallyingTest;
import app.finish.records.column.Column;
import app.finish.records.column.ColumnType;
import app.finish.records.sql.DatabaseQuery;
import java.io.IOException;
import java.io.InterruptedIOException;
import java.io.OutputStream;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.util.List;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Stream;
import org.apache.poi.xssf.usermodel.XSSFRow;
import org.apache.poi.xssf.usermodel.XSSFSheet;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/// Files of records: good ones of each kind, and bad ones.
public class RecordFileTest {
  private Path folder;

  @BeforeClass
  public void makeFolder() throws IOException {
    folder = Files.createTempDirectory("records");
  }

  private Path file(String name, String text) throws IOException {
    return Files.writeString(folder.resolve(name), text);
  }

  private static Records open(Path file, Reading reading) throws IOException {
    return RecordFile.open(file, reading, DatabaseQuery.SILENT);
  }

  private static String figure(Path file, Reading reading, TallyFunction function, String column)
      throws IOException {
    try (Records records = open(file, reading)) {
      TallyMeasure measure =
          column.isEmpty() ? TallyMeasure.count() : TallyMeasure.of(function, column);
      Table table = Tallying.of(records).table(Plan.EMPTY.withMeasures(List.of(measure)));
      return table.body().at(0, 0).toString();
    }
  }

  @Test
  public void eachKindOfFileIsReadAlike() throws Exception {
    List<Sailing> sailings = Sailing.some(400, 3);
    Path csv = file("s.csv", Sailing.csv(sailings));
    Path parquet = folder.resolve("s.parquet");
    Path json = folder.resolve("s.json");
    try (Connection connection = DriverManager.getConnection("jdbc:duckdb:");
        Statement statement = connection.createStatement()) {
      statement.execute("CREATE TABLE s AS SELECT * FROM read_csv('" + csv + "', header = true)");
      statement.execute("COPY s TO '" + parquet + "' (FORMAT parquet)");
      statement.execute("COPY s TO '" + json + "' (FORMAT json)");
    }
    Path tsv = file("s.tsv", Sailing.csv(sailings).replace(",", "\t"));
    Path xlsx = workbook(sailings);
    Plan plan = new RandomPlans(1).next();
    for (int i = 0; i < 12; i++) {
      plan = new RandomPlans(40 + i).next();
      for (Path file : List.of(csv, parquet, json, tsv, xlsx)) {
        try (Records records = open(file, Reading.PLAIN)) {
          TallyingTest.hold(plan, Tallying.of(records).table(plan), sailings);
        }
      }
    }
  }

  private Path workbook(List<Sailing> sailings) throws IOException {
    Path file = folder.resolve("s.xlsx");
    try (XSSFWorkbook workbook = new XSSFWorkbook();
        OutputStream out = Files.newOutputStream(file)) {
      XSSFSheet sheet = workbook.createSheet("Sailings");
      XSSFRow head = sheet.createRow(0);
      for (int i = 0; i < Sailing.COLUMNS.size(); i++) {
        head.createCell(i).setCellValue(Sailing.COLUMNS.get(i));
      }
      for (int row = 0; row < sailings.size(); row++) {
        XSSFRow cells = sheet.createRow(row + 1);
        for (int i = 0; i < Sailing.COLUMNS.size(); i++) {
          Object value = sailings.get(row).value(Sailing.COLUMNS.get(i));
          switch (value) {
            case null -> {}
            case Number number -> cells.createCell(i).setCellValue(number.doubleValue());
            case Boolean truth -> cells.createCell(i).setCellValue(truth);
            default -> cells.createCell(i).setCellValue(value.toString());
          }
        }
      }
      workbook.write(out);
    }
    return file;
  }

  @Test
  public void columnsTellTheirTypesAndWhatIsMissing() throws IOException {
    try (Records records = open(file("t.csv", Sailing.csv(Sailing.some(300, 8))), Reading.PLAIN)) {
      assertThat(records.columns().all().stream().map(Column::type))
          .containsExactly(
              ColumnType.TEXT,
              ColumnType.TEXT,
              ColumnType.DATE,
              ColumnType.WHOLE,
              ColumnType.NUMBER,
              ColumnType.NUMBER,
              ColumnType.NUMBER,
              ColumnType.TRUTH,
              ColumnType.NUMBER);
      long missing = Sailing.some(300, 8).stream().filter(s -> s.route() == null).count();
      assertThat(records.columns().of("Route").missing()).isEqualTo(missing).isPositive();
      assertThat(records.count()).isEqualTo(300);
      assertThat(records.first(5, DatabaseQuery.SILENT)).hasSize(5);
      assertThat(records.members(TallyDimension.of("Route"), 100, DatabaseQuery.SILENT)).hasSize(5);
    }
  }

  @Test
  public void brokenLinesAreNamedAndLeftOutOnlyIfThePersonSaysSo() throws IOException {
    StringBuilder text = new StringBuilder("Route,Fares\n");
    for (int i = 0; i < 400; i++) {
      text.append(i == 17 ? "Hale,1,2,3\n" : i == 203 ? "Hale\n" : "Hale," + i + "\n");
    }
    Path file = file("broken, [odd] 'name'.csv", text.toString());
    BrokenRecords broken =
        catchThrowableOfType(BrokenRecords.class, () -> open(file, Reading.PLAIN));
    assertThat(broken)
        .hasMessage(
            "2 lines of broken, [odd] 'name'.csv are broken: lines 19, 205 (too many values). "
                + "Mend the file, or leave them out.");
    assertThat(broken.lines().getLast().why()).isEqualTo("too few values");
    try (Records records = open(file, Reading.PLAIN.withBrokenLeftOut(true))) {
      assertThat(records.count()).isEqualTo(398);
      assertThat(records.said())
          .containsExactly("2 broken lines of broken, [odd] 'name'.csv are left out.");
    }
  }

  @Test
  public void aTypeThatChangesHalfWayIsReadAsTextAndSaid() throws IOException {
    StringBuilder text = new StringBuilder("Route,Fares\n");
    for (int i = 0; i < 40_000; i++) {
      text.append("Hale,").append(i == 30_000 ? "n/a" : i % 100 / 4.0).append('\n');
    }
    Path file = file("changes.csv", text.toString());
    try (Records records = open(file, Reading.PLAIN)) {
      assertThat(records.columns().of("Fares").type()).isEqualTo(ColumnType.TEXT);
      assertThat(records.count()).isEqualTo(40_000);
      assertThat(records.said().getFirst()).startsWith("“Fares” holds “n/a” in line 30002, ");
    }
    try (Records records = open(file, Reading.PLAIN.withNumbers(Set.of("Fares")))) {
      assertThat(records.columns().of("Fares").type()).isEqualTo(ColumnType.NUMBER);
      assertThat(records.columns().of("Fares").missing()).isEqualTo(1);
      assertThat(records.said().getLast()).contains("1 answers in “Fares” are no numbers");
    }
    try (Records records = open(file, Reading.PLAIN.withMissingWords(List.of("n/a")))) {
      assertThat(records.columns().of("Fares").type()).isEqualTo(ColumnType.NUMBER);
      assertThat(records.said()).isEmpty();
    }
  }

  @Test
  public void decimalCommasAndOldEncodingsAreRead() throws IOException {
    Path commas = file("commas.csv", "Route;Fares\nHale;12,5\nOrrin;7\nSkell;0,25\n");
    assertThat(figure(commas, Reading.PLAIN, TallyFunction.SUM, "Fares")).contains("number=19.75");
    Path thousands = file("thousands.csv", "Ort;Betrag\nHale;1.234,50 €\nOrrin;7,25 €\n");
    assertThat(figure(thousands, Reading.PLAIN, TallyFunction.SUM, "Betrag"))
        .contains("number=1241.75");
    Path signs = file("signs.csv", "Ort,Sum,Code\nHale,\"£1,234\",1.234.5\nOrrin,£7.5,x\n");
    assertThat(figure(signs, Reading.PLAIN, TallyFunction.SUM, "Sum")).contains("number=1241.5");
    Path unsure = file("unsure.csv", "Ort,Sum\nHale,\"1,234\"\nOrrin,\"2,000\"\n");
    assertThat(figure(unsure, Reading.PLAIN, TallyFunction.SUM, "Sum")).contains("number=3234.0");
    Path old = folder.resolve("old.csv");
    Files.write(
        old, "Route,Fares\nHale–Örrin,3\nÉider,4\n".getBytes(Charset.forName("windows-1252")));
    try (Records records = open(old, Reading.PLAIN)) {
      assertThat(records.first(1, DatabaseQuery.SILENT).getFirst().getFirst())
          .isEqualTo("Hale–Örrin");
    }
    Path wide = folder.resolve("wide.csv");
    Files.write(wide, "\uFEFFRoute,Fares\nHale–Örrin,3\n".getBytes(StandardCharsets.UTF_16LE));
    assertThat(figure(wide, Reading.PLAIN, TallyFunction.SUM, "Fares")).contains("number=3.0");
  }

  @Test
  public void badFilesGetASentence() throws IOException {
    assertThatThrownBy(() -> open(folder.resolve("none.csv"), Reading.PLAIN))
        .isInstanceOf(Problem.class)
        .hasMessageContaining("There is no file");
    assertThatThrownBy(() -> open(file("empty.csv", ""), Reading.PLAIN))
        .hasMessageContaining("empty.csv is empty");
    assertThatThrownBy(() -> open(file("x.docx", "PK"), Reading.PLAIN))
        .hasMessageContaining("Save them as CSV, Parquet, JSON or XLSX");
    for (String name : List.of("bad.parquet", "bad.json", "bad.csv", "bad.xlsx")) {
      byte[] noise = new byte[5000];
      new java.util.Random(4).nextBytes(noise);
      Path bad = Files.write(folder.resolve(name), noise);
      try (Records records = open(bad, Reading.PLAIN)) {
        assertThat(records.columns().all()).isNotEmpty();
      } catch (Problem told) {
        assertThat(told.getMessage()).contains(name).doesNotContain("Exception");
      }
    }
    assertThatThrownBy(() -> open(folder, Reading.PLAIN)).hasMessageContaining("is a folder");
  }

  @Test
  public void countingIsStoppedByAnInterruption() throws Exception {
    StringBuilder text = new StringBuilder("A,B\n");
    for (int i = 0; i < 200_000; i++) {
      text.append(i).append(',').append(i % 977).append('\n');
    }
    try (Records records = open(file("long.csv", text.toString()), Reading.PLAIN)) {
      Plan slow =
          Plan.EMPTY
              .withDown(List.of(TallyDimension.of("A")))
              .withMeasures(List.of(TallyMeasure.quantile(0.3, "B")));
      Throwable[] ended = {null};
      AtomicInteger asked = new AtomicInteger();
      Thread asker =
          new Thread(
              () -> {
                try {
                  while (true) {
                    asked.incrementAndGet();
                    Tallying.of(records).withCells(Long.MAX_VALUE).groups(slow);
                  }
                } catch (Throwable e) {
                  ended[0] = e;
                }
              });
      asker.start();
      await().until(() -> asked.get() > 0);
      asker.interrupt();
      asker.join(10_000);
      assertThat(ended[0]).isInstanceOf(InterruptedIOException.class);
      assertThat(figureOf(records)).contains("200000");
    }
  }

  private static String figureOf(Records records) throws IOException {
    Table table =
        Tallying.of(records).table(Plan.EMPTY.withMeasures(List.of(TallyMeasure.count())));
    return table.body().at(0, 0).toString();
  }

  @Test
  public void whatWasReadForItIsDeleted() throws IOException {
    Path parent = Files.createTempDirectory("finish-parent");
    Records records = openIn(parent, file("gone.csv", "A,B\n1,2\n"));
    assertThat(folders(parent)).hasSize(1);
    records.close();
    assertThatThrownBy(() -> openIn(parent, file("worse.csv", "A,B\n1,2,3,4\n")))
        .isInstanceOf(BrokenRecords.class);
    assertThat(folders(parent)).isEmpty();
  }

  private static Records openIn(Path parent, Path file) throws IOException {
    RecordsName name = new RecordsName.File(file.toString(), Reading.PLAIN);
    return RecordFile.openIn(
        parent, file, name, Reading.PLAIN, DatabaseQuery.SILENT, column -> true);
  }

  private static List<Path> folders(Path parent) throws IOException {
    try (Stream<Path> all = Files.list(parent)) {
      return all.toList();
    }
  }
}
