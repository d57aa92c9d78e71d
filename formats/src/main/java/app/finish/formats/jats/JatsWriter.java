package app.finish.formats.jats;

import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.Dressed;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.dress.DressedRow.Band;
import app.finish.core.dress.Run;
import app.finish.core.layout.Paper;
import app.finish.core.style.Look;
import app.finish.core.style.PartName;
import app.finish.formats.io.Kept;
import app.finish.formats.io.Sent;
import app.finish.formats.io.SentTable;
import app.finish.formats.io.TableWriter;
import app.finish.formats.io.XmlText;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/// Writes JATS (ANSI/NISO Z39.96-2021, version 1.3, archiving and interchange): an article of
/// `table-wrap`s with label, caption, long description, a table of the XHTML model and its notes in
/// the foot. Its look is left to the journal; what is italic, bold, raised or lowered in its words
/// stays.
public final class JatsWriter implements TableWriter {
  private static final String DOCTYPE =
      "<!DOCTYPE article PUBLIC \"-//NLM//DTD JATS (Z39.96) Journal Archiving and Interchange DTD"
          + " v1.3 20210610//EN\" \"JATS-archivearticle1-3.dtd\">\n";

  @Override
  public Paper paper(Paper chosen) {
    return chosen.unpaged();
  }

  @Override
  public Set<Kept> keeps() {
    return EnumSet.of(
        Kept.SHOWN_FIGURES,
        Kept.TITLE,
        Kept.NOTES,
        Kept.DESCRIPTION,
        Kept.RICH_WORDS,
        Kept.ALIGNMENT);
  }

  @Override
  public void write(Sent sent, OutputStream out) throws IOException {
    List<SentTable> tables = sent.tables();
    XmlText xml = new XmlText();
    xml.raw("<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n").raw(DOCTYPE);
    String language = tables.isEmpty() ? "en" : tables.getFirst().dressed().language().tag();
    xml.open("article", "dtd-version", "1.3", "xml:lang", language);
    xml.raw("\n").open("front").open("article-meta").open("title-group").open("article-title");
    xml.text(tables.isEmpty() ? "" : tables.getFirst().table().words().title());
    xml.close("article-title").close("title-group").close("article-meta").close("front");
    xml.raw("\n").open("body").open("sec").open("title").text("Tables").close("title");
    if (tables.isEmpty()) {
      xml.empty("p");
    }
    for (int i = 0; i < tables.size(); i++) {
      xml.raw("\n");
      new OneTable(tables.get(i), "t" + (i + 1), xml).write();
    }
    xml.raw("\n").close("sec").close("body").close("article").raw("\n");
    out.write(xml.toString().getBytes(StandardCharsets.UTF_8));
  }

  /// Writes one table.
  private record OneTable(SentTable table, String id, XmlText xml) {
    void write() {
      Dressed dressed = table.dressed();
      xml.open("table-wrap", "id", id, "position", "anchor");
      List<DressedRow> above = dressed.band(Band.ABOVE);
      above.stream().filter(row -> is(row, PartName.NUMBER)).forEach(row -> words("label", row));
      if (above.stream().anyMatch(row -> !is(row, PartName.NUMBER))) {
        xml.open("caption");
        above.stream().filter(row -> is(row, PartName.TITLE)).forEach(row -> words("title", row));
        above.stream()
            .filter(row -> !is(row, PartName.NUMBER) && !is(row, PartName.TITLE))
            .forEach(row -> words("p", row));
        xml.close("caption");
      }
      xml.open("long-desc").text(table.description()).close("long-desc");
      if (!dressed.band(Band.BODY).isEmpty() || !dressed.band(Band.HEAD).isEmpty()) {
        grid(dressed);
      }
      List<DressedRow> below = dressed.band(Band.BELOW);
      if (!below.isEmpty()) {
        xml.raw("\n").open("table-wrap-foot");
        for (DressedRow row : below) {
          if (is(row, PartName.SOURCE)) {
            words("attrib", row);
          } else {
            xml.open("fn");
            words("p", row);
            xml.close("fn");
          }
        }
        xml.close("table-wrap-foot");
      }
      xml.close("table-wrap");
    }

    private static boolean is(DressedRow row, PartName part) {
      return row.part().name() == part;
    }

    private void grid(Dressed dressed) {
      xml.raw("\n").open("table", "frame", "hsides", "rules", "groups");
      section("thead", dressed.band(Band.HEAD));
      List<DressedRow> body = dressed.band(Band.BODY);
      if (body.isEmpty()) {
        xml.open("tbody").open("tr").empty("td", "colspan", dressed.columns());
        xml.close("tr").close("tbody");
      }
      section("tbody", body);
      xml.close("table");
    }

    private void section(String tag, List<DressedRow> rows) {
      if (rows.isEmpty()) {
        return;
      }
      xml.raw("\n").open(tag);
      for (DressedRow row : rows) {
        xml.raw("\n").open("tr");
        row.cells().forEach(cell -> cell(row, cell));
        xml.close("tr");
      }
      xml.close(tag);
    }

    private void cell(DressedRow row, DressedCell cell) {
      boolean figure = cell.place() instanceof CellMeaning.Body;
      boolean head = row.band() == Band.HEAD;
      String tag = figure ? "td" : "th";
      Object[] attributes = {
        "align", align(cell.look()), "valign", valign(cell.standing(row.band())),
        "colspan", cell.columnSpan(), "rowspan", cell.rowSpan(),
        "scope", scope(head, cell)
      };
      // A figure has no scope.
      xml.open(tag, figure ? Arrays.copyOf(attributes, 8) : attributes);
      xml.raw("\u2003".repeat(cell.indent()));
      runs(cell);
      xml.close(tag);
    }

    private static String scope(boolean head, DressedCell cell) {
      return head
          ? cell.columnSpan() > 1 ? "colgroup" : "col"
          : cell.rowSpan() > 1 ? "rowgroup" : "row";
    }

    private static String align(Look look) {
      return switch (look.align()) {
        case START -> "left";
        case CENTRE -> "center";
        case END, DECIMAL, DECIMAL_CENTRE -> "right";
      };
    }

    private static String valign(double standing) {
      return standing == 1 ? "bottom" : standing == 0 ? "top" : "middle";
    }

    private void words(String tag, DressedRow row) {
      xml.open(tag);
      runs(row.cells().getFirst());
      xml.close(tag);
    }

    private void runs(DressedCell cell) {
      for (Run run : cell.runs()) {
        if (run.text().isEmpty()) {
          continue;
        }
        List<String> around = new ArrayList<>();
        if (run.bold()) {
          around.add("bold");
        }
        if (run.italic()) {
          around.add("italic");
        }
        if (run.raised() || run.lowered()) {
          around.add(run.raised() ? "sup" : "sub");
        }
        around.forEach(xml::open);
        xml.text(run.text());
        around.reversed().forEach(xml::close);
      }
    }
  }
}
