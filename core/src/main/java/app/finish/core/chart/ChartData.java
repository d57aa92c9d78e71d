package app.finish.core.chart;

import app.finish.core.table.Axis;
import app.finish.core.table.Heading;
import app.finish.core.table.Leaf;
import app.finish.core.table.Measure;
import app.finish.core.table.MeasureKind;
import app.finish.core.table.Spot;
import app.finish.core.table.Table;
import app.finish.core.words.Markup;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.function.IntFunction;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/// What of a table is drawn: categories, and for each a figure in every series. Totals are not
/// among them.
///
/// ```java
/// ChartData data = ChartData.of(table, Chart.of(ChartKind.BARS, "Fares"));
/// data.number(0, 1); // the first category in the second series
/// ```
final class ChartData {
  /// As many categories as are drawn.
  static final int MOST = 400;

  private static final int MOST_SERIES = 40;

  /// A row or column of the table.
  ///
  /// @param leaf its place on its axis
  /// @param path its labels from the outermost, without that of the measure
  /// @param inPanel whether its group is named over the panel that it stands in
  record Line(int leaf, List<String> path, boolean inPanel) {
    Line inItsPanel() {
      return new Line(leaf, path, true);
    }

    String label() {
      return path.isEmpty() ? "" : path.getLast();
    }

    /// The labels over the last one.
    String group() {
      return path.size() < 2 || inPanel ? "" : String.join(", ", path.subList(0, path.size() - 1));
    }

    String whole() {
      return path.stream().filter(one -> !one.isBlank()).collect(Collectors.joining(", "));
    }
  }

  private final Table table;
  private final boolean turned;
  private final int measure;
  private final List<Line> categories;
  private final List<Line> series;
  private final int leftOut;

  private ChartData(Table table, boolean turned, int measure, List<Line> all, List<Line> series) {
    this.table = table;
    this.turned = turned;
    this.measure = measure;
    this.categories = all.subList(0, Math.min(MOST, all.size()));
    this.series = series.subList(0, Math.min(MOST_SERIES, series.size()));
    this.leftOut = all.size() - categories.size();
  }

  /// What a chart draws of a table.
  static ChartData of(Table table, Chart chart) {
    int measure = place(table, chart.measure()).orElse(first(table));
    List<Line> rows = lines(table.down(), measure, chart.rows());
    List<Line> columns = lines(table.across(), measure, chart.columns());
    return chart.turned()
        ? new ChartData(table, true, measure, columns, rows)
        : new ChartData(table, false, measure, rows, columns);
  }

  /// The same categories and series of another measure.
  ChartData of(String other) {
    int place = place(table, other).orElse(measure);
    Axis down = turned ? table.across() : table.down();
    Axis across = turned ? table.down() : table.across();
    return new ChartData(
        table,
        turned,
        place,
        lines(down, place, categories.stream().map(Line::path).toList()),
        lines(across, place, series.stream().map(Line::path).toList()));
  }

  /// Some of the categories.
  ChartData of(List<Line> some) {
    return new ChartData(table, turned, measure, some, series);
  }

  /// The place of the measure that the source or the table calls so.
  static OptionalInt place(Table table, String name) {
    return Stream.<IntFunction<String>>of(
            i -> table.measures().get(i).name(), i -> called(table, i))
        .flatMapToInt(
            how ->
                IntStream.range(0, table.measures().size())
                    .filter(i -> how.apply(i).equals(name) && isDrawn(table, i)))
        .findFirst();
  }

  /// The first measure that has figures to be drawn; a mean, where the table says how sure or how
  /// wide its means are.
  private static int first(Table table) {
    boolean spread =
        table.measures().stream()
            .anyMatch(
                one -> one.kind() == MeasureKind.DEVIATION || one.kind() == MeasureKind.ERROR);
    return drawn(table, one -> spread && one.kind() == MeasureKind.MEAN)
        .orElse(drawn(table, one -> one.kind() != MeasureKind.INTERVAL).orElse(0));
  }

  private static OptionalInt drawn(Table table, Predicate<Measure> which) {
    return IntStream.range(0, table.measures().size())
        .filter(i -> which.test(table.measures().get(i)) && isDrawn(table, i))
        .findFirst();
  }

