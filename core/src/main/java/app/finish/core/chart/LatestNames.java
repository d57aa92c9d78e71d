package app.finish.core.chart;

import app.finish.core.arrange.make.Rename;
import app.finish.core.arrange.make.RenameMember;
import app.finish.core.arrange.move.Arrangement;
import app.finish.core.table.Table;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/// What the members that a chart draws are called now. A chart knows them by the names that they
/// had when it was made; they may have been renamed since.
///
/// ```java
/// Chart drawn = LatestNames.of(arrangement).on(chart, table); // "Hale" is "Hale–Orrin" by now
/// ```
public final class LatestNames {
  private final Map<String, String> latest;

  private LatestNames(Map<String, String> latest) {
    this.latest = latest;
  }

  /// The names that an arrangement gives. Its moves name headings as the source does; those that
  /// are switched off gave the names that charts may still know.
  public static LatestNames of(Arrangement arrangement) {
    Map<String, String> now = new HashMap<>();
    Map<String, Set<String>> names = new HashMap<>();
    for (Arrangement.Entry entry : arrangement.entries()) {
      switch (entry.move()) {
        case Rename one when !one.path().isEmpty() ->
            add(one.path().getLast(), one.name(), entry.on(), now, names);
        case RenameMember one -> add(one.member(), one.name(), entry.on(), now, names);
        default -> {}
      }
    }
    Map<String, String> latest = new HashMap<>(now);
    names.forEach((source, all) -> all.forEach(name -> latest.putIfAbsent(name, now.get(source))));
    return new LatestNames(latest);
  }

  private static void add(
      String source,
      String name,
      boolean on,
      Map<String, String> now,
      Map<String, Set<String>> names) {
    names.computeIfAbsent(source, key -> new HashSet<>()).add(name);
    now.merge(source, on ? name : source, (before, own) -> on ? own : before);
  }

  /// The chart with the names that its table has now. What the table still calls so stays.
  public Chart on(Chart chart, Table table) {
    if (latest.isEmpty() || chart.rows().isEmpty() && chart.columns().isEmpty()) {
      return chart;
    }
    return chart.withLines(
        lines(chart.rows(), ChartData.members(table.down(), table, chart.measure())),
        lines(chart.columns(), ChartData.members(table.across(), table, chart.measure())));
  }

  private List<List<String>> lines(List<List<String>> chosen, List<List<String>> there) {
    return chosen.stream().map(path -> there.contains(path) ? path : renamed(path)).toList();
  }

  private List<String> renamed(List<String> path) {
    return path.stream().map(label -> latest.getOrDefault(label, label)).toList();
  }
}
