package app.finish.formats.html;

import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.Dressed;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.dress.DressedRow.Band;
import app.finish.core.layout.Proof;
import app.finish.formats.io.SentTable;
import app.finish.formats.io.XmlText;
import com.fasterxml.jackson.core.io.JsonStringEncoder;
import java.util.List;

/// A table of a board: the table as it is dressed, and in it what the script of the board needs.
/// Rows say their members (`data-p`) and what they are (`data-r`), cells their column (`data-at`)
/// and their exact value (`data-v`). Of a long table only the first rows are elements; the others
/// are data from which the script makes them as they come in sight ([BoardRows]).
final class BoardTable {
  /// So many rows are elements of a long table.
  private static final int FIRST = 60;

  /// A table with more rows is long.
  private static final int LONG = 300;

  private final SentTable sent;
  private final Dressed dressed;
  private final String id;
  private final HtmlSheet.Named sheet;
  private final XmlText out;
  private final HtmlLooks looks;
  private final HtmlTable table;
  private final HtmlCells cells;
  private final BoardFigures figures;

  BoardTable(String id, SentTable sent, HtmlSheet.Named sheet, HtmlLooks looks, XmlText out) {
    this.sent = sent;
    this.dressed = sent.dressed();
    this.id = id;
    this.sheet = sheet;
    this.out = out;
    this.looks = looks;
    this.cells = new HtmlCells(looks, sheet, out);
    Proof proof = looks.proof();
    this.table = new HtmlTable(proof, id, looks, sheet, out);
    this.figures = new BoardFigures(sent);
  }

  /// Writes the table in a box that scrolls.
  ///
  /// @param behind where its description is written, and what the script needs: what stands behind
  ///   the table
  void write(XmlText behind) {
    String name = sent.name();
    List<BoardRow> rows = BoardRow.of(sent.table(), dressed);
    out.begin("div").attribute("class", "table-box").attribute("tabindex", "0");
    out.attribute("role", "group").attribute("aria-label", name).content();
    table.open("aria-describedby", id + "-shows");
    heads();
    out.open("tbody");
    int written = rows.size() > LONG ? FIRST : rows.size();
    rows.subList(0, written).forEach(this::row);
    out.close("tbody");
    table.close();
    out.close("div");
    behind.begin("p").attribute("id", id + "-shows").attribute("hidden", "").content();
    behind.text(sent.description()).close("p");
    data("about", new BoardInfo(sent, figures).json().toString(), behind);
    if (written < rows.size()) {
      List<BoardRow> more = rows.subList(written, rows.size());
      data("rows", new BoardRows(figures, looks, sheet).json(more), behind);
    }
  }

  private static void data(String name, String json, XmlText behind) {
    behind.raw("<script type=\"application/json\" class=\"" + name + "\">");
    behind.raw(json.replace("<", "\\u003c")).close("script");
  }

  private void heads() {
    List<DressedRow> rows = dressed.band(Band.HEAD);
    if (rows.isEmpty()) {
      return;
    }
    out.open("thead");
    HtmlHeads heads = new HtmlHeads(dressed, id);
    for (int i = 0; i < rows.size(); i++) {
      DressedRow row = rows.get(i);
      heads.enter(row);
      out.raw("\n").open("tr");
      for (DressedCell cell : row.cells()) {
        String tag = HtmlCells.tag(cell);
        out.begin(tag);
        if (!HtmlCells.isBlank(cell)) {
          heads.mark(out, cell, i);
        }
        column(cell);
        if (cell.rowSpan() > 1) {
          out.attribute("rowspan", cell.rowSpan());
        }
        if (i + cell.rowSpan() >= rows.size() && cell.columnSpan() == 1) {
          out.attribute("data-c", cell.column());
        }
        cells.dress(row, rows.get(Math.min(rows.size(), i + cell.rowSpan()) - 1), cell);
        close(cell, tag);
      }
      out.close("tr");
    }
    out.close("thead");
  }

  private void column(DressedCell cell) {
    out.attribute("data-at", cell.column());
    if (cell.columnSpan() > 1) {
      out.attribute("colspan", cell.columnSpan());
      out.attribute("data-span", cell.columnSpan());
    }
  }

  private void close(DressedCell cell, String tag) {
    if (HtmlCells.runsFromTheRight(cell)) {
      out.attribute("dir", "auto");
    }
    out.content();
    cells.content(cell);
    out.close(tag);
  }

  private void row(BoardRow row) {
    out.raw("\n").begin("tr").attribute("data-p", json(row.path()));
    out.plain("data-r", row.role()).content();
    for (BoardRow.Cell one : row.cells()) {
      DressedCell cell = one.cell();
      String tag = HtmlCells.tag(cell);
      out.begin(tag);
      if (tag.equals("th")) {
        out.plain("scope", HtmlHeads.scope(cell));
      }
      column(cell);
      if (cell.place() instanceof CellMeaning.Stub stub) {
        out.attribute("data-level", stub.level());
        if (one.level() >= 0) {
          out.attribute("data-again", one.level());
        }
      }
      String exact = figures.exact(cell);
      if (!exact.isEmpty()) {
        out.plain("data-v", exact);
      }
      attribute("data-n", figures.notes(cell));
      attribute("data-h", figures.highlights(cell));
      cells.dress(row.row(), row.row(), cell);
      close(cell, tag);
    }
    out.close("tr");
  }

  private static String json(List<String> labels) {
    StringBuilder json = new StringBuilder("[");
    for (String label : labels) {
      json.append(json.length() > 1 ? ",\"" : "\"");
      JsonStringEncoder.getInstance().quoteAsString(label, json);
      json.append('"');
    }
    return json.append(']').toString();
  }

  private void attribute(String name, String value) {
    if (!value.isEmpty()) {
      out.attribute(name, value);
    }
  }
}
