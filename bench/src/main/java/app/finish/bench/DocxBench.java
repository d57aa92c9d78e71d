package app.finish.bench;

import app.finish.core.arrange.formula.Formulas;
import app.finish.core.document.Document;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.dress.DressedRow.Band;
import app.finish.core.layout.Paper;
import app.finish.core.layout.font.Fonts;
import app.finish.formats.Sending;
import app.finish.formats.docx.DocxWriter;
import app.finish.formats.io.Sent;
import app.finish.formats.style.StyleFile;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.math.BigInteger;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.apache.poi.xwpf.usermodel.XWPFDocument;
import org.apache.poi.xwpf.usermodel.XWPFTable;
import org.apache.poi.xwpf.usermodel.XWPFTableCell;
import org.apache.poi.xwpf.usermodel.XWPFTableRow;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/// Writing a table of 100 × 12 as DOCX. The floor is a bare POI program that writes the same cells
/// and spans and none of the rest.
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class DocxBench {
  private final Document document = Tables.document(100, 12, "Marram house");
  private final Sent sent =
      new Sending(new Fonts(), StyleFile.shipped(), Formulas.NONE)
          .sent(document, List.of(0), Paper.A4);

  /// Writes the whole of it: styles, spans, rules, tabs, repeated heads.
  @Benchmark
  public int write() throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    new DocxWriter().write(sent, out);
    return out.size();
  }

  /// Writes cells and spans only.
  @Benchmark
  public int floorBarePoi() throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (XWPFDocument file = new XWPFDocument()) {
      XWPFTable table = file.createTable(0, 0);
      for (DressedRow row : sent.tables().getFirst().dressed().rows()) {
        if (row.band() == Band.HEAD || row.band() == Band.BODY) {
          XWPFTableRow line = table.createRow();
          for (DressedCell cell : row.cells()) {
            XWPFTableCell made = line.createCell();
            made.setText(cell.text());
            if (cell.columnSpan() > 1) {
              made.getCTTc()
                  .addNewTcPr()
                  .addNewGridSpan()
                  .setVal(BigInteger.valueOf(cell.columnSpan()));
            }
          }
        }
      }
      file.write(out);
    }
    return out.size();
  }
}
