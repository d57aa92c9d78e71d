package app.finish.formats.html;

import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.Dressed;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.dress.DressedRow.Band;
import app.finish.core.dress.Run;
import app.finish.core.layout.CellBox;
import app.finish.core.layout.Paper;
import app.finish.core.layout.Proof;
import app.finish.core.style.Look;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.RuleLine;
import app.finish.core.style.colour.Palette;
import app.finish.formats.io.Kept;
import app.finish.formats.io.Sent;
import app.finish.formats.io.SentChart;
import app.finish.formats.io.SentItem;
import app.finish.formats.io.SentTable;
import app.finish.formats.io.TableWriter;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;

/// Writes HTML: a `table` with a caption, `scope` on every head, `headers` on every figure. In a
/// page each look stands once in its style sheet; in a fragment for the clipboard it is inline, so
/// that it can be pasted into mail and editors.
public final class HtmlWriter implements TableWriter {
  @Override
  public Paper paper(Paper chosen) {
    return chosen.unpaged();
  }

  @Override
  public Set<Kept> keeps() {
    return Kept.allBut(Kept.EXACT_FIGURES);
  }

  @Override
  public void write(Sent sent, OutputStream out) throws IOException {
    List<SentItem> items = sent.items();
    List<String> titles = items.stream().map(HtmlWriter::title).toList();
    String language = items.isEmpty() ? "en" : items.getFirst().dressed().language().tag();
    HtmlPage page = new HtmlPage(language, titles);
    for (int i = 0; i < items.size(); i++) {
      String id = "t" + (i + 1);
      String own = items.get(i).dressed().language().tag();
      switch (items.get(i)) {
        case SentTable one -> {
          Element table = table(one.proof(paper(sent.paper())), id);
          page.add(table, id, titles.get(i), one.description(), own);
        }
        case SentChart chart -> page.add(HtmlChart.figure(chart, id));
      }
    }
    out.write(page.html().getBytes(StandardCharsets.UTF_8));
  }

  /// One table as a fragment, for the clipboard.
  ///
  /// @param id what the ids of its heads begin with
  public String fragment(Proof proof, String id) {
    Document page = Document.createShell("");
    page.outputSettings().prettyPrint(false);
    page.body().appendChild(table(proof, id));
    return page.body().html();
  }

  private static String title(SentItem item) {
    if (item instanceof SentChart) {
      return item.name();
    }
    List<String> texts = new ArrayList<>();
    for (DressedRow row : item.dressed().band(Band.ABOVE)) {
      texts.add(row.cells().getFirst().text());
    }
    return String.join(". ", texts);
  }

  static Element table(Proof proof, String id) {
    Dressed dressed = proof.dressed();
    Element table = new Element("table");
    double width = proof.columns().stream().mapToDouble(Proof.Column::width).sum();
    table.attr(
        "style",
        "border-collapse: collapse; width: "
            + points(width)
            + "; background: #"
            + dressed.palette().colour("paper").hex()
            + frame(dressed));
    List<DressedRow> above = dressed.band(Band.ABOVE);
    if (!above.isEmpty()) {
      Element caption = table.appendElement("caption");
      caption.attr(
          "style",
          "text-align: left; caption-side: top; background: #"
              + dressed.palette().colour("paper").hex());
      above.forEach(row -> words(caption.appendElement("div"), row.cells().getFirst(), dressed));
    }
    Element columns = table.appendElement("colgroup");
    for (Proof.Column column : proof.columns()) {
      columns.appendElement("col").attr("style", "width: " + points(column.width()));
    }
    rows(table, proof, id, boxes(proof));
    List<DressedRow> below = dressed.band(Band.BELOW);
    if (!below.isEmpty()) {
      Element cell = table.appendElement("tfoot").appendElement("tr").appendElement("td");
      cell.attr("colspan", "" + dressed.columns()).attr("style", "text-align: left; padding: 0");
      below.forEach(row -> words(cell.appendElement("div"), row.cells().getFirst(), dressed));
    }
    return table;
  }

  /// A frame as a shadow without blur, which rounds its corners over collapsed borders.
  private static String frame(Dressed dressed) {
    String asked = dressed.root().setting(Property.FRAME);
    if (asked.equals("none")) {
      return "";
    }
    RuleLine line = RuleLine.parse(asked);
    return "; box-shadow: 0 0 0 "
        + points(line.weight())
        + " "
        + dressed.palette().colour(line.ink())
        + "; border-radius: "
        + points(dressed.root().points(Property.RADIUS));
  }

