package app.finish.core.highlight;

import app.finish.core.arrange.place.Side;
import app.finish.core.table.Axis;
import app.finish.core.table.Body;
import app.finish.core.table.Heading.Role;
import app.finish.core.table.Held;
import app.finish.core.table.Measure;
import app.finish.core.table.Table;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;

/// The cells of a table that a region means.
///
/// ```java
/// RegionCells cells = RegionCells.of(region, names);
/// cells.has(3, 1);
/// ```
final class RegionCells {
  private final boolean[] rows;
  private final boolean[] columns;
  private final List<UnderHeadings> under;
  private final Role[] rowRoles;
  private final Role[] columnRoles;
  private final boolean[] measures;
  private final int[] measureAcross;
  private final int[] measureDown;
  private final Body body;
  private final boolean everyColumn;
  private final Region region;
  private final Optional<String> gone;

  private RegionCells(Region region, CellNames names) {
    Table table = names.table();
    this.region = region;
    this.under = region.under().stream().map(one -> UnderHeadings.of(one, names)).toList();
    this.gone = gone(region, names, under);
    this.rows = lines(region, names, Side.DOWN);
    this.columns = lines(region, names, Side.ACROSS);
    keepLevels(names, Side.DOWN, rows);
    keepLevels(names, Side.ACROSS, columns);
    this.rowRoles = names.numbers().down().roles();
    this.columnRoles = names.numbers().across().roles();
    this.measures = new boolean[table.measures().size()];
    for (int i = 0; i < measures.length; i++) {
      measures[i] =
          region.measures().isEmpty()
              || region.measures().stream().anyMatch(means(table.measures().get(i)));
    }
    this.measureAcross = names.numbers().across().measures();
    this.measureDown = names.numbers().down().measures();
    this.body = table.body();
    this.everyColumn = everyColumn();
  }

  /// Whether a name of a region means a measure: its own name, or “every percent” for all of a
  /// kind.
  private static Predicate<String> means(Measure measure) {
    return name -> name.equals(measure.name()) || name.equals(Region.EVERY + measure.kind().word());
  }

  /// The cells of a region.
  static RegionCells of(Region region, CellNames names) {
    return new RegionCells(region, names);
  }

  private static boolean[] lines(Region region, CellNames names, Side side) {
    Axis axis = side.of(names.table());
    boolean[] in = new boolean[axis.leaves().size()];
    List<String> dimensions = names.dimensions(side);
    List<Integer> levels = new ArrayList<>();
    for (int level = 0; level < dimensions.size(); level++) {
      if (region.members().containsKey(dimensions.get(level))) {
        levels.add(level);
      }
    }
    if (levels.isEmpty()) {
      java.util.Arrays.fill(in, true);
      return in;
    }
    Map<Integer, Set<String>> wanted = new HashMap<>();
    levels.forEach(
        level ->
            wanted.put(
                level,
                new HashSet<>(region.members().getOrDefault(dimensions.get(level), List.of()))));
    for (int leaf = 0; leaf < in.length; leaf++) {
      List<String> path = names.path(side, leaf);
      boolean all = true;
      for (int level : levels) {
        boolean nameless = dimensions.get(level).isEmpty();
        boolean here =
            level < path.size() && wanted.getOrDefault(level, Set.of()).contains(path.get(level));
        all &= here || nameless && isElsewhere(path, wanted.getOrDefault(level, Set.of()));
      }
      in[leaf] = all;
    }
    return in;
  }

  /// Leaves out what stands at other levels than the region's, if it names any of this side.
  private void keepLevels(CellNames names, Side side, boolean[] in) {
    Set<String> wanted = new HashSet<>(region.levels());
    boolean named = names.dimensions(side).stream().anyMatch(wanted::contains);
    boolean numbered = side == Side.DOWN && wanted.stream().anyMatch(RegionCells::isNumber);
    for (int leaf = 0; (named || numbered) && leaf < in.length; leaf++) {
      in[leaf] &=
          named && wanted.contains(names.levelName(side, leaf))
              || numbered && wanted.contains(Integer.toString(names.level(side, leaf)));
    }
  }

  private static boolean isNumber(String level) {
    return level.matches("[0-9]+");
  }

