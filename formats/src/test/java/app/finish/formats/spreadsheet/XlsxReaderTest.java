package app.finish.formats.spreadsheet;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.document.Source;
import app.finish.core.grid.Grid;
import app.finish.core.grid.GridCell;
import app.finish.core.recognise.Recogniser;
import app.finish.core.recognise.found.Recognition;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.recognise.said.LineRole;
import app.finish.core.table.Value;
import app.finish.formats.Given;
import app.finish.formats.SampleWorkbook;
import app.finish.formats.Sources;
import app.finish.formats.io.ReadRequest;
import app.finish.formats.samples.Samples;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.function.Consumer;
import org.apache.poi.ss.usermodel.CellStyle;
import org.apache.poi.ss.usermodel.Font;
import org.apache.poi.ss.usermodel.Sheet;
import org.apache.poi.ss.util.CellRangeAddress;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.testng.annotations.Test;

public class XlsxReaderTest {
  private static Path file(Consumer<XSSFWorkbook> content) throws IOException {
    Path file = Given.folder().resolve("book.xlsx");
    try (XSSFWorkbook book = new XSSFWorkbook();
        OutputStream out = Files.newOutputStream(file)) {
      content.accept(book);
      book.write(out);
    }
    return file;
  }

  private static void put(Sheet sheet, int row, int column, Object value, CellStyle style) {
    var at = sheet.getRow(row) == null ? sheet.createRow(row) : sheet.getRow(row);
    var cell = at.createCell(column);
    if (value instanceof Double number) {
      cell.setCellValue(number);
    } else {
      cell.setCellValue((String) value);
    }
    if (style != null) {
      cell.setCellStyle(style);
    }
  }

  @Test
  public void readsSpansFormatsAndShownForms() throws IOException {
    Path file =
        file(
            book -> {
              Sheet sheet = book.createSheet("Fares");
              CellStyle bold = book.createCellStyle();
              Font font = book.createFont();
              font.setBold(true);
              bold.setFont(font);
              CellStyle indent = book.createCellStyle();
              indent.setIndention((short) 2);
              CellStyle percent = book.createCellStyle();
              percent.setDataFormat(book.createDataFormat().getFormat("0.0%"));
              CellStyle money = book.createCellStyle();
              money.setDataFormat(book.createDataFormat().getFormat("€#,##0.00"));
              CellStyle date = book.createCellStyle();
              date.setDataFormat(book.createDataFormat().getFormat("yyyy-mm-dd"));
              put(sheet, 1, 1, "Season", bold);
              sheet.addMergedRegion(new CellRangeAddress(1, 1, 1, 2));
              put(sheet, 2, 0, "Winter", indent);
              put(sheet, 2, 1, 0.8512, percent);
              put(sheet, 2, 2, 1204.5, money);
              put(sheet, 3, 1, 45000.0, date);
              put(sheet, 3, 2, "74", null);
            });
    Grid grid = new XlsxReader().read(file, ReadRequest.PLAIN).grids().getFirst();
    assertThat(grid.name()).isEqualTo("Fares");
    GridCell season = grid.at(1, 1);
    assertThat(season.columnSpan()).isEqualTo(2);
    assertThat(season.format().bold()).isTrue();
    assertThat(grid.at(2, 0).format().indent()).isEqualTo(2);
    assertThat(grid.at(2, 1).text()).isEqualTo("85.1%");
    assertThat(grid.at(2, 1).number()).hasValue(0.8512);
    assertThat(grid.at(2, 2).text()).isEqualTo("€1,204.50");
    assertThat(grid.at(3, 1).text()).isEqualTo("2023-03-15");
    assertThat(grid.at(3, 1).number()).isEmpty();
    assertThat(grid.at(3, 2).number()).isEmpty();
  }

  @Test
  public void leavesHiddenSheetsAndRowsOut() throws IOException {
    Path file =
        file(
            book -> {
              Sheet secret = book.createSheet("Secret");
              put(secret, 0, 0, "hidden", null);
              Sheet sheet = book.createSheet("Shown");
              put(sheet, 0, 0, "Route", null);
              put(sheet, 1, 0, "gone", null);
              put(sheet, 2, 0, "Hale", null);
              sheet.getRow(1).setZeroHeight(true);
              book.setSheetHidden(0, true);
              book.setActiveSheet(1);
            });
    List<Grid> grids = new XlsxReader().read(file, ReadRequest.PLAIN).grids();
    assertThat(grids).hasSize(1);
    assertThat(SampleWorkbook.texts(grids.getFirst())).containsExactly("Route", "Hale");
  }

  @Test
  public void readsCachedResultsOfFormulas() throws IOException {
    Path file =
        file(
            book -> {
              Sheet sheet = book.createSheet();
              put(sheet, 0, 0, 2.0, null);
              sheet.getRow(0).createCell(1).setCellFormula("A1*21");
              book.getCreationHelper().createFormulaEvaluator().evaluateAll();
              sheet.getRow(0).createCell(2).setCellFormula("A1*3");
            });
    Grid grid = new XlsxReader().read(file, ReadRequest.PLAIN).grids().getFirst();
    assertThat(grid.at(0, 1).number()).hasValue(42);
    assertThat(grid.at(0, 1).text()).isEqualTo("42");
  }

  @Test
  public void theShippedWorkbookIsWhatItsGeneratorMakes() throws IOException {
    Path made = Given.folder().resolve("made.xlsx");
    new SampleWorkbook().write(made);
    Path shipped = Samples.copy(Samples.PIVOTS, Given.folder());
    assertThat(new XlsxReader().read(shipped, ReadRequest.PLAIN).grids())
        .isEqualTo(new XlsxReader().read(made, ReadRequest.PLAIN).grids());
  }

  @Test
  public void theShippedPivotIsUnderstood() throws IOException {
    Path shipped = Samples.copy(Samples.PIVOTS, Given.folder());
    List<Source> sources = Sources.read(shipped);
    assertThat(sources).hasSize(3);
    Recognition pivot = Recogniser.recognise(sources.getFirst().grid(), Corrections.NONE);
    assertThat(pivot.headRows()).isEqualTo(2);
    assertThat(pivot.stubColumns()).isEqualTo(2);
    List<LineRole> roles = pivot.rows().stream().map(row -> row.role()).toList();
    assertThat(roles).hasSize(16);
    assertThat(roles.stream().filter(LineRole.SUBTOTAL::equals)).hasSize(3);
    assertThat(roles.getLast()).isEqualTo(LineRole.GRAND_TOTAL);
    // The figures of Orrin–Skell in winter came in as text.
    GridCell text = sources.getFirst().grid().at(pivot.rows().get(5).row(), 2);
    assertThat(text.number()).isEmpty();
    Value.Numeric figure = (Value.Numeric) pivot.table().body().at(5, 0);
    assertThat(figure.written()).isEqualTo(text.text());
    SampleWorkbook world = new SampleWorkbook();
    assertThat(figure.number()).isEqualTo(world.sailings[1][0][0].fares());
  }
}
