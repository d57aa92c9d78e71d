package app.finish.core.document;

import app.finish.core.grid.Grid;
import app.finish.core.recognise.Anchor;
import app.finish.core.recognise.Corrections;
import app.finish.core.recognise.Extent;
import java.util.Optional;

/// Cuts a table of a document in two, and joins two that were found on one sheet. What was done is
/// kept in the finishes, so that it is done again in new numbers.
///
/// ```java
/// Document two = Cutting.cut(document, 0, 7); // rows 1 to 7, and from row 8 on
/// Document one = Cutting.joined(two, 0).orElseThrow();
/// ```
public final class Cutting {
  private Cutting() {}

  /// The document with one of its tables cut above a row of its grid. The lower half comes after
  /// the upper one and wears its style.
  ///
  /// @throws IllegalArgumentException if nothing would be left above the row
  public static Document cut(Document document, int place, int row) {
    DocumentTable table = document.tables().get(place);
    Grid grid = table.source().grid();
    if (table.source().tally().isPresent()) {
      throw new IllegalArgumentException(
          "This table was counted from records. Change what is counted instead.");
    }
    if (row <= 0 || row >= grid.rows() || Extent.above(grid, row).rows() == 0) {
      throw new IllegalArgumentException(
          "Nothing stands above this row. Pick the first row of the second table.");
    }
    Anchor anchor = Extent.rowOf(grid, row);
    Corrections said = table.finish().corrections();
    Corrections upper = said.withExtent(said.extent().withCut(anchor, false));
    Corrections lower = Corrections.NONE.withExtent(said.extent().withCut(anchor, true));
    Source above = new Source(table.source().name(), Extent.above(grid, row));
    Source below = new Source(table.source().name(), Extent.below(grid, row));
    int last = document.tables().size();
    return document
        .withSource(place, above)
        .withFinish(place, table.finish().withCorrections(upper))
        .withAdded(below, Finish.in(table.finish().style()).withCorrections(lower))
        .withMoved(last, place + 1);
  }

  /// The document with one of its tables and the next as one, under the finish of the first;
  /// nothing if they are not from one sheet, or were cut in ways that don't meet.
  public static Optional<Document> joined(Document document, int place) {
    if (place + 1 >= document.tables().size()) {
      return Optional.empty();
    }
    DocumentTable table = document.tables().get(place);
    DocumentTable next = document.tables().get(place + 1);
    Grid grid = table.source().grid();
    Grid other = next.source().grid();
    boolean oneSheet =
        table.source().name().equals(next.source().name()) && grid.name().equals(other.name());
    boolean cells = table.source().tally().isEmpty() && next.source().tally().isEmpty();
    if (!cells || !oneSheet || overlap(grid, other)) {
      return Optional.empty();
    }
    Corrections said = table.finish().corrections();
    return said.extent()
        .joinedWith(next.finish().corrections().extent(), other)
        .map(
            extent ->
                document
                    .withSource(place, new Source(table.source().name(), grid.joinedWith(other)))
                    .withFinish(place, table.finish().withCorrections(said.withExtent(extent)))
                    .without(place + 1));
  }

  private static boolean overlap(Grid one, Grid other) {
    boolean rows = one.top() < other.top() + other.rows() && other.top() < one.top() + one.rows();
    boolean columns =
        one.left() < other.left() + other.columns() && other.left() < one.left() + one.columns();
    return rows && columns;
  }
}
