package app.finish.core;

import app.finish.core.style.HouseStyle;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import app.finish.core.style.colour.Colour;
import app.finish.core.style.colour.Palette;
import app.finish.core.table.MeasureKind;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/// Styles made by chance, each setting one that its property takes.
public final class RandomStyles {
  private static final List<String> ROLES = List.of("ink", "paper", "accent", "mist");

  private RandomStyles() {}

  /// A setting that a property takes.
  public static String setting(Property property, Random random) {
    List<String> choices = property.choices();
    if (!choices.isEmpty()) {
      return choices.get(random.nextInt(choices.size()));
    }
    String ink = ROLES.get(random.nextInt(ROLES.size()));
    String points = (1 + random.nextInt(40)) / 4.0 + " pt";
    return switch (property) {
      case FACE -> random.nextBoolean() ? "Calibri" : "Times New Roman";
      case SIZE -> random.nextBoolean() ? 6 + random.nextInt(8) + " pt" : "110%";
      case BACKDROP -> ink;
      case INK -> List.of(ink, ink + " shade 30%", "#0b3d2e").get(random.nextInt(3));
      case FILL -> random.nextInt(3) == 0 ? "none" : ink + " " + random.nextInt(101) + "%";
      case LINE_HEIGHT -> "1." + random.nextInt(9);
      case RULE_ABOVE, RULE_BELOW, RULE_LEFT, RULE_RIGHT, RULE_BETWEEN_ROWS, RULE_BETWEEN_COLUMNS ->
          random.nextInt(4) == 0
              ? "none"
              : points
                  + " "
                  + ink
                  + List.of("", " double", " dotted figures", " spanned gap 3 pt")
                      .get(random.nextInt(4))
                  + (random.nextBoolean() ? " stays" : "");
      case FRAME -> random.nextBoolean() ? "none" : points + " " + ink;
      case BAR -> random.nextBoolean() ? "none" : ink + " 0.25 0.75";
      case SIGN -> random.nextBoolean() ? "none" : "after ring " + ink;
      case TREND -> random.nextBoolean() ? "none" : ink + " 0.1,-,1";
      case MISSING, LEAD_IN, BEFORE, AFTER, INSTEAD ->
          List.of("–", "n/a", "").get(random.nextInt(3));
      case WIDTH, COLUMN_WIDTH, ROW_HEIGHT -> random.nextBoolean() ? "content" : "30 pt";
      default -> points;
    };
  }

  /// Something that a style may set a look for.
  public static Selector selector(Random random) {
    PartName part = PartName.values()[random.nextInt(PartName.values().length)];
    MeasureKind kind = MeasureKind.values()[random.nextInt(MeasureKind.values().length)];
    return switch (random.nextInt(8)) {
      case 0 -> new Selector.Alternate();
      case 1 -> new Selector.AlternateColumns();
      case 2 -> new Selector.OfKind(kind);
      case 3 -> new Selector.OfMeasure("Fares, " + random.nextInt(3));
      case 4 -> new Selector.OfBoth(Selector.of(part), new Selector.OfKind(kind));
      case 5 -> new Selector.OfPart(part, 1 + random.nextInt(3));
      default -> Selector.of(part);
    };
  }

  /// A style.
  public static HouseStyle style(String name, String base, Random random) {
    HouseStyle style = HouseStyle.blank(name).basedOn(base).withPalette(palette(random));
    for (int i = 0; i < 30; i++) {
      Property property = Property.values()[random.nextInt(Property.values().length)];
      style = style.with(selector(random), property, setting(property, random));
    }
    return style;
  }

  /// A palette.
  public static Palette palette(Random random) {
    Palette palette = Palette.NONE;
    for (String role : ROLES) {
      palette = palette.with(role, new Colour(random.nextInt(0x1000000)));
    }
    return palette;
  }

  /// A way from the table to a part, each selector more special than the one before.
  public static List<Selector> way(Random random) {
    PartName part = PartName.values()[random.nextInt(PartName.values().length)];
    List<Selector> way = new ArrayList<>(List.of(Selector.of(PartName.TABLE)));
    part.family().map(Selector::of).ifPresent(way::add);
    if (part != PartName.TABLE) {
      way.add(Selector.of(part));
      way.add(new Selector.OfPart(part, 1 + random.nextInt(3)));
    }
    return way;
  }
}
