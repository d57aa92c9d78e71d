package app.finish.formats.spreadsheet;

import app.finish.core.document.Document;
import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.Dressed;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.dress.DressedRow.Band;
import app.finish.core.dress.Run;
import app.finish.core.highlight.Highlight;
import app.finish.core.layout.Paper;
import app.finish.core.layout.Proof;
import app.finish.core.table.Spot;
import app.finish.core.table.Value;
import app.finish.formats.io.Kept;
import app.finish.formats.io.Sent;
import app.finish.formats.io.SentChart;
import app.finish.formats.io.SentTable;
import app.finish.formats.io.SheetName;
import app.finish.formats.io.ShownNumber;
import app.finish.formats.io.TableWriter;
import java.io.IOException;
import java.io.OutputStream;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.apache.poi.common.usermodel.HyperlinkType;
import org.apache.poi.ss.usermodel.Hyperlink;
import org.apache.poi.ss.usermodel.PrintSetup;
import org.apache.poi.ss.util.CellRangeAddress;
import org.apache.poi.ss.util.CellReference;
import org.apache.poi.xssf.streaming.SXSSFCell;
import org.apache.poi.xssf.streaming.SXSSFRow;
import org.apache.poi.xssf.streaming.SXSSFSheet;
import org.apache.poi.xssf.streaming.SXSSFWorkbook;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;

/// Writes a workbook: a sheet for each table, its figures as numbers that read as the table shows
/// them, its heads frozen and repeated in print. Several tables have a list of them in front.
///
/// Highlights that a sheet holds are conditional formats of it, and follow what is changed there.
///
/// Rows are written as they come, so that a long table needs no more memory than a short one.
public final class XlsxWriter implements TableWriter {
  private static final int ROWS_IN_MEMORY = 200;

  private final boolean adding;

  /// A writer of workbooks whose totals are numbers.
  public XlsxWriter() {
    this(false);
  }

  private XlsxWriter(boolean adding) {
    this.adding = adding;
  }

  /// A writer of workbooks whose totals add up what they are the totals of, so that the receiver
  /// can work on.
  public static XlsxWriter adding() {
    return new XlsxWriter(true);
  }

  /// Charts draw no more figures than these by their cells.
  private static final int MOST_CHARTED = 20_000;

  /// Widest column that a sheet can have, in characters.
  private static final int WIDEST = 255;

  @Override
  public Paper paper(Paper chosen) {
    return chosen.unpaged();
  }

  @Override
  public Set<Kept> keeps() {
    return Kept.allBut(Kept.DESCRIPTION, Kept.MARKS);
  }

  @Override
  public List<String> fixed(Sent sent) {
    return sent.tables().stream()
        .flatMap(table -> LiveHighlights.fixed(table).stream())
        .distinct()
        .toList();
  }

  @Override
  public void write(Sent sent, OutputStream out) throws IOException {
    List<SentTable> tables = sent.withTablesOfCharts();
    try (SXSSFWorkbook workbook =
        new SXSSFWorkbook(new XSSFWorkbook(), ROWS_IN_MEMORY, false, true)) {
      XSSFWorkbook whole = workbook.getXSSFWorkbook();
      whole
          .getProperties()
          .getCoreProperties()
          .setTitle(tables.isEmpty() ? "" : title(tables.getFirst()));
      whole.getProperties().getCoreProperties().setCreator("Finish");
      SheetLooks looks = new SheetLooks(whole);
      List<String> names = new ArrayList<>();
      if (tables.size() > 1) {
        names.add("Tables");
        contents(workbook, tables, names);
      } else {
        tables.forEach(table -> names.add(SheetName.of(table, names)));
      }
      int first = tables.size() > 1 ? 1 : 0;
      for (int i = 0; i < tables.size(); i++) {
        SXSSFSheet sheet = workbook.createSheet(names.get(first + i));
        SentTable table = tables.get(i);
        List<SentChart> charts = sent.charts(table);
        int most = charts.isEmpty() ? 0 : MOST_CHARTED;
        OneSheet one =
            new OneSheet(
                workbook, sheet, looks, table, adding, most, new HashMap<>(), new HashMap<>());
        one.write(sent, paper(sent.paper()));
        if (!charts.isEmpty()) {
          new SheetCharts(whole.getSheet(names.get(first + i)), one::at)
              .add(charts, table.dressed().columns() + 1);
        }
      }
      if (tables.isEmpty()) {
        workbook.createSheet("Tables");
      }
      workbook.write(out);
    }
  }

