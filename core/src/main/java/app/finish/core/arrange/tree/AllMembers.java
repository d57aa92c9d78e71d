package app.finish.core.arrange.tree;

import java.util.Arrays;
import java.util.BitSet;
import java.util.List;

/// The members of a level in all groups, found in one walk: a long table is looked at no more often
/// than it must be.
///
/// ```java
/// AllMembers.of(roots, 1).branches().size();
/// ```
public final class AllMembers {
  private final int level;
  private final int[] ends;
  private Branch[] members = new Branch[64];
  private int[] leaves = new int[64];
  private String[] labels = new String[64];
  private int size;

  private AllMembers(int level, int roots) {
    this.level = level;
    this.ends = new int[roots];
  }

  /// The members of a level, from 0 for the outermost.
  public static AllMembers of(List<Branch> roots, int level) {
    return roots instanceof Branches known ? known.allMembers(level) : found(roots, level);
  }

  /// The members of a level, looked at one by one.
  static AllMembers found(List<Branch> roots, int level) {
    AllMembers all = new AllMembers(level, roots.size());
    for (int i = 0; i < roots.size(); i++) {
      all.collect(roots.get(i), 0);
      all.ends[i] = all.size;
    }
    return all;
  }

  private void collect(Branch branch, int at) {
    if (!branch.isMember()) {
      return;
    }
    if (at == level) {
      add(branch);
      return;
    }
    List<Branch> children = branch.children();
    for (int i = 0; i < children.size(); i++) {
      collect(children.get(i), at + 1);
    }
  }

  private void add(Branch member) {
    if (size == members.length) {
      members = Arrays.copyOf(members, size * 2);
      leaves = Arrays.copyOf(leaves, size * 2);
      labels = Arrays.copyOf(labels, size * 2);
    }
    members[size] = member;
    leaves[size] = Branches.sourceLeaf(member);
    labels[size++] = member.label();
  }

  /// Which level it is.
  int level() {
    return level;
  }

  /// How many there are.
  public int size() {
    return size;
  }

  /// All of them.
  public Branches branches() {
    return Branches.of(Arrays.copyOf(members, size), Arrays.copyOf(leaves, size));
  }

  /// Those that are not among some, gathered into one heading.
  public Branch gathered(BitSet some) {
    Branch[] others = new Branch[size - some.cardinality()];
    int next = 0;
    for (int i = some.nextClearBit(0); i < size; i = some.nextClearBit(i + 1)) {
      others[next++] = members[i];
    }
    return gathered(List.of(others));
  }

  /// Some members as one heading that says how many they are.
  public static Branch gathered(List<Branch> some) {
    return Branch.merged("Other (" + some.size() + ")", some);
  }

  /// The label of one.
  public String label(int member) {
    return labels[member];
  }

  /// The first one under an outermost heading.
  public int first(int root) {
    return root == 0 ? 0 : ends[root - 1];
  }

  /// Behind the last one under an outermost heading.
  public int end(int root) {
    return ends[root];
  }
}
