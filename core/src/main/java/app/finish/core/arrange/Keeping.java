package app.finish.core.arrange;

import app.finish.core.arrange.Arranged.Aside;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
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

  Trees kept() throws NoPlace {
    List<Branch> roots = trees.roots(top.side());
    if (!top.overAll()) {
      return trees.with(top.side(), kept(roots, 0, List.of()));
    }
    List<Branch> members = new ArrayList<>();
    collect(roots, 0, members);
    Set<Branch> keeps = chosen(members);
    List<Branch> rest = members.stream().filter(branch -> !keeps.contains(branch)).toList();
    if (rest.isEmpty()) {
      return trees;
    }
    List<Branch> all = new ArrayList<>(without(roots, keeps, 0, List.of()));
    if (top.gathered()) {
      int last = all.size();
      while (last > 0 && !all.get(last - 1).isMember()) {
        last--;
      }
      all.add(last, other(rest));
    }
    return trees.with(top.side(), all);
  }

  private static Branch other(List<Branch> rest) {
    return Branch.merged("Other (" + rest.size() + ")", rest);
  }

  private void collect(List<Branch> branches, int level, List<Branch> members) {
    for (Branch branch : branches) {
      if (branch.isMember() && level == top.level()) {
        members.add(branch);
      } else if (branch.isMember()) {
        collect(branch.children(), level + 1, members);
      }
    }
  }

  /// The branches without the members that are not kept; a group without members goes too.
  private List<Branch> without(
      List<Branch> branches, Set<Branch> keeps, int level, List<String> path) {
    List<Branch> all = new ArrayList<>();
    for (Branch branch : branches) {
      boolean deeper = branch.isMember() && !branch.isLeaf() && level < top.level();
      if (deeper) {
        List<String> here = new ArrayList<>(path);
        here.add(branch.label());
        List<Branch> under = without(branch.children(), keeps, level + 1, here);
        if (under.stream().anyMatch(Branch::isMember)) {
          all.add(branch.withChildren(under));
        }
      } else if (!branch.isMember() || level < top.level() || keeps.contains(branch)) {
        all.add(branch);
      } else if (!top.gathered()) {
        setAside(branch, path);
      }
    }
    return all;
  }

  private List<Branch> kept(List<Branch> branches, int level, List<String> path) throws NoPlace {
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
    List<Branch> members = branches.stream().filter(Branch::isMember).toList();
    Set<Branch> keeps = chosen(members);
    if (keeps.size() == members.size()) {
      return branches;
    }
    List<Branch> rest = new ArrayList<>();
    List<Branch> all = new ArrayList<>();
    int last = 0;
    for (Branch branch : branches) {
      boolean keep = !branch.isMember() || keeps.contains(branch);
      (keep ? all : rest).add(branch);
      last = branch.isMember() ? all.size() : last;
    }
    if (top.gathered()) {
      all.add(last, other(rest));
    } else {
      rest.forEach(branch -> setAside(branch, path));
    }
    return all;
  }

  /// The members that are kept, by identity.
  private Set<Branch> chosen(List<Branch> members) throws NoPlace {
    Map<Branch, Double> keys = new IdentityHashMap<>();
    members.forEach(branch -> keys.put(branch, key(branch)));
    List<Branch> sorted = new ArrayList<>(members);
    sorted.sort(Comparator.comparingDouble(keys::get));
    Set<Branch> keeps = Collections.newSetFromMap(new IdentityHashMap<>());
    switch (top.quota()) {
      case Quota.Count count ->
          keeps.addAll(sorted.subList(0, Math.min(count.members(), sorted.size())));
      case Quota.Share share -> untilShare(sorted, share.percent(), keeps);
    }
    return keeps;
  }

  private void untilShare(List<Branch> sorted, double percent, Set<Branch> keeps) throws NoPlace {
    double sum = 0;
    for (Branch branch : sorted) {
      double figure = trees.figure(branch, at, top.side());
      if (figure < 0) {
        throw new NoPlace("shares need figures that are not negative");
      }
      sum += Double.isNaN(figure) ? 0 : figure;
    }
    double wanted = sum * percent / 100;
    double reached = 0;
    for (Branch branch : sorted) {
      if (reached >= wanted - Math.abs(sum) * 1e-12) {
        return;
      }
      double figure = trees.figure(branch, at, top.side());
      reached += Double.isNaN(figure) ? 0 : figure;
      keeps.add(branch);
    }
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
