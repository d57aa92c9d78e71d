package app.finish.core.dress;

import app.finish.core.dress.DressedRow.Band;
import java.util.AbstractList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.RandomAccess;

/// The rows of a dressed table, each dressed when it is asked for: the words and heads are there
/// from the start, the body is not.
public final class RowsOnDemand extends AbstractList<DressedRow> implements RandomAccess {
  private final List<DressedRow> above;
  private final BodyDresser body;
  private final List<DressedRow> below;
  private final Map<Integer, Edge> edgesAbove = new HashMap<>();
  private final Map<Integer, Edge> edgesBelow = new HashMap<>();

  /// @param above the words and heads
  RowsOnDemand(List<DressedRow> above, BodyDresser body, List<DressedRow> below) {
    this.above = List.copyOf(above);
    this.body = body;
    this.below = List.copyOf(below);
  }

  @Override
  public int size() {
    return above.size() + body.size() + below.size();
  }

  @Override
  public DressedRow get(int index) {
    int inBody = index - above.size();
    DressedRow row =
        inBody < 0
            ? above.get(index)
            : inBody < body.size() ? body.row(inBody) : below.get(inBody - body.size());
    Edge over = edgesAbove.get(index);
    Edge under = edgesBelow.get(index);
    return over == null && under == null
        ? row
        : row.withEdges(
            over == null ? row.above() : row.above().orHeavier(over),
            under == null ? row.below() : row.below().orHeavier(under));
  }

  int firstHead() {
    int first = 0;
    while (first < above.size() && above.get(first).band() == Band.ABOVE) {
      first++;
    }
    return first;
  }

  int firstBody() {
    return above.size();
  }

  int end() {
    return above.size() + body.size();
  }

  void edgeAbove(int row, Edge edge) {
    edgesAbove.merge(row, edge, Edge::orHeavier);
  }

  void edgeBelow(int row, Edge edge) {
    edgesBelow.merge(row, edge, Edge::orHeavier);
  }
}
