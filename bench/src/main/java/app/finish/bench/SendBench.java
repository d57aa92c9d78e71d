package app.finish.bench;

import app.finish.core.arrange.formula.Formulas;
import app.finish.core.document.Document;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.layout.Mark;
import app.finish.core.layout.Paper;
import app.finish.core.layout.Proof;
import app.finish.core.layout.font.Face;
import app.finish.core.layout.font.Fonts;
import app.finish.core.table.Value;
import app.finish.formats.OutputFormat;
import app.finish.formats.Sending;
import app.finish.formats.io.Sent;
import app.finish.formats.io.SentTable;
import app.finish.formats.style.StyleFile;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.poi.ss.usermodel.Cell;
import org.apache.poi.ss.usermodel.Row;
import org.apache.poi.ss.usermodel.Sheet;
import org.apache.poi.xssf.streaming.SXSSFWorkbook;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/// Writing tables in several formats. Each floor is a bare program that writes the same texts and
/// numbers with the same library, and none of the rest.
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 4, time = 2)
@Fork(1)
public class SendBench {
  private final Fonts fonts = new Fonts();
  private final Sent small = sent(100, 12);
  private final Sent large = sent(8_000, 12);
  private final Sent pages = sent(4_200, 6);
  private final Sent twenty = twenty();

  private Sent twenty() {
    Document one = Tables.document(60, 10, "Plain");
    Document all = one;
    for (int i = 1; i < 20; i++) {
      all = all.withAdded(one.table(0).source(), one.table(0).finish());
    }
    Sent sent =
        new Sending(fonts, StyleFile.shipped(), Formulas.NONE)
            .sent(all, all.tablePlaces(), Paper.A4);
    sent.tables().forEach(SentTable::dressed);
    return sent;
  }

  private Sent sent(int rows, int columns) {
    Sent sent =
        new Sending(fonts, StyleFile.shipped(), Formulas.NONE)
            .sent(Tables.document(rows, columns, "Plain"), List.of(0), Paper.A4);
    SentTable table = sent.tables().getFirst();
    table.dressed();
    return sent;
  }

  private int written(OutputFormat format, Sent sent) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    format.writer(fonts).write(sent, out);
    return out.size();
  }

  /// A workbook of 1,200 figures.
  @Benchmark
  public int workbook() throws IOException {
    return written(OutputFormat.XLSX, small);
  }

  /// The same cells by bare POI.
  @Benchmark
  public int workbookFloor() throws IOException {
    return bareWorkbook(small);
  }

  /// A workbook of about 100,000 cells.
  @Benchmark
  public int longWorkbook() throws IOException {
    return written(OutputFormat.XLSX, large);
  }

  /// The same cells by bare POI.
  @Benchmark
  public int longWorkbookFloor() throws IOException {
    return bareWorkbook(large);
  }

  private static int bareWorkbook(Sent sent) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    SentTable table = sent.tables().getFirst();
    try (SXSSFWorkbook workbook = new SXSSFWorkbook(200)) {
      Sheet sheet = workbook.createSheet();
      int number = 0;
      for (DressedRow row : table.dressed().rows()) {
        Row line = sheet.createRow(number++);
        for (DressedCell cell : row.cells()) {
          Cell made = line.createCell(cell.column());
          if (table.value(cell).orElse(null) instanceof Value.Numeric value) {
            made.setCellValue(value.number());
          } else {
            made.setCellValue(cell.text());
          }
        }
      }
      workbook.write(out);
    }
    return out.size();
  }

  /// A web page of 1,200 figures.
  @Benchmark
  public int page() throws IOException {
    return written(OutputFormat.HTML, small);
  }

  /// A board of 1,200 figures.
  @Benchmark
  public int board() throws IOException {
    return written(OutputFormat.BOARD, small);
  }

  /// A board of 20 tables of 600 figures.
  @Benchmark
  public int boardOfTwenty() throws IOException {
    return written(OutputFormat.BOARD, twenty);
  }

  /// The same elements with the same attributes by strings that are put together.
  @Benchmark
  public int boardOfTwentyFloor() {
    StringBuilder page = new StringBuilder("<!doctype html><main>");
    int number = 0;
    for (SentTable table : twenty.tables()) {
      String id = "t" + ++number;
      page.append("<section class='board' id='").append(id).append("'><table>");
      int line = 0;
      for (DressedRow row : table.dressed().rows()) {
        page.append("<tr data-r='m'>");
        for (DressedCell cell : row.cells()) {
          int column = cell.column();
          page.append("<td class='body k").append(cell.part().name().ordinal());
          page.append("' headers='").append(id).append('-').append(line).append("-0 ");
          page.append(id).append("-0-").append(column).append("' data-at='").append(column);
          if (table.value(cell).orElse(null) instanceof Value.Numeric value) {
            page.append("' data-v='").append(value.number());
          }
          page.append("'>").append(cell.text().replace("&", "&amp;").replace("<", "&lt;"));
          page.append("</td>");
        }
        page.append("</tr>");
        line++;
      }
      page.append("</table></section>");
    }
    return page.toString().getBytes(StandardCharsets.UTF_8).length;
  }

  /// The same cells as a page by hand.
  @Benchmark
  public int pageFloor() {
    StringBuilder page = new StringBuilder("<!doctype html><table>");
    for (DressedRow row : small.tables().getFirst().dressed().rows()) {
      page.append("<tr>");
      for (DressedCell cell : row.cells()) {
        page.append("<td colspan='").append(cell.columnSpan()).append("'>");
        page.append(cell.text().replace("&", "&amp;").replace("<", "&lt;")).append("</td>");
      }
      page.append("</tr>");
    }
    return page.toString().getBytes(StandardCharsets.UTF_8).length;
  }

  /// A table of about 100 pages.
  @Benchmark
  public int print() throws IOException {
    return written(OutputFormat.PDF, pages);
  }

  /// The same texts in the same places by bare PDFBox.
  @Benchmark
  public int printFloor() throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (PDDocument document = new PDDocument()) {
      Map<Face, PDFont> embedded = new HashMap<>();
      for (Proof.Page page : pages.tables().getFirst().proof(Paper.A4).pages()) {
        PDPage sheet = new PDPage(new PDRectangle((float) page.width(), (float) page.height()));
        document.addPage(sheet);
        try (PDPageContentStream content = new PDPageContentStream(document, sheet)) {
          for (Mark mark : page.marks()) {
            if (mark instanceof Mark.Text text) {
              PDFont font = embedded.get(text.face());
              if (font == null) {
                try (InputStream in = fonts.open(text.face())) {
                  font = PDType0Font.load(document, in, true);
                }
                embedded.put(text.face(), font);
              }
              content.beginText();
              content.setFont(font, (float) text.size());
              content.newLineAtOffset((float) text.x(), (float) (page.height() - text.y()));
              content.showText(text.text());
              content.endText();
            }
          }
        }
      }
      document.save(out);
    }
    return out.size();
  }
}
