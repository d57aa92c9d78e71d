package app.finish.core.arrange.tree;

import java.util.AbstractList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.RandomAccess;

/// Headings beside each other that remember what is asked of all of them again and again: which are
/// members, and where the source has their figures. A long table is put in order by these numbers,
/// without looking at its headings one by one.
///
/// ```java
/// Branches.of(roots).members().branches();
/// ```
public final class Branches extends AbstractList<Branch> implements RandomAccess {
  private static final int[] UNKNOWN = {};

  private final Branch[] all;
  private volatile int[] sourceLeaves = UNKNOWN;
  private volatile int[] ranks = UNKNOWN;
  private List<Branch> members = List.of();
  private volatile Optional<Shape> shape = Optional.empty();
  private volatile Optional<AllMembers> deep = Optional.empty();

  private Branches(Branch[] all) {
    this.all = all;
  }

  /// These headings; those that are a list of this kind already are taken as they are.
  public static Branches of(List<Branch> some) {
    return some instanceof Branches own ? own : new Branches(some.toArray(Branch[]::new));
  }

  /// Headings of which it is known already where the source has their figures.
  public static Branches of(Branch[] all, int[] sourceLeaves) {
    Branches some = new Branches(all);
    some.sourceLeaves = sourceLeaves;
    return some;
  }

  @Override
  public Branch get(int index) {
    return all[index];
  }

  @Override
  public int size() {
    return all.length;
  }

  /// How deep they are.
  Shape shape() {
    if (shape.isEmpty()) {
      shape = Optional.of(Shape.found(this));
    }
    return shape.get();
  }

  /// The members of a level under these headings, or of theirs.
  public AllMembers allMembers(int level) {
    Optional<AllMembers> known = deep;
    if (known.isPresent() && known.get().level() == level) {
      return known.get();
    }
    AllMembers fresh = AllMembers.found(this, level);
    deep = Optional.of(fresh);
    return fresh;
  }

  /// The members among headings.
  ///
  /// @param branches the members in order
  /// @param ranks for each heading which of the members it is; −1 for totals and measures
  public record Members(List<Branch> branches, int[] ranks) {}

  /// The members.
  public Members members() {
    if (ranks == UNKNOWN) {
      int[] found = new int[all.length];
      int count = 0;
      for (int i = 0; i < all.length; i++) {
        found[i] = all[i].isMember() ? count++ : -1;
      }
      members = count == all.length ? this : new Branches(membersOf(found, count));
      ranks = found;
    }
    return new Members(members, ranks);
  }

  private Branch[] membersOf(int[] found, int count) {
    Branch[] some = new Branch[count];
    for (int i = 0; i < all.length; i++) {
      if (found[i] >= 0) {
        some[found[i]] = all[i];
      }
    }
    return some;
  }

  /// For each heading the leaf of the source whose figures stand for its own; −1 where they are of
  /// several leaves.
  int[] sourceLeaves() {
    if (sourceLeaves == UNKNOWN) {
      sourceLeaves = Arrays.stream(all).mapToInt(Branches::sourceLeaf).toArray();
    }
    return sourceLeaves;
  }

  /// The leaf of the source whose figures stand for those of a heading.
  static int sourceLeaf(Branch branch) {
    return branch.isLeaf()
        ? branch.sourceLeaf()
        : branch.standIn().map(Branch::sourceLeaf).orElse(Branch.NOWHERE);
  }
}