  private static String title(SentTable table) {
    return table.dressed().band(Band.ABOVE).stream()
        .map(row -> row.cells().getFirst().text())
        .limit(2)
        .reduce((a, b) -> a + ". " + b)
        .orElse("");
  }

  /// A list of the tables, each a link to its sheet.
  private static void contents(SXSSFWorkbook workbook, List<SentTable> tables, List<String> names) {
    SXSSFSheet list = workbook.createSheet("Tables");
    for (int i = 0; i < tables.size(); i++) {
      names.add(SheetName.of(tables.get(i), names));
      SXSSFCell cell = list.createRow(i).createCell(0);
      cell.setCellValue(title(tables.get(i)));
      Hyperlink link = workbook.getCreationHelper().createHyperlink(HyperlinkType.DOCUMENT);
      link.setAddress("'" + names.getLast().replace("'", "''") + "'!A1");
      cell.setHyperlink(link);
    }
    list.setColumnWidth(0, 90 * 256);
  }

  /// Writes one sheet.
  private record OneSheet(
      SXSSFWorkbook workbook,
      SXSSFSheet sheet,
      SheetLooks looks,
      SentTable table,
      boolean adding,
      int charted,
      Map<Integer, Integer> places,
      Map<Spot.Figure, CellReference> figures) {
    void write(Sent sent, Paper paper) {
      List<Highlight> live = LiveHighlights.of(table);
      Dressed dressed = live.isEmpty() ? table.dressed() : table.plain();
      List<Proof.Column> columns = table.columns(paper);
      for (int column = 0; column < columns.size(); column++) {
        sheet.setColumnWidth(column, characters(columns.get(column).width()));
      }
      sheet.setDisplayGridlines(false);
      int number = 0;
      for (DressedRow row : dressed.rows()) {
        row(dressed, row, number++);
      }
      if (!live.isEmpty()) {
        Map<Integer, Integer> rows = rows(dressed);
        LiveHighlights.add(
            live, table, sheet, row -> rows.getOrDefault(row, -1), dressed.stubColumns());
      }
      setUp(sent.document(), dressed, sent.paper());
    }

    /// A width as the format counts: characters of the usual font, in 256ths.
    private static int characters(double points) {
      double pixels = points * 96 / 72;
      return (int) Math.clamp(Math.round((pixels - 5) / 7 * 256), 256L, WIDEST * 256L);
    }

    private void row(Dressed dressed, DressedRow row, int number) {
      SXSSFRow cells = sheet.createRow(number);
      double least = 0;
      for (DressedCell cell : row.cells()) {
        least = Math.max(least, cell.look().rowHeight());
        cell(dressed, row, cell, cells, number);
      }
      if (least > 0) {
        cells.setHeightInPoints((float) least);
      }
    }

    /// Whether the style of the cell says all about its text.
    private static boolean isPlain(DressedCell cell) {
      Run only = cell.runs().getFirst();
      return cell.runs().size() == 1
          && only.equals(new Run(only.text(), cell.look().bold(), cell.look().italic()));
    }

    /// Where a figure stands.
    Optional<CellReference> at(Spot.Figure figure) {
      return Optional.ofNullable(figures.get(figure));
    }

    private void cell(Dressed dressed, DressedRow row, DressedCell cell, SXSSFRow cells, int line) {
      SXSSFCell made = cells.createCell(cell.column());
      if (cell.place() instanceof CellMeaning.Body body && figures.size() < charted) {
        figures.put(
            new Spot.Figure(body.row(), body.column()), new CellReference(line, cell.column()));
      }
      double number =
          table.value(cell).orElse(null) instanceof Value.Numeric value
              ? value.number()
              : Double.NaN;
      Optional<String> format = Double.isFinite(number) ? format(cell, number) : Optional.empty();
      made.setCellStyle(
          looks.style(row, cell, rules(row, cell), format.orElse(""), dressed.palette()));
      if (format.isPresent()) {
        formula(dressed, cell).ifPresent(made::setCellFormula);
        made.setCellValue(number);
      } else if (!cell.text().isEmpty()) {
        if (isPlain(cell)) {
          made.setCellValue(cell.text());
        } else {
          made.setCellValue(looks.text(cell, dressed.palette()));
        }
      }
      int across = row.isTable() ? cell.columnSpan() : 1;
      if (across > 1 || cell.rowSpan() > 1) {
        for (int column = cell.column() + 1; column < cell.column() + across; column++) {
          cells.createCell(column).setCellStyle(made.getCellStyle());
        }
        sheet.addMergedRegionUnsafe(
            new CellRangeAddress(
                line, line + cell.rowSpan() - 1, cell.column(), cell.column() + across - 1));
      }
    }

    /// What a total adds up, where it does.
    private Optional<String> formula(Dressed dressed, DressedCell cell) {
      return adding && cell.place() instanceof CellMeaning.Body body
          ? TotalFormulas.of(table.table())
              .formula(
                  body.row(),
                  body.column(),
                  row -> rows(dressed).get(row),
                  column -> dressed.stubColumns() + column)
          : Optional.empty();
    }

    /// Where each row of the body stands in the sheet.
    private Map<Integer, Integer> rows(Dressed dressed) {
      if (places.isEmpty()) {
        int number = 0;
        for (DressedRow row : dressed.rows()) {
          for (DressedCell cell : row.cells()) {
            if (cell.place() instanceof CellMeaning.Body body) {
              places.put(body.row(), number);
            }
          }
          number++;
        }
      }
      return places;
    }

    /// The format in which the number of a cell reads as the table shows it.
    private Optional<String> format(DressedCell cell, double number) {
      return ShownNumber.of(cell.text(), number, cell.look().numbers()).map(looks::format);
    }

    private static SheetLooks.Rules rules(DressedRow row, DressedCell cell) {
      return new SheetLooks.Rules(
          cell.own(cell.look().ruleAbove().orHeavier(row.above().rule())),
          cell.own(cell.look().ruleBelow().orHeavier(row.below().rule())),
          cell.look().ruleLeft(),
          cell.look().ruleRight());
    }

    /// Heads stay in sight and are repeated in print; the table is as wide as its page.
    private void setUp(Document document, Dressed dressed, Paper chosen) {
      Dressed.Bands bands = dressed.bands();
      int stub = dressed.stubColumns();
      if (bands.end() > bands.firstBody()) {
        sheet.createFreezePane(stub, bands.firstBody());
      }
      if (bands.firstBody() > bands.firstHead()) {
        sheet.setRepeatingRows(
            CellRangeAddress.valueOf((bands.firstHead() + 1) + ":" + bands.firstBody()));
      }
      sheet.setFitToPage(true);
      PrintSetup print = sheet.getPrintSetup();
      print.setFitWidth((short) 1);
      print.setFitHeight((short) 0);
      print.setLandscape(chosen.width() > chosen.height());
      print.setPaperSize(
          Math.abs(Math.min(chosen.width(), chosen.height()) - 612) < 2
              ? PrintSetup.LETTER_PAPERSIZE
              : PrintSetup.A4_PAPERSIZE);
      sheet.getFooter().setCenter("&P / &N");
    }
  }
}
