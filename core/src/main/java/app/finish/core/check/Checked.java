package app.finish.core.check;

import app.finish.core.dress.Dressed;
import app.finish.core.grid.Grid;
import app.finish.core.highlight.Highlight;
import app.finish.core.recognise.found.Recognition;
import app.finish.core.style.Cascade;
import app.finish.core.table.Table;
import java.util.List;
import java.util.Optional;

/// A table as far as it is known to those who check it: recognised, arranged, dressed, laid out.
///
/// ```java
/// Checked.of(recognition, grid).arranged(table).dressedBy(cascade).laidOut(fit);
/// ```
///
/// @param recognition what was recognised of it, if it came as cells
/// @param grid its cells, if it came as cells
/// @param table it as it is arranged, if it is
/// @param cascade the looks that it wears, if it is dressed
/// @param dressed its rows with their looks, if they are known
/// @param highlights what is highlighted in it
/// @param fit how it lies on its page, if it is laid out
/// @param described whether a person described it for those who can't see it
public record Checked(
    Optional<Recognition> recognition,
    Optional<Grid> grid,
    Optional<Table> table,
    Optional<Cascade> cascade,
    Optional<Dressed> dressed,
    List<Highlight> highlights,
    Optional<Fit> fit,
    boolean described) {
  /// A table of which nothing is known yet.
  public static final Checked NOTHING =
      new Checked(
          Optional.empty(),
          Optional.empty(),
          Optional.empty(),
          Optional.empty(),
          Optional.empty(),
          List.of(),
          Optional.empty(),
          false);

  /// A table as it was recognised in a grid.
  public static Checked of(Recognition recognition, Grid grid) {
    return new Checked(
        Optional.of(recognition),
        Optional.of(grid),
        Optional.of(recognition.table()),
        Optional.empty(),
        Optional.empty(),
        List.of(),
        Optional.empty(),
        false);
  }

  /// The same table, of which this is known though it did not come as cells.
  public Checked recognised(Recognition known) {
    return new Checked(
        Optional.of(known),
        grid,
        Optional.of(known.table()),
        cascade,
        dressed,
        highlights,
        fit,
        described);
  }

  /// The same table, arranged.
  public Checked arranged(Table arranged) {
    return new Checked(
        recognition, grid, Optional.of(arranged), cascade, dressed, highlights, fit, described);
  }

  /// The same table in a style.
  public Checked dressedBy(Cascade looks) {
    return new Checked(
        recognition, grid, table, Optional.of(looks), dressed, highlights, fit, described);
  }

  /// The same table with its rows as they are set.
  public Checked dressedAs(Dressed rows) {
    return new Checked(
        recognition, grid, table, cascade, Optional.of(rows), highlights, fit, described);
  }

  /// The same table with these highlights.
  public Checked highlightedBy(List<Highlight> all) {
    return new Checked(
        recognition, grid, table, cascade, dressed, List.copyOf(all), fit, described);
  }

  /// The same table, described by a person or not.
  public Checked described(boolean isDescribed) {
    return new Checked(recognition, grid, table, cascade, dressed, highlights, fit, isDescribed);
  }

  /// The same table on its page.
  public Checked laidOut(Fit page) {
    return new Checked(
        recognition, grid, table, cascade, dressed, highlights, Optional.of(page), described);
  }
}
