package app.finish.formats;

import app.finish.core.style.Colour;
import app.finish.core.style.HouseStyle;
import app.finish.core.style.Light;
import app.finish.core.style.Palette;
import app.finish.core.style.PaletteMaker;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.apache.poi.ss.usermodel.BorderStyle;
import org.apache.poi.ss.usermodel.FillPatternType;
import org.apache.poi.ss.usermodel.Font;
import org.apache.poi.ss.usermodel.HorizontalAlignment;
import org.apache.poi.xssf.usermodel.XSSFCell;
import org.apache.poi.xssf.usermodel.XSSFCellStyle;
import org.apache.poi.xssf.usermodel.XSSFColor;
import org.apache.poi.xssf.usermodel.XSSFFont;

/// Makes a style of cells whose parts are known: of each property the setting that most cells of a
/// part have; what a part has in common with the body is set for the table.
final class SeenLooks {
  private static final Selector TABLE = Selector.of(PartName.TABLE);
  private static final Selector BODY = Selector.of(PartName.BODY);

  private final Map<Selector, List<XSSFCell>> cells;
  private final Map<Colour, String> roles = new LinkedHashMap<>();
  private Palette palette = Palette.NONE;

  SeenLooks(Map<Selector, List<XSSFCell>> cells) {
    this.cells = cells;
  }

  HouseStyle style(String name) {
    Map<Selector, Map<Property, String>> found = new LinkedHashMap<>();
    nameColours();
    Map<Property, String> table = settings(cells.getOrDefault(BODY, List.of()), true);
    found.put(TABLE, table);
    cells.forEach(
        (selector, some) -> {
          Map<Property, String> own = settings(some, false);
          own.entrySet().removeIf(one -> one.getValue().equals(table.get(one.getKey())));
          if (selector.equals(BODY)) {
            own.remove(Property.FILL);
          }
          found.put(selector, own);
        });
    Map<Property, String> alternate = found.getOrDefault(new Selector.Alternate(), Map.of());
    String banding = alternate.getOrDefault(Property.FILL, "none");
    found.remove(new Selector.Alternate());
    if (!banding.equals("none")) {
      found.put(new Selector.Alternate(), Map.of(Property.FILL, banding));
    }
    found.values().removeIf(Map::isEmpty);
    HouseStyle style = HouseStyle.blank(name).basedOn("Plain").withPalette(palette);
    for (Map.Entry<Selector, Map<Property, String>> one : found.entrySet()) {
      for (Map.Entry<Property, String> set : one.getValue().entrySet()) {
        style = style.with(one.getKey(), set.getKey(), set.getValue());
      }
    }
    return style;
  }

  /// The role of each colour: the ink and ground of the body, then strong fills, pale fills and
  /// other inks in the order of how often they are seen.
  private void nameColours() {
    Colour ink = most(cells.getOrDefault(BODY, List.of()), this::ink).orElse(new Colour(0));
    Colour paper =
        most(cells.getOrDefault(BODY, List.of()), cell -> fill(cell).orElse(new Colour(0xffffff)))
            .orElse(new Colour(0xffffff));
    List<Colour> strong = new ArrayList<>();
    add("ink", ink);
    add("paper", paper);
    for (List<XSSFCell> some : cells.values()) {
      for (XSSFCell cell : some) {
        fill(cell).ifPresent(one -> add(Light.luminance(one) > 0.6 ? "mist" : "accent", one));
        add(fill(cell).isPresent() ? "onAccent" : "accent", ink(cell));
        fill(cell).ifPresent(strong::add);
      }
    }
    List<Colour> main = new ArrayList<>(roles.keySet());
    main.remove(paper);
    palette = PaletteMaker.of(main).overlaidWith(palette);
  }

  private void add(String wanted, Colour colour) {
    if (roles.containsKey(colour)) {
      return;
    }
    String role = wanted;
    for (char next = 'B'; palette.roles().containsKey(role) && next <= 'Z'; next++) {
      role = wanted + next;
    }
    roles.put(colour, role);
    palette = palette.with(role, colour);
  }

