package app.finish.core.layout;

import app.finish.core.dress.Dresser;
import java.util.Optional;
import java.util.function.IntFunction;

/// What is in sight of a long table whose rows were put in another order, at the top of it, found
/// before the rest of the table is: to the point what the whole sheet shows there.
///
/// ```java
/// Optional<Scroll> glimpse = Glimpse.of(shown, rows -> seenOf(rows), 800);
/// ```
public final class Glimpse {
  private static final int FEW = 250;
  private static final int MANY = 4 * FEW;

  private Glimpse() {}

  /// The top of the sheet. There is none if what is in sight depends on what is not.
  ///
  /// @param before the sheet of the same rows in the order that they had
  /// @param first dresses so many rows in the new order, or all if there are less
  /// @param bottom down to where the sheet is in sight, in points
  public static Optional<Scroll> of(Scroll before, IntFunction<Dresser.Seen> first, double bottom) {
    for (int rows = FEW; rows <= MANY; rows *= 2) {
      Optional<Scroll> top = before.reordered(first.apply(rows));
      if (top.isEmpty() || top.get().bodyBottom() > bottom) {
        return top.filter(sheet -> standsAlone(sheet, bottom));
      }
    }
    return Optional.empty();
  }

  /// Whether no cell that is in sight may go on below the last row and stand in its middle.
  private static boolean standsAlone(Scroll sheet, double bottom) {
    return sheet.between(0, bottom).boxes().stream()
        .filter(box -> box.y() + box.height() > sheet.bodyBottom() - 0.01)
        .allMatch(Glimpse::isAtTop);
  }

  private static boolean isAtTop(CellBox box) {
    return box.cell().rowSpan() == 1 || box.cell().standing(box.row().band()) == 0;
  }
}
