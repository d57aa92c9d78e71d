package app.finish.formats.spreadsheet;

import app.finish.core.highlight.Condition;
import app.finish.core.highlight.Condition.Sign;
import app.finish.core.highlight.Highlight;
import app.finish.core.highlight.Operand;
import app.finish.core.highlight.Reach;
import app.finish.core.highlight.Show;
import app.finish.core.style.Property;
import app.finish.core.style.colour.Colour;
import app.finish.core.style.colour.Palette;
import app.finish.core.table.Spot;
import app.finish.formats.io.SentTable;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.IntUnaryOperator;
import org.apache.poi.ss.usermodel.ComparisonOperator;
import org.apache.poi.ss.usermodel.ConditionalFormattingRule;
import org.apache.poi.ss.usermodel.Font;
import org.apache.poi.ss.usermodel.FontFormatting;
import org.apache.poi.ss.usermodel.PatternFormatting;
import org.apache.poi.ss.usermodel.Sheet;
import org.apache.poi.ss.usermodel.SheetConditionalFormatting;
import org.apache.poi.ss.util.CellRangeAddress;
import org.apache.poi.xssf.usermodel.XSSFColor;

/// The highlights of a table as conditional formats of its sheet (ECMA-376, part 1, 18.3.1.18), so
/// that they follow figures that are changed there. A sheet holds those that compare a figure with
/// numbers and change its colours or its letters; where one of a table's is another, all of them
/// are fixed, since a sheet lays conditional formats over everything that is fixed.
final class LiveHighlights {
  private static final Set<Property> HELD =
      EnumSet.of(
          Property.INK,
          Property.FILL,
          Property.WEIGHT,
          Property.SLANT,
          Property.UNDERLINE,
          Property.STRIKE);

  private LiveHighlights() {}

  /// The highlights that the sheet of a table holds, the strongest first; none if it can't hold
  /// each of them.
  static List<Highlight> of(SentTable table) {
    List<Highlight> all = table.highlights();
    return all.stream().allMatch(LiveHighlights::isHeld) ? all : List.of();
  }

  /// The titles of the highlights of a table that its sheet holds as fixed looks.
  static List<String> fixed(SentTable table) {
    return of(table).isEmpty()
        ? table.matches().stream().map(one -> one.highlight().title()).toList()
        : List.of();
  }

  private static boolean isHeld(Highlight highlight) {
    return highlight.reach() == Reach.CELL
        && !highlight.last()
        && highlight.legend().isEmpty()
        && highlight.show() instanceof Show.Flag flag
        && HELD.containsAll(flag.settings().keySet())
        && switch (highlight.when()) {
          case Condition.Between _ -> true;
          case Condition.Compared compared -> compared.with() instanceof Operand.Number;
          default -> false;
        };
  }

  /// Puts highlights on a sheet.
  ///
  /// @param row where a row of the body stands in the sheet
  /// @param firstColumn where its first column stands
  static void add(
      List<Highlight> highlights,
      SentTable table,
      Sheet sheet,
      IntUnaryOperator row,
      int firstColumn) {
    SheetConditionalFormatting formats = sheet.getSheetConditionalFormatting();
    for (Highlight highlight : highlights) {
      CellRangeAddress[] ranges = ranges(table.looked(highlight), row, firstColumn);
      if (ranges.length > 0) {
        ConditionalFormattingRule rule = rule(formats, highlight.when());
        look(rule, ((Show.Flag) highlight.show()).settings(), table.dressed().palette());
        formats.addConditionalFormatting(ranges, rule);
      }
    }
  }

  private static ConditionalFormattingRule rule(
      SheetConditionalFormatting formats, Condition condition) {
    return switch (condition) {
      case Condition.Between(double low, double high) ->
          formats.createConditionalFormattingRule(
              ComparisonOperator.BETWEEN, plain(low), plain(high));
      case Condition.Compared(Sign sign, Operand.Number(double number)) ->
          formats.createConditionalFormattingRule(operator(sign), plain(number));
      default -> throw new IllegalArgumentException("no sheet holds " + condition);
    };
  }

  private static byte operator(Sign sign) {
    return switch (sign) {
      case BELOW -> ComparisonOperator.LT;
      case AT_MOST -> ComparisonOperator.LE;
      case ABOVE -> ComparisonOperator.GT;
      case AT_LEAST -> ComparisonOperator.GE;
      case EQUAL -> ComparisonOperator.EQUAL;
      case OTHER -> ComparisonOperator.NOT_EQUAL;
    };
  }

  private static String plain(double number) {
    return BigDecimal.valueOf(number).toPlainString();
  }

  private static void look(
      ConditionalFormattingRule rule, Map<Property, String> settings, Palette palette) {
    String fill = settings.getOrDefault(Property.FILL, "none");
    if (!fill.equals("none")) {
      PatternFormatting pattern = rule.createPatternFormatting();
      pattern.setFillPattern(PatternFormatting.SOLID_FOREGROUND);
      pattern.setFillBackgroundColor(colour(palette.colour(fill)));
    }
    boolean bold = settings.getOrDefault(Property.WEIGHT, "").equals("bold");
    boolean italic = settings.getOrDefault(Property.SLANT, "").equals("italic");
    boolean worded =
        settings.keySet().stream().anyMatch(one -> one != Property.FILL && one != Property.INK);
    String ink = settings.getOrDefault(Property.INK, "");
    if (worded || !ink.isEmpty()) {
      FontFormatting font = rule.createFontFormatting();
      if (worded) {
        font.setFontStyle(italic, bold);
      }
      if (settings.containsKey(Property.UNDERLINE)) {
        font.setUnderlineType(
            switch (settings.get(Property.UNDERLINE)) {
              case "single" -> Font.U_SINGLE;
              case "double" -> Font.U_DOUBLE;
              default -> Font.U_NONE;
            });
      }
      if (!ink.isEmpty()) {
        boolean readable = ink.equals("readable");
        Colour ground = palette.colour(fill.equals("none") ? "paper" : fill);
        font.setFontColor(colour(readable ? palette.readableOn(ground) : palette.colour(ink)));
      }
    }
  }

  private static XSSFColor colour(Colour colour) {
    byte[] rgb = {(byte) colour.red(), (byte) colour.green(), (byte) colour.blue()};
    return new XSSFColor(rgb, null);
  }

  /// The places of figures, as many in one range as stand below each other.
  private static CellRangeAddress[] ranges(
      List<Spot.Figure> figures, IntUnaryOperator row, int firstColumn) {
    TreeMap<Integer, TreeSet<Integer>> columns = new TreeMap<>();
    for (Spot.Figure figure : figures) {
      int at = row.applyAsInt(figure.row());
      if (at >= 0) {
        columns.computeIfAbsent(figure.column(), key -> new TreeSet<>()).add(at);
      }
    }
    List<CellRangeAddress> ranges = new ArrayList<>();
    columns.forEach(
        (column, rows) -> {
          int at = firstColumn + column;
          int first = rows.first();
          int last = first;
          for (int next : rows.tailSet(first, false)) {
            if (next > last + 1) {
              ranges.add(new CellRangeAddress(first, last, at, at));
              first = next;
            }
            last = next;
          }
          ranges.add(new CellRangeAddress(first, last, at, at));
        });
    return ranges.toArray(CellRangeAddress[]::new);
  }
}
