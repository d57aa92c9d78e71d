package app.finish.core.recognise.axis;

import app.finish.core.recognise.line.Line;
import app.finish.core.recognise.line.Lines;
import app.finish.core.recognise.measure.MeasureFinder;
import app.finish.core.recognise.total.Total;
import app.finish.core.recognise.total.TotalFinder;
import app.finish.core.table.Axis;
import app.finish.core.table.Heading.Role;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiFunction;

/// Turns the lines of one side into an axis: takes the level of the measures aside, finds the
/// totals among what is left and builds the headings.
public final class AxisReader {
  /// @param axis the axis
  /// @param totals for each line that is a total, why
  public record Built(Axis axis, Map<Integer, Total> totals) {}

  private final Lines lines;
  private final MeasureFinder.Found measures;
  private final boolean[] measureAdds;
  private final List<Integer> ofLines;
  private final boolean across;
  private final List<Integer> keyOf = new ArrayList<>();
  private final List<Integer> measureOf = new ArrayList<>();
  private final List<Line> keys = new ArrayList<>();
  private final List<Integer> firstOfKey = new ArrayList<>();

  /// @param lines the lines
  /// @param measures which level names measures, if one does
  /// @param measureAdds for each measure whether its figures can be added up
  /// @param across whether the lines are columns
  /// @param ofLines for each line the measure of its figures where no level names them; else empty
  public AxisReader(
      Lines lines,
      MeasureFinder.Found measures,
      boolean[] measureAdds,
      List<Integer> ofLines,
      boolean across) {
    this.across = across;
    this.ofLines = ofLines;
    this.lines = lines;
    this.measures = measures;
    this.measureAdds = measureAdds;
  }

  /// The axis.
  ///
  /// @param additive which figures along a line can be added up
  /// @param told what a person said lines are, by their index
  /// @param rounded whether words say that figures are rounded
  /// @param called how lines are called in words, by their indexes
  public Built read(
      boolean[] additive,
      Map<Integer, Role> told,
      boolean rounded,
      BiFunction<Integer, Integer, String> called) {
    gatherKeys(additive.length);
    boolean[] mask = mask(additive);
    Map<Integer, Role> toldKeys = new HashMap<>();
    for (int i = 0; i < lines.lines().size(); i++) {
      Role role = told.get(lines.lines().get(i).index());
      if (role != null) {
        toldKeys.put(keyOf.get(i), role);
      }
    }
    BiFunction<Integer, Integer, String> words =
        (from, to) -> called.apply(firstLine(from).index(), lastLine(to).index());
    Map<Integer, Total> totals =
        new TotalFinder(keys, orAllIfNone(mask), any(mask), toldKeys, rounded, across, words)
            .find();
    Axis axis =
        Axis.of(
            lines.dimensions(),
            new TreeBuilder(keys, totals)
                .build(keyOf, measureOf, measures.level(), measures.names()));
    Map<Integer, Total> byLine = new LinkedHashMap<>();
    for (int i = 0; i < keyOf.size(); i++) {
      Total total = totals.get(keyOf.get(i));
      if (total != null) {
        byLine.put(i, total);
      }
    }
    return new Built(axis, byLine);
  }

  private Line firstLine(int key) {
    return lines.lines().get(firstOfKey.get(key));
  }

  private Line lastLine(int key) {
    int last = firstOfKey.get(key);
    for (int i = last; i < keyOf.size() && keyOf.get(i) == key; i++) {
      last = i;
    }
    return lines.lines().get(last);
  }

  private void gatherKeys(int width) {
    int level = measures.level();
    if (level < 0) {
      for (int i = 0; i < lines.lines().size(); i++) {
        Line line = lines.lines().get(i);
        int measure = ofLines.isEmpty() ? -1 : ofLines.get(i);
        measureOf.add(measure);
        boolean under = measure >= 0 && !keys.isEmpty() && line.depth() == 0;
        if (!under) {
          boolean adds = measure < 0 || measureAdds[measure];
          keys.add(adds ? line : emptyKey(line, line.labels(), width));
          firstOfKey.add(i);
        }
        keyOf.add(keys.size() - 1);
      }
      return;
    }
    int count = measures.names().size();
    Map<List<String>, Integer> indexes = new LinkedHashMap<>();
    for (int i = 0; i < lines.lines().size(); i++) {
      Line line = lines.lines().get(i);
      int measure = measures.names().indexOf(line.labels().get(level));
      List<String> labels = new ArrayList<>(line.labels());
      labels.remove(level);
      if (measure < 0 && !line.labels().get(level).isEmpty()) {
        labels.add(level, line.labels().get(level));
      }
      Integer key = indexes.get(labels);
      if (key == null) {
        key = keys.size();
        indexes.put(labels, key);
        keys.add(emptyKey(line, labels, width * count));
        firstOfKey.add(i);
      }
      int at = Math.max(0, measure) * width;
      System.arraycopy(line.values(), 0, keys.get(key).values(), at, width);
      System.arraycopy(line.decimals(), 0, keys.get(key).decimals(), at, width);
      keyOf.add(key);
      measureOf.add(measure);
    }
  }

  private static Line emptyKey(Line line, List<String> labels, int width) {
    double[] values = new double[width];
    Arrays.fill(values, Double.NaN);
    return new Line(line.index(), List.copyOf(labels), values, new int[width], line.emphasised());
  }

  private boolean[] mask(boolean[] additive) {
    if (measures.level() < 0) {
      return additive.clone();
    }
    boolean[] mask = new boolean[additive.length * measures.names().size()];
    for (int i = 0; i < mask.length; i++) {
      mask[i] = measureAdds[i / additive.length] && additive[i % additive.length];
    }
    return mask;
  }

  private static boolean any(boolean[] mask) {
    for (boolean one : mask) {
      if (one) {
        return true;
      }
    }
    return false;
  }

  /// Percentages may add up where nothing else does, so then all are tried.
  private static boolean[] orAllIfNone(boolean[] mask) {
    boolean[] all = mask.clone();
    if (!any(mask)) {
      Arrays.fill(all, true);
    }
    return all;
  }
}