  private static Map<DressedCell, CellBox> boxes(Proof proof) {
    Map<DressedCell, CellBox> boxes = new IdentityHashMap<>();
    for (Proof.Page page : proof.pages()) {
      page.boxes().forEach(box -> boxes.put(box.cell(), box));
    }
    return boxes;
  }

  private static void rows(Element table, Proof proof, String id, Map<DressedCell, CellBox> boxes) {
    HtmlHeads heads = new HtmlHeads(proof.dressed(), id);
    Element head = null;
    Element body = null;
    List<DressedRow> rows = proof.dressed().rows().stream().filter(DressedRow::isTable).toList();
    for (int index = 0; index < rows.size(); index++) {
      if (rows.get(index).band() == Band.HEAD) {
        head = head == null ? table.appendElement("thead") : head;
        tr(head, rows, index, proof, heads, boxes);
      } else {
        body = body == null ? table.appendElement("tbody") : body;
        tr(body, rows, index, proof, heads, boxes);
      }
    }
  }

  private static void tr(
      Element section,
      List<DressedRow> rows,
      int index,
      Proof proof,
      HtmlHeads heads,
      Map<DressedCell, CellBox> boxes) {
    DressedRow row = rows.get(index);
    section.appendText("\n");
    Element tr = section.appendElement("tr");
    heads.enter(row);
    for (DressedCell cell : row.cells()) {
      boolean stub =
          cell.place() instanceof CellMeaning.StubHead || cell.place() instanceof CellMeaning.Stub;
      // What says nothing heads nothing.
      boolean blank = stub && cell.text().isBlank();
      boolean figure = cell.place() instanceof CellMeaning.Body;
      Element element = tr.appendElement(figure || blank ? "td" : "th");
      element.addClass(className(cell.part().name()));
      if (!blank) {
        heads.mark(element, cell, index);
      }
      if (cell.columnSpan() > 1) {
        element.attr("colspan", "" + cell.columnSpan());
      }
      if (cell.rowSpan() > 1) {
        element.attr("rowspan", "" + cell.rowSpan());
      }
      int last = Math.min(rows.size(), index + cell.rowSpan()) - 1;
      element.attr("style", style(row, rows.get(last), cell, proof, boxes));
      Element text = gapped(element, cell, proof);
      runs(text, cell, proof.dressed().palette());
      HtmlMarks.add(text, cell, proof.dressed().palette());
    }
  }

  /// Where the text of a cell goes. A rule with a gap to its neighbours is drawn under a box inside
  /// the cell, which ends at the cell's padding.
  private static Element gapped(Element element, DressedCell cell, Proof proof) {
    RuleLine rule = cell.look().ruleBelow();
    if (!rule.isDrawn() || rule.reach() != RuleLine.Reach.SPANNED) {
      return element;
    }
    StringBuilder style = new StringBuilder("padding-bottom: 1pt");
    rule(style, "bottom", rule, proof);
    return element.appendElement("div").attr("style", style.toString());
  }

