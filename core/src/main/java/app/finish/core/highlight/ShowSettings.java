package app.finish.core.highlight;

import app.finish.core.style.Property;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;

/// Makes settings of what a highlight shows, for one figure after the other.
final class ShowSettings {
  /// Tints and bars go in so many steps, so that few looks differ.
  private static final int STEPS = 100;

  private static final List<Double> RANKS = List.of(0.0, 1.0);
  private static final List<Double> RANKS_OF_THREE = List.of(0.0, 0.5, 1.0);

  private final Map<Long, Map<Property, String>> made = new ConcurrentHashMap<>();
  private final Show show;
  private final Neighbourhood around;
  private final Ranks ranks;
  private final Extremes extremes;

  ShowSettings(Show show, Neighbourhood around, RegionCells region) {
    this.show = show;
    this.around = around;
    this.ranks = new Ranks(around, region);
    boolean byColumn = show instanceof Show.Bar bar && bar.scale() == Show.Bar.Scale.COLUMN;
    CellNumbers numbers = around.names().numbers();
    this.extremes =
        numbers.extremes(region.region(), byColumn, figures(region, around, numbers.columns()));
  }

  private static Extremes.Figures figures(RegionCells region, Neighbourhood around, int width) {
    return new Extremes.Figures() {
      @Override
      public double at(int row, int column) {
        if (region.isWholeRow(row)) {
          return around.names().numbers().all()[row * width + column];
        }
        return region.has(row, column) ? around.number(row, column) : Double.NaN;
      }

      @Override
      public int measure(int row, int column) {
        return region.measure(row, column);
      }
    };
  }

  /// What it sets on a figure.
  Map<Property, String> on(int row, int column) {
    double number = around.number(row, column);
    return switch (show) {
      case Show.Flag flag -> flag.settings();
      case Show.Tint tint when !Double.isNaN(number) -> tint(tint, number, row, column);
      case Show.Bar bar when !Double.isNaN(number) -> bar(bar, number, row, column);
      case Show.Signs signs when !Double.isNaN(number) -> sign(signs, number, row, column);
      case Show.Trend trend -> trend(trend, row, column);
      default -> Map.of();
    };
  }

  /// What it sets on a heading that it reaches: what holds for words too.
  Map<Property, String> onHeading() {
    if (!(show instanceof Show.Flag flag)) {
      return Map.of();
    }
    Map<Property, String> settings = new EnumMap<>(Property.class);
    flag.settings()
        .forEach(
            (property, setting) -> {
              boolean ofFigures =
                  property.chapter() == Property.Chapter.NUMBERS
                      || property.chapter() == Property.Chapter.MARKS
                      || property == Property.INSTEAD;
              if (!ofFigures) {
                settings.put(property, setting);
              }
            });
    return settings;
  }

  private Map<Property, String> tint(Show.Tint tint, double number, int row, int column) {
    if (tint.ranked()) {
      return tint(tint, ranks.share(row, column), tint.inks().size() == 2 ? RANKS : RANKS_OF_THREE);
    }
    List<Double> anchors = new ArrayList<>(tint.anchors());
    if (anchors.size() != tint.inks().size()) {
      double low = extremes.least(row, column);
      double high = extremes.most(row, column);
      anchors = tint.inks().size() == 2 ? List.of(low, high) : List.of(low, (low + high) / 2, high);
    }
    return tint(tint, number, anchors);
  }

  private Map<Property, String> tint(Show.Tint tint, double number, List<Double> anchors) {
    int segment = anchors.size() == 3 && number > anchors.get(1) ? 1 : 0;
    double from = anchors.get(segment);
    double to = anchors.get(segment + 1);
    double share = to == from ? 0.5 : Math.clamp((number - from) / (to - from), 0, 1);
    long step = Math.round(share * STEPS);
    return made.computeIfAbsent(
        segment * 1000L + step,
        key -> {
          String one = tint.inks().get(segment);
          String other = tint.inks().get(segment + 1);
          String fill = "mix " + one + ", " + other + ", " + step + "%";
          return Map.of(Property.FILL, fill, Property.INK, "readable");
        });
  }

  private Map<Property, String> bar(Show.Bar bar, double number, int row, int column) {
    boolean all = bar.scale() == Show.Bar.Scale.ALL;
    double low = Math.min(0, all ? extremes.least() : extremes.least(row, column));
    double high = Math.max(0, all ? extremes.most() : extremes.most(row, column));
    double range = high - low;
    if (!(range > 0)) {
      return bar.figure() ? Map.of() : Map.of(Property.INSTEAD, "");
    }
    double zero = (0 - low) / range;
    double end = Math.clamp((number - low) / range, 0, 1);
    long from = Math.round(zero * STEPS);
    long to = Math.round(end * STEPS);
    boolean below = number < 0;
    return made.computeIfAbsent(
        (from * 1000 + to) * 2 + (below ? 1 : 0),
        key -> {
          String ink = below ? bar.negative() : bar.ink();
          String setting = ink + " " + hundredths(from) + " " + hundredths(to);
          return Map.of(Property.BAR, bar.figure() ? setting : setting + " alone");
        });
  }

  /// A share with two decimals.
  private static String hundredths(long whole) {
    return whole / 100 + (whole % 100 < 10 ? ".0" : ".") + whole % 100;
  }

  private Map<Property, String> sign(Show.Signs signs, double number, int row, int column) {
    int band = 0;
    if (signs.bounds().isEmpty()) {
      band = ranks.band(signs.signs().size(), row, column);
    } else {
      while (band < signs.bounds().size() && number >= signs.bounds().get(band)) {
        band++;
      }
    }
    String stand = signs.stand().name().toLowerCase(Locale.ROOT);
    return Map.of(Property.SIGN, stand + " " + signs.signs().get(band) + " " + signs.ink());
  }

  private Map<Property, String> trend(Show.Trend trend, int row, int column) {
    RegionCells all = around.all();
    List<Double> figures = new ArrayList<>();
    double low = Double.POSITIVE_INFINITY;
    double high = Double.NEGATIVE_INFINITY;
    for (int other = 0; other < around.names().table().body().columns(); other++) {
      boolean like = all.measure(row, other) == all.measure(row, column);
      if (like && all.isMemberColumn(other)) {
        double number = around.number(row, other);
        figures.add(number);
        low = Double.isNaN(number) ? low : Math.min(low, number);
        high = Double.isNaN(number) ? high : Math.max(high, number);
      }
    }
    double from = low;
    double range = high - low;
    if (figures.size() < 2 || !(high >= low)) {
      return Map.of();
    }
    String points =
        figures.stream()
            .map(
                one ->
                    Double.isNaN(one)
                        ? "-"
                        : String.format(
                            Locale.ROOT, "%.2f", range == 0 ? 0.5 : (one - from) / range))
            .collect(Collectors.joining(","));
    return Map.of(Property.TREND, trend.ink() + " " + points);
  }
}
