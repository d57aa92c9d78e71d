package app.finish.formats.style.found;

import app.finish.core.style.colour.Colour;
import app.finish.formats.style.found.SeenCell.Line;
import java.util.Optional;
import org.apache.poi.ss.usermodel.BorderStyle;
import org.apache.poi.ss.usermodel.FillPatternType;
import org.apache.poi.ss.usermodel.Font;
import org.apache.poi.xssf.usermodel.XSSFCell;
import org.apache.poi.xssf.usermodel.XSSFCellStyle;
import org.apache.poi.xssf.usermodel.XSSFColor;
import org.apache.poi.xssf.usermodel.XSSFFont;
import org.apache.poi.xssf.usermodel.XSSFSheet;

/// How the cells of a worksheet look.
public final class XlsxLook implements SeenCell.Sheet {
  private static final Colour BLACK = new Colour(0);

  private final XSSFSheet sheet;

  XlsxLook(XSSFSheet sheet) {
    this.sheet = sheet;
  }

  @Override
  public Optional<SeenCell> at(int row, int column) {
    return Optional.ofNullable(sheet.getRow(row))
        .map(line -> line.getCell(column))
        .map(XlsxLook::seen);
  }

  private static SeenCell seen(XSSFCell cell) {
    XSSFCellStyle style = cell.getCellStyle();
    XSSFFont font = style.getFont();
    boolean filled = style.getFillPattern() == FillPatternType.SOLID_FOREGROUND;
    byte under = font.getUnderline();
    return new SeenCell(
        cell.toString().isBlank(),
        font.getFontName(),
        font.getFontHeightInPoints(),
        font.getBold(),
        font.getItalic(),
        under == Font.U_NONE ? "none" : under == Font.U_DOUBLE ? "double" : "single",
        colour(font.getXSSFColor()).orElse(BLACK),
        filled ? colour(style.getFillForegroundColorColor()) : Optional.empty(),
        align(style),
        line(style.getBorderTop(), style.getTopBorderXSSFColor()),
        line(style.getBorderBottom(), style.getBottomBorderXSSFColor()));
  }

  private static Optional<Colour> colour(XSSFColor colour) {
    return Optional.ofNullable(colour)
        .map(XSSFColor::getRGBWithTint)
        .map(rgb -> new Colour((rgb[0] & 0xff) << 16 | (rgb[1] & 0xff) << 8 | rgb[2] & 0xff));
  }

  private static String align(XSSFCellStyle style) {
    return switch (style.getAlignment()) {
      case LEFT -> "start";
      case CENTER, CENTER_SELECTION -> "centre";
      case RIGHT -> "end";
      default -> "";
    };
  }

  private static Line line(BorderStyle border, XSSFColor drawn) {
    Optional<Colour> colour = colour(drawn);
    return switch (border) {
      case NONE -> Line.NONE;
      case HAIR -> new Line(0.25, "", colour);
      case MEDIUM, MEDIUM_DASHED, MEDIUM_DASH_DOT, MEDIUM_DASH_DOT_DOT -> new Line(1, "", colour);
      case THICK -> new Line(2, "", colour);
      case DOUBLE -> new Line(1.5, "double", colour);
      case DOTTED -> new Line(0.5, "dotted", colour);
      default -> new Line(0.5, "", colour);
    };
  }
}
