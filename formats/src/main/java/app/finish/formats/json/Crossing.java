package app.finish.formats.json;

import app.finish.core.table.Axis;
import app.finish.core.table.Leaf;
import app.finish.core.table.Table;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/// A table as a cube: dimensions of which every member meets every other. Where the levels of a
/// side do not part its rows or columns from each other, or where they would leave most of the cube
/// empty, the side is one dimension, and each of its rows or columns a member.
///
/// ```java
/// Crossing.of(table).sides(); // Route, Season, Year
/// ```
///
/// @param table the table
/// @param sides its dimensions but for the measures, in order
record Crossing(Table table, List<Side> sides) {
  private static final String BETWEEN = " › ";

  /// So many times more places than figures are too many.
  private static final long ROOM = 20;

  /// A dimension of the cube.
  ///
  /// @param axis the side of the table that it is on
  /// @param levels the levels of headings that name its members
  /// @param name its name
  /// @param members its members in the order of the table
  /// @param places where each member stands among them
  record Side(
      Axis axis,
      List<Integer> levels,
      String name,
      List<String> members,
      Map<String, Integer> places) {
    Side(Axis axis, List<Integer> levels, String name, List<String> members) {
      this(axis, levels, name, members, new HashMap<>());
      for (int i = 0; i < members.size(); i++) {
        places.put(members.get(i), i);
      }
    }

    String member(Leaf leaf) {
      List<String> labels = new ArrayList<>();
      for (int level : levels) {
        if (level < leaf.path().size() && leaf.path().get(level).measure().isEmpty()) {
          labels.add(leaf.path().get(level).label());
        }
      }
      return String.join(BETWEEN, labels);
    }
  }

  static Crossing of(Table table) {
    List<Side> sides = new ArrayList<>();
    List<Side> down = levels(table.down(), "Row");
    List<Side> across = levels(table.across(), "Column");
    sides.addAll(parts(table.down(), down) ? down : List.of(whole(table.down(), down, "Row")));
    sides.addAll(
        parts(table.across(), across) ? across : List.of(whole(table.across(), across, "Column")));
    return new Crossing(table, List.copyOf(sides));
  }

  private static List<Side> levels(Axis axis, String fallback) {
    List<Side> levels = new ArrayList<>();
    for (int level = 0; level < axis.depth(); level++) {
      int at = level;
      boolean named =
          axis.leaves().stream()
              .filter(leaf -> at < leaf.path().size())
              .anyMatch(leaf -> leaf.path().get(at).measure().isEmpty());
      if (named) {
        levels.add(side(axis, List.of(level), name(axis, level, fallback)));
      }
    }
    return levels;
  }

  private static String name(Axis axis, int level, String fallback) {
    String given = level < axis.dimensions().size() ? axis.dimensions().get(level) : "";
    return given.isBlank() ? fallback + (level == 0 ? "" : " " + (level + 1)) : given;
  }

  private static Side side(Axis axis, List<Integer> levels, String name) {
    Side empty = new Side(axis, levels, name, List.of());
    Set<String> members = new java.util.LinkedHashSet<>();
    axis.leaves().forEach(leaf -> members.add(empty.member(leaf)));
    return new Side(axis, levels, name, List.copyOf(members));
  }

  /// Whether each row or column of a side has a place of its own, and not too many are free.
  private static boolean parts(Axis axis, List<Side> levels) {
    Set<List<Object>> keys = new HashSet<>();
    for (Leaf leaf : axis.leaves()) {
      List<Object> key = new ArrayList<>(levels.stream().map(one -> one.member(leaf)).toList());
      key.add(leaf.measure());
      if (!keys.add(key)) {
        return false;
      }
    }
    double room = 1;
    for (Side level : levels) {
      room *= level.members.size();
    }
    return room <= ROOM * Math.max(1, axis.leaves().size());
  }

  /// A side as one dimension, whose members are told apart by numbers where need be.
  private static Side whole(Axis axis, List<Side> levels, String fallback) {
    List<Integer> all = levels.stream().map(one -> one.levels.getFirst()).toList();
    String name =
        levels.isEmpty()
            ? fallback
            : String.join(BETWEEN, levels.stream().map(Side::name).toList());
    Side side = new Side(axis, all, name, List.of());
    List<String> members = axis.leaves().stream().map(side::member).toList();
    return new Side(axis, all, name, members);
  }

  /// Where a figure stands in the cube, as JSON-stat counts: the last dimension runs fastest, and
  /// the measures are the last.
  long place(Leaf row, Leaf column) {
    long place = 0;
    for (Side side : sides) {
      Leaf leaf = side.axis == table.down() ? row : column;
      boolean each = side.members.size() == side.axis.leaves().size();
      int at = each ? leaf.index() : side.places.getOrDefault(side.member(leaf), 0);
      place = place * side.members.size() + at;
    }
    int measure = column.measure().orElseGet(() -> row.measure().orElse(0));
    return place * table.measures().size() + measure;
  }
}
