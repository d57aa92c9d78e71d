package app.finish.core.note;

import app.finish.core.table.Spot;
import java.util.Arrays;
import java.util.Comparator;

/// In which order a reader comes upon places: the title, the heads from left to right and down,
/// then row by row (APA 7, 7.14).
public final class ReadingOrder {
  /// The order.
  public static final Comparator<Spot> ORDER = (one, other) -> Arrays.compare(key(one), key(other));

  private static final int FIGURES = 1000;

  private ReadingOrder() {}

  private static int[] key(Spot spot) {
    return switch (spot) {
      case Spot.Title _ -> new int[] {0, 0, 0};
      case Spot.StubHead(int level) -> new int[] {1, 0, level};
      case Spot.Across(int level, int leaf) -> new int[] {2, level, leaf};
      case Spot.Down(int level, int leaf) -> new int[] {3, leaf, level};
      case Spot.Figure(int row, int column) -> new int[] {3, row, FIGURES + column};
    };
  }
}
