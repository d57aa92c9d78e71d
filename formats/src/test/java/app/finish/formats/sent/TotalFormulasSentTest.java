package app.finish.formats.sent;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.finish.core.document.Document;
import app.finish.formats.Given;
import app.finish.formats.OutputFormat;
import java.io.IOException;
import java.nio.file.Files;
import java.util.Map;
import java.util.TreeMap;
import org.apache.poi.ss.usermodel.Cell;
import org.apache.poi.ss.usermodel.CellType;
import org.apache.poi.ss.usermodel.FormulaEvaluator;
import org.apache.poi.ss.usermodel.Row;
import org.apache.poi.ss.usermodel.Sheet;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// Totals that are formulas give what the table says, and follow when a figure is changed.
public class TotalFormulasSentTest {
  private static Document pivot() {
    return Given.document(
        "Plain",
        "Fares by route",
        "Route | Season | 2025 | 2026 | Both years",
        "Hale–Orrin | Winter | 10.5 | 11.25 | 21.75",
        " | Summer | 20.0 | 30.0 | 50",
        "Hale–Orrin total | | 30.5 | 41.25 | 71.75",
        "Skell–Tamsay | Winter | 1.5 | 1.5 | 3",
        " | Summer | 2.0 | 2.5 | 4.5",
        "Skell–Tamsay total | | 3.5 | 4.0 | 7.5",
        "All routes | | 34.0 | 45.25 | 79.25");
  }

  private static XSSFWorkbook workbook(Document document) throws IOException {
    return new XSSFWorkbook(Files.newInputStream(Given.sent(document, OutputFormat.ADDING)));
  }

  private static Map<String, String> formulas(Sheet sheet) {
    Map<String, String> formulas = new TreeMap<>();
    for (Row row : sheet) {
      for (Cell cell : row) {
        if (cell.getCellType() == CellType.FORMULA) {
          formulas.put(cell.getAddress().formatAsString(), cell.getCellFormula());
        }
      }
    }
    return formulas;
  }

  @Test
  public void totalsAddUpTheirParts() throws IOException {
    try (XSSFWorkbook workbook = workbook(pivot())) {
      Sheet sheet = workbook.getSheetAt(0);
      Map<String, String> formulas = formulas(sheet);
      assertThat(formulas.values()).anyMatch(one -> one.matches("SUM\\(C[0-9]+:C[0-9]+\\)"));
      assertThat(formulas.values()).anyMatch(one -> one.matches("SUM\\(C[0-9]+,C[0-9]+\\)"));
      assertThat(formulas.values()).anyMatch(one -> one.matches("SUM\\(C([0-9]+):D\\1\\)"));
      FormulaEvaluator evaluator = workbook.getCreationHelper().createFormulaEvaluator();
      String grand =
          formulas.keySet().stream()
              .filter(one -> one.startsWith("C"))
              .max(java.util.Comparator.comparing(one -> Integer.parseInt(one.substring(1))))
              .orElseThrow();
      Cell total = sheet.getRow(Integer.parseInt(grand.substring(1)) - 1).getCell(2);
      assertThat(total.getNumericCellValue()).isEqualTo(34.0);
      Cell winter = sheet.getRow(total.getRowIndex() - 6).getCell(2);
      assertThat(winter.getNumericCellValue()).isEqualTo(10.5);
      winter.setCellValue(11.5);
      evaluator.clearAllCachedResultValues();
      assertThat(evaluator.evaluate(total).getNumberValue()).isCloseTo(35.0, within(1e-9));
    }
  }

  /// A total that is not the sum of its parts to the last digit stays a number, and so does a
  /// percentage.
  @Test
  public void whatDoesNotAddUpStaysANumber() throws IOException {
    Document rounded =
        Given.document(
            "Plain",
            "Route | Passengers | Share",
            "Hale–Orrin | 33 | 33.3%",
            "Orrin–Skell | 33 | 33.3%",
            "Skell–Tamsay | 33 | 33.3%",
            "Total | 100 | 100%");
    try (XSSFWorkbook workbook = workbook(rounded)) {
      assertThat(formulas(workbook.getSheetAt(0))).isEmpty();
    }
  }

  @DataProvider
  public Object[][] documents() throws IOException {
    return new Object[][] {
      {ManyTables.demo("APA 7", true)},
      {ManyTables.demo("Marram house", false)},
      {Given.sailings("Ledger")},
      {pivot()}
    };
  }

  @Test(dataProvider = "documents")
  public void eachFormulaGivesWhatTheTableSays(Document document) throws IOException {
    int formulas = 0;
    try (XSSFWorkbook workbook = workbook(document)) {
      FormulaEvaluator evaluator = workbook.getCreationHelper().createFormulaEvaluator();
      for (Sheet sheet : workbook) {
        for (Row row : sheet) {
          for (Cell cell : row) {
            if (cell.getCellType() == CellType.FORMULA) {
              formulas++;
              double said = cell.getNumericCellValue();
              assertThat(evaluator.evaluate(cell).getNumberValue())
                  .as(cell.getCellFormula())
                  .isCloseTo(said, within(Math.abs(said) * 1e-9 + 1e-9));
            }
          }
        }
      }
    }
    assertThat(formulas).isGreaterThan(2);
  }
}
