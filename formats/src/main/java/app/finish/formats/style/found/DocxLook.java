package app.finish.formats.style.found;

import app.finish.core.style.colour.Colour;
import app.finish.formats.docx.DocxReader;
import app.finish.formats.style.found.SeenCell.Line;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.apache.poi.xwpf.usermodel.XWPFDocument;
import org.apache.poi.xwpf.usermodel.XWPFParagraph;
import org.apache.poi.xwpf.usermodel.XWPFRun;
import org.apache.poi.xwpf.usermodel.XWPFStyle;
import org.apache.poi.xwpf.usermodel.XWPFTable;
import org.apache.poi.xwpf.usermodel.XWPFTableCell;
import org.openxmlformats.schemas.wordprocessingml.x2006.main.CTBorder;
import org.openxmlformats.schemas.wordprocessingml.x2006.main.CTRPr;
import org.openxmlformats.schemas.wordprocessingml.x2006.main.CTTcBorders;
import org.openxmlformats.schemas.wordprocessingml.x2006.main.CTTcPr;

/// How the cells of a table in a DOCX look: by the run, its paragraph's style and what that is
/// based on.
public final class DocxLook implements SeenCell.Sheet {
  private static final double SIZE = 12;

  private final XWPFDocument document;
  private final List<List<XWPFTableCell>> cells = new ArrayList<>();
  private final int above;

  /// @param above how many lines of words stand above the table in its grid
  DocxLook(XWPFDocument document, XWPFTable table, int above) {
    this.document = document;
    this.above = above;
    table
        .getRows()
        .forEach(
            row -> {
              List<XWPFTableCell> line = new ArrayList<>();
              for (XWPFTableCell cell : row.getTableCells()) {
                for (int i = DocxReader.span(cell); i > 0; i--) {
                  line.add(cell);
                }
              }
              cells.add(line);
            });
  }

  @Override
  public Optional<SeenCell> at(int row, int column) {
    int line = row - above;
    boolean inside = line >= 0 && line < cells.size() && column < cells.get(line).size();
    return inside ? Optional.of(seen(cells.get(line).get(column))) : Optional.empty();
  }

  private SeenCell seen(XWPFTableCell cell) {
    XWPFParagraph paragraph = cell.getParagraphs().getFirst();
    Optional<XWPFRun> run = paragraph.getRuns().stream().findFirst();
    List<CTRPr> way = way(paragraph, run);
    Optional<CTTcPr> properties = Optional.ofNullable(cell.getCTTc().getTcPr());
    Optional<CTTcBorders> borders = properties.map(CTTcPr::getTcBorders);
    return new SeenCell(
        cell.getText().isBlank(),
        face(way),
        size(way),
        isOn(way, true),
        isOn(way, false),
        underline(way),
        ink(way),
        Optional.ofNullable(cell.getColor()).flatMap(DocxLook::colour),
        align(paragraph),
        borders.map(CTTcBorders::getTop).map(DocxLook::line).orElse(Line.NONE),
        borders.map(CTTcBorders::getBottom).map(DocxLook::line).orElse(Line.NONE));
  }

  /// Where a property may be set, the nearest first.
  private List<CTRPr> way(XWPFParagraph paragraph, Optional<XWPFRun> run) {
    List<CTRPr> way = new ArrayList<>();
    run.map(one -> one.getCTR().getRPr()).ifPresent(way::add);
    Optional<String> next = Optional.ofNullable(paragraph.getStyleID());
    for (int guard = 0; next.isPresent() && guard < 20; guard++) {
      Optional<XWPFStyle> found = styleOf(next.get());
      found.map(one -> one.getCTStyle().getRPr()).ifPresent(way::add);
      next = found.map(XWPFStyle::getBasisStyleID);
    }
    return way;
  }

  private Optional<XWPFStyle> styleOf(String id) {
    return Optional.ofNullable(document.getStyles()).map(all -> all.getStyle(id));
  }

  private static String face(List<CTRPr> way) {
    return way.stream()
        .filter(one -> one.sizeOfRFontsArray() > 0)
        .map(one -> one.getRFontsArray(0).getAscii())
        .filter(name -> name != null && !name.isEmpty())
        .findFirst()
        .orElse("Times New Roman");
  }

  private static double size(List<CTRPr> way) {
    return way.stream()
        .filter(one -> one.sizeOfSzArray() > 0)
        .map(one -> Double.parseDouble(one.getSzArray(0).getVal().toString()) / 2)
        .findFirst()
        .orElse(SIZE);
  }

  private static boolean isOn(List<CTRPr> way, boolean bold) {
    return way.stream()
        .filter(one -> (bold ? one.sizeOfBArray() : one.sizeOfIArray()) > 0)
        .map(one -> bold ? one.getBArray(0) : one.getIArray(0))
        .map(one -> !one.isSetVal() || isOn(one.getVal()))
        .findFirst()
        .orElse(false);
  }

  private static boolean isOn(Object value) {
    String word = String.valueOf(value);
    return !List.of("0", "false", "off").contains(word);
  }

  private static String underline(List<CTRPr> way) {
    return way.stream()
        .filter(one -> one.sizeOfUArray() > 0)
        .map(one -> String.valueOf(one.getUArray(0).getVal()))
        .map(word -> word.equals("none") ? "none" : word.equals("double") ? "double" : "single")
        .findFirst()
        .orElse("none");
  }

  private static Colour ink(List<CTRPr> way) {
    return way.stream()
        .filter(one -> one.sizeOfColorArray() > 0)
        .flatMap(
            one -> colour(String.valueOf(one.getColorArray(0).xgetVal().getStringValue())).stream())
        .findFirst()
        .orElse(new Colour(0));
  }

  private static Optional<Colour> colour(String hex) {
    return hex.matches("[0-9a-fA-F]{6}") ? Optional.of(Colour.parse("#" + hex)) : Optional.empty();
  }

  private static String align(XWPFParagraph paragraph) {
    return switch (paragraph.getAlignment()) {
      case CENTER -> "centre";
      case RIGHT, END -> "end";
      default -> "";
    };
  }

  private static Line line(CTBorder border) {
    String kind = String.valueOf(border.getVal());
    if (kind.equals("nil") || kind.equals("none")) {
      return Line.NONE;
    }
    double weight = border.isSetSz() ? border.getSz().doubleValue() / 8 : 0.5;
    String word = kind.equals("double") ? "double" : kind.equals("dotted") ? "dotted" : "";
    Optional<Colour> colour =
        border.isSetColor() ? colour(border.xgetColor().getStringValue()) : Optional.empty();
    return new Line(weight, word, colour);
  }
}
