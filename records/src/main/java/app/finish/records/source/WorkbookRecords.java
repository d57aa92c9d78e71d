package app.finish.records.source;

import app.finish.core.document.Source;
import app.finish.core.grid.Grid;
import app.finish.core.grid.GridCell;
import app.finish.core.problem.Problem;
import app.finish.formats.Sources;
import app.finish.formats.io.ReadRequest;
import de.siegmar.fastcsv.writer.CsvWriter;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/// The records of a workbook, written as CSV: the values of its first table, not how it shows them.
///
/// @param csv the file that was written
/// @param texts columns with cells of text that are written in digits, such as codes
/// @param said what a person has to know
public record WorkbookRecords(Path csv, Set<String> texts, List<String> said) {
  /// Writes the first table of a workbook.
  ///
  /// @param folder where to
  /// @param label what the workbook is called
  /// @throws Problem if it shows none
  public static WorkbookRecords of(Path file, Path folder, String label) throws IOException {
    List<Source> tables = Sources.tables(file, ReadRequest.PLAIN).tables();
    if (tables.isEmpty()) {
      throw new Problem(label + " shows no sheet with records. Show one, and bring it in again.");
    }
    Grid grid = tables.getFirst().grid();
    Set<String> texts = new LinkedHashSet<>();
    List<String> said = new ArrayList<>();
    for (int column = 0; column < grid.columns(); column++) {
      if (holdsDigitsAsText(grid, column)) {
        String name = grid.at(0, column).text().strip();
        texts.add(name);
        said.add(
            "“"
                + name
                + "” has digits in cells of text, so it is read as text. Take it for numbers if"
                + " they are some.");
      }
    }
    if (tables.size() > 1) {
      said.add(label + " holds " + tables.size() + " tables; the records are those of the first.");
    }
    return new WorkbookRecords(written(grid, folder.resolve("sheet.csv")), texts, said);
  }

  private static Path written(Grid grid, Path csv) throws IOException {
    try (CsvWriter writer = CsvWriter.builder().build(csv)) {
      for (int row = 0; row < grid.rows(); row++) {
        List<String> fields = new ArrayList<>();
        for (int column = 0; column < grid.columns(); column++) {
          fields.add(SheetValue.written(grid.at(row, column), row == 0));
        }
        writer.writeRecord(fields);
      }
    }
    return csv;
  }

  private static boolean holdsDigitsAsText(Grid grid, int column) {
    for (int row = 1; row < grid.rows(); row++) {
      GridCell cell = grid.at(row, column);
      if (cell.number().isEmpty() && cell.text().strip().matches("[0-9]+")) {
        return true;
      }
    }
    return false;
  }
}
