package app.finish.core.arrange;

import java.util.AbstractList;
import java.util.List;
import java.util.RandomAccess;
import java.util.concurrent.atomic.AtomicReferenceArray;
import java.util.function.IntFunction;

/// An immutable list whose items are made when they are asked for, each of them once: of a long
/// table that is put in another order only what comes in sight is looked at.
///
/// ```java
/// List<Branch> called = OnDemand.of(roots.size(), i -> roots.get(i).called("…"));
/// ```
final class OnDemand<T> extends AbstractList<T> implements RandomAccess {
  private final IntFunction<T> maker;
  private final AtomicReferenceArray<T> made;

  private OnDemand(int size, IntFunction<T> maker) {
    this.maker = maker;
    this.made = new AtomicReferenceArray<>(size);
  }

  /// A list of this size.
  ///
  /// @param maker makes the item at a place; it gives equal items for equal places
  static <T> List<T> of(int size, IntFunction<T> maker) {
    return new OnDemand<>(size, maker);
  }

  /// A list that does not change: this one, if it is known not to, else a copy.
  static List<Branch> kept(List<Branch> list) {
    return list instanceof OnDemand || list instanceof Branches ? list : List.copyOf(list);
  }

  @Override
  public T get(int index) {
    T known = made.get(index);
    if (known != null) {
      return known;
    }
    T fresh = maker.apply(index);
    return made.compareAndSet(index, null, fresh) ? fresh : made.get(index);
  }

  @Override
  public int size() {
    return made.length();
  }
}
