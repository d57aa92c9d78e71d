package app.finish.core.arrange.tree;

import java.util.AbstractList;
import java.util.Arrays;
import java.util.List;
import java.util.RandomAccess;

/// Places of leaves of the source, in order. A total of a long table is made from all of them.
///
/// ```java
/// SourceLeaves.of(3).size(); // 1
/// ```
public final class SourceLeaves extends AbstractList<Integer> implements RandomAccess {
  /// No leaf.
  static final SourceLeaves NONE = new SourceLeaves(new int[0]);

  private final int[] leaves;

  private SourceLeaves(int[] leaves) {
    this.leaves = leaves;
  }

  /// One leaf.
  static SourceLeaves of(int leaf) {
    return new SourceLeaves(new int[] {leaf});
  }

  /// Some leaves; those that are a list of this kind already are taken as they are.
  static SourceLeaves of(List<Integer> some) {
    return some instanceof SourceLeaves own
        ? own
        : some.isEmpty()
            ? NONE
            : new SourceLeaves(some.stream().mapToInt(Integer::intValue).toArray());
  }

  /// All leaves that some headings are made from.
  public static SourceLeaves ofAll(List<Branch> branches) {
    int[] all = new int[branches.size()];
    int count = 0;
    for (int i = 0; i < branches.size(); i++) {
      Branch branch = branches.get(i);
      int[] own = branch.sourceLeaf() >= 0 ? NONE.leaves : branch.from().leaves;
      int more = branch.sourceLeaf() >= 0 ? 1 : own.length;
      if (count + more > all.length) {
        all = Arrays.copyOf(all, Math.max(count + more, all.length * 2));
      }
      if (branch.sourceLeaf() >= 0) {
        all[count] = branch.sourceLeaf();
      } else {
        System.arraycopy(own, 0, all, count, own.length);
      }
      count += more;
    }
    return new SourceLeaves(Arrays.copyOf(all, count));
  }

  @Override
  public Integer get(int index) {
    return leaves[index];
  }

  @Override
  public int size() {
    return leaves.length;
  }
}
