package app.finish.core.layout.sheet;

import app.finish.core.dress.Dresser;
import app.finish.core.layout.CellBox;
import app.finish.core.layout.Paper;
import java.util.Optional;

/// What is in sight of a long table that was arranged anew, at the top of it, found before the rest
/// of the table is. Rows, figures and words are those that the whole sheet will show there. Columns
/// are as wide as these rows need, and as those of the same measures were before; they may still
/// grow or shrink when the rest is known. If rows were only put in another order they stay.
///
/// ```java
/// Optional<Scroll> glimpse = FirstScreen.of(shown, Paper.A4, (rows, columns) -> seenOf(rows), sight);
/// ```
public final class FirstScreen {
  private static final int FIRST_ROWS = 250;
  private static final int MANY = 4 * FIRST_ROWS;

  private FirstScreen() {}

  /// Dresses the first rows and columns of a table, or all if it has no more.
  public interface Corner {
    /// The table with no more than so many rows and columns; none if these do not tell enough of
    /// it.
    Optional<Dresser.Seen> of(int rows, int columns);
  }

  /// How far the sheet is in sight, in points from its upper left corner.
  ///
  /// @param right how far to the right
  /// @param bottom how far down
  public record Area(double right, double bottom) {}

  /// The top of the sheet. There is none if what is in sight depends on what is not, or if the
  /// table is as short as that.
  ///
  /// @param before the sheet that was shown before
  /// @param paper the sheet that the table is set on if it fits
  /// @param corner the table as it is now
  public static Optional<Scroll> of(Scroll before, Paper paper, Corner corner, Area sight) {
    for (int count = FIRST_ROWS; count <= MANY; count *= 2) {
      Optional<Dresser.Seen> first = corner.of(count, count);
      if (first.isEmpty()) {
        return Optional.empty();
      }
      Dresser.Seen seen = first.get();
      boolean wide = seen.dressed().columns() - seen.dressed().stubColumns() >= count;
      if (seen.plan().leaves() < count && !wide) {
        return Optional.empty();
      }
      Scroll top = before.reordered(seen).orElseGet(() -> before.followedBy(seen, paper));
      boolean reaches = seen.plan().leaves() < count || top.bodyBottom() > sight.bottom;
      if (reaches && (!wide || top.right() > sight.right)) {
        return Optional.of(top)
            .filter(sheet -> standsAlone(sheet, sight.bottom))
            .filter(sheet -> !wide || endsOutOfSight(sheet, sight.right));
      }
    }
    return Optional.empty();
  }

  /// Whether no cell that is in sight may go on below the last row and stand in its middle.
  private static boolean standsAlone(Scroll sheet, double bottom) {
    return sheet.between(0, bottom).boxes().stream()
        .filter(box -> box.y() + box.height() > sheet.bodyBottom() - 0.01)
        .allMatch(FirstScreen::isAtTop);
  }

  /// Whether no head that is in sight may go on to the right of the last column.
  private static boolean endsOutOfSight(Scroll sheet, double right) {
    return sheet.heads(0, right).boxes().stream()
        .filter(box -> box.cell().columnSpan() > 1 && box.x() < right)
        .allMatch(box -> box.x() + box.width() < sheet.right() - 0.01);
  }

  private static boolean isAtTop(CellBox box) {
    return box.cell().rowSpan() == 1 || box.cell().standing(box.row().band()) == 0;
  }
}