  /// Whether a measure has a number in a row and a column that are no totals.
  private static boolean isDrawn(Table table, int measure) {
    List<Line> across = lines(table.across(), measure, List.of());
    return lines(table.down(), measure, List.of()).stream()
        .anyMatch(
            row ->
                across.stream()
                    .anyMatch(
                        column -> Double.isFinite(table.body().number(row.leaf(), column.leaf()))));
  }

  /// The members of an axis under whose headings a measure stands.
  private static List<Line> lines(Axis axis, int measure, List<List<String>> some) {
    List<Line> lines = new ArrayList<>();
    for (Leaf leaf : axis.leaves()) {
      boolean other = leaf.measure().isPresent() && leaf.measure().getAsInt() != measure;
      if (other || leaf.role() != Heading.Role.MEMBER) {
        continue;
      }
      List<String> path =
          leaf.path().stream()
              .filter(heading -> heading.measure().isEmpty())
              .map(Heading::label)
              .toList();
      if (some.isEmpty() || some.contains(path)) {
        lines.add(new Line(leaf.index(), path, false));
      }
    }
    return lines;
  }

  /// The labels of the members of an axis that a measure has figures under, without those of
  /// measures.
  static List<List<String>> members(Axis axis, Table table, String measure) {
    int place = place(table, measure).orElse(first(table));
    return lines(axis, place, List.of()).stream().map(Line::path).toList();
  }

  /// The names of the measures that can be drawn, each once.
  static List<String> measures(Table table) {
    return IntStream.range(0, table.measures().size())
        .filter(i -> isDrawn(table, i))
        .mapToObj(i -> table.measures().get(i).name())
        .distinct()
        .toList();
  }

  Table table() {
    return table;
  }

  Measure measure() {
    return table.measures().get(measure);
  }

  /// What the table calls the measure.
  String called() {
    return called(table, measure);
  }

  /// What a table calls a measure: what its headings say, if they agree, else its own name.
  static String called(Table table, int measure) {
    List<String> labels =
        Stream.of(table.across(), table.down())
            .flatMap(axis -> axis.leaves().stream())
            .flatMap(leaf -> leaf.path().stream())
            .filter(heading -> heading.measure().orElse(-1) == measure)
            .map(Heading::label)
            .distinct()
            .limit(2)
            .toList();
    boolean one = labels.size() == 1 && !labels.getFirst().isBlank();
    return one ? Markup.plain(labels.getFirst()) : table.measures().get(measure).name();
  }

  List<Line> categories() {
    return categories;
  }

  List<Line> series() {
    return series;
  }

  /// How many categories are not drawn, since there are too many.
  int leftOut() {
    return leftOut;
  }

  boolean isEmpty() {
    return categories.isEmpty() || series.isEmpty() || numbers().isEmpty();
  }

  /// The place of a figure in the table.
  Spot.Figure spot(int category, int one) {
    int down = categories.get(category).leaf();
    int across = series.get(one).leaf();
    return turned ? new Spot.Figure(across, down) : new Spot.Figure(down, across);
  }

  /// The figure of a category in a series; not a number where there is none.
  double number(int category, int one) {
    Spot.Figure spot = spot(category, one);
    return table.body().number(spot.row(), spot.column());
  }

  /// All figures.
  List<Double> numbers() {
    List<Double> all = new ArrayList<>();
    for (int i = 0; i < categories.size(); i++) {
      for (int j = 0; j < series.size(); j++) {
        double number = number(i, j);
        if (Double.isFinite(number)) {
          all.add(number);
        }
      }
    }
    return all;
  }

  /// The sum of what a category has in all series; negative figures and gaps count as nothing.
  double sum(int category) {
    double sum = 0;
    for (int j = 0; j < series.size(); j++) {
      double number = number(category, j);
      sum += number > 0 ? number : 0;
    }
    return sum;
  }

  /// The name of what goes along the categories, as far as the table names it.
  String dimension() {
    return name(turned ? table.across() : table.down());
  }

  /// The same of the series; empty where there is one.
  String seriesDimension() {
    return series.size() < 2 ? "" : name(turned ? table.down() : table.across());
  }

  private static String name(Axis axis) {
    return axis.dimensions().stream()
        .filter(one -> !one.isBlank())
        .collect(Collectors.joining(" and "));
  }
}
