package app.finish.core.chart;

import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.Dressed;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.number.NumberFormat;
import app.finish.core.style.Look;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import app.finish.core.style.colour.Colour;
import app.finish.core.style.colour.Palette;
import app.finish.core.table.Spot;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;

/// What a chart takes from its table as it is dressed: how labels and figures look and are written,
/// and which figures are highlighted.
final class ChartLooks {
  /// A sign that a highlight puts before a figure.
  private static final Pattern SIGN = Pattern.compile("^[▲▼▬◥◢■◆✕✓●○]\\s*");

  /// Rows beyond are not looked at.
  private static final int MOST_ROWS = 4000;

  private final Dressed dressed;
  private final Map<Spot.Figure, DressedCell> figures = new HashMap<>();
  private final Look label;
  private final Look figure;

  ChartLooks(Dressed dressed) {
    this.dressed = dressed;
    Optional<Look> stub = Optional.empty();
    Optional<Look> body = Optional.empty();
    int end = Math.min(dressed.bands().end(), dressed.bands().firstBody() + MOST_ROWS);
    for (DressedRow row : dressed.rows().subList(dressed.bands().firstBody(), end)) {
      for (DressedCell cell : row.cells()) {
        if (cell.place() instanceof CellMeaning.Body place) {
          figures.put(new Spot.Figure(place.row(), place.column()), cell);
          boolean plain = cell.part().name() == PartName.BODY;
          body = body.isEmpty() && plain ? Optional.of(cell.look()) : body;
        } else if (cell.place() instanceof CellMeaning.Stub && stub.isEmpty()) {
          boolean plain = cell.part().name() == PartName.STUB;
          stub = plain ? Optional.of(cell.look()) : stub;
        }
      }
    }
    this.label = stub.orElse(dressed.root());
    this.figure = body.orElse(dressed.root());
  }

  Palette palette() {
    return dressed.palette();
  }

  /// How labels of members look.
  Look label() {
    return label;
  }

  /// How figures look.
  Look figure() {
    return figure;
  }

  /// A figure as the table shows it.
  String text(Spot.Figure spot) {
    DressedCell cell = figures.get(spot);
    return cell == null ? "" : SIGN.matcher(cell.bareText()).replaceFirst("").strip();
  }

  /// The ink that a highlight gives to a figure, if one does.
  Optional<Colour> lit(Spot.Figure spot) {
    DressedCell cell = figures.get(spot);
    if (cell == null) {
      return Optional.empty();
    }
    Look look = cell.look();
    for (Property property : List.of(Property.FILL, Property.INK)) {
      boolean lit =
          look.origin(property)
              .filter(origin -> origin.selector() instanceof Selector.OfHighlight)
              .isPresent();
      String setting = look.setting(property);
      if (lit && !setting.equals("none")) {
        return Optional.of(palette().colour(setting.startsWith("mix ") ? setting : base(setting)));
      }
    }
    return Optional.empty();
  }

  /// A role without its tint, which would be pale on a bar.
  private static String base(String ink) {
    return ink.split(" ")[0];
  }

  /// A round number on a scale.
  String tick(double number, int decimals, String unit) {
    NumberFormat format = figure.numbers().withDecimals(decimals).withUnitInCell(unit.equals("%"));
    return format.write(number, unit);
  }
}
