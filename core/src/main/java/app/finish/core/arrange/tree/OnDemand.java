package app.finish.core.arrange.tree;

import java.util.AbstractList;
import java.util.List;
import java.util.RandomAccess;
import java.util.concurrent.atomic.AtomicReferenceArray;
import java.util.function.IntFunction;

/// An immutable list of the same headings as another, in an order of its own. Its items are found
/// when they are asked for, each of them once: of a long table that is put in another order only
/// what comes in sight is looked at.
///
/// ```java
/// List<Branch> backwards = OnDemand.of(roots, i -> roots.get(roots.size() - 1 - i));
/// ```
public final class OnDemand extends AbstractList<Branch> implements RandomAccess {
  private final List<Branch> same;
  private final IntFunction<Branch> finder;
  private final AtomicReferenceArray<Branch> found;

  private OnDemand(List<Branch> same, IntFunction<Branch> finder) {
    this.same = same;
    this.finder = finder;
    this.found = new AtomicReferenceArray<>(same.size());
  }

  /// The headings of a list in another order.
  ///
  /// @param finder finds the heading at a place; it gives equal ones for equal places
  public static List<Branch> of(List<Branch> same, IntFunction<Branch> finder) {
    return new OnDemand(same, finder);
  }

  /// A list that does not change: this one, if it is known not to, else a copy.
  static List<Branch> kept(List<Branch> list) {
    return list instanceof OnDemand || list instanceof Branches ? list : List.copyOf(list);
  }

  @Override
  public Branch get(int index) {
    Branch known = found.get(index);
    if (known != null) {
      return known;
    }
    Branch fresh = finder.apply(index);
    return found.compareAndSet(index, null, fresh) ? fresh : found.get(index);
  }

  @Override
  public int size() {
    return found.length();
  }

  /// The shape of the headings, which does not depend on their order.
  Shape shape() {
    return Shape.of(same);
  }
}
