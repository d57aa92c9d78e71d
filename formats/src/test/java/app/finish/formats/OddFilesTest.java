package app.finish.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.finish.core.check.Checked;
import app.finish.core.check.demand.Checks;
import app.finish.core.grid.Grid;
import app.finish.core.problem.Problem;
import app.finish.core.recognise.Recogniser;
import app.finish.core.recognise.found.Recognition;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.table.Leaf;
import app.finish.core.table.Spot;
import app.finish.core.table.Value;
import app.finish.formats.io.ReadRequest;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InterruptedIOException;
import java.io.OutputStream;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicReference;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.apache.poi.ss.usermodel.CellStyle;
import org.apache.poi.ss.usermodel.Font;
import org.apache.poi.ss.usermodel.Row;
import org.apache.poi.ss.usermodel.Sheet;
import org.apache.poi.xssf.usermodel.XSSFFont;
import org.apache.poi.xssf.usermodel.XSSFRichTextString;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.testng.annotations.Test;

/// What is unusual in files and not wrong: it is read as a person would read it.
public class OddFilesTest {
  private static Path file(String name, byte[] bytes) throws IOException {
    return Files.write(Given.folder().resolve(name), bytes);
  }

  private static Recognition read(String name, String text) throws IOException {
    Path file = file(name, text.getBytes(StandardCharsets.UTF_8));
    return Recogniser.recognise(Sources.read(file).getFirst().grid(), Corrections.NONE);
  }

  private static Path workbook(java.util.function.Consumer<XSSFWorkbook> fill) throws IOException {
    Path file = Given.folder().resolve("odd.xlsx");
    try (XSSFWorkbook book = new XSSFWorkbook();
        OutputStream out = Files.newOutputStream(file)) {
      fill.accept(book);
      book.write(out);
    }
    return file;
  }

  private static void row(Sheet sheet, int at, Object... cells) {
    Row row = sheet.createRow(at);
    for (int i = 0; i < cells.length; i++) {
      if (cells[i] instanceof Number number) {
        row.createCell(i).setCellValue(number.doubleValue());
      } else {
        row.createCell(i).setCellValue((String) cells[i]);
      }
    }
  }

  private static List<String> labels(List<Leaf> leaves) {
    return leaves.stream().map(leaf -> String.join(", ", leaf.labels())).toList();
  }

  private static void hide(XSSFWorkbook book) {
    Sheet shown = book.createSheet("Shown");
    row(shown, 0, "Pier", "Boats");
    row(shown, 1, "North", 12);
    row(shown, 2, "South", 7);
    row(shown, 3, "East", 3);
    shown.getRow(2).setZeroHeight(true);
    Sheet other = book.createSheet("Other");
    row(other, 0, "Rank", "Crew");
    row(other, 1, "Mate", 8);
    book.setSheetHidden(1, true);
  }

  @Test
  public void whatIsHiddenIsLeftOutAndOffered() throws IOException {
    Path file = workbook(OddFilesTest::hide);
    FileTables shown = Sources.tables(file, ReadRequest.PLAIN);
    assertThat(shown.hidden().sheets()).isEqualTo(1);
    assertThat(shown.hidden().rows()).isEqualTo(1);
    assertThat(shown.tables()).hasSize(1);
    assertThat(shown.tables().getFirst().grid().rows()).isEqualTo(3);
    FileTables all = Sources.tables(file, ReadRequest.PLAIN.withHidden(true));
    assertThat(all.tables()).hasSize(2);
    assertThat(all.tables().getFirst().grid().at(2, 0).text()).isEqualTo("South");
  }

  @Test
  public void aWorkbookOfHiddenSheetsAloneSaysSo() throws IOException {
    Path file =
        workbook(
            book -> {
              hide(book);
              row(book.createSheet("Empty"), 0, "");
              book.setSheetHidden(0, true);
            });
    assertThat(Sources.tables(file, ReadRequest.PLAIN).tables()).isEmpty();
    assertThatThrownBy(() -> Sources.read(file))
        .isInstanceOf(Problem.class)
        .hasMessageContaining("only hidden sheets and rows");
  }