  private Map<Property, String> settings(List<XSSFCell> some, boolean whole) {
    Map<Property, String> settings = new EnumMap<>(Property.class);
    put(settings, Property.FACE, some, cell -> font(cell).getFontName());
    put(settings, Property.SIZE, some, cell -> font(cell).getFontHeightInPoints() + " pt");
    put(settings, Property.WEIGHT, some, cell -> font(cell).getBold() ? "bold" : "regular");
    put(settings, Property.SLANT, some, cell -> font(cell).getItalic() ? "italic" : "upright");
    put(settings, Property.UNDERLINE, some, SeenLooks::underline);
    put(settings, Property.INK, some, cell -> roles.getOrDefault(ink(cell), "ink"));
    if (!whole) {
      put(
          settings,
          Property.FILL,
          some,
          cell -> fill(cell).map(roles::get).filter(role -> !role.equals("paper")).orElse("none"));
      put(settings, Property.ALIGN, some, SeenLooks::align);
      put(settings, Property.RULE_ABOVE, some, cell -> rule(cell.getCellStyle(), true));
      put(settings, Property.RULE_BELOW, some, cell -> rule(cell.getCellStyle(), false));
      settings.values().removeIf(String::isEmpty);
      settings.remove(Property.FILL, "none");
      settings.remove(Property.RULE_ABOVE, "none");
      settings.remove(Property.RULE_BELOW, "none");
    }
    return settings;
  }

  private static void put(
      Map<Property, String> settings,
      Property property,
      List<XSSFCell> some,
      Function<XSSFCell, String> of) {
    most(some, of).filter(property::accepts).ifPresent(one -> settings.put(property, one));
  }

  private static <T> Optional<T> most(List<XSSFCell> some, Function<XSSFCell, T> of) {
    Map<T, Integer> counts = new HashMap<>();
    some.forEach(cell -> counts.merge(of.apply(cell), 1, Integer::sum));
    return counts.entrySet().stream().max(Map.Entry.comparingByValue()).map(Map.Entry::getKey);
  }

  private static XSSFFont font(XSSFCell cell) {
    return cell.getCellStyle().getFont();
  }

  private static String underline(XSSFCell cell) {
    byte line = font(cell).getUnderline();
    return line == Font.U_NONE ? "none" : line == Font.U_DOUBLE ? "double" : "single";
  }

  private Colour ink(XSSFCell cell) {
    return colour(font(cell).getXSSFColor()).orElse(new Colour(0));
  }

  private static Optional<Colour> fill(XSSFCell cell) {
    XSSFCellStyle style = cell.getCellStyle();
    return style.getFillPattern() == FillPatternType.SOLID_FOREGROUND
        ? colour(style.getFillForegroundColorColor())
        : Optional.empty();
  }

  private static Optional<Colour> colour(XSSFColor colour) {
    return Optional.ofNullable(colour)
        .map(XSSFColor::getRGBWithTint)
        .map(rgb -> new Colour((rgb[0] & 0xff) << 16 | (rgb[1] & 0xff) << 8 | rgb[2] & 0xff));
  }

  private static String align(XSSFCell cell) {
    HorizontalAlignment align = cell.getCellStyle().getAlignment();
    return switch (align) {
      case LEFT -> "start";
      case CENTER, CENTER_SELECTION -> "centre";
      case RIGHT -> "end";
      default -> "";
    };
  }

  private String rule(XSSFCellStyle style, boolean above) {
    BorderStyle border = above ? style.getBorderTop() : style.getBorderBottom();
    XSSFColor drawn = above ? style.getTopBorderXSSFColor() : style.getBottomBorderXSSFColor();
    String ink = colour(drawn).map(one -> roles.getOrDefault(one, "ink")).orElse("ink");
    return switch (border) {
      case NONE -> "none";
      case HAIR -> "0.25 pt " + ink;
      case MEDIUM, MEDIUM_DASHED, MEDIUM_DASH_DOT, MEDIUM_DASH_DOT_DOT -> "1 pt " + ink;
      case THICK -> "2 pt " + ink;
      case DOUBLE -> "1.5 pt " + ink + " double";
      case DOTTED -> "0.5 pt " + ink + " dotted";
      default -> "0.5 pt " + ink;
    };
  }
}
