package app.finish.core.chart;

import app.finish.core.table.Held;
import app.finish.core.table.Table;
import app.finish.core.words.Language;
import app.finish.core.words.Markup;
import app.finish.core.words.Symbols;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/// The words of a chart: its title, and what it shows for those who can't see it.
///
/// ```java
/// ChartWords.title(table, chart, Language.ENGLISH); // "Fares by route and season, 2025 and 2026"
/// ```
public final class ChartWords {
  private static final int MOST_READ = 12;

  private ChartWords() {}

  /// The title as it was typed, or one made of the measure and the dimensions.
  ///
  /// @param language what the words around the table are in
  public static String title(Table table, Chart chart, Language language) {
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
    String measure = data.called();
    if (chart.kind() == ChartKind.SCATTER) {
      String other = lower(data.of(chart.against()).called());
      measure = ChartPhrase.AGAINST.in(language, measure, other);
    }
    boolean untold =
        measure.isBlank() || by.isEmpty() || chart.kind() == ChartKind.BOXES || isSymbol(measure);
    if (untold) {
      String own = table.words().title();
      String bare = measure.isBlank() ? ChartPhrase.kind(chart.kind(), language) : measure;
      return own.isBlank() ? bare : own;
    }
    String dimensions =
        by.size() < 2 ? by.getFirst() : ChartPhrase.AND.in(language, by.getFirst(), by.getLast());
    return ChartPhrase.BY.in(language, measure, dimensions);
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
  ///
  /// @param language what it is told in
  static String description(Subject subject, String title, Language language) {
    ChartData data = subject.data();
    List<Double> numbers = data.numbers();
    StringBuilder all = new StringBuilder();
    all.append(ChartPhrase.kind(subject.kind(), language)).append(": ").append(title).append(". ");
    if (numbers.isEmpty()) {
      return all.append(ChartPhrase.NO_FIGURE.in(language)).toString();
    }
    String held = String.join(", ", data.table().held().stream().map(Held::toString).toList());
    if (!held.isBlank()) {
      all.append(ChartPhrase.HELD.in(language, held)).append(' ');
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
    String from = subject.says(least / count, least % count);
    String to = subject.says(most / count, most % count);
    return all.append(ChartPhrase.FIGURES.in(language, figures.size(), from, to)).toString();
  }
}
