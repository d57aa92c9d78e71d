package app.finish.formats.opendocument;

import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.Dressed;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.dress.DressedRow.Band;
import app.finish.core.layout.CellBox;
import app.finish.core.layout.Paper;
import app.finish.core.layout.Proof;
import app.finish.core.style.Look;
import app.finish.core.table.Value;
import app.finish.formats.io.Kept;
import app.finish.formats.io.Sent;
import app.finish.formats.io.SentChart;
import app.finish.formats.io.SentItem;
import app.finish.formats.io.SentTable;
import app.finish.formats.io.TableWriter;
import app.finish.formats.io.XmlText;
import java.io.IOException;
import java.io.OutputStream;
import java.util.Arrays;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/// Writes ODT (ISO/IEC 26300, 1.3): real tables with spans, head rows that come again, named
/// paragraph styles, rules and fills; each figure with its exact value behind what is shown.
public final class OdtWriter implements TableWriter {
  @Override
  public Paper paper(Paper chosen) {
    return new Paper(chosen.width(), chosen.height(), chosen.margin(), true);
  }

  @Override
  public Set<Kept> keeps() {
    return Kept.allBut(Kept.MARKS);
  }

  @Override
  public void write(Sent sent, OutputStream out) throws IOException {
    List<SentItem> items = sent.items();
    OdfStyles styles = new OdfStyles();
    XmlText xml = new XmlText().open("office:text");
    Paper paper = paper(sent.paper());
    Map<String, byte[]> pictures = new LinkedHashMap<>();
    for (int i = 0; i < items.size(); i++) {
      switch (items.get(i)) {
        case SentTable table -> table(table, paper, styles, xml, "Table" + (i + 1));
        case SentChart chart -> {
          String part = "Pictures/chart" + (i + 1) + ".png";
          pictures.put(part, chart.picture(SentChart.PRINT_DOTS));
          xml.open("text:p", "text:style-name", "Standard");
          new OdfPicture(chart, part).inLine(paper.textWidth(), xml);
          xml.close("text:p");
        }
      }
    }
    xml.close("office:text");
    String language = items.isEmpty() ? "en" : items.getFirst().dressed().language().tag();
    String title =
        sent.tables().stream().map(one -> one.table().words().title()).findFirst().orElse("");
    new OdfParts("application/vnd.oasis.opendocument.text", language, title, pictures)
        .write(xml.toString(), styles, paper, out);
  }

  /// Writes one table with its words.
  ///
  /// @param name what it is called in the file
  static void table(SentTable table, Paper paper, OdfStyles styles, XmlText xml, String name) {
    new OneTable(table, table.proof(paper), styles, xml).write(name);
  }

  /// Writes one table.
  private record OneTable(
      SentTable table,
      Proof proof,
      OdfStyles styles,
      XmlText xml,
      OdfText text,
      Map<DressedCell, CellBox> boxes) {
    OneTable(SentTable table, Proof proof, OdfStyles styles, XmlText xml) {
      this(
          table,
          proof,
          styles,
          xml,
          new OdfText(xml, styles, proof.dressed().palette()),
          new IdentityHashMap<>());
      for (Proof.Page page : proof.pages()) {
        page.boxes().forEach(box -> boxes.put(box.cell(), box));
      }
    }

    void write(String name) {
      Dressed dressed = proof.dressed();
      dressed.band(Band.ABOVE).forEach(row -> paragraph(row.cells().getFirst(), true));
      List<DressedRow> rows = dressed.rows().stream().filter(DressedRow::isTable).toList();
      if (!rows.isEmpty()) {
        grid(rows, name);
      }
      dressed.band(Band.BELOW).forEach(row -> paragraph(row.cells().getFirst(), false));
      xml.empty("text:p", "text:style-name", "Standard");
    }

    private void paragraph(DressedCell cell, boolean keepNext) {
      xml.open("text:p", "text:style-name", styles.paragraph(cell, keepNext));
      text.runs(cell);
      xml.close("text:p");
    }

    private void grid(List<DressedRow> rows, String name) {
      double width = proof.columns().stream().mapToDouble(Proof.Column::width).sum();
      xml.open("table:table", "table:name", name, "table:style-name", styles.table(width));
      xml.open("table:title").text(table.table().words().title()).close("table:title");
      xml.open("table:desc").text(table.description()).close("table:desc");
      for (Proof.Column column : proof.columns()) {
        xml.empty("table:table-column", "table:style-name", styles.column(column.width()));
      }
      int heads = (int) rows.stream().filter(row -> row.band() == Band.HEAD).count();
      boolean keep = proof.pages().size() == 1;
      OdfRow lines = new OdfRow(xml, styles, proof.columns().size());
      for (int i = 0; i < rows.size(); i++) {
        if (heads > 0 && i == 0) {
          xml.open("table:table-header-rows");
        }
        boolean last = i == rows.size() - 1;
        int at = i;
        boolean keeps = keep && !last || rows.get(i).keepsWithNext();
        lines.write(rows.get(i), cell -> cell(rows, at, cell, keeps));
        if (heads > 0 && i == heads - 1) {
          xml.close("table:table-header-rows");
        }
      }
      xml.close("table:table");
    }

    private void cell(List<DressedRow> rows, int at, DressedCell cell, boolean keepNext) {
      DressedRow row = rows.get(at);
      DressedRow last = rows.get(Math.min(rows.size(), at + cell.rowSpan()) - 1);
      String style = styles.cell(row, last, cell, right(cell), proof.dressed().palette());
      Optional<Double> number =
          table.value(cell).orElse(null) instanceof Value.Numeric one
                  && Double.isFinite(one.number())
              ? Optional.of(one.number())
              : Optional.empty();
      Object[] plain = {
        "table:style-name", style,
        "table:number-columns-spanned", cell.columnSpan(),
        "table:number-rows-spanned", cell.rowSpan(),
        "office:value-type", number.isPresent() ? "float" : "string",
        "office:value", number.orElse(0.0)
      };
      xml.open(
          "table:table-cell", number.isPresent() ? plain : Arrays.copyOf(plain, plain.length - 2));
      paragraph(cell, keepNext);
      xml.close("table:table-cell");
    }

    /// How far a text ends before the right edge of its cell.
    private double right(DressedCell cell) {
      Look.Align align = cell.look().align();
      boolean decimal = align == Look.Align.DECIMAL || align == Look.Align.DECIMAL_CENTRE;
      CellBox box = boxes.get(cell);
      return decimal && box != null && cell.place() instanceof CellMeaning.Body
          ? Math.max(0, box.gap())
          : cell.look().sides();
    }
  }
}
