package app.finish.core.layout;

import app.finish.core.arrange.Arranged;
import app.finish.core.arrange.Move;
import app.finish.core.arrange.Side;
import app.finish.core.dress.Dresser;
import app.finish.core.table.Axis;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
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

  /// The top of the sheet after moves that set rows aside or call them something else. There is
  /// none if one of these rows decides how wide the columns are, or a new name is out of sight.
  ///
  /// @param deciding the labels that lead to the rows that decide how wide the columns are
  /// @param moves the moves that the sheet before does not know
  public static Optional<Scroll> of(
      Scroll before,
      List<List<String>> deciding,
      List<Move> moves,
      IntFunction<Arranged> arranged,
      Function<Arranged, Dresser.Seen> dressed,
      double bottom) {
    if (deciding.isEmpty() || moves.stream().anyMatch(move -> touches(move, deciding))) {
      return Optional.empty();
    }
    Arranged few = arranged.apply(FEW);
    boolean named = moves.stream().allMatch(move -> isIn(move, few));
    return named && before.isWideEnoughFor(dressed.apply(few))
        ? of(before, rows -> dressed.apply(arranged.apply(rows)), bottom)
        : Optional.empty();
  }

  private static boolean touches(Move move, List<List<String>> rows) {
    List<String> path = pathOf(move);
    return path.isEmpty()
        || rows.stream()
            .anyMatch(row -> row.size() >= path.size() && row.subList(0, path.size()).equals(path));
  }

  private static List<String> pathOf(Move move) {
    return switch (move) {
      case Move.SetAside out -> out.path();
      case Move.Rename rename -> rename.path();
      default -> List.of();
    };
  }

  /// Whether a table shows what a move calls something else, if it does so.
  private static boolean isIn(Move move, Arranged table) {
    if (!(move instanceof Move.Rename rename)) {
      return true;
    }
    Axis rows = table.table().down();
    int level = rename.path().size() - 1;
    return table
        .leaves(Side.DOWN, rename.path())
        .filter(leaves -> rows.heading(leaves.first(), level).label().equals(rename.name()))
        .isPresent();
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
