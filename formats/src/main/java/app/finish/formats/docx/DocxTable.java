package app.finish.formats.docx;

import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.dress.DressedRow.Band;
import app.finish.core.dress.Run;
import app.finish.core.layout.Proof;
import app.finish.core.style.Look;
import app.finish.core.style.Look.Align;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.RuleLine;
import app.finish.core.style.colour.Palette;
import app.finish.formats.io.SentTable;
import app.finish.formats.io.XmlText;
import java.util.List;

/// Writes one table of a DOCX with the words around it.
public final class DocxTable {
  /// Points that each side of a cell gives up, for word processors that set text a little wider.
  private static final double SLACK = 1.5;

  private final Proof proof;
  private final String description;
  private final String number;
  private final int place;
  private final Palette palette;
  private final DocxStyles styles;
  private final XmlText xml;
  private final DressedCell[] open;
  private final int[] rowsLeft;

  /// @param place the place of the table in the file, from 1
  DocxTable(Proof proof, SentTable table, int place, DocxStyles styles, XmlText xml) {
    this.proof = proof;
    this.description = table.description();
    this.number = table.number();
    this.place = place;
    this.palette = proof.dressed().palette();
    this.styles = styles;
    this.xml = xml;
    this.open = new DressedCell[proof.columns().size()];
    this.rowsLeft = new int[open.length];
  }

  void write() {
    List<DressedRow> rows = proof.dressed().rows();
    boolean keep = proof.pages().size() == 1;
    rows.stream().filter(row -> row.band() == Band.ABOVE).forEach(row -> words(row, true));
    List<DressedRow> grid = rows.stream().filter(DressedRow::isTable).toList();
    if (!grid.isEmpty()) {
      beginTable();
      for (int i = 0; i < grid.size(); i++) {
        boolean last = i == grid.size() - 1;
        row(grid.get(i), keep && !last || grid.get(i).keepsWithNext());
      }
      xml.close("w:tbl");
    }
    List<DressedRow> below = rows.stream().filter(row -> row.band() == Band.BELOW).toList();
    below.forEach(row -> words(row, false));
    if (below.isEmpty()) {
      xml.empty("w:p");
    }
  }

  private void words(DressedRow row, boolean keepNext) {
    paragraph(row.cells().getFirst(), keepNext, 0);
  }

  private void beginTable() {
    double width = proof.columns().stream().mapToDouble(Proof.Column::width).sum();
    xml.open("w:tbl").open("w:tblPr");
    xml.empty("w:tblW", "w:w", DocxUnits.twips(width), "w:type", "dxa");
    xml.empty("w:tblInd", "w:w", 0, "w:type", "dxa");
    xml.empty("w:tblLayout", "w:type", "fixed");
    long sides = DocxUnits.twips(proof.dressed().root().sides() - SLACK);
    xml.open("w:tblCellMar");
    xml.empty("w:left", "w:w", sides, "w:type", "dxa")
        .empty("w:right", "w:w", sides, "w:type", "dxa");
    xml.close("w:tblCellMar");
    xml.empty("w:tblDescription", "w:val", description);
    xml.close("w:tblPr").open("w:tblGrid");
    for (Proof.Column column : proof.columns()) {
      xml.empty("w:gridCol", "w:w", DocxUnits.twips(column.width()));
    }
    xml.close("w:tblGrid");
  }

  private void row(DressedRow row, boolean keepNext) {
    xml.open("w:tr").open("w:trPr").empty("w:cantSplit");
    if (row.band() == Band.HEAD) {
      xml.empty("w:tblHeader");
    }
    double least = row.cells().stream().mapToDouble(one -> one.look().rowHeight()).max().orElse(0);
    if (least > 0) {
      xml.empty("w:trHeight", "w:val", DocxUnits.twips(least), "w:hRule", "atLeast");
    }
    xml.close("w:trPr");
    int next = 0;
    int column = 0;
    while (column < open.length) {
      boolean starts = next < row.cells().size() && row.cells().get(next).column() == column;
      if (starts) {
        DressedCell cell = row.cells().get(next++);
        open[column] = cell;
        rowsLeft[column] = cell.rowSpan() - 1;
        cell(row, cell, cell.rowSpan() > 1 ? "restart" : "", rowsLeft[column] == 0, keepNext);
        column += cell.columnSpan();
      } else if (rowsLeft[column] > 0) {
        DressedCell cell = open[column];
        rowsLeft[column]--;
        cell(row, cell, "continue", rowsLeft[column] == 0, keepNext);
        column += cell.columnSpan();
      } else {
        xml.open("w:tc").open("w:tcPr");
        xml.empty("w:tcW", "w:w", DocxUnits.twips(width(column, 1)), "w:type", "dxa");
        xml.close("w:tcPr").empty("w:p").close("w:tc");
        column++;
      }
    }
    xml.close("w:tr");
  }

