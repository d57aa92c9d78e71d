package app.finish.core.recognise;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.TreeSet;

/// Reads the labels of rows and columns: fills in what was written once, turns indents and headings
/// without figures into levels.
final class LineReader {
  /// The lines of an axis.
  ///
  /// @param lines the lines with figures, in order
  /// @param dimensions a name a level
  /// @param groupRows rows that only head others, with the labels down to them
  record Lines(List<Line> lines, List<String> dimensions, Map<Integer, List<String>> groupRows) {}

  private final ReadGrid grid;
  private final Frame frame;
  private final Placed corrections;
  private int repeated;

  LineReader(ReadGrid grid, Frame frame, Placed corrections) {
    this.grid = grid;
    this.frame = frame;
    this.corrections = corrections;
  }

  /// Why blank cells of the stub were taken for the label above, if some were; asked after [#down].
  Optional<Evidence> evidence() {
    String place = repeated == 1 ? "1 empty cell" : repeated + " empty cells";
    List<String> because = List.of("a deeper label stands beside an empty cell below a label");
    return repeated == 0
        ? Optional.empty()
        : Optional.of(new Evidence(place + " of the stub", "as above", because, 0.9));
  }

  /// The rows of the body with their labels.
  Lines down() {
    return frame.stubColumns().size() > 1 ? DimensionNames.taken(byColumns()) : byIndent();
  }

  private Lines byColumns() {
    int levels = frame.stubColumns().size();
    List<Line> lines = new ArrayList<>();
    Map<Integer, List<String>> groups = new TreeMap<>();
    String[] last = new String[levels];
    Arrays.fill(last, "");
    boolean afterTotal = false;
    for (int row : frame.bodyRows()) {
      String[] labels = new String[levels];
      int deepest = -1;
      for (int level = 0; level < levels; level++) {
        int column = frame.stubColumns().get(level);
        labels[level] = grid.label(row, column);
        deepest = labels[level].isEmpty() || spreadFromLeft(row, column) ? deepest : level;
      }
      blankSpread(row, labels);
      for (int level = 0; level < deepest && labels[level].isEmpty(); level++) {
        labels[level] = afterTotal && level == 0 ? "" : last[level];
        repeated += labels[level].isEmpty() ? 0 : 1;
      }
      if (hasFigures(row) || corrections.rows().containsKey(row) && isFigureRole(row)) {
        lines.add(line(row, List.of(labels)));
      } else if (deepest >= 0) {
        groups.put(row, List.of(labels).subList(0, deepest + 1));
      }
      last = labels;
      afterTotal = deepest == 0 && Vocabulary.saysTotal(labels[0]);
    }
    return new Lines(lines, stubHeads(), groups);
  }

  private boolean isFigureRole(int row) {
    LineRole role = corrections.rows().get(row);
    return role == LineRole.BODY || role == LineRole.SUBTOTAL || role == LineRole.GRAND_TOTAL;
  }

  /// A label that reaches over the stub columns to its right counts for the first of them only.
  private void blankSpread(int row, String[] labels) {
    for (int level = 1; level < labels.length; level++) {
      if (spreadFromLeft(row, frame.stubColumns().get(level))) {
        labels[level] = "";
      }
    }
  }

  private boolean spreadFromLeft(int row, int column) {
    return grid.isCoveredFromLeft(row, column);
  }

  private Lines byIndent() {
    int column = frame.stubColumns().isEmpty() ? -1 : frame.stubColumns().getFirst();
    Map<Integer, Integer> depths = depths(column);
    int levels = depths.values().stream().mapToInt(Integer::intValue).max().orElse(0) + 1;
    boolean open = levels == 1 && frame.bodyRows().stream().anyMatch(this::isGroup);
    levels += open ? 1 : 0;
    List<Line> lines = new ArrayList<>();
    Map<Integer, List<String>> groups = new TreeMap<>();
    String[] path = new String[levels];
    Arrays.fill(path, "");
    boolean inGroup = false;
    for (int row : frame.bodyRows()) {
      String label = column < 0 ? "" : grid.label(row, column);
      boolean group = isGroup(row);
      inGroup |= group;
      int depth = open ? (group || !inGroup ? 0 : 1) : depths.getOrDefault(row, 0);
      path = path.clone();
      path[depth] = label;
      Arrays.fill(path, depth + 1, levels, "");
      if (group) {
        groups.put(row, List.of(path).subList(0, depth + 1));
      } else {
        lines.add(line(row, List.of(path)));
      }
    }
    List<String> dimensions = new ArrayList<>(stubHeads());
    while (dimensions.size() < levels) {
      dimensions.add("");
    }
    return new Lines(lines, dimensions, groups);
  }

  private boolean isGroup(int row) {
    LineRole said = corrections.rows().get(row);
    return said == null ? !hasFigures(row) : said == LineRole.GROUP;
  }

