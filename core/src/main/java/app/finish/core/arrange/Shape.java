package app.finish.core.arrange;

import app.finish.core.table.Heading.Role;
import java.util.List;

/// How many levels stand under some headings, themselves among them, and whether all members at the
/// end have as many above them. Totals may end higher up.
///
/// ```java
/// Shape.of(roots).levels();
/// ```
///
/// @param levels how many levels, 0 if there are no headings
/// @param isEven whether all members reach down to the last level
record Shape(int levels, boolean isEven) {
  private static final Shape NONE = new Shape(0, true);
  private static final Shape LEAF = new Shape(1, true);

  /// The shape of headings beside each other.
  static Shape of(List<Branch> branches) {
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
    boolean even = true;
    for (int i = 0; i < branches.size(); i++) {
      Branch branch = branches.get(i);
      Shape own = branch.shape();
      if (branch.role() == Role.MEMBER) {
        even &= own.isEven && (members == 0 || members == own.levels);
        members = Math.max(members, own.levels);
      } else {
        totals = Math.max(totals, own.levels);
      }
    }
    int levels = Math.max(members, totals);
    return levels == 0 ? NONE : new Shape(levels, even && totals <= members);
  }

  /// The shape of a heading over others.
  static Shape over(List<Branch> children) {
    Shape under = of(children);
    return under.levels == 0 ? LEAF : new Shape(under.levels + 1, under.isEven);
  }
}
