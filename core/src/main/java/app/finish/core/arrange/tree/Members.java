package app.finish.core.arrange.tree;

import app.finish.core.table.Heading.Role;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/// The members of a level, each once, whatever groups they stand in. A total stands for one at all
/// levels below it too.
///
/// ```java
/// new Members(1).in(roots).contains("Winter");
/// ```
///
/// @param level which level, from 0 for the outermost
public record Members(int level) {
  /// No heading is called so.
  private static final String TOTAL = "\0";

  private static final int LISTED = 12;

  /// What tells the members from each other.
  public Set<String> in(List<Branch> roots) {
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
  static boolean differ(List<Branch> branches) {
    return branches.size() > LISTED ? areAsMany(branches) : haveNoPair(branches);
  }

  private static boolean areAsMany(List<Branch> branches) {
    Set<String> keys = new HashSet<>(branches.size() * 2);
    for (int i = 0; i < branches.size(); i++) {
      keys.add(key(branches.get(i)));
    }
    return keys.size() == branches.size();
  }

  private static boolean haveNoPair(List<Branch> branches) {
    for (int i = 1; i < branches.size(); i++) {
      String key = key(branches.get(i));
      for (int j = 0; j < i; j++) {
        if (key.equals(key(branches.get(j)))) {
          return false;
        }
      }
    }
    return true;
  }

  private static String key(Branch branch) {
    return branch.role() == Role.MEMBER ? branch.label() : TOTAL;
  }
}
