package app.finish.core.recognise;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.OptionalInt;

/// What a person said about a source against what was recognised. A correction outweighs any
/// evidence.
///
/// ```java
/// RowAnchor row = Recogniser.anchors(grid).get(6);
/// Corrections.NONE.withRow(row, RowRole.SUBTOTAL).withStubColumns(2);
/// ```
///
/// @param headRows how many rows of heads there are, if said
/// @param stubColumns how many columns on the left are the stub, if said
/// @param rows what a row is, by its meaning
public record Corrections(
    OptionalInt headRows, OptionalInt stubColumns, Map<RowAnchor, RowRole> rows) {
  /// Nothing to correct.
  public static final Corrections NONE =
      new Corrections(OptionalInt.empty(), OptionalInt.empty(), Map.of());

  /// Copies the rows, in order.
  public Corrections {
    rows = Collections.unmodifiableMap(new LinkedHashMap<>(rows));
  }

  /// The same corrections and this one: so many rows of heads.
  public Corrections withHeadRows(int count) {
    return new Corrections(OptionalInt.of(count), stubColumns, rows);
  }

  /// The same corrections and this one: so many columns of stub.
  public Corrections withStubColumns(int count) {
    return new Corrections(headRows, OptionalInt.of(count), rows);
  }

  /// The same corrections and this one: what a row is.
  public Corrections withRow(RowAnchor row, RowRole role) {
    Map<RowAnchor, RowRole> more = new LinkedHashMap<>(rows);
    more.put(row, role);
    return new Corrections(headRows, stubColumns, more);
  }

  /// How many things were corrected.
  public int size() {
    return rows.size() + (headRows.isPresent() ? 1 : 0) + (stubColumns.isPresent() ? 1 : 0);
  }
}
