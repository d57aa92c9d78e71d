package app.finish.core.highlight;

import app.finish.core.arrange.place.Side;
import java.util.Collections;
import java.util.List;

/// The rows and columns that stand under some headings.
///
/// ```java
/// UnderHeadings.of(new Region.Under(List.of(List.of("North", "Ferry"))), names).has(3, 1);
/// ```
///
/// @param rows which rows do
/// @param columns which columns do
record UnderHeadings(boolean[] rows, boolean[] columns) {
  static UnderHeadings of(Region.Under under, CellNames names) {
    return new UnderHeadings(lines(under, names, Side.DOWN), lines(under, names, Side.ACROSS));
  }

  private static boolean[] lines(Region.Under under, CellNames names, Side side) {
    boolean[] in = new boolean[side.of(names.table()).leaves().size()];
    for (int leaf = 0; leaf < in.length; leaf++) {
      List<String> path = names.path(side, leaf);
      in[leaf] = under.paths().stream().anyMatch(one -> Collections.indexOfSubList(path, one) >= 0);
    }
    return in;
  }

  /// Whether a figure stands under one of them, down or across.
  boolean has(int row, int column) {
    return rows[row] || columns[column];
  }

  /// Whether nothing stands under any of them.
  boolean isNowhere() {
    return isNone(rows) && isNone(columns);
  }

  private static boolean isNone(boolean[] lines) {
    for (boolean line : lines) {
      if (line) {
        return false;
      }
    }
    return true;
  }
}
