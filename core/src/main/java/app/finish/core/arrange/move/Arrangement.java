package app.finish.core.arrange.move;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/// The moves of a table in the order in which they are made.
///
/// ```java
/// Arrangement.of(new SwapAxes(), new ByLabel(Side.DOWN, 0, false));
/// ```
///
/// @param entries the moves, each switched on or off
public record Arrangement(List<Entry> entries) {
  /// The table as it came.
  public static final Arrangement NONE = new Arrangement(List.of());

  /// A move in the list.
  ///
  /// @param move the move
  /// @param on whether it is made
  public record Entry(Move move, boolean on) {}

  /// These moves, one after the other.
  public static Arrangement of(Move... moves) {
    return new Arrangement(Stream.of(moves).map(move -> new Entry(move, true)).toList());
  }

  /// Copies the list.
  public Arrangement {
    entries = List.copyOf(entries);
  }

  /// The same moves and one more at the end.
  public Arrangement with(Move move) {
    List<Entry> more = new ArrayList<>(entries);
    more.add(new Entry(move, true));
    return new Arrangement(more);
  }

  /// The same moves with one of them switched on or off.
  public Arrangement withSwitched(int index, boolean on) {
    List<Entry> others = new ArrayList<>(entries);
    others.set(index, new Entry(entries.get(index).move, on));
    return new Arrangement(others);
  }

  /// The same moves with another in the place of one of them.
  public Arrangement withReplaced(int index, Move other) {
    List<Entry> others = new ArrayList<>(entries);
    others.set(index, new Entry(other, entries.get(index).on));
    return new Arrangement(others);
  }

  /// The same moves with one more at a place of the list.
  public Arrangement withAt(int index, Move move) {
    List<Entry> more = new ArrayList<>(entries);
    more.add(index, new Entry(move, true));
    return new Arrangement(more);
  }

  /// The place of the last move in the list that is this one and is made; −1 if there is none.
  public int indexOf(Move move) {
    return entries.lastIndexOf(new Entry(move, true));
  }

  /// The moves before one of them.
  public Arrangement before(int index) {
    return new Arrangement(entries.subList(0, index));
  }

  /// The same moves without one of them.
  public Arrangement without(int index) {
    List<Entry> fewer = new ArrayList<>(entries);
    fewer.remove(index);
    return new Arrangement(fewer);
  }

  /// The same moves with one of them at another place of the list.
  public Arrangement withMoved(int from, int to) {
    List<Entry> others = new ArrayList<>(entries);
    others.add(to, others.remove(from));
    return new Arrangement(others);
  }

  /// Whether these moves and others give the same rows, each in an order of its own: they differ
  /// only in moves at the end that put rows in order within their groups.
  public boolean hasRowsOf(Arrangement other) {
    return unordered().equals(other.unordered());
  }

  private List<Entry> unordered() {
    int end = entries.size();
    while (end > 0 && (!entries.get(end - 1).on || entries.get(end - 1).move.ordersRows())) {
      end--;
    }
    return entries.subList(0, end);
  }

  /// Whether nothing is arranged.
  public boolean isEmpty() {
    return entries.isEmpty();
  }
}
