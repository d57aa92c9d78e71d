package app.finish.core.arrange.tree;

import java.util.Arrays;
import java.util.PriorityQueue;
import java.util.function.Supplier;

/// Places in an order. The first of them are found without putting the rest in order, since they
/// are what is seen of a long table; all are put in order when a later one is asked for.
///
/// ```java
/// Ranking.of(3, () -> (one, two) -> Double.compare(keys[one], keys[two])).at(0);
/// ```
public final class Ranking {
  private static final int FIRST = 512;
  private static final int STRETCH = 128;

  /// No number of stretches is a multiple of it: there is no table of so many rows.
  private static final int PRIME = 1_000_000_007;

  private static final int[] NONE = {};

  /// Which of two places comes first.
  public interface Comparison {
    /// Less than 0 if it is the one, more than 0 if it is the other, 0 if they are equal.
    int of(int one, int other);
  }

  private final int size;
  private final Supplier<Comparison> comparison;
  private volatile int[] first = NONE;
  private volatile int[] all = NONE;

  private Ranking(int size, Supplier<Comparison> comparison) {
    this.size = size;
    this.comparison = comparison;
  }

  /// The places from 0 to `size` − 1 in an order; what is equal stays as it was.
  ///
  /// @param comparison gives the order, once it is needed
  public static Ranking of(int size, Supplier<Comparison> comparison) {
    return new Ranking(size, comparison);
  }

  /// The place that comes at a rank, from 0.
  public int at(int rank) {
    if (all.length == 0 && rank < FIRST && size > 2 * FIRST) {
      if (first.length == 0) {
        first = first(comparison.get());
      }
      return first[rank];
    }
    if (all.length == 0) {
      all = all(comparison.get());
    }
    return all[rank];
  }

  private int[] all(Comparison order) {
    int[] indexes = new int[size];
    Arrays.setAll(indexes, index -> index);
    sort(indexes.clone(), indexes, 0, size, order);
    return indexes;
  }

  /// The first places, by a heap of the best so far with the last of them on top. They are looked
  /// at in stretches from all over the table and not one after the other: of a table that is in the
  /// opposite order each would be in the heap for a while.
  private int[] first(Comparison order) {
    PriorityQueue<Integer> best =
        new PriorityQueue<>(FIRST, (one, two) -> decided(two, one, order));
    int stretches = (size + STRETCH - 1) / STRETCH;
    for (int i = 0; i < stretches; i++) {
      int stretch = (int) ((long) i * PRIME % stretches);
      int end = Math.min(size, (stretch + 1) * STRETCH);
      for (int index = stretch * STRETCH; index < end; index++) {
        if (best.size() == FIRST && decided(index, best.peek(), order) < 0) {
          best.poll();
        }
        if (best.size() < FIRST) {
          best.add(index);
        }
      }
    }
    int[] indexes = best.stream().mapToInt(Integer::intValue).toArray();
    sort(indexes.clone(), indexes, 0, indexes.length, (one, two) -> decided(one, two, order));
    return indexes;
  }

  private static int decided(int one, int two, Comparison order) {
    int by = order.of(one, two);
    return by != 0 ? by : Integer.compare(one, two);
  }

  /// Sorts by merging, so that equal places stay in order; `from` and `to` are the same at first.
  private static void sort(int[] from, int[] to, int start, int end, Comparison order) {
    if (end - start < 2) {
      return;
    }
    int middle = (start + end) >>> 1;
    sort(to, from, start, middle, order);
    sort(to, from, middle, end, order);
    int one = start;
    int two = middle;
    for (int i = start; i < end; i++) {
      boolean first = two >= end || one < middle && order.of(from[one], from[two]) <= 0;
      to[i] = first ? from[one++] : from[two++];
    }
  }
}
