package app.finish.core.arrange.tree;

import app.finish.core.table.Heading.Role;
import java.util.List;

/// What is asked of headings beside each other and all under them again and again; each heading
/// remembers its own.
///
/// ```java
/// Shape.of(roots).levels();
/// ```
///
/// @param levels how many levels there are, 0 if there are no headings
/// @param leaves how many leaves
/// @param isEven whether all members reach down to the last level; totals may end higher up
/// @param differs whether no two headings beside each other are the same
public record Shape(int levels, int leaves, boolean isEven, boolean differs) {
  private static final Shape NONE = new Shape(0, 0, true, true);
  private static final Shape LEAF = new Shape(1, 1, true, true);

  /// The shape of headings beside each other.
  public static Shape of(List<Branch> branches) {
    return switch (branches) {
      case Branches known -> known.shape();
      case OnDemand ordered -> ordered.shape();
      default -> found(branches);
    };
  }

  /// The shape of headings beside each other, looked at one by one.
  static Shape found(List<Branch> branches) {
    int members = 0;
    int totals = 0;
    int leaves = 0;
    boolean even = true;
    boolean differ = true;
    for (int i = 0; i < branches.size(); i++) {
      Branch branch = branches.get(i);
      Shape own = branch.isLeaf() ? LEAF : branch.shape();
      leaves += own.leaves;
      differ &= own.differs;
      if (branch.role() == Role.MEMBER) {
        even &= own.isEven && (members == 0 || members == own.levels);
        members = Math.max(members, own.levels);
      } else {
        totals = Math.max(totals, own.levels);
      }
    }
    int levels = Math.max(members, totals);
    return levels == 0
        ? NONE
        : new Shape(levels, leaves, even && totals <= members, differ && Members.differ(branches));
  }

  /// The shape of a heading over others.
  static Shape over(List<Branch> children) {
    Shape under = of(children);
    return under.levels == 0
        ? LEAF
        : new Shape(under.levels + 1, under.leaves, under.isEven, under.differs);
  }
}
