package app.finish.core.document;

import app.finish.core.grid.Grid;
import app.finish.core.problem.Refusal;
import app.finish.core.recognise.said.Anchor;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.recognise.said.Extent;
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
  /// @throws app.finish.core.problem.Refusal if nothing would be left above the row
  public static Document cut(Document document, int index, int row) {
    DocumentTable table = document.table(index);
    Grid grid = table.source().grid();
    if (table.source().tally().isPresent()) {
      throw new Refusal("This table was counted from records. Change what is counted instead.");
    }
    if (row <= 0 || row >= grid.rows() || Extent.above(grid, row).rows() == 0) {
      throw new Refusal("Nothing stands above this row. Pick the first row of the second table.");
    }
    Anchor anchor = Extent.rowOf(grid, row);
    Extent extent = table.finish().corrections().extent();
    return parted(
        document,
        index,
        Extent.above(grid, row),
        extent.withCut(anchor, false),
        Extent.below(grid, row),
        extent.withCut(anchor, true));
  }

  /// The document with one of its tables cut before a column of its grid. The right half comes
  /// after the left one and wears its style.
  ///
  /// @throws app.finish.core.problem.Refusal if nothing would be left to the left of the column
  public static Document cutBefore(Document document, int index, int column) {
    DocumentTable table = document.table(index);
    Grid grid = table.source().grid();
    if (table.source().tally().isPresent()) {
      throw new Refusal("This table was counted from records. Change what is counted instead.");
    }
    if (column <= 0 || column >= grid.columns() || Extent.left(grid, column).rows() == 0) {
      throw new Refusal(
          "Nothing stands to the left of this column. Pick the first column of the second table.");
    }
    Anchor anchor = Extent.columnOf(grid, column);
    Extent extent = table.finish().corrections().extent();
    return parted(
        document,
        index,
        Extent.left(grid, column),
        extent.withColumnCut(anchor, false),
        Extent.right(grid, column),
        extent.withColumnCut(anchor, true));
  }

  private static Document parted(
      Document document, int index, Grid first, Extent ofFirst, Grid second, Extent ofSecond) {
    DocumentTable table = document.table(index);
    Corrections said = table.finish().corrections();
    String name = table.source().name();
    int last = document.items().size();
    return document
        .withSource(index, new Source(name, first))
        .withFinish(index, table.finish().withCorrections(said.withExtent(ofFirst)))
        .withAdded(
            new Source(name, second),
            Finish.in(table.finish().style())
                .withCorrections(Corrections.NONE.withExtent(ofSecond)))
        .withMoved(last, index + 1);
  }

  /// The document with one of its tables and the next as one, under the finish of the first;
  /// nothing if they are not from one sheet, or were cut in ways that don't meet.
  public static Optional<Document> joined(Document document, int index) {
    if (index + 1 >= document.items().size()) {
      return Optional.empty();
    }
    DocumentTable table = document.table(index);
    DocumentTable next = document.table(index + 1);
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
                    .withSource(index, new Source(table.source().name(), grid.joinedWith(other)))
                    .withFinish(index, table.finish().withCorrections(said.withExtent(extent)))
                    .without(index + 1));
  }

  private static boolean overlap(Grid one, Grid other) {
    boolean rows = one.top() < other.top() + other.rows() && other.top() < one.top() + one.rows();
    boolean columns =
        one.left() < other.left() + other.columns() && other.left() < one.left() + one.columns();
    return rows && columns;
  }
}
