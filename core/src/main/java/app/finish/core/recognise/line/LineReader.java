package app.finish.core.recognise.line;

import app.finish.core.recognise.found.Evidence;
import app.finish.core.recognise.said.LineRole;
import app.finish.core.recognise.sheet.Frame;
import app.finish.core.recognise.sheet.PlacedCorrections;
import app.finish.core.recognise.sheet.ReadGrid;
import app.finish.core.recognise.words.Vocabulary;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.TreeSet;

/// Reads the labels of rows and columns: fills in what was written once, turns indents and headings
/// without figures into levels.
public final class LineReader {
  private final ReadGrid grid;
  private final Frame frame;
  private final PlacedCorrections corrections;
  private int repeated;

  public LineReader(ReadGrid grid, Frame frame, PlacedCorrections corrections) {
    this.grid = grid;
    this.frame = frame;
    this.corrections = corrections;
  }

  /// Why blank cells of the stub were taken for the label above, if some were; asked after [#down].
  public Optional<Evidence> evidence() {
    String place = repeated == 1 ? "1 empty cell" : repeated + " empty cells";
    List<String> because = List.of("a deeper label stands beside an empty cell below a label");
    return repeated == 0
        ? Optional.empty()
        : Optional.of(new Evidence(place + " of the stub", "as above", because, 0.9));
  }

  /// The rows of the body with their labels.
  public Lines down() {
    return frame.stubColumns().size() > 1
        ? DimensionNames.taken(byColumns(), corrections.names())
        : byIndent();
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
    int whole = 0;
    for (int row : frame.bodyRows()) {
      String label = column < 0 ? "" : grid.label(row, column);
      label = frame.headRows().isEmpty() ? label.replaceFirst("(?<=.)\\s*:$", "") : label;
      boolean group = isGroup(row);
      inGroup |= group;
      int depth = open ? (group || !inGroup ? 0 : 1) : depths.getOrDefault(row, 0);
      if (Vocabulary.saysPart(label) && !lines.isEmpty() && !group) {
        depth = Math.min(depth, whole);
      } else {
        whole = depth;
      }
      path = path.clone();
      path[depth] = label;
      Arrays.fill(path, depth + 1, levels, "");
      if (group) {
        groups.put(row, List.of(path).subList(0, depth + 1));
      } else {
        lines.add(line(row, List.of(path)));
      }
    }
    int used = open ? levels : Math.max(1, deepest(lines, groups));
    if (used < levels) {
      lines.replaceAll(line -> line.withLabels(line.labels().subList(0, used)));
      levels = used;
    }
    List<String> dimensions = new ArrayList<>(stubHeads());
    while (dimensions.size() < levels) {
      dimensions.add("");
    }
    return new Lines(lines, dimensions, groups);
  }

  /// How many levels have labels.
  private static int deepest(List<Line> lines, Map<Integer, List<String>> groups) {
    int lowest = lines.stream().mapToInt(Line::depth).max().orElse(0);
    return Math.max(lowest, groups.values().stream().mapToInt(List::size).max().orElse(0));
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
    outdentTotals(column, indents);
    List<Integer> ranks = new ArrayList<>(new TreeSet<>(indents.values()));
    indents.replaceAll((row, indent) -> ranks.indexOf(indent));
    return indents;
  }

  /// A total may be set in below the lines that it totals; it belongs beside the last of them.
  private void outdentTotals(int column, Map<Integer, Integer> indents) {
    int before = -1;
    for (int row : frame.bodyRows()) {
      int indent = indents.getOrDefault(row, 0);
      int outer = indents.getOrDefault(before, indent);
      if (indent > outer && hasFigures(before) && Vocabulary.saysTotal(grid.label(row, column))) {
        indents.put(row, outer);
      }
      before = row;
    }
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
      heads.add(Vocabulary.isNoName(name) ? "" : name);
    }
    return heads.isEmpty() ? List.of("") : heads;
  }
}
