package app.finish.core.recognise;

import app.finish.core.grid.Grid;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;

/// Corrections put on the rows of one grid.
///
/// @param headRows how many rows of heads there are, if said
/// @param stubColumns how many columns of stub there are, if said
/// @param rows what a row is, by its place
/// @param unplaced rows of which something was said and which the grid does not have
record Placed(
    OptionalInt headRows,
    OptionalInt stubColumns,
    Map<Integer, RowRole> rows,
    List<RowAnchor> unplaced) {
  /// Nothing corrected.
  static final Placed NONE =
      new Placed(OptionalInt.empty(), OptionalInt.empty(), Map.of(), List.of());

  /// The corrections on this grid.
  static Placed on(Grid grid, Corrections corrections) {
    if (corrections.rows().isEmpty()) {
      return new Placed(corrections.headRows(), corrections.stubColumns(), Map.of(), List.of());
    }
    List<RowAnchor> anchors = Recogniser.anchors(grid);
    Map<RowAnchor, Integer> places = new HashMap<>();
    for (int row = 0; row < anchors.size(); row++) {
      places.put(anchors.get(row), row);
    }
    Map<Integer, RowRole> rows = new HashMap<>();
    List<RowAnchor> unplaced = new ArrayList<>();
    corrections
        .rows()
        .forEach(
            (anchor, role) -> {
              Integer row = places.get(anchor);
              if (row == null) {
                unplaced.add(anchor);
              } else {
                rows.put(row, role);
              }
            });
    return new Placed(corrections.headRows(), corrections.stubColumns(), rows, unplaced);
  }
}