  /// The part that a cell or a line of words is, for style sheets of the page that it goes to.
  private static String className(PartName part) {
    return part.name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  private static boolean runsFromTheRight(String text) {
    return text.codePoints()
        .map(Character::getDirectionality)
        .anyMatch(
            one ->
                one == Character.DIRECTIONALITY_RIGHT_TO_LEFT
                    || one == Character.DIRECTIONALITY_RIGHT_TO_LEFT_ARABIC);
  }

  private static void words(Element element, DressedCell cell, Dressed dressed) {
    element.addClass(className(cell.part().name()));
    String fill = cell.look().fill().map(colour -> "; background: " + colour).orElse("");
    double sides = fill.isEmpty() ? 0 : cell.look().sides();
    element.attr(
        "style",
        text(cell.look())
            + "; text-align: left; padding: "
            + padding(cell.look(), sides, sides)
            + fill);
    runs(element, cell, dressed.palette());
  }

  private static void runs(Element element, DressedCell cell, Palette palette) {
    if (runsFromTheRight(cell.text())) {
      element.attr("dir", "auto");
    }
    for (Run run : cell.runs()) {
      Element target = element;
      if (!run.swatch().isEmpty()) {
        HtmlMarks.swatch(element, run, palette);
        continue;
      }
      if (run.bold() != cell.look().bold()) {
        target = target.appendElement("b");
      }
      if (run.italic() != cell.look().italic()) {
        target = target.appendElement(run.italic() ? "i" : "span");
      }
      if (!run.ink().isEmpty()) {
        target = target.appendElement("span");
        target.attr("style", "color: " + palette.colour(run.ink()));
      }
      if (run.raised()) {
        target = target.appendElement("sup");
        target.attr("style", "font-size: 68%; line-height: 0");
      } else if (run.lowered()) {
        target = target.appendElement("sub");
        target.attr("style", "font-size: 68%; line-height: 0");
      }
      target.appendText(run.text());
    }
  }

  /// @param last the last row that the cell reaches over
  private static String style(
      DressedRow row,
      DressedRow last,
      DressedCell cell,
      Proof proof,
      Map<DressedCell, CellBox> boxes) {
    Look look = cell.look();
    double left = look.sides() + cell.indent() * look.indent();
    double right = look.sides();
    String align =
        switch (look.align()) {
          case START -> "left";
          case CENTRE -> "center";
          case END -> "right";
          case DECIMAL, DECIMAL_CENTRE -> "right";
        };
    if (align.equals("right") && cell.place() instanceof CellMeaning.Body) {
      Proof.Column column = proof.columns().get(cell.column());
      CellBox box = boxes.get(cell);
      right = box == null ? Math.max(0, column.width() - column.end()) : Math.max(0, box.gap());
    }
    StringBuilder style = new StringBuilder(text(look));
    style.append("; text-align: ").append(align);
    double standing = cell.standing(row.band());
    style
        .append("; vertical-align: ")
        .append(standing == 1 ? "bottom" : standing == 0 ? "top" : "middle");
    if (look.rowHeight() > 0) {
      style.append("; height: ").append(points(look.rowHeight()));
    }
    if (look.shortened()) {
      style.append(
          "; white-space: nowrap; overflow: hidden; text-overflow: ellipsis; max-width: 0");
    }
    style.append("; padding: ").append(padding(look, left, right));
    look.fill().ifPresent(fill -> style.append("; background: ").append(fill));
    if (cell.place() instanceof CellMeaning.Body) {
      style.append(HtmlMarks.bar(look, proof.dressed().palette()));
    }
    RuleLine own = look.ruleBelow();
    boolean gapped = own.reach() == RuleLine.Reach.SPANNED;
    RuleLine above = look.ruleAbove().orHeavier(row.above().rule());
    RuleLine below = (gapped ? RuleLine.NONE : own).orHeavier(last.below().rule());
    rule(style, "top", cell.own(above), proof);
    rule(style, "bottom", cell.own(below), proof);
    rule(style, "left", look.ruleLeft(), proof);
    rule(style, "right", look.ruleRight(), proof);
    return style.toString();
  }

  private static String text(Look look) {
    return "font: "
        + (look.italic() ? "italic " : "")
        + (look.bold() ? "bold " : "normal ")
        + points(look.size())
        + "/"
        + look.lineHeight()
        + " '"
        + look.face().replaceAll("[^\\p{L}\\p{N} ._-]", "")
        + "'"
        + generic(look.face())
        + "; color: "
        + look.ink()
        + decoration(look);
  }

  private static String decoration(Look look) {
    String strike = look.setting(Property.STRIKE).equals("single") ? " line-through" : "";
    String under =
        switch (look.underline()) {
          case NONE -> "";
          case SINGLE -> " underline";
          case DOUBLE -> strike.isEmpty() ? " underline double" : " underline";
        };
    return under.isEmpty() && strike.isEmpty() ? "" : "; text-decoration:" + under + strike;
  }

  private static String generic(String face) {
    boolean serif = face.startsWith("Times") || face.equals("Georgia");
    return serif
        ? ", 'Liberation Serif', serif"
        : face.equals("Calibri") ? ", Carlito, sans-serif" : ", 'Liberation Sans', sans-serif";
  }

  private static String padding(Look look, double left, double right) {
    return points(look.above())
        + " "
        + points(right)
        + " "
        + points(look.below())
        + " "
        + points(left);
  }

  private static void rule(StringBuilder style, String side, RuleLine rule, Proof proof) {
    if (rule.isDrawn()) {
      style
          .append("; border-")
          .append(side)
          .append(": ")
          .append(points(rule.weight()))
          .append(
              rule.kind() == RuleLine.Kind.SINGLE
                  ? " solid "
                  : rule.kind() == RuleLine.Kind.DOUBLE ? " double " : " dotted ")
          .append(proof.dressed().palette().colour(rule.ink()));
    }
  }

  private static String points(double value) {
    double rounded = Math.round(value * 100) / 100.0;
    return (rounded == Math.rint(rounded) ? "" + (long) rounded : "" + rounded) + "pt";
  }
}
