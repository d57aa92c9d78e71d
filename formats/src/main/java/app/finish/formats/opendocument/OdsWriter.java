package app.finish.formats.opendocument;

import app.finish.core.dress.Dressed;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.dress.DressedRow.Band;
import app.finish.core.layout.Paper;
import app.finish.core.layout.Proof;
import app.finish.core.table.Value;
import app.finish.formats.io.Kept;
import app.finish.formats.io.Sent;
import app.finish.formats.io.SentChart;
import app.finish.formats.io.SentTable;
import app.finish.formats.io.SheetName;
import app.finish.formats.io.ShownNumber;
import app.finish.formats.io.TableWriter;
import app.finish.formats.io.XmlText;
import java.io.IOException;
import java.io.OutputStream;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/// Writes ODS (ISO/IEC 26300, 1.3): a sheet for each table, its figures as numbers that read as the
/// table shows them, its heads repeated in print; its charts as pictures beside it.
public final class OdsWriter implements TableWriter {
  /// What stays free around charts, in points.
  private static final double GAP = 12;

  @Override
  public Paper paper(Paper chosen) {
    return chosen.unpaged();
  }

  @Override
  public Set<Kept> keeps() {
    return Kept.allBut(Kept.MARKS);
  }

  @Override
  public void write(Sent sent, OutputStream out) throws IOException {
    List<SentTable> tables = sent.withTablesOfCharts();
    Map<String, byte[]> pictures = new LinkedHashMap<>();
    OdfStyles styles = new OdfStyles();
    XmlText xml = new XmlText().open("office:spreadsheet");
    List<String> names = new ArrayList<>();
    for (SentTable table : tables) {
      names.add(SheetName.of(table, names));
      List<OdfPicture> charts = new ArrayList<>();
      for (SentChart chart : sent.charts(table)) {
        charts.add(new OdfPicture(chart, "Pictures/chart" + (pictures.size() + 1) + ".png"));
        pictures.put(charts.getLast().part(), chart.picture(SentChart.SHEET_DOTS));
      }
      new OneSheet(table, table.proof(paper(sent.paper())), styles, xml)
          .write(names.getLast(), charts);
    }
    if (tables.isEmpty()) {
      xml.open("table:table", "table:name", "Tables").empty("table:table-column");
      xml.open("table:table-row").empty("table:table-cell").close("table:table-row");
      xml.close("table:table");
    }
    xml.close("office:spreadsheet");
    String language = tables.isEmpty() ? "en" : tables.getFirst().dressed().language().tag();
    String title = tables.isEmpty() ? "" : tables.getFirst().table().words().title();
    new OdfParts("application/vnd.oasis.opendocument.spreadsheet", language, title, pictures)
        .write(xml.toString(), styles, sent.paper(), out);
  }

  /// Writes one sheet.
  private record OneSheet(
      SentTable table, Proof proof, OdfStyles styles, XmlText xml, OdfText text) {
    OneSheet(SentTable table, Proof proof, OdfStyles styles, XmlText xml) {
      this(table, proof, styles, xml, new OdfText(xml, styles, proof.dressed().palette()));
    }

    void write(String name, List<OdfPicture> charts) {
      Dressed dressed = proof.dressed();
      xml.open("table:table", "table:name", name, "table:style-name", styles.sheet());
      xml.open("table:desc").text(table.description()).close("table:desc");
      beside(charts);
      for (Proof.Column column : proof.columns()) {
        xml.empty("table:table-column", "table:style-name", styles.column(column.width()));
      }
      List<DressedRow> rows = dressed.rows();
      OdfRow lines = new OdfRow(xml, styles, proof.columns().size());
      boolean open = false;
      for (int i = 0; i < rows.size(); i++) {
        boolean head = rows.get(i).band() == Band.HEAD;
        if (head != open) {
          xml.raw(head ? "<table:table-header-rows>" : "</table:table-header-rows>");
          open = head;
        }
        int at = i;
        DressedRow row = rows.get(i);
        lines.write(row, cell -> cell(rows, at, cell, OdfRow.across(row, cell)));
      }
      xml.raw(open ? "</table:table-header-rows>" : "");
      xml.close("table:table");
    }

    /// Charts stand to the right of the table, one below the other.
    private void beside(List<OdfPicture> charts) {
      if (charts.isEmpty()) {
        return;
      }
      double x = GAP + proof.columns().stream().mapToDouble(Proof.Column::width).sum();
      double y = GAP;
      xml.open("table:shapes");
      for (OdfPicture chart : charts) {
        chart.at(x, y, xml);
        y += chart.chart().page().height() + GAP;
      }
      xml.close("table:shapes");
    }

    private void cell(List<DressedRow> rows, int at, DressedCell cell, int across) {
      DressedRow row = rows.get(at);
      DressedRow last = rows.get(Math.min(rows.size(), at + cell.rowSpan()) - 1);
      Optional<ShownNumber> shown = shown(cell);
      String number = shown.map(styles::number).orElse("");
      String style = styles.sheetCell(row, last, cell, number, proof.dressed().palette());
      List<Object> attributes = new ArrayList<>(List.of("table:style-name", style));
      if (across > 1 || cell.rowSpan() > 1) {
        attributes.addAll(
            List.of(
                "table:number-columns-spanned",
                across,
                "table:number-rows-spanned",
                cell.rowSpan()));
      }
      boolean percent = shown.isPresent() && shown.get().scale() == 0.01;
      if (shown.isPresent() && table.value(cell).orElseThrow() instanceof Value.Numeric value) {
        attributes.addAll(
            List.of(
                "office:value-type",
                percent ? "percentage" : "float",
                "office:value",
                value.number()));
      } else {
        attributes.addAll(List.of("office:value-type", "string"));
      }
      xml.open("table:table-cell", attributes.toArray());
      xml.open("text:p");
      text.runs(cell);
      xml.close("text:p").close("table:table-cell");
    }

    private Optional<ShownNumber> shown(DressedCell cell) {
      return table.value(cell).orElse(null) instanceof Value.Numeric value
              && Double.isFinite(value.number())
          ? ShownNumber.of(cell.text(), value.number(), cell.look().numbers())
          : Optional.empty();
    }
  }
}
