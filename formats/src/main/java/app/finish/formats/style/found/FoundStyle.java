package app.finish.formats.style.found;

import app.finish.core.document.Source;
import app.finish.core.problem.Problem;
import app.finish.core.recognise.Recogniser;
import app.finish.core.recognise.found.Recognition;
import app.finish.core.recognise.found.SourceRow;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.recognise.said.LineRole;
import app.finish.core.style.HouseStyle;
import app.finish.core.style.PartName;
import app.finish.core.style.Selector;
import app.finish.formats.Sources;
import app.finish.formats.docx.DocxReader;
import app.finish.formats.io.FileName;
import app.finish.formats.io.ReadRequest;
import app.finish.formats.io.Unreadable;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Optional;
import org.apache.poi.xssf.usermodel.XSSFSheet;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.apache.poi.xwpf.usermodel.XWPFDocument;
import org.apache.poi.xwpf.usermodel.XWPFTable;

/// Reads the look of a table in a workbook or a document into a style: which face, ink, fill and
/// rules most of the cells of each part have.
///
/// ```java
/// HouseStyle style = FoundStyle.read(Path.of("report.xlsx"), "Report");
/// ```
public final class FoundStyle {
  private final SeenCell.Sheet sheet;
  private final Recognition recognition;
  private final int top;
  private final int left;
  private final Map<Selector, List<SeenCell>> cells = new LinkedHashMap<>();

  private FoundStyle(SeenCell.Sheet sheet, Source source) {
    this.sheet = sheet;
    this.recognition = Recogniser.recognise(source.grid(), Corrections.NONE);
    this.top = source.grid().top();
    this.left = source.grid().left();
  }

  /// The style of the first table of an XLSX workbook or a DOCX document.
  ///
  /// @param name what the style is called
  /// @throws Problem if the file has no table, or can't be read
  public static HouseStyle read(Path file, String name) throws IOException {
    List<Source> sources = Sources.tables(file, ReadRequest.PLAIN.withHidden(true)).tables();
    boolean document = file.toString().toLowerCase(Locale.ROOT).endsWith(".docx");
    try (InputStream stream = Files.newInputStream(file)) {
      return document ? ofDocument(stream, sources, name) : ofWorkbook(stream, sources, name);
    } catch (NoSuchElementException e) {
      throw new Problem(
          FileName.of(file)
              + " holds no table whose look could be read. Pick an XLSX workbook or a DOCX document"
              + " with one.",
          e);
    } catch (RuntimeException e) {
      throw Unreadable.of(FileName.of(file), "a workbook or a document", e);
    }
  }

  private static HouseStyle ofWorkbook(InputStream stream, List<Source> sources, String name)
      throws IOException {
    try (XSSFWorkbook workbook = new XSSFWorkbook(stream)) {
      for (Source source : sources) {
        Optional<XSSFSheet> sheet = Optional.ofNullable(workbook.getSheet(source.grid().name()));
        if (sheet.isPresent()) {
          return new FoundStyle(new XlsxLook(sheet.get()), source).style(name);
        }
      }
    }
    throw new NoSuchElementException("no sheet with a table");
  }

  private static HouseStyle ofDocument(InputStream stream, List<Source> sources, String name)
      throws IOException {
    try (XWPFDocument document = new XWPFDocument(stream)) {
      XWPFTable table = document.getTables().getFirst();
      int above =
          DocxReader.wordsAbove(
                  document.getBodyElements(), document.getBodyElements().indexOf(table))
              .size();
      return new FoundStyle(new DocxLook(document, table, above), sources.getFirst()).style(name);
    }
  }

  private HouseStyle style(String name) {
    List<SourceRow> rows = recognition.rows();
    int firstBody = rows.isEmpty() ? 0 : rows.getFirst().row();
    int firstHead = firstBody - recognition.headRows();
    for (int row = 0; row < firstHead; row++) {
      take(row, row == 0 && firstHead > 1 ? PartName.TITLE : PartName.UNITS, 0, 1);
    }
    for (int row = Math.max(0, firstHead); row < firstBody; row++) {
      boolean last = row == firstBody - 1;
      take(row, last ? PartName.COLUMN_HEAD : PartName.SPANNER, firstValue(), endOfValues());
      take(row, PartName.STUB_HEAD, 0, firstValue());
    }
    int index = 0;
    for (SourceRow row : rows) {
      index = row.role() == LineRole.BODY ? index + 1 : 0;
      takeRow(row, index);
    }
    return new SeenLooks(cells).style(name);
  }

  private int firstValue() {
    return recognition.valueColumns().isEmpty() ? 1 : recognition.valueColumns().getFirst();
  }

  private int endOfValues() {
    return recognition.valueColumns().isEmpty() ? 1 : recognition.valueColumns().getLast() + 1;
  }

  private void takeRow(SourceRow row, int index) {
    switch (row.role()) {
      case BODY -> {
        take(row.row(), PartName.STUB, 0, firstValue());
        take(row.row(), PartName.BODY, firstValue(), endOfValues());
        if (index > 0 && index % 2 == 0) {
          take(row.row(), new Selector.Alternate(), firstValue(), endOfValues());
        }
      }
      case SUBTOTAL -> take(row.row(), PartName.SUBTOTAL_ROW, 0, endOfValues());
      case GRAND_TOTAL -> take(row.row(), PartName.GRAND_TOTAL_ROW, 0, endOfValues());
      case GROUP -> take(row.row(), PartName.GROUP_ROW, 0, endOfValues());
      case NOTE -> take(row.row(), PartName.NOTE, 0, 1);
      case LEFT_OUT -> {}
    }
  }

  private void take(int row, PartName part, int from, int to) {
    take(row, Selector.of(part), from, to);
  }

  private void take(int row, Selector selector, int from, int to) {
    for (int column = from; column < to; column++) {
      sheet
          .at(top + row, left + column)
          .filter(cell -> isSeen(cell, selector))
          .ifPresent(cell -> cells.computeIfAbsent(selector, key -> new ArrayList<>()).add(cell));
    }
  }

  /// A blank stub cell says nothing of how its labels look.
  private static boolean isSeen(SeenCell cell, Selector selector) {
    boolean words = selector.equals(Selector.of(PartName.STUB));
    return !words || !cell.blank();
  }
}
