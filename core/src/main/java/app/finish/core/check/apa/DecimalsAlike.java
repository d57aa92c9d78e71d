package app.finish.core.check.apa;

import app.finish.core.check.Finding;
import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.number.WrittenDecimals;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import app.finish.core.table.Measure;
import app.finish.core.table.MeasureKind;
import app.finish.core.table.Value;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Consumer;

/// The figures of one measure have the same number of decimals.
public final class DecimalsAlike extends ApaCheck {
  public DecimalsAlike() {
    super("decimals", "The figures of one measure have the same number of decimals", "6.36");
  }

  @Override
  void look(Subject subject, Consumer<Finding> found) {
    Map<Measure, Map<Integer, DressedCell>> seen = new LinkedHashMap<>();
    Map<Measure, Map<Integer, Integer>> counts = new LinkedHashMap<>();
    for (DressedRow row : subject.body()) {
      for (DressedCell cell : row.cells()) {
        if (cell.place() instanceof CellMeaning.Body(int down, int across)
            && subject.table().body().at(down, across) instanceof Value.Numeric figure) {
          Measure measure = subject.table().measureAt(down, across);
          if (!cell.bareText().matches(".*[<>eE].*") && !isEnd(measure, subject, down, across)) {
            int decimals = WrittenDecimals.of(cell.bareText(), figure.number());
            seen.computeIfAbsent(measure, one -> new TreeMap<>()).putIfAbsent(decimals, cell);
            counts
                .computeIfAbsent(measure, one -> new TreeMap<>())
                .merge(decimals, 1, Integer::sum);
          }
        }
      }
    }
    seen.forEach(
        (measure, cells) -> {
          boolean known =
              measure.kind() != MeasureKind.VALUE && measure.kind() != MeasureKind.STATISTIC;
          if (cells.size() > 1 && known) {
            found.accept(finding(subject, measure, cells, counts.getOrDefault(measure, Map.of())));
          }
        });
  }

  /// Whether a correlation is 0 or 1 exactly, as on the diagonal of a matrix: it needs no decimals.
  private static boolean isEnd(Measure measure, Subject subject, int down, int across) {
    double size = Math.abs(subject.table().body().number(down, across));
    return measure.kind() == MeasureKind.CORRELATION && (size == 0 || size == 1);
  }

  private Finding finding(
      Subject subject,
      Measure measure,
      Map<Integer, DressedCell> cells,
      Map<Integer, Integer> counts) {
    int most = counts.entrySet().stream().max(Map.Entry.comparingByValue()).orElseThrow().getKey();
    int least = cells.keySet().iterator().next();
    int odd = cells.keySet().stream().filter(one -> one != most).findFirst().orElse(least);
    DressedCell cell = java.util.Objects.requireNonNull(cells.get(odd));
    Selector selector =
        measure.name().isEmpty()
            ? new Selector.OfKind(measure.kind())
            : new Selector.OfMeasure(measure.name());
    return at(
        cell,
        cell.bareText(),
        words(most),
        "“"
            + measure.name()
            + "” is written with "
            + String.join(" and ", cells.keySet().stream().map(DecimalsAlike::words).toList())
            + ".",
        set(subject, "Write all with " + words(least), selector, Property.DECIMALS, "" + least));
  }

  private static String words(int decimals) {
    return decimals == 0 ? "no decimals" : decimals == 1 ? "1 decimal" : decimals + " decimals";
  }
}
