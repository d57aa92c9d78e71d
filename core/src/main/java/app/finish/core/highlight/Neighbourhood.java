package app.finish.core.highlight;

import app.finish.core.arrange.place.Side;
import app.finish.core.table.Axis;
import app.finish.core.table.Body;
import app.finish.core.table.Heading;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// The figures around a cell: other measures in its place, other members, those of its row, its
/// column, its group. What is worked out of many is worked out once.
final class Neighbourhood {
  private final CellNames names;
  private final Table table;
  private final Body body;
  private final RegionCells all;
  private Optional<int[]> groups = Optional.empty();
  private Optional<Map<List<String>, Integer>> rowsByPath = Optional.empty();
  private Optional<Map<List<String>, Integer>> columnsByPath = Optional.empty();

  Neighbourhood(CellNames names) {
    this.names = names;
    this.table = names.table();
    this.body = table.body();
    this.all = RegionCells.of(Region.EVERYWHERE.in(true, true, true), names);
  }

  CellNames names() {
    return names;
  }

  /// The number in a place; of “<.001” one that is just below.
  double number(int row, int column) {
    double number = body.number(row, column);
    return Double.isNaN(number) && body.hasText(row) ? bound(body.at(row, column)) : number;
  }

  /// The number that a text such as “<.001” bounds; not a number if it is none such.
  static double bound(Value value) {
    String text = value instanceof Value.Text written ? written.text().replace(" ", "") : "";
    if (!text.matches("[<>≤≥][-−]?[0-9]*[.,]?[0-9]+")) {
      return Double.NaN;
    }
    double number = Double.parseDouble(text.substring(1).replace(',', '.').replace('\u2212', '-'));
    return switch (text.charAt(0)) {
      case '<' -> Math.nextDown(number);
      case '>' -> Math.nextUp(number);
      default -> number;
    };
  }

  /// The figure of a measure in the place of a cell.
  double ofMeasure(String measure, int row, int column) {
    int wanted = -1;
    for (int i = 0; i < table.measures().size(); i++) {
      wanted = table.measures().get(i).name().equals(measure) ? i : wanted;
    }
    if (wanted < 0) {
      return Double.NaN;
    }
    if (all.measure(row, column) == wanted) {
      return number(row, column);
    }
    int other = beside(Side.ACROSS, column, wanted);
    if (other >= 0) {
      return number(row, other);
    }
    int below = beside(Side.DOWN, row, wanted);
    return below >= 0 ? number(below, column) : Double.NaN;
  }

  /// The leaf under the same headings but that of the measure; −1 if there is none.
  private int beside(Side side, int leaf, int measure) {
    Axis axis = side.of(table);
    List<String> path = new ArrayList<>(names.path(side, leaf));
    for (int level = 0; level < Math.min(path.size(), axis.depth(leaf)); level++) {
      if (axis.heading(leaf, level).measure().isPresent()) {
        path.set(level, "\u0000" + measure);
        return byPath(side).getOrDefault(path, -1);
      }
    }
    return -1;
  }

  /// The leaves by the labels that lead to them, with measures by their places.
  private synchronized Map<List<String>, Integer> byPath(Side side) {
    Optional<Map<List<String>, Integer>> known = side == Side.DOWN ? rowsByPath : columnsByPath;
    if (known.isPresent()) {
      return known.get();
    }
    Map<List<String>, Integer> found = new HashMap<>();
    Axis axis = side.of(table);
    for (int leaf = 0; leaf < axis.leaves().size(); leaf++) {
      List<String> path = new ArrayList<>(names.path(side, leaf));
      for (int level = 0; level < Math.min(path.size(), axis.depth(leaf)); level++) {
        Heading heading = axis.heading(leaf, level);
        if (heading.measure().isPresent()) {
          path.set(level, "\u0000" + heading.measure().getAsInt());
        }
      }
      found.putIfAbsent(path, leaf);
    }
    if (side == Side.DOWN) {
      rowsByPath = Optional.of(found);
    } else {
      columnsByPath = Optional.of(found);
    }
    return found;
  }

  /// The figure of the same measure at another member.
  double atMember(String dimension, String member, int row, int column) {
    for (Side side : List.of(Side.ACROSS, Side.DOWN)) {
      int leaf = side == Side.DOWN ? row : column;
      int other = atMember(side, leaf, dimension, member);
      if (other >= 0) {
        return side == Side.DOWN ? number(other, column) : number(row, other);
      }
    }
    return Double.NaN;
  }

