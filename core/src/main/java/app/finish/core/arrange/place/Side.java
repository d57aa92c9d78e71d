package app.finish.core.arrange.place;

import app.finish.core.table.Axis;
import app.finish.core.table.Spot;
import app.finish.core.table.Table;

/// A side of a table, as it stands when a move comes to it.
public enum Side {
  /// The stub: rows.
  DOWN,
  /// The heads: columns.
  ACROSS;

  /// The other side.
  public Side other() {
    return this == DOWN ? ACROSS : DOWN;
  }

  /// Where a heading of this side keeps its mark.
  public Spot spot(int level, int leaf) {
    return this == DOWN ? new Spot.Down(level, leaf) : new Spot.Across(level, leaf);
  }

  /// This side of a table.
  public Axis of(Table table) {
    return this == DOWN ? table.down() : table.across();
  }
}
