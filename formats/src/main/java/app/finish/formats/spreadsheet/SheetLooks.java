package app.finish.formats.spreadsheet;

import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.dress.Run;
import app.finish.core.style.Look;
import app.finish.core.style.Property;
import app.finish.core.style.RuleLine;
import app.finish.core.style.colour.Colour;
import app.finish.core.style.colour.Palette;
import app.finish.formats.io.ShownNumber;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.Map;
import java.util.function.Consumer;
import org.apache.poi.ss.usermodel.BorderStyle;
import org.apache.poi.ss.usermodel.FillPatternType;
import org.apache.poi.ss.usermodel.Font;
import org.apache.poi.ss.usermodel.HorizontalAlignment;
import org.apache.poi.ss.usermodel.VerticalAlignment;
import org.apache.poi.xssf.usermodel.XSSFCellStyle;
import org.apache.poi.xssf.usermodel.XSSFColor;
import org.apache.poi.xssf.usermodel.XSSFFont;
import org.apache.poi.xssf.usermodel.XSSFRichTextString;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;

/// The cell styles and fonts of a workbook, each made once.
final class SheetLooks {
  /// All that makes a cell look otherwise.
  ///
  /// @param settings the place of its settings among those that were met
  private record Key(
      int settings,
      Rules rules,
      int indent,
      boolean head,
      boolean figure,
      double standing,
      String format,
      boolean inert) {
    /// Of what tells most cells apart, since it is asked of each cell.
    @Override
    public int hashCode() {
      return (31 * settings + format.hashCode()) * 31 + indent;
    }
  }

  /// The lines around a cell.
  record Rules(RuleLine above, RuleLine below, RuleLine left, RuleLine right) {}

  private record FontKey(
      String face,
      double size,
      boolean bold,
      boolean italic,
      boolean struck,
      Look.Underline underline,
      String ink,
      double rise) {}

  private final XSSFWorkbook workbook;
  private final Map<Map<Property, String>, Integer> settings = new HashMap<>();

  /// The same by the object: cells of a kind share their look, and to compare it with all that it
  /// says takes longer than to write the cell.
  private final Map<Look, Integer> looks = new IdentityHashMap<>();

  private final Map<ShownNumber, String> formats = new HashMap<>();
  private final Map<Key, XSSFCellStyle> styles = new HashMap<>();
  private final Map<FontKey, XSSFFont> fonts = new HashMap<>();

  SheetLooks(XSSFWorkbook workbook) {
    this.workbook = workbook;
  }

  /// The style of a cell.
  ///
  /// @param rules its lines above, below, to the left and to the right
  /// @param format the format of its number; the empty string for a text
  XSSFCellStyle style(
      DressedRow row, DressedCell cell, Rules rules, String format, Palette palette) {
    Look look = cell.look();
    Key key =
        new Key(
            settings(look),
            rules,
            cell.indent(),
            row.band() == DressedRow.Band.HEAD,
            row.isTable(),
            cell.standing(row.band()),
            format,
            format.isEmpty() && isLikeAFormula(cell.text()));
    XSSFCellStyle style = styles.get(key);
    if (style == null) {
      style = make(cell, key, palette);
      styles.put(key, style);
    }
    return style;
  }

  /// The format of a number of a sheet.
  String format(ShownNumber shown) {
    return formats.computeIfAbsent(shown, ShownNumber::format);
  }

  /// The place of a look's settings among those that were met.
  private int settings(Look look) {
    Integer known = looks.get(look);
    if (known == null) {
      known = settings.computeIfAbsent(look.settings(), one -> settings.size());
      looks.put(look, known);
    }
    return known;
  }

  /// Whether a program for sheets may take a text for a formula.
  private static boolean isLikeAFormula(String text) {
    return !text.isEmpty() && "=+-@\t\r".indexOf(text.charAt(0)) >= 0;
  }

