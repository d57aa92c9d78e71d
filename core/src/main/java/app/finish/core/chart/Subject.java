package app.finish.core.chart;

import app.finish.core.style.Look;
import app.finish.core.style.colour.Colour;
import app.finish.core.table.Spot;
import java.util.Optional;

/// All that a plot draws from.
///
/// @param data what is drawn
/// @param looks how the table shows it
/// @param inks the inks of the series
/// @param kind the kind of chart
/// @param scale the scale of figures
/// @param spreads how sure figures are, where the table says so
record Subject(
    ChartData data,
    ChartLooks looks,
    SeriesInks inks,
    ChartKind kind,
    Scale scale,
    Optional<Spreads> spreads) {
  private static final int NAMED = 8;

  /// The same over some of the categories.
  Subject of(ChartData some) {
    return new Subject(some, looks, inks, kind, scale, spreads.flatMap(_ -> Spreads.of(some)));
  }

  Look label() {
    return looks.label();
  }

  /// The height of a line of labels.
  double leading() {
    return label().size() * 1.25;
  }

  /// The ink of a figure: that of its highlight, else that of its series.
  Colour ink(int category, int series) {
    return looks.lit(data.spot(category, series)).orElse(inks.colour(series));
  }

  /// A figure as the table shows it.
  String text(int category, int series) {
    return looks.text(data.spot(category, series));
  }

  /// What stands behind a mark, in words: "Hale–Orrin, Winter, 2025: 414.0".
  String says(int category, int series) {
    Spot.Figure spot = data.spot(category, series);
    String members =
        data.categories().get(category).whole() + ", " + data.series().get(series).whole();
    String name = data.called();
    String before = members.replaceAll("^, |, $", "");
    String shown = looks.text(spot);
    boolean bare = data.measure().unit().equals("%") && shown.matches(".*[0-9]");
    String figure = bare ? shown + "%" : shown;
    return (before.isEmpty() ? name : before + (name.isEmpty() ? "" : ", " + name)) + ": " + figure;
  }

  /// A tick of the scale.
  String tick(double number) {
    return looks.tick(number, scale.decimals(), data.measure().unit());
  }

  /// Whether lines bear their names at their ends: there are some, and not too many.
  boolean isNamedAtLines() {
    int count = data.series().size();
    return switch (kind) {
      case LINES -> count > 1 && count <= NAMED;
      case SLOPES -> count > 1 && count <= 2 * NAMED;
      default -> false;
    };
  }
}
