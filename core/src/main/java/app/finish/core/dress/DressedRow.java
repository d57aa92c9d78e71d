package app.finish.core.dress;

import app.finish.core.style.Part;
import java.util.List;

/// A row of a dressed table.
///
/// @param band which band of the table it is in
/// @param part what it is
/// @param above the edge above it
/// @param below the edge below it
/// @param cells its cells from left to right; places that a cell from above reaches over have none
/// @param keepsWithNext whether no page may end after it
public record DressedRow(
    Band band, Part part, Edge above, Edge below, List<DressedCell> cells, boolean keepsWithNext) {

  /// The bands of a table from top to bottom.
  public enum Band {
    /// Words above it.
    ABOVE,
    /// Its heads, which repeat on each page.
    HEAD,
    /// Its body.
    BODY,
    /// Words below it.
    BELOW
  }

  /// A row without edges of its own.
  static DressedRow of(Band band, Part part, List<DressedCell> cells, boolean keepsWithNext) {
    return new DressedRow(band, part, Edge.NONE, Edge.NONE, cells, keepsWithNext);
  }

  /// Whether it is a row of the table itself and not of the words around it.
  public boolean isTable() {
    return band == Band.HEAD || band == Band.BODY;
  }

  /// The same row with so much more space above and below its text.
  public DressedRow withMoreSpace(double moreAbove, double moreBelow) {
    List<DressedCell> spread =
        cells.stream().map(cell -> cell.withMoreSpace(moreAbove, moreBelow)).toList();
    return new DressedRow(band, part, above, below, spread, keepsWithNext);
  }

  /// The same row with other edges.
  public DressedRow withEdges(Edge otherAbove, Edge otherBelow) {
    return new DressedRow(band, part, otherAbove, otherBelow, cells, keepsWithNext);
  }
}
