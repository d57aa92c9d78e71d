package app.finish.core.highlight;

import app.finish.core.arrange.place.Side;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/// The figures that stand under some headings. A figure stands under North and Ferry if both labels
/// lead to it, whichever side they run on, so it goes with a level that is turned or held.
///
/// ```java
/// UnderHeadings.of(new Region.Under(List.of(List.of("North", "Ferry"))), names).has(3, 1);
/// ```
final class UnderHeadings {
  /// One heading: for each line which of its labels lead to it, a bit each.
  private record Labels(int[] rows, int[] columns, int all) {
    boolean has(int row, int column) {
      return (rows[row] | columns[column]) == all;
    }

    boolean isSomewhere() {
      Set<Integer> across = distinct(columns);
      return distinct(rows).stream()
          .anyMatch(row -> across.stream().anyMatch(column -> (row | column) == all));
    }

    private static Set<Integer> distinct(int[] lines) {
      Set<Integer> found = new HashSet<>();
      for (int line : lines) {
        found.add(line);
      }
      return found;
    }
  }

  private final List<Labels> any = new ArrayList<>();

  private UnderHeadings() {}

  static UnderHeadings of(Region.Under under, CellNames names) {
    UnderHeadings found = new UnderHeadings();
    for (List<String> path : under.paths()) {
      found.any.add(
          new Labels(
              lines(path, names, Side.DOWN),
              lines(path, names, Side.ACROSS),
              (1 << path.size()) - 1));
    }
    return found;
  }

  private static int[] lines(List<String> labels, CellNames names, Side side) {
    int held = bits(labels, names.table().held().stream().map(one -> one.member()).toList());
    int[] bits = new int[side.of(names.table()).leaves().size()];
    for (int leaf = 0; leaf < bits.length; leaf++) {
      bits[leaf] = held | bits(labels, names.path(side, leaf));
    }
    return bits;
  }

  private static int bits(List<String> labels, List<String> path) {
    int bits = 0;
    for (int i = 0; i < labels.size(); i++) {
      bits |= path.contains(labels.get(i)) ? 1 << i : 0;
    }
    return bits;
  }

  /// Whether a figure stands under one of them.
  boolean has(int row, int column) {
    for (int i = 0; i < any.size(); i++) {
      if (any.get(i).has(row, column)) {
        return true;
      }
    }
    return false;
  }

  /// Whether nothing stands under any of them.
  boolean isNowhere() {
    return any.stream().noneMatch(Labels::isSomewhere);
  }
}
