package app.finish.core.arrange;

import app.finish.core.arrange.Arranged.Aside;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Set;

/// Keeps the members with the largest figures of each group, and sets the rest aside or gathers it.
final class Keeping {
  private final Trees trees;
  private final Move.KeepTop top;
  private final int place;
  private final List<Aside> aside;
  private final Branch at;

  Keeping(Trees trees, Move.KeepTop top, int place, List<Aside> aside) throws NoPlace {
    this.trees = trees;
    this.top = top;
    this.place = place;
    this.aside = aside;
    this.at = trees.leaf(top.side().other(), top.at());
  }

  Trees kept() {
    return trees.with(top.side(), kept(trees.roots(top.side()), 0, List.of()));
  }

  private List<Branch> kept(List<Branch> branches, int level, List<String> path) {
    if (level < top.level()) {
      List<Branch> all = new ArrayList<>();
      for (Branch branch : branches) {
        List<String> here = new ArrayList<>(path);
        here.add(branch.label());
        boolean deeper = branch.isMember() && !branch.isLeaf();
        all.add(deeper ? branch.withChildren(kept(branch.children(), level + 1, here)) : branch);
      }
      return all;
    }
    List<Branch> members = new ArrayList<>(branches.stream().filter(Branch::isMember).toList());
    if (members.size() <= top.count()) {
      return branches;
    }
    members.sort(Comparator.comparingDouble(this::key));
    Set<Branch> keeps = Collections.newSetFromMap(new IdentityHashMap<>());
    keeps.addAll(members.subList(0, top.count()));
    List<Branch> rest = new ArrayList<>();
    List<Branch> all = new ArrayList<>();
    int last = 0;
    for (Branch branch : branches) {
      boolean keep = !branch.isMember() || keeps.contains(branch);
      (keep ? all : rest).add(branch);
      last = branch.isMember() ? all.size() : last;
    }
    if (top.gathered()) {
      all.add(last, Branch.merged("Other (" + rest.size() + ")", rest));
    } else {
      rest.forEach(branch -> setAside(branch, path));
    }
    return all;
  }

  private double key(Branch branch) {
    double figure = trees.figure(branch, at, top.side());
    return Double.isNaN(figure) ? Double.POSITIVE_INFINITY : top.bottom() ? figure : -figure;
  }

  private void setAside(Branch branch, List<String> path) {
    List<String> here = new ArrayList<>(path);
    here.add(branch.label());
    aside.add(new Aside(place, top.side(), here));
  }
}