  private double width(int column, int span) {
    double width = 0;
    for (int i = column; i < column + span; i++) {
      width += proof.columns().get(i).width();
    }
    return width;
  }

  private void cell(
      DressedRow row, DressedCell cell, String merge, boolean endsHere, boolean keepNext) {
    Look look = cell.look();
    xml.open("w:tc").open("w:tcPr");
    xml.empty(
        "w:tcW", "w:w", DocxUnits.twips(width(cell.column(), cell.columnSpan())), "w:type", "dxa");
    if (cell.columnSpan() > 1) {
      xml.empty("w:gridSpan", "w:val", cell.columnSpan());
    }
    if (!merge.isEmpty()) {
      xml.empty("w:vMerge", "w:val", merge);
    }
    borders(row, cell, !merge.equals("continue"), endsHere);
    look.fill()
        .ifPresent(
            fill -> xml.empty("w:shd", "w:val", "clear", "w:color", "auto", "w:fill", fill.hex()));
    if (cell.place() instanceof CellMeaning.Body) {
      xml.empty("w:noWrap");
    }
    double standing = cell.standing(row.band());
    xml.empty("w:vAlign", "w:val", standing == 1 ? "bottom" : standing == 0 ? "top" : "center");
    xml.close("w:tcPr");
    if (merge.equals("continue")) {
      xml.empty("w:p");
    } else {
      paragraph(cell, keepNext, width(cell.column(), cell.columnSpan()));
    }
    xml.close("w:tc");
  }

  private void borders(DressedRow row, DressedCell cell, boolean begins, boolean ends) {
    RuleLine above =
        begins ? cell.own(cell.look().ruleAbove().orHeavier(row.above().rule())) : RuleLine.NONE;
    RuleLine below =
        ends
            ? cell.own(full(cell.look().ruleBelow()).orHeavier(row.below().rule()))
            : RuleLine.NONE;
    RuleLine left = cell.look().ruleLeft();
    RuleLine right = cell.look().ruleRight();
    if (above.isDrawn() || below.isDrawn() || left.isDrawn() || right.isDrawn()) {
      xml.open("w:tcBorders");
      border("w:top", above, 0);
      border("w:left", left, 0);
      border("w:bottom", below, 0);
      border("w:right", right, 0);
      xml.close("w:tcBorders");
    }
  }

  /// A rule with a gap to its neighbours is drawn under the paragraph, which ends at the cell's
  /// margins.
  private static RuleLine full(RuleLine rule) {
    return rule.reach() == RuleLine.Reach.SPANNED ? RuleLine.NONE : rule;
  }

  private void border(String side, RuleLine rule, int space) {
    if (rule.isDrawn()) {
      String kind =
          switch (rule.kind()) {
            case SINGLE -> "single";
            case DOUBLE -> "double";
            case DOTTED -> "dotted";
          };
      long eighths = Math.max(2, Math.round(rule.weight() * 8));
      String colour = palette.colour(rule.ink()).hex();
      xml.empty(side, "w:val", kind, "w:sz", eighths, "w:space", space, "w:color", colour);
    }
  }

