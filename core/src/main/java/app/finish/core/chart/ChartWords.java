package app.finish.core.chart;

import app.finish.core.table.Held;
import app.finish.core.table.Table;
import app.finish.core.words.Markup;
import app.finish.core.words.Symbols;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/// The words of a chart: its title, and what it shows for those who can't see it.
///
/// ```java
/// ChartWords.title(table, chart); // "Fares by route and season, 2025 and 2026"
/// ```
public final class ChartWords {
  private static final int MOST_READ = 12;

  private ChartWords() {}

  /// The title as it was typed, or one made of the measure and the dimensions.
  public static String title(Table table, Chart chart) {
    if (!chart.title().isBlank()) {
      return Markup.plain(chart.title()).strip();
    }
    ChartData data = ChartData.of(table, chart);
    List<String> by = new ArrayList<>();
    for (String dimension : List.of(data.dimension(), data.seriesDimension())) {
      if (!dimension.isBlank()) {
        by.add(lower(dimension));
      }
    }
    String measure = data.measure().name();
    if (chart.kind() == ChartKind.SCATTER) {
      measure += " against " + lower(data.of(chart.against()).measure().name());
    }
    boolean untold =
        measure.isBlank() || by.isEmpty() || chart.kind() == ChartKind.BOXES || isSymbol(measure);
    if (untold) {
      String own = table.words().title();
      return own.isBlank() ? (measure.isBlank() ? chart.kind().label() : measure) : own;
    }
    return measure + " by " + String.join(" and ", by);
  }

  /// Whether a name says which statistic it is, and not of what.
  private static boolean isSymbol(String name) {
    return Symbols.inName(name).stream().allMatch(Symbols.Piece::isSymbol);
  }

  private static String lower(String name) {
    return name.equals(name.toUpperCase(Locale.ROOT)) ? name : name.toLowerCase(Locale.ROOT);
  }

  /// What the chart shows, from its data: its kind, its title, how many figures it has and between
  /// which they lie, and the figures themselves where they are few.
  static String description(Subject subject, String title) {
    ChartData data = subject.data();
    List<Double> numbers = data.numbers();
    StringBuilder all = new StringBuilder();
    all.append(subject.kind().label()).append(": ").append(title).append(". ");
    if (numbers.isEmpty()) {
      return all.append("There is no figure in it.").toString();
    }
    String held = String.join(", ", data.table().held().stream().map(Held::toString).toList());
    if (!held.isBlank()) {
      all.append("All of it is for ").append(held).append(". ");
    }
    List<String> figures = new ArrayList<>();
    int least = -1;
    int most = -1;
    int count = data.series().size();
    for (int i = 0; i < data.categories().size() * count; i++) {
      double number = data.number(i / count, i % count);
      if (Double.isFinite(number)) {
        figures.add(subject.says(i / count, i % count));
        least = least < 0 || number < data.number(least / count, least % count) ? i : least;
        most = most < 0 || number > data.number(most / count, most % count) ? i : most;
      }
    }
    if (figures.size() <= MOST_READ) {
      return all.append(String.join("; ", figures)).append(".").toString();
    }
    all.append(figures.size()).append(" figures, from ");
    all.append(subject.says(least / count, least % count)).append(" to ");
    return all.append(subject.says(most / count, most % count)).append(".").toString();
  }
}
