package app.finish.core.chart;

import app.finish.core.table.Measure;
import app.finish.core.table.MeasureKind;
import app.finish.core.table.Table;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.regex.Pattern;

/// Which kinds of charts suit a table, the best first, and why.
///
/// ```java
/// ChartAdvice.of(table).getFirst().why(); // "Seasons run across: lines show how figures change."
/// ```
///
/// @param chart the chart that is proposed
/// @param why why it suits
public record ChartAdvice(Chart chart, String why) {
  private static final Pattern PERIOD =
      Pattern.compile(
          "(?i)(19|20)\\d\\d([/–-]\\d+)?|q[1-4].*|wave \\d+|week \\d+|(t|time) ?\\d"
              + "|(jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)[a-z]*\\.?( \\d+)?");

  private static final Pattern SEASON = Pattern.compile("(?i)winter|spring|summer|autumn|fall");

  private static final int MOST_LINES = 8;

  /// What suits a table, at least one.
  public static List<ChartAdvice> of(Table table) {
    Chart first = Chart.of(ChartKind.BARS, ChartData.of(table, whole()).measure().name());
    return of(table, first);
  }

  private static Chart whole() {
    return Chart.of(ChartKind.BARS, "");
  }

  /// What suits the measure, the rows and the columns of a chart.
  public static List<ChartAdvice> of(Table table, Chart chart) {
    List<ChartAdvice> all = new ArrayList<>();
    Chart rows = chart.withKind(ChartKind.BARS).withAgainst("").withTurned(false).withPanels(false);
    Chart columns = rows.withTurned(true);
    ChartData data = ChartData.of(table, rows);
    Measure measure = data.measure();
    List<ChartData.Line> down = data.categories();
    List<ChartData.Line> across = data.series();
    Optional<List<String>> quartiles = Spreads.quartiles(table);
    if (quartiles.isPresent()) {
      all.add(
          new ChartAdvice(
              rows.withKind(ChartKind.BOXES).withMeasure(quartiles.get().get(2)),
              "The table has quartiles and extremes: boxes show them together."));
    }
    if (Spreads.of(data).isPresent()) {
      all.add(
          new ChartAdvice(
              rows.withKind(ChartKind.INTERVALS),
              "The table says how sure its figures are: lines as wide show it."));
    }
    if (isMatrix(down, across, measure)) {
      all.add(
          new ChartAdvice(
              rows.withKind(ChartKind.HEAT),
              "The same names go down and across: tints show where they agree."));
    }
    if (isTime(across) && across.size() > 1) {
      addChange(all, columns, down.size(), across.size(), "Periods run across");
    } else if (isTime(down) && down.size() > 1) {
      addChange(all, rows, across.size(), down.size(), "Periods run down");
    }
    if (!isTime(across)) {
      addShares(all, rows, data);
    }
    boolean deep = down.stream().anyMatch(line -> !line.group().isEmpty());
    if (measure.kind().additivity() == MeasureKind.Additivity.ADDITIVE
        || measure.kind() == MeasureKind.PERCENT
        || all.isEmpty()) {
      all.add(new ChartAdvice(rows, "Bars from zero compare how much each is."));
      if (deep) {
        all.add(
            new ChartAdvice(
                rows.withPanels(true), "A panel for each group compares within groups."));
      }
    }
    all.add(
        new ChartAdvice(
            rows.withKind(ChartKind.DOTS), "Dots show where figures lie, without zero."));
    if (across.size() > 2 && down.size() > 2) {
      all.add(
          new ChartAdvice(
              rows.withKind(ChartKind.HEAT), "Tints show where the table is high and low."));
    }
    other(table, measure)
        .ifPresent(
            other ->
                all.add(
                    new ChartAdvice(
                        rows.withKind(ChartKind.SCATTER).withAgainst(other),
                        "Two measures for the same members: pairs show how they go together.")));
    Set<Chart> seen = new HashSet<>();
    all.removeIf(one -> !seen.add(one.chart()));
    return List.copyOf(all);
  }

