package app.finish.formats.sent;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.document.Document;
import app.finish.core.dress.Dressed;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.table.Value;
import app.finish.formats.Given;
import app.finish.formats.OutputFormat;
import app.finish.formats.io.SentTable;
import java.io.IOException;
import java.nio.file.Files;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.apache.poi.ss.usermodel.Cell;
import org.apache.poi.ss.usermodel.CellType;
import org.apache.poi.ss.usermodel.DataFormatter;
import org.apache.poi.ss.util.CellRangeAddress;
import org.apache.poi.xssf.usermodel.XSSFCell;
import org.apache.poi.xssf.usermodel.XSSFSheet;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// A workbook says what the table says: each cell reads as it is shown, figures are numbers.
public class WorkbookSentTest {
  private static final DataFormatter READ = new DataFormatter(Locale.ENGLISH);

  @DataProvider
  public Object[][] documents() throws IOException {
    return new Object[][] {
      {ManyTables.demo("APA 7", true)},
      {ManyTables.demo("Marram house", true)},
      {ManyTables.demo("Plain", false)},
      {ManyTables.demo("Ledger", false)},
      {ManyTables.hostile("APA 7")},
      {Given.sailings("Marram house")}
    };
  }

  private static XSSFWorkbook workbook(Document document) throws IOException {
    return new XSSFWorkbook(Files.newInputStream(Given.sent(document, OutputFormat.XLSX)));
  }

  private static XSSFSheet sheet(XSSFWorkbook workbook, int table, int tables) {
    return workbook.getSheetAt(tables > 1 ? table + 1 : table);
  }

  private static String shown(XSSFCell cell) {
    return cell == null ? "" : READ.formatCellValue(cell);
  }

  /// A text without what no XML can hold.
  private static String writable(String text) {
    return text.replaceAll("[\\x00-\\x08\\x0B\\x0C\\x0E-\\x1F]", "").replaceAll("\\p{Cs}", "?");
  }

  @Test(dataProvider = "documents")
  public void eachCellReadsAsItIsShown(Document document) throws IOException {
    List<SentTable> tables = ManyTables.sent(document).tables();
    try (XSSFWorkbook workbook = workbook(document)) {
      for (int i = 0; i < tables.size(); i++) {
        XSSFSheet sheet = sheet(workbook, i, tables.size());
        int number = 0;
        for (DressedRow row : tables.get(i).dressed().rows()) {
          for (DressedCell cell : row.cells()) {
            XSSFCell there = sheet.getRow(number).getCell(cell.column());
            assertThat(writable(shown(there)).replace("?", ""))
                .as("%s of table %d", cell.place(), i + 1)
                .isEqualTo(writable(cell.text()).replace("?", ""));
          }
          number++;
        }
      }
    }
  }

  @Test(dataProvider = "documents")
  public void figuresAreTheirExactNumbers(Document document) throws IOException {
    List<SentTable> tables = ManyTables.sent(document).tables();
    int figures = 0;
    int numbers = 0;
    try (XSSFWorkbook workbook = workbook(document)) {
      for (int i = 0; i < tables.size(); i++) {
        int number = 0;
        for (DressedRow row : tables.get(i).dressed().rows()) {
          for (DressedCell cell : row.cells()) {
            if (tables.get(i).value(cell).orElse(null) instanceof Value.Numeric value) {
              figures++;
              XSSFCell there =
                  sheet(workbook, i, tables.size()).getRow(number).getCell(cell.column());
              if (there.getCellType() == CellType.NUMERIC) {
                numbers++;
                assertThat(there.getNumericCellValue()).isEqualTo(value.number());
              }
            }
          }
          number++;
        }
      }
    }
    assertThat(numbers).isGreaterThanOrEqualTo((int) (figures * 0.99));
  }

  @Test(dataProvider = "documents")
  public void spansAreMergedAndHeadsStay(Document document) throws IOException {
    List<SentTable> tables = ManyTables.sent(document).tables();
    try (XSSFWorkbook workbook = workbook(document)) {
      for (int i = 0; i < tables.size(); i++) {
        Dressed dressed = tables.get(i).dressed();
        XSSFSheet sheet = sheet(workbook, i, tables.size());
        Set<String> merged = new HashSet<>();
        sheet.getMergedRegions().forEach(one -> merged.add(one.formatAsString()));
        Set<String> wanted = new HashSet<>();
        int number = 0;
        for (DressedRow row : dressed.rows()) {
          for (DressedCell cell : row.cells()) {
            if (row.isTable() && (cell.columnSpan() > 1 || cell.rowSpan() > 1)) {
              wanted.add(
                  new CellRangeAddress(
                          number,
                          number + cell.rowSpan() - 1,
                          cell.column(),
                          cell.column() + cell.columnSpan() - 1)
                      .formatAsString());
            }
          }
          number++;
        }
        assertThat(merged).isEqualTo(wanted);
        assertThat(sheet.getPaneInformation().getHorizontalSplitPosition())
            .isEqualTo((short) dressed.bands().firstBody());
        assertThat(sheet.getRepeatingRows().getLastRow())
            .isEqualTo(dressed.bands().firstBody() - 1);
        assertThat(sheet.getFitToPage()).isTrue();
      }
    }
  }

  @Test
  public void labelsThatLookLikeFormulasAreTexts() throws IOException {
    try (XSSFWorkbook workbook = workbook(ManyTables.hostile("Plain"))) {
      int quoted = 0;
      for (var row : workbook.getSheetAt(0)) {
        for (Cell cell : row) {
          assertThat(cell.getCellType()).isNotEqualTo(CellType.FORMULA);
          quoted += cell.getCellStyle().getQuotePrefixed() ? 1 : 0;
        }
      }
      assertThat(quoted).isGreaterThanOrEqualTo(5);
    }
  }

  @Test
  public void severalTablesHaveAListInFront() throws IOException {
    Document demo = ManyTables.demo("APA 7", true);
    try (XSSFWorkbook workbook = workbook(demo)) {
      XSSFSheet list = workbook.getSheetAt(0);
      assertThat(workbook.getNumberOfSheets()).isEqualTo(demo.tables().size() + 1);
      for (int i = 0; i < demo.tables().size(); i++) {
        XSSFCell cell = list.getRow(i).getCell(0);
        assertThat(cell.getStringCellValue()).startsWith("Table " + (i + 1) + ". ");
        assertThat(cell.getHyperlink().getAddress())
            .isEqualTo("'" + workbook.getSheetName(i + 1) + "'!A1");
      }
    }
  }
}
