package app.finish.core.arrange;

import app.finish.core.table.Heading.Role;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/// The members of a level, each once, whatever groups they stand in. A total stands for one at all
/// levels below it too.
///
/// ```java
/// new Members(1).in(roots); // [member Winter, member Summer, total]
/// ```
///
/// @param level which level, from 0 for the outermost
record Members(int level) {
  /// What tells the members from each other.
  Set<String> in(List<Branch> roots) {
    Set<String> keys = new HashSet<>();
    collect(roots, 0, keys);
    return keys;
  }

  private void collect(List<Branch> branches, int at, Set<String> keys) {
    for (int i = 0; i < branches.size(); i++) {
      Branch branch = branches.get(i);
      if (at == level || branch.isLeaf()) {
        keys.add(key(branch));
      } else {
        collect(branch.children(), at + 1, keys);
      }
    }
  }

  /// Whether no two headings beside each other are the same.
  boolean differ(List<Branch> branches) {
    Set<String> keys = new HashSet<>();
    for (int i = 0; i < branches.size(); i++) {
      Branch branch = branches.get(i);
      if (!keys.add(key(branch)) || !differ(branch.children())) {
        return false;
      }
    }
    return true;
  }

  private static String key(Branch branch) {
    return branch.role() == Role.MEMBER ? "member " + branch.label() : "total";
  }
}
