package app.finish.core.recognise.line;

import app.finish.core.recognise.sheet.Frame;
import app.finish.core.recognise.sheet.ReadGrid;
import app.finish.core.recognise.words.Company;
import app.finish.core.recognise.words.Vocabulary;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;

/// Reads the labels of the columns: carries on heads that were written once over several columns,
/// and brings names of measures to one level.
public final class HeadReader {
  private static final Pattern UNIT = Pattern.compile("\\((?![A-Z]\\))[^()0-9]{1,16}\\)");

  private final ReadGrid grid;
  private final Frame frame;
  private final List<Integer> levelRows;
  private final Set<String> names;

  public HeadReader(ReadGrid grid, Frame frame, Set<String> names) {
    this.names = names;
    this.grid = grid;
    this.frame = frame;
    this.levelRows = frame.levelRows();
  }

  /// The columns of figures with their labels, a level for each row of heads.
  public Lines read() {
    int levels = Math.max(1, levelRows.size());
    List<String[]> labels = new ArrayList<>();
    for (int i = 0; i < frame.valueColumns().size(); i++) {
      String[] path = new String[levels];
      Arrays.fill(path, "");
      labels.add(path);
    }
    for (int level = 0; level < levelRows.size(); level++) {
      fillHeads(level, labels);
    }
    for (int level = 0; level < levels - 1; level++) {
      if (!spans(levelRows.get(level))) {
        cutRepeated(level, labels);
      }
    }
    if (liftUnits(labels)) {
      levels--;
    }
    lowerMeasures(labels);
    List<Line> lines = new ArrayList<>();
    for (int i = 0; i < labels.size(); i++) {
      lines.add(column(i, List.of(labels.get(i))));
    }
    List<String> dimensions = namesInCorner(levels);
    Lines named = DimensionNames.taken(new Lines(lines, dimensions, Map.of()), names);
    return named;
  }

  /// The names of the columns' levels that stand over the stub, beside each row of heads.
  private List<String> namesInCorner(int levels) {
    List<String> names = new ArrayList<>(Collections.nCopies(levels, ""));
    if (frame.nameRows().isEmpty()) {
      return names;
    }
    for (int level = 0; level < levels; level++) {
      for (int column : frame.stubColumns()) {
        String name = grid.text(levelRows.get(level), column);
        if (!name.isEmpty()) {
          names.set(level, name);
        }
      }
    }
    return names;
  }

  /// Units in brackets that stand in a row of their own below heads belong to these.
  private static boolean liftUnits(List<String[]> labels) {
    int last = labels.isEmpty() ? 0 : labels.getFirst().length - 1;
    Set<String> above = new HashSet<>();
    boolean units = last > 0;
    boolean any = false;
    for (String[] path : units ? labels : List.<String[]>of()) {
      above.add(path[last - 1]);
      any |= !path[last].isEmpty();
      units &= path[last].isEmpty() || UNIT.matcher(path[last]).matches();
    }
    if (!units || !any || above.size() < labels.size() || above.contains("")) {
      return false;
    }
    labels.replaceAll(
        path -> {
          String[] lifted = Arrays.copyOf(path, last);
          lifted[last - 1] = (path[last - 1] + " " + path[last]).strip();
          return lifted;
        });
    return true;
  }

  /// A name that stands higher than its neighbours' because nothing stands below it belongs on the
  /// lowest level with them if they are measures: it is one too.
  private static void lowerMeasures(List<String[]> labels) {
    int last = labels.isEmpty() ? 0 : labels.getFirst().length - 1;
    Set<String> names = new LinkedHashSet<>();
    labels.forEach(path -> names.add(path[last]));
    names.remove("");
    Company company = Company.of(names);
    long known = names.stream().filter(name -> company.kind(name).isPresent()).count();
    for (String[] path : known > 0 ? labels : List.<String[]>of()) {
      int level = last;
      while (level > 0 && path[level].isEmpty()) {
        level--;
      }
      boolean lower = level < last && !Vocabulary.saysTotal(path[level]);
      boolean measure = Vocabulary.measureKind(path[level]).isPresent();
      if (lower && (measure || known == names.size() && known > 1)) {
        path[last] = path[level];
        path[level] = "";
      }
    }
  }

  /// Reads one row of heads. A head that was written once is carried on to the right over the
  /// columns that have a head of their own further down, unless cells in this row say by their
  /// spans how far they reach.
  private void fillHeads(int level, List<String[]> labels) {
    int row = levelRows.get(level);
    boolean last = level == levelRows.size() - 1;
    boolean spans = spans(row);
    String carried = "";
    for (int i = 0; i < labels.size(); i++) {
      int column = frame.valueColumns().get(i);
      if (grid.isCoveredFromAbove(row, column)) {
        carried = "";
        continue;
      }
      String label = grid.label(row, column);
      boolean sameAbove =
          i > 0
              && Arrays.equals(
                  Arrays.copyOf(labels.get(i), level), Arrays.copyOf(labels.get(i - 1), level));
      carried = label.isEmpty() && sameAbove && !spans && !last ? carried : label;
      labels.get(i)[level] =
          carried.isEmpty() || !hasHeadBelow(level, column) && label.isEmpty() ? label : carried;
    }
  }

  /// Cuts a head short that was carried on too far: heads before it stand over the same labels, it
  /// does too, and then come others.
  private static void cutRepeated(int level, List<String[]> labels) {
    int below = level + 1;
    if (labels.isEmpty() || below >= labels.getFirst().length) {
      return;
    }
    int start = 0;
    List<String> first = List.of();
    while (start < labels.size()) {
      String label = labels.get(start)[level];
      List<String> own = new ArrayList<>();
      int end = start;
      while (end < labels.size() && labels.get(end)[level].equals(label)) {
        own.add(labels.get(end++)[below]);
      }
      boolean longer = !first.isEmpty() && own.size() > first.size();
      if (longer && !label.isEmpty() && own.subList(0, first.size()).equals(first)) {
        for (int i = start + first.size(); i < end; i++) {
          labels.get(i)[level] = "";
        }
      }
      first = label.isEmpty() || own.size() < 2 ? first : first.isEmpty() ? own : first;
      start = end;
    }
  }

  private boolean spans(int row) {
    for (int column : frame.valueColumns()) {
      if (grid.cell(row, column).columnSpan() > 1) {
        return true;
      }
    }
    return false;
  }

  private boolean hasHeadBelow(int level, int column) {
    for (int below = level + 1; below < levelRows.size(); below++) {
      if (!grid.isBlank(levelRows.get(below), column)) {
        return true;
      }
    }
    return false;
  }

  private Line column(int i, List<String> labels) {
    int column = frame.valueColumns().get(i);
    List<Integer> rows = frame.bodyRows();
    double[] values = new double[rows.size()];
    int[] decimals = new int[rows.size()];
    for (int at = 0; at < values.length; at++) {
      values[at] = grid.number(rows.get(at), column);
      decimals[at] = grid.decimals(rows.get(at), column);
    }
    boolean bold =
        !levelRows.isEmpty()
            && grid.cell(levelRows.getLast(), column).format().bold()
            && !grid.cell(levelRows.getLast(), frame.valueColumns().getFirst()).format().bold();
    return new Line(i, labels, values, decimals, bold);
  }
}