  private XSSFCellStyle make(DressedCell cell, Key key, Palette palette) {
    Look look = cell.look();
    XSSFCellStyle style = workbook.createCellStyle();
    style.setFont(font(new Run("", look.bold(), look.italic()), look, palette));
    look.fill()
        .ifPresent(
            fill -> {
              style.setFillForegroundColor(colour(fill));
              style.setFillPattern(FillPatternType.SOLID_FOREGROUND);
            });
    style.setAlignment(
        switch (look.align()) {
          case START -> HorizontalAlignment.LEFT;
          case CENTRE -> HorizontalAlignment.CENTER;
          case END, DECIMAL, DECIMAL_CENTRE -> HorizontalAlignment.RIGHT;
        });
    style.setVerticalAlignment(
        key.standing == 1
            ? VerticalAlignment.BOTTOM
            : key.standing == 0 ? VerticalAlignment.TOP : VerticalAlignment.CENTER);
    style.setIndention((short) Math.min(15, key.indent));
    style.setWrapText(key.head);
    style.setQuotePrefixed(key.inert);
    if (!key.format.isEmpty()) {
      style.setDataFormat(workbook.createDataFormat().getFormat(key.format));
    }
    border(key.rules.above, palette, style::setBorderTop, style::setTopBorderColor);
    border(key.rules.below, palette, style::setBorderBottom, style::setBottomBorderColor);
    border(key.rules.left, palette, style::setBorderLeft, style::setLeftBorderColor);
    border(key.rules.right, palette, style::setBorderRight, style::setRightBorderColor);
    return style;
  }

  private static void border(
      RuleLine rule, Palette palette, Consumer<BorderStyle> line, Consumer<XSSFColor> ink) {
    if (rule.isDrawn()) {
      line.accept(
          switch (rule.kind()) {
            case DOUBLE -> BorderStyle.DOUBLE;
            case DOTTED -> BorderStyle.DOTTED;
            case SINGLE ->
                rule.weight() < 0.4
                    ? BorderStyle.HAIR
                    : rule.weight() <= 1
                        ? BorderStyle.THIN
                        : rule.weight() <= 2 ? BorderStyle.MEDIUM : BorderStyle.THICK;
          });
      ink.accept(colour(palette.colour(rule.ink())));
    }
  }

  private static XSSFColor colour(Colour colour) {
    byte[] rgb = {(byte) colour.red(), (byte) colour.green(), (byte) colour.blue()};
    return new XSSFColor(rgb, null);
  }

  private XSSFFont font(Run run, Look look, Palette palette) {
    Colour ink =
        !run.swatch().isEmpty()
            ? palette.colour(run.swatch())
            : run.ink().isEmpty() ? look.ink() : palette.colour(run.ink());
    FontKey key =
        new FontKey(
            look.face(),
            look.size(),
            run.bold(),
            run.italic(),
            look.setting(Property.STRIKE).equals("single"),
            look.underline(),
            ink.hex(),
            run.rise());
    return fonts.computeIfAbsent(key, one -> make(one, colour(ink)));
  }

  private XSSFFont make(FontKey key, XSSFColor ink) {
    XSSFFont font = workbook.createFont();
    font.setFontName(key.face);
    font.setFontHeight(key.size);
    font.setBold(key.bold);
    font.setItalic(key.italic);
    font.setStrikeout(key.struck);
    font.setColor(ink);
    font.setUnderline(
        switch (key.underline) {
          case NONE -> Font.U_NONE;
          case SINGLE -> Font.U_SINGLE;
          case DOUBLE -> Font.U_DOUBLE;
        });
    font.setTypeOffset(key.rise > 0 ? Font.SS_SUPER : key.rise < 0 ? Font.SS_SUB : Font.SS_NONE);
    return font;
  }

  /// The text of a cell with the looks of its stretches.
  XSSFRichTextString text(DressedCell cell, Palette palette) {
    XSSFRichTextString text = new XSSFRichTextString();
    for (Run run : cell.runs()) {
      if (!run.text().isEmpty()) {
        text.append(run.text(), font(run, cell.look(), palette));
      }
    }
    return text;
  }
}