  @Test
  public void hiddenRowsOfAnOdsAreOffered() throws IOException {
    String cell = "<table:table-cell><text:p>%s</text:p></table:table-cell>";
    String line = "<table:table-row%s>" + cell + cell + "</table:table-row>";
    String content =
        "<office:document-content><office:body><office:spreadsheet><table:table table:name='A'>"
            + line.formatted("", "Pier", "Boats")
            + line.formatted("", "North", "12")
            + line.formatted(" table:visibility='collapse'", "South", "7")
            + "</table:table></office:spreadsheet></office:body></office:document-content>";
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
      zip.putNextEntry(new ZipEntry("content.xml"));
      zip.write(content.getBytes(StandardCharsets.UTF_8));
    }
    Path file = file("odd.ods", bytes.toByteArray());
    assertThat(Sources.tables(file, ReadRequest.PLAIN).hidden().rows()).isEqualTo(1);
    FileTables all = Sources.tables(file, ReadRequest.PLAIN.withHidden(true));
    assertThat(all.tables().getFirst().grid().rows()).isEqualTo(3);
  }

  @Test
  public void aFormulaWithoutItsValueIsShownAndIsNoFigure() throws IOException {
    Path file =
        workbook(
            book -> {
              Sheet sheet = book.createSheet("Sums");
              row(sheet, 0, "Pier", "Boats", "Crew");
              row(sheet, 1, "North", 12, 3);
              row(sheet, 2, "South", 7, 2);
              row(sheet, 3, "Total");
              sheet.getRow(3).createCell(1).setCellFormula("SUM(B2:B3)");
              sheet.getRow(3).createCell(2).setCellValue(5);
            });
    Grid grid = Sources.read(file).getFirst().grid();
    Recognition read = Recogniser.recognise(grid, Corrections.NONE);
    assertThat(read.table().body().at(2, 0))
        .isEqualTo(new Value.Missing(Value.Reason.ERROR, "=SUM(B2:B3)"));
    assertThat(Checks.ALL.of(Checked.of(read, grid))).isEmpty();
  }

  @Test
  public void datesAreLabelsAsTheyWereShown() throws IOException {
    Path file =
        workbook(
            book -> {
              Sheet sheet = book.createSheet("Days");
              CellStyle day = book.createCellStyle();
              day.setDataFormat(book.createDataFormat().getFormat("yyyy-mm-dd"));
              row(sheet, 0, "Day", "Boats", "Crew");
              for (int i = 1; i < 4; i++) {
                row(sheet, i, 46_000 + i, 3 * i, i + 1);
                sheet.getRow(i).getCell(0).setCellStyle(day);
              }
            });
    Recognition read = Recogniser.recognise(Sources.read(file).getFirst().grid(), Corrections.NONE);
    assertThat(labels(read.table().down().leaves()))
        .containsExactly("2025-12-10", "2025-12-11", "2025-12-12");
    assertThat(labels(read.table().across().leaves())).containsExactly("Boats", "Crew");
  }

  @Test
  public void raisedTextInAWorkbookIsAMark() throws IOException {
    Path file =
        workbook(
            book -> {
              Sheet sheet = book.createSheet("Marks");
              XSSFFont raised = book.createFont();
              raised.setTypeOffset(Font.SS_SUPER);
              XSSFRichTextString pier = new XSSFRichTextString("Northa");
              pier.applyFont(5, 6, raised);
              XSSFRichTextString square = new XSSFRichTextString("R2");
              square.applyFont(1, 2, raised);
              row(sheet, 0, "Pier", "Boats", "x");
              row(sheet, 1, "x", 12, 0.41);
              row(sheet, 2, "South", 7, 0.12);
              row(sheet, 3, "a. Closed in May.");
              sheet.getRow(1).getCell(0).setCellValue(pier);
              sheet.getRow(0).getCell(2).setCellValue(square);
            });
    Recognition read = Recogniser.recognise(Sources.read(file).getFirst().grid(), Corrections.NONE);
    assertThat(read.table().marks().at(new Spot.Down(0, 0))).isEqualTo("a");
    assertThat(labels(read.table().down().leaves())).containsExactly("North", "South");
    assertThat(labels(read.table().across().leaves())).containsExactly("Boats", "R²");
    assertThat(read.table().words().notes().getFirst().text()).isEqualTo("Closed in May.");
  }

  @Test
  public void mixedEncodingsAreReadByteByByte() throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    bytes.write("Linie;Fahrgäste\nHale–Orrin;12\n".getBytes(StandardCharsets.UTF_8));
    bytes.write("Süd;7\n".getBytes(Charset.forName("windows-1252")));
    Grid grid = Sources.read(file("mixed.csv", bytes.toByteArray())).getFirst().grid();
    assertThat(SampleWorkbook.texts(grid))
        .containsExactly("Linie | Fahrgäste", "Hale–Orrin | 12", "Süd | 7");
  }

  @Test
  public void numbersOfMoreDigitsThanANumberHoldsKeepTheirText() throws IOException {
    Recognition read =
        read("long.csv", "Key,Count,Share\nA,12345678901234567890,0.5\nB,7,0.12345678901234567\n");
    assertThat(read.table().body().at(0, 0)).isEqualTo(Value.text("12345678901234567890"));
    assertThat(read.table().body().at(1, 0)).isEqualTo(Value.number(7, "7"));
    assertThat(read.table().body().at(1, 1)).isEqualTo(Value.text("0.12345678901234567"));
  }

  @Test
  public void columnsOfOneNameStayApart() throws IOException {
    Recognition read = read("twice.csv", "Pier,Boats,Boats\nNorth,12,13\nSouth,7,8\nTotal,19,21\n");
    assertThat(labels(read.table().across().leaves())).containsExactly("Boats", "Boats");
    assertThat(read.table().body().at(0, 1)).isEqualTo(Value.number(13, "13"));
    assertThat(read.rows().getLast().role().part()).isEqualTo("grandTotalRow");
    assertThat(read.anchors().columns().get(2).occurrence()).isEqualTo(1);
  }

  @Test
  public void textFromRightToLeftIsKept() throws IOException {
    Recognition read = read("rtl.csv", "الرصيف,القوارب\nالشمال,12\nالجنوب,7\nالمجموع,19\n");
    assertThat(labels(read.table().down().leaves())).containsExactly("الشمال", "الجنوب", "المجموع");
    assertThat(read.table().body().at(2, 0)).isEqualTo(Value.number(19, "19"));
  }

  @Test
  public void smallAndBareTablesAreTables() throws IOException {
    assertThat(read("one.csv", "12\n").table().body().rows()).isEqualTo(1);
    assertThat(read("word.csv", "Boats\n").table().down().leaves()).isNotEmpty();
    Recognition words = read("words.csv", "Pier,State\nNorth,open\nSouth,shut\n");
    assertThat(words.table().body().at(1, 0)).isEqualTo(Value.text("shut"));
    Recognition ragged = read("ragged.csv", "Pier,2025,2026\nNorth,12\nSouth,7,9,4\n");
    assertThat(ragged.table().body().at(0, 1)).isEqualTo(Value.BLANK);
    assertThat(ragged.table().body().columns()).isEqualTo(3);
  }

  @Test
  public void readingIsStoppedByAnInterruption() throws Exception {
    StringBuilder text = new StringBuilder("Key,A,B,C\n");
    for (int i = 0; i < 300_000; i++) {
      text.append("k").append(i).append(",1,2,3\n");
    }
    Path file = file("large.csv", text.toString().getBytes(StandardCharsets.UTF_8));
    AtomicReference<Throwable> outcome = new AtomicReference<>();
    List<Double> shares = new ArrayList<>();
    Thread thread =
        new Thread(
            () -> {
              try {
                Sources.tables(
                    file,
                    ReadRequest.PLAIN.withProgress(
                        share -> {
                          shares.add(share);
                          if (share > 0.4) {
                            Thread.currentThread().interrupt();
                          }
                        }));
              } catch (IOException | RuntimeException e) {
                outcome.set(e);
              }
            });
    thread.start();
    thread.join(20_000);
    assertThat(outcome.get()).isInstanceOf(InterruptedIOException.class);
    assertThat(shares).isSorted().hasSizeGreaterThan(2);
    assertThat(shares.getLast()).isBetween(0.4, 0.6);
  }
}