  /// Members of a dimension without a name may stand on any level without one.
  private static boolean isElsewhere(List<String> path, Set<String> wanted) {
    return path.stream().anyMatch(wanted::contains);
  }

  /// What of a region is not in a table; nothing if all is there.
  private static Optional<String> gone(
      Region region, CellNames names, List<UnderHeadings> headings) {
    Table table = names.table();
    boolean measured =
        region.measures().isEmpty()
            || table.measures().stream()
                .anyMatch(one -> region.measures().stream().anyMatch(means(one)));
    if (!measured) {
      List<String> there =
          table.measures().stream().map(Measure::name).filter(one -> !one.isEmpty()).toList();
      return Optional.of(
          "the table does not measure "
              + String.join(" or ", region.measures())
              + (there.isEmpty() ? "" : ", but " + String.join(", ", there)));
    }
    for (Map.Entry<String, List<String>> some : region.members().entrySet()) {
      String dimension = some.getKey();
      boolean there =
          names.dimensions(Side.DOWN).contains(dimension)
              || names.dimensions(Side.ACROSS).contains(dimension);
      Optional<Held> held =
          table.held().stream().filter(one -> one.dimension().equals(dimension)).findFirst();
      if (!there && (held.isEmpty() || !some.getValue().contains(held.get().member()))) {
        return Optional.of(
            held.map(one -> dimension + " is held at " + one.member())
                .orElse("there is no " + (dimension.isEmpty() ? "such heading" : dimension)));
      }
    }
    for (int i = 0; i < headings.size(); i++) {
      if (headings.get(i).isNowhere()) {
        List<String> path = region.under().get(i).paths().getFirst();
        return Optional.of("there is no heading " + String.join(" › ", path));
      }
    }
    for (String level : region.levels()) {
      boolean there =
          isNumber(level)
              || names.dimensions(Side.DOWN).contains(level)
              || names.dimensions(Side.ACROSS).contains(level);
      if (!there) {
        return Optional.of("there is no level " + level);
      }
    }
    return Optional.empty();
  }

  /// What it was made of.
  Region region() {
    return region;
  }

  /// Why none of its cells is there; nothing if some may be.
  Optional<String> gone() {
    return gone;
  }

  /// The measure of a cell, by its place in the table.
  int measure(int row, int column) {
    return measureAcross[column] >= 0 ? measureAcross[column] : measureDown[row];
  }

  /// Whether a cell is no total, on either side.
  boolean isMember(int row, int column) {
    return rowRoles[row] == Role.MEMBER && columnRoles[column] == Role.MEMBER;
  }

  /// Whether a row is no total.
  boolean isMemberRow(int row) {
    return rowRoles[row] == Role.MEMBER;
  }

  /// Whether a column is no total.
  boolean isMemberColumn(int column) {
    return columnRoles[column] == Role.MEMBER;
  }

  /// Whether a cell is a total, on either side.
  Role role(int row, int column) {
    return rowRoles[row].compareTo(columnRoles[column]) > 0 ? rowRoles[row] : columnRoles[column];
  }

  /// Whether the region may mean any cell of a row.
  boolean mayHave(int row) {
    return rows[row]
        && (rowRoles[row] == Role.MEMBER
            || region.has(rowRoles[row])
            || region.has(Role.GRAND_TOTAL));
  }

  /// Whether the region means all cells of a row, and none of the row is a text.
  boolean isWholeRow(int row) {
    return everyColumn && rows[row] && region.has(rowRoles[row]) && !body.hasText(row);
  }

  /// Whether all columns, whatever stands in them, are as good as the row that they stand in.
  private boolean everyColumn() {
    for (int column = 0; column < columns.length; column++) {
      if (!columns[column] || columnRoles[column] != Role.MEMBER) {
        return false;
      }
    }
    for (boolean measure : measures) {
      if (!measure) {
        return false;
      }
    }
    return under.isEmpty();
  }

  private boolean isUnder(int row, int column) {
    for (int i = 0; i < under.size(); i++) {
      if (!under.get(i).has(row, column)) {
        return false;
      }
    }
    return true;
  }

  /// Whether the region means a cell.
  boolean has(int row, int column) {
    return rows[row]
        && columns[column]
        && measures[measure(row, column)]
        && (under.isEmpty() || isUnder(row, column))
        && region.has(role(row, column));
  }
}