  private int atMember(Side side, int leaf, String dimension, String member) {
    List<String> dimensions = names.dimensions(side);
    Axis axis = side.of(table);
    List<String> path = new ArrayList<>(names.path(side, leaf));
    int measureLevel = -1;
    for (int level = 0; level < Math.min(path.size(), axis.depth(leaf)); level++) {
      Heading heading = axis.heading(leaf, level);
      if (heading.measure().isPresent()) {
        path.set(level, "\u0000" + heading.measure().getAsInt());
        measureLevel = level;
      }
    }
    for (int level = 0; level < path.size(); level++) {
      boolean named = level < dimensions.size() && dimensions.get(level).equals(dimension);
      if (level != measureLevel && (named || dimension.isEmpty())) {
        List<String> other = new ArrayList<>(path);
        other.set(level, member);
        Integer found = byPath(side).get(other);
        if (found != null) {
          return found;
        }
      }
    }
    return -1;
  }

  /// The figure of the member before in the same group; not a number for the first one and for
  /// totals.
  double before(int row, int column, boolean across) {
    Axis axis = across ? table.across() : table.down();
    int leaf = across ? column : row;
    int measure = all.measure(row, column);
    boolean member = across ? all.isMemberColumn(leaf) : all.isMemberRow(leaf);
    for (int other = leaf - 1; member && other >= 0; other--) {
      int r = across ? row : other;
      int c = across ? other : column;
      if (!isOfOneGroup(axis, leaf, other)) {
        break;
      }
      boolean like = all.measure(r, c) == measure;
      if (like && (across ? all.isMemberColumn(other) : all.isMemberRow(other))) {
        return number(r, c);
      }
    }
    return Double.NaN;
  }

  /// Whether two leaves stand under one heading, measures aside: those run within members or over
  /// them.
  private static boolean isOfOneGroup(Axis axis, int leaf, int other) {
    int levels = Math.min(axis.depth(leaf), axis.depth(other));
    List<Integer> own = new ArrayList<>();
    for (int level = 0; level < levels; level++) {
      if (axis.heading(leaf, level).measure().isEmpty()) {
        own.add(level);
      }
    }
    for (int i = 0; i + 1 < own.size(); i++) {
      if (axis.heading(leaf, own.get(i)) != axis.heading(other, own.get(i))) {
        return false;
      }
    }
    return true;
  }

  /// The members' figures of a cell's measure around it, in order of size.
  ///
  /// @param within only those of this region; all members if there is none
  double[] sorted(Scope scope, int row, int column, Optional<RegionCells> within) {
    double[] figures = gather(scope, row, column, all.measure(row, column), within);
    Arrays.sort(figures);
    return figures;
  }

  /// The first row of a row's group.
  synchronized int group(int row) {
    if (groups.isEmpty()) {
      int[] firsts = new int[body.rows()];
      for (int one = 1; one < firsts.length; one++) {
        firsts[one] = isOfOneGroup(table.down(), one, one - 1) ? firsts[one - 1] : one;
      }
      groups = Optional.of(firsts);
    }
    return groups.get()[row];
  }

  private double[] gather(
      Scope scope, int row, int column, int measure, Optional<RegionCells> within) {
    boolean wholeColumn = scope == Scope.COLUMN || scope == Scope.TABLE;
    int first = wholeColumn ? 0 : scope == Scope.ROW ? row : group(row);
    int last = wholeColumn ? body.rows() - 1 : row;
    while (scope == Scope.GROUP && last + 1 < body.rows() && group(last + 1) == group(row)) {
      last++;
    }
    boolean wholeRow = scope == Scope.ROW || scope == Scope.TABLE;
    int left = wholeRow ? 0 : column;
    int right = wholeRow ? body.columns() - 1 : column;
    double[] found = new double[(last - first + 1) * (right - left + 1)];
    int count = 0;
    for (int r = first; r <= last; r++) {
      for (int c = left; c <= right; c++) {
        boolean in = within.isPresent() ? within.get().has(r, c) : all.isMember(r, c);
        if (in && all.measure(r, c) == measure) {
          double number = number(r, c);
          found[count] = number;
          count += Double.isNaN(number) ? 0 : 1;
        }
      }
    }
    return Arrays.copyOf(found, count);
  }

  RegionCells all() {
    return all;
  }
}