  /// How deep each row stands: the rank of its indent among the indents in use.
  private Map<Integer, Integer> depths(int column) {
    Map<Integer, Integer> indents = new HashMap<>();
    if (column < 0) {
      return indents;
    }
    for (int row : frame.bodyRows()) {
      String text = grid.cell(row, column).text();
      int spaces = 0;
      while (spaces < text.length() && isSpace(text.charAt(spaces))) {
        spaces++;
      }
      indents.put(row, spaces + 2 * grid.cell(row, column).format().indent());
    }
    List<Integer> ranks = new ArrayList<>(new TreeSet<>(indents.values()));
    indents.replaceAll((row, indent) -> ranks.indexOf(indent));
    return indents;
  }

  private static boolean isSpace(char c) {
    return Character.isWhitespace(c) || c == '\u00A0' || c == '\u2003' || c == '\u2002';
  }

  private boolean hasFigures(int row) {
    for (int column : frame.valueColumns()) {
      if (!grid.isBlank(row, column)) {
        return true;
      }
    }
    return false;
  }

  private Line line(int row, List<String> labels) {
    int width = frame.valueColumns().size();
    double[] values = new double[width];
    int[] decimals = new int[width];
    for (int i = 0; i < width; i++) {
      values[i] = grid.number(row, frame.valueColumns().get(i));
      decimals[i] = grid.decimals(row, frame.valueColumns().get(i));
    }
    return new Line(row, labels, values, decimals, isBold(row));
  }

  private boolean isBold(int row) {
    for (int column : frame.stubColumns()) {
      if (!grid.isBlank(row, column) && grid.cell(row, column).format().bold()) {
        return true;
      }
    }
    return false;
  }

  /// The names over the stub columns: the lowest that stands over each.
  private List<String> stubHeads() {
    List<String> heads = new ArrayList<>();
    for (int column : frame.stubColumns()) {
      String name = "";
      for (int row : frame.headRows()) {
        String label = spreadFromLeft(row, column) ? "" : grid.label(row, column);
        name = label.isEmpty() ? name : label;
      }
      heads.add(name);
    }
    return heads.isEmpty() ? List.of("") : heads;
  }

  /// The columns of figures with their labels, a level for each row of heads.
  Lines across() {
    int levels = Math.max(1, frame.headRows().size());
    List<String[]> labels = new ArrayList<>();
    for (int i = 0; i < frame.valueColumns().size(); i++) {
      String[] path = new String[levels];
      Arrays.fill(path, "");
      labels.add(path);
    }
    for (int level = 0; level < frame.headRows().size(); level++) {
      fillHeads(level, labels);
    }
    for (int level = 0; level < levels - 1; level++) {
      if (!spans(frame.headRows().get(level))) {
        cutRepeated(level, labels);
      }
    }
    lowerMeasures(labels);
    List<Line> lines = new ArrayList<>();
    for (int i = 0; i < labels.size(); i++) {
      lines.add(column(i, List.of(labels.get(i))));
    }
    List<String> dimensions = new ArrayList<>(Collections.nCopies(levels, ""));
    for (int level = 0; level < levels - 1; level++) {
      String name = DimensionNames.nameAt(lines, level);
      dimensions.set(level + 1, Vocabulary.measureKind(name).isPresent() ? "" : name);
    }
    return new Lines(lines, dimensions, Map.of());
  }

  /// A name of a measure that stands higher than its neighbours' because nothing stands below it
  /// belongs on the lowest level with them.
  private static void lowerMeasures(List<String[]> labels) {
    int last = labels.isEmpty() ? 0 : labels.getFirst().length - 1;
    boolean measures =
        labels.stream().anyMatch(path -> Vocabulary.measureKind(path[last]).isPresent());
    for (String[] path : measures ? labels : List.<String[]>of()) {
      int level = last;
      while (level > 0 && path[level].isEmpty()) {
        level--;
      }
      boolean lower = level < last && !Vocabulary.saysTotal(path[level]);
      if (lower && Vocabulary.measureKind(path[level]).isPresent()) {
        path[last] = path[level];
        path[level] = "";
      }
    }
  }

  /// Reads one row of heads. A head that was written once is carried on to the right over the
  /// columns that have a head of their own further down, unless cells in this row say by their
  /// spans how far they reach.
  private void fillHeads(int level, List<String[]> labels) {
    int row = frame.headRows().get(level);
    boolean last = level == frame.headRows().size() - 1;
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
    for (int below = level + 1; below < frame.headRows().size(); below++) {
      if (!grid.isBlank(frame.headRows().get(below), column)) {
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
        !frame.headRows().isEmpty()
            && grid.cell(frame.headRows().getLast(), column).format().bold()
            && !grid.cell(frame.headRows().getLast(), frame.valueColumns().getFirst())
                .format()
                .bold();
    return new Line(i, labels, values, decimals, bold);
  }
}