  private void paragraph(DressedCell cell, boolean keepNext, double width) {
    Look look = cell.look();
    xml.open("w:p").open("w:pPr").empty("w:pStyle", "w:val", styles.id(cell));
    if (keepNext) {
      xml.empty("w:keepNext");
    }
    if (look.ruleBelow().reach() == RuleLine.Reach.SPANNED && look.ruleBelow().isDrawn()) {
      xml.open("w:pBdr");
      border("w:bottom", look.ruleBelow(), 1);
      xml.close("w:pBdr");
    }
    boolean filled = width == 0 && look.fill().isPresent();
    if (filled) {
      String hex = look.fill().orElseThrow().hex();
      xml.empty("w:shd", "w:val", "clear", "w:color", "auto", "w:fill", hex);
    }
    boolean decimal = look.align() == Align.DECIMAL || look.align() == Align.DECIMAL_CENTRE;
    if (decimal && cell.place() instanceof CellMeaning.Body && width > 0) {
      double point =
          proof.columns().get(cell.column()).point() - proof.dressed().root().sides() + SLACK;
      xml.open("w:tabs");
      xml.empty("w:tab", "w:val", "decimal", "w:pos", DocxUnits.twips(point));
      xml.close("w:tabs");
    }
    if (cell.indent() > 0) {
      xml.empty("w:ind", "w:left", DocxUnits.twips(cell.indent() * look.indent()));
    }
    if (filled) {
      double table = proof.columns().stream().mapToDouble(Proof.Column::width).sum();
      double spare = Math.max(0, proof.paper().textWidth() - table);
      xml.empty("w:ind", "w:right", DocxUnits.twips(spare));
    }
    xml.close("w:pPr");
    if (cell.part().name() == PartName.NUMBER && width == 0) {
      numbered(cell);
    } else {
      cell.runs().forEach(run -> run(run, look));
    }
    if (look.marked() && cell.place() instanceof CellMeaning.Body) {
      DocxMarks.add(xml, look, proof.dressed().palette());
    }
    xml.close("w:p");
  }

  /// The number as a caption (ECMA-376, part 1, 17.16.5.58): its digits are a field that counts the
  /// tables of a text, and a bookmark lets callouts refer to it.
  private void numbered(DressedCell cell) {
    String name = "table_" + number.replaceAll("[^A-Za-z0-9]", "_");
    String text = cell.text();
    boolean counted = number.matches("[0-9]+") && text.endsWith(number);
    xml.empty("w:bookmarkStart", "w:id", place, "w:name", name);
    if (counted && cell.runs().size() == 1) {
      Run run = cell.runs().getFirst();
      run(run.withText(text.substring(0, text.length() - number.length())), cell.look());
      xml.open("w:fldSimple", "w:instr", " SEQ Table \\* ARABIC ");
      run(run.withText(number), cell.look());
      xml.close("w:fldSimple");
    } else {
      cell.runs().forEach(run -> run(run, cell.look()));
    }
    xml.empty("w:bookmarkEnd", "w:id", place);
  }

  private void run(Run run, Look look) {
    if (run.text().isEmpty()) {
      return;
    }
    if (!run.swatch().isEmpty()) {
      DocxMarks.swatch(xml, run, proof.dressed().palette());
      return;
    }
    xml.open("w:r");
    boolean underlined = look.underline() != Look.Underline.NONE;
    boolean differs = run.bold() != look.bold() || run.italic() != look.italic();
    boolean struck = look.setting(Property.STRIKE).equals("single");
    boolean inked = !run.ink().isEmpty();
    if (differs || inked || run.scale() < 1 || underlined || struck) {
      xml.open("w:rPr");
      if (run.bold() != look.bold()) {
        xml.empty("w:b", "w:val", run.bold() ? 1 : 0);
      }
      if (run.italic() != look.italic()) {
        xml.empty("w:i", "w:val", run.italic() ? 1 : 0);
      }
      if (struck) {
        xml.empty("w:strike");
      }
      if (inked) {
        xml.empty("w:color", "w:val", palette.colour(run.ink()).hex());
      }
      if (underlined) {
        boolean two = look.underline() == Look.Underline.DOUBLE;
        xml.empty("w:u", "w:val", two ? "double" : "single");
      }
      if (run.scale() < 1) {
        xml.empty("w:vertAlign", "w:val", run.raised() ? "superscript" : "subscript");
      }
      xml.close("w:rPr");
    }
    xml.open("w:t", "xml:space", "preserve").text(run.text()).close("w:t").close("w:r");
  }
}