  private static void addChange(
      List<ChartAdvice> all, Chart chart, int lines, int periods, String where) {
    if (periods == 2 && lines > 1 && lines <= MOST_LINES) {
      all.add(
          new ChartAdvice(
              chart.withKind(ChartKind.SLOPES),
              where + ", two of them: slopes show what became of each."));
    } else if (lines == 1 && periods <= 12) {
      all.add(
          new ChartAdvice(
              chart.withKind(ChartKind.COLUMNS), where + ": columns show how much each is."));
    }
    if (lines <= MOST_LINES) {
      all.add(
          new ChartAdvice(
              chart.withKind(ChartKind.LINES), where + ": lines show how figures change."));
    }
  }

  private static void addShares(List<ChartAdvice> all, Chart rows, ChartData data) {
    boolean whole = sumsToHundred(data);
    if (!isWhole(data) || data.series().size() >= 9) {
      return;
    }
    String why =
        whole
            ? "Each row comes to 100 %: bars of one length show the shares."
            : "Parts of a whole: bars of one length show the shares.";
    all.add(new ChartAdvice(rows.withKind(ChartKind.SHARES), why));
    if (!whole) {
      all.add(
          new ChartAdvice(
              rows.withKind(ChartKind.STACKED), "Parts of a whole: stacked bars add them up."));
      if (data.categories().size() > 1 && data.categories().size() < 9) {
        all.add(
            new ChartAdvice(
                rows.withKind(ChartKind.MOSAIC),
                "Two dimensions of one whole: areas show how large each part is."));
      }
    }
  }

  /// Whether the figures of each category are parts of something: they add up, or are its shares.
  private static boolean isWhole(ChartData data) {
    boolean adds =
        data.measure().kind().additivity() == MeasureKind.Additivity.ADDITIVE
            && data.numbers().stream().allMatch(number -> number >= 0);
    return data.series().size() > 1 && (adds || sumsToHundred(data));
  }

  /// Whether the figures of each category are shares of it.
  private static boolean sumsToHundred(ChartData data) {
    boolean all = data.measure().kind() == MeasureKind.PERCENT && !data.categories().isEmpty();
    for (int i = 0; i < data.categories().size() && all; i++) {
      all = Math.abs(data.sum(i) - 100) < 1.01;
    }
    return all;
  }

  private static boolean isTime(List<ChartData.Line> lines) {
    return !lines.isEmpty()
        && (lines.stream().allMatch(one -> PERIOD.matcher(one.label().strip()).matches())
            || lines.stream().allMatch(one -> SEASON.matcher(one.label().strip()).matches()));
  }

  private static boolean isMatrix(
      List<ChartData.Line> down, List<ChartData.Line> across, Measure measure) {
    return measure.kind() == MeasureKind.CORRELATION && down.size() > 2 && across.size() > 2;
  }

  private static Optional<String> other(Table table, Measure measure) {
    return table.measures().stream()
        .filter(one -> !one.name().equals(measure.name()) && !one.name().isBlank())
        .filter(
            one ->
                switch (one.kind()) {
                  case SUM, COUNT, MEAN, PERCENT, RATIO, VALUE -> true;
                  default -> false;
                })
        .filter(one -> ChartData.measures(table).contains(one.name()))
        .map(Measure::name)
        .findFirst();
  }

  /// Whether a kind can be drawn of a chart's measure: only parts of a whole are stacked, and only
  /// what is known to be spread is drawn so.
  public static boolean canBe(ChartKind kind, Table table, Chart chart) {
    ChartData data = ChartData.of(table, chart);
    return switch (kind) {
      case STACKED, SHARES, MOSAIC -> isWhole(data);
      case INTERVALS -> Spreads.of(data).isPresent();
      case BOXES -> Spreads.quartiles(table).isPresent();
      case SCATTER -> ChartData.measures(table).size() > 1;
      case SLOPES -> data.categories().size() > 1;
      case BARS, COLUMNS, DOTS, LINES, HEAT -> true;
    };
  }

  /// The names of the measures of a table that can be drawn.
  public static List<String> measures(Table table) {
    return ChartData.measures(table);
  }

  /// What a table calls one of its measures; its name where it calls it nothing else.
  public static String called(Table table, String measure) {
    OptionalInt place = ChartData.place(table, measure);
    return place.isPresent() ? ChartData.called(table, place.getAsInt()) : measure;
  }
}
