package app.finish.bench;

import app.finish.formats.io.ReadRequest;
import app.finish.formats.io.Sheets;
import app.finish.formats.spreadsheet.XlsxReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import org.apache.poi.openxml4j.opc.OPCPackage;
import org.apache.poi.openxml4j.opc.PackageAccess;
import org.apache.poi.ss.usermodel.CellStyle;
import org.apache.poi.ss.usermodel.Row;
import org.apache.poi.ss.usermodel.Sheet;
import org.apache.poi.util.XMLHelper;
import org.apache.poi.xssf.eventusermodel.ReadOnlySharedStringsTable;
import org.apache.poi.xssf.eventusermodel.XSSFReader;
import org.apache.poi.xssf.eventusermodel.XSSFSheetXMLHandler;
import org.apache.poi.xssf.streaming.SXSSFWorkbook;
import org.apache.poi.xssf.usermodel.XSSFComment;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.TearDown;
import org.openjdk.jmh.annotations.Warmup;
import org.xml.sax.InputSource;
import org.xml.sax.XMLReader;

/// Reading a workbook of a million cells. The floor is a bare streaming read by POI that takes each
/// cell's text, formatted, and keeps nothing.
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SingleShotTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 2)
@Measurement(iterations = 6)
@Fork(value = 1, jvmArgsAppend = "-Xmx2g")
public class XlsxBench {
  private static final int ROWS = 50_000;
  private static final int COLUMNS = 20;

  private Path file;

  /// Writes the workbook: a column of labels, amounts with one decimal, counts.
  @Setup
  public void write() throws IOException {
    file = Files.createTempFile("million", ".xlsx");
    try (SXSSFWorkbook book = new SXSSFWorkbook(200);
        OutputStream out = Files.newOutputStream(file)) {
      Sheet sheet = book.createSheet("Sailings");
      CellStyle amount = book.createCellStyle();
      amount.setDataFormat(book.createDataFormat().getFormat("#,##0.0"));
      for (int row = 0; row < ROWS; row++) {
        Row cells = sheet.createRow(row);
        cells.createCell(0).setCellValue("Sailing " + row);
        for (int column = 1; column < COLUMNS; column++) {
          var cell = cells.createCell(column);
          cell.setCellValue(column % 2 == 0 ? row % 997 : row * 0.1 + column);
          if (column % 2 == 1) {
            cell.setCellStyle(amount);
          }
        }
      }
      book.write(out);
    }
  }

  /// Takes it away.
  @TearDown
  public void delete() throws IOException {
    Files.delete(file);
  }

  /// Reads it as grids.
  @Benchmark
  public Sheets read() throws IOException {
    return new XlsxReader().read(file, ReadRequest.PLAIN);
  }

  /// Counts the characters of all cells.
  @Benchmark
  public long floorBareStreamingRead() throws Exception {
    long[] characters = new long[1];
    try (OPCPackage opened = OPCPackage.open(file.toFile(), PackageAccess.READ)) {
      XSSFReader reader = new XSSFReader(opened);
      var strings = new ReadOnlySharedStringsTable(opened);
      var cells =
          new XSSFSheetXMLHandler.SheetContentsHandler() {
            @Override
            public void startRow(int row) {}

            @Override
            public void endRow(int row) {}

            @Override
            public void cell(String reference, String text, XSSFComment comment) {
              characters[0] += text.length();
            }
          };
      XMLReader parser = XMLHelper.newXMLReader();
      parser.setContentHandler(
          new XSSFSheetXMLHandler(reader.getStylesTable(), strings, cells, false));
      try (InputStream sheet = reader.getSheetsData().next()) {
        parser.parse(new InputSource(sheet));
      }
    }
    return characters[0];
  }
}
