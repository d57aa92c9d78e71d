package app.finish.formats.html;

import app.finish.core.dress.Dressed;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.dress.DressedRow.Band;
import app.finish.core.layout.Proof;
import app.finish.formats.io.XmlText;
import java.util.List;

/// Writes a table: a caption, the widths of the columns, heads with `scope`, figures with the ids
/// of their heads, and the words below as a foot.
///
/// ```java
/// new HtmlTable(proof, "t1", new HtmlSheet.Inline(), out).write("");
/// ```
final class HtmlTable {
  private static final HtmlLook FOOT = HtmlLook.of("text-align: left; padding: 0");

  private final Proof proof;
  private final Dressed dressed;
  private final String id;
  private final HtmlSheet sheet;
  private final HtmlLooks looks;
  private final XmlText out;
  private final HtmlCells cells;

  /// @param id what the ids of its heads begin with
  /// @param looks the looks of this proof
  HtmlTable(Proof proof, String id, HtmlLooks looks, HtmlSheet sheet, XmlText out) {
    this.proof = proof;
    this.dressed = proof.dressed();
    this.id = id;
    this.looks = looks;
    this.sheet = sheet;
    this.out = out;
    this.cells = new HtmlCells(looks, sheet, out);
  }

  /// Writes the table whole.
  ///
  /// @param attributes further attributes of it, names and values by turns
  void write(String... attributes) {
    open(attributes);
    HtmlHeads heads = new HtmlHeads(dressed, id);
    List<DressedRow> rows = dressed.rows().stream().filter(DressedRow::isTable).toList();
    Band open = Band.ABOVE;
    for (int index = 0; index < rows.size(); index++) {
      Band band = rows.get(index).band();
      if (band != open) {
        close(open);
        out.open(band == Band.HEAD ? "thead" : "tbody");
        open = band;
      }
      row(rows, index, heads);
    }
    close(open);
    close();
  }

  /// Begins the table: words above, widths of columns.
  void open(String... attributes) {
    out.begin("table");
    for (int i = 0; i < attributes.length; i += 2) {
      out.attribute(attributes[i], attributes[i + 1]);
    }
    sheet.dress(out, "", looks.table());
    out.content();
    List<DressedRow> above = dressed.band(Band.ABOVE);
    if (!above.isEmpty()) {
      out.begin("caption");
      sheet.dress(out, "", looks.caption());
      out.content();
      above.forEach(row -> cells.words(row.cells().getFirst()));
      out.close("caption");
    }
    out.open("colgroup");
    for (Proof.Column column : proof.columns()) {
      out.begin("col");
      sheet.dress(out, "", HtmlLook.of("width: " + HtmlLooks.points(column.width())));
      out.content();
    }
    out.close("colgroup");
  }

  private void close(Band band) {
    if (band == Band.HEAD || band == Band.BODY) {
      out.close(band == Band.HEAD ? "thead" : "tbody");
    }
  }

  /// Ends the table with the words below.
  void close() {
    List<DressedRow> below = dressed.band(Band.BELOW);
    if (!below.isEmpty()) {
      out.open("tfoot").open("tr").begin("td").attribute("colspan", "" + dressed.columns());
      sheet.dress(out, "", FOOT);
      out.content();
      below.forEach(row -> cells.words(row.cells().getFirst()));
      out.close("td").close("tr").close("tfoot");
    }
    out.close("table");
  }

  private void row(List<DressedRow> rows, int index, HtmlHeads heads) {
    DressedRow row = rows.get(index);
    heads.enter(row);
    out.raw("\n").open("tr");
    for (DressedCell cell : row.cells()) {
      String tag = HtmlCells.tag(cell);
      out.begin(tag);
      if (!HtmlCells.isBlank(cell)) {
        heads.mark(out, cell, index);
      }
      span("colspan", cell.columnSpan());
      span("rowspan", cell.rowSpan());
      int last = Math.min(rows.size(), index + cell.rowSpan()) - 1;
      cells.dress(row, rows.get(last), cell);
      if (HtmlCells.runsFromTheRight(cell)) {
        out.attribute("dir", "auto");
      }
      out.content();
      cells.content(cell);
      out.close(tag);
    }
    out.close("tr");
  }

  private void span(String name, int reach) {
    if (reach > 1) {
      out.attribute(name, "" + reach);
    }
  }
}
