package app.finish.core.arrange.make;

import app.finish.core.arrange.move.Making;
import app.finish.core.arrange.place.Aside;
import app.finish.core.arrange.place.NoPlace;
import app.finish.core.arrange.place.Quota;
import app.finish.core.arrange.tree.AllMembers;
import app.finish.core.arrange.tree.Branch;
import app.finish.core.arrange.tree.Branches;
import app.finish.core.arrange.tree.Ranking;
import app.finish.core.arrange.tree.Trees;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.stream.IntStream;

/// Keeps the members with the largest figures of each group, and sets the rest aside or gathers it.
public final class Keeping {
  private final Trees trees;
  private final KeepTop top;
  private final Making making;
  private final Branch at;

  Keeping(KeepTop top, Making making) throws NoPlace {
    this.trees = making.trees();
    this.top = top;
    this.making = making;
    this.at = trees.leaf(top.side().other(), top.at());
  }

  public Trees kept() throws NoPlace {
    List<Branch> roots = trees.roots(top.side());
    if (!top.overAll()) {
      return trees.with(top.side(), some(kept(roots, 0, List.of())));
    }
    AllMembers members = AllMembers.of(roots, top.level());
    BitSet keeps = chosen(members.branches());
    if (keeps.cardinality() == members.size()) {
      return trees;
    }
    List<Branch> all = kept(roots, members, keeps);
    if (top.gathered()) {
      int last = all.size();
      while (last > 0 && !all.get(last - 1).isMember()) {
        last--;
      }
      all.add(last, members.gathered(keeps));
    }
    return trees.with(top.side(), some(all));
  }

  /// What is kept, if anything is.
  private List<Branch> some(List<Branch> kept) throws NoPlace {
    if (!hasMembers(kept)) {
      throw new NoPlace("nothing would be left: no figure is " + top.quota().written());
    }
    return kept;
  }

  private List<Branch> kept(List<Branch> roots, AllMembers members, BitSet keeps) {
    List<Branch> all = new ArrayList<>();
    for (int i = 0; i < roots.size(); i++) {
      int first = members.first(i);
      int next = keeps.nextSetBit(first);
      boolean goes = first < members.end(i) && (next < 0 || next >= members.end(i));
      if (!goes || top.level() > 1) {
        all.addAll(without(List.of(roots.get(i)), keeps, new int[] {first}, 0, List.of()));
      } else if (!top.gathered()) {
        List<String> path = top.level() == 0 ? List.of() : List.of(roots.get(i).label());
        for (int member = first; member < members.end(i); member++) {
          making.takeOut(new Aside(making.index(), top.side(), path, members.label(member)));
        }
      }
    }
    return all;
  }

  /// The branches without the members that are not kept; a group without members goes too.
  ///
  /// @param next counts the members as they are met
  private List<Branch> without(
      List<Branch> branches, BitSet keeps, int[] next, int level, List<String> path) {
    List<Branch> all = new ArrayList<>();
    for (Branch branch : branches) {
      boolean deeper = branch.isMember() && !branch.isLeaf() && level < top.level();
      if (deeper) {
        List<String> here = top.gathered() ? path : down(path, branch);
        List<Branch> under = without(branch.children(), keeps, next, level + 1, here);
        if (hasMembers(under)) {
          all.add(branch.withChildren(under));
        }
      } else if (!branch.isMember() || level < top.level() || keeps.get(next[0]++)) {
        all.add(branch);
      } else if (!top.gathered()) {
        setAside(branch, path);
      }
    }
    return all;
  }

  private static boolean hasMembers(List<Branch> branches) {
    for (Branch branch : branches) {
      if (branch.isMember()) {
        return true;
      }
    }
    return false;
  }

  private static List<String> down(List<String> path, Branch branch) {
    List<String> here = new ArrayList<>(path);
    here.add(branch.label());
    return List.copyOf(here);
  }

  private List<Branch> kept(List<Branch> branches, int level, List<String> path) throws NoPlace {
    if (level < top.level()) {
      List<Branch> all = new ArrayList<>();
      for (Branch branch : branches) {
        List<String> here = down(path, branch);
        boolean deeper = branch.isMember() && !branch.isLeaf();
        List<Branch> under = deeper ? kept(branch.children(), level + 1, here) : List.of();
        if (deeper && !hasMembers(under) && hasMembers(branch.children())) {
          setAside(branch, path);
        } else {
          all.add(deeper ? branch.withChildren(under) : branch);
        }
      }
      return all;
    }
    List<Branch> members = branches.stream().filter(Branch::isMember).toList();
    BitSet keeps = chosen(members);
    if (keeps.cardinality() == members.size()) {
      return branches;
    }
    List<Branch> rest = new ArrayList<>();
    List<Branch> all = new ArrayList<>();
    int last = 0;
    int next = 0;
    for (Branch branch : branches) {
      boolean keep = !branch.isMember() || keeps.get(next++);
      (keep ? all : rest).add(branch);
      last = branch.isMember() ? all.size() : last;
    }
    if (top.gathered()) {
      all.add(last, AllMembers.gathered(rest));
    } else {
      rest.forEach(branch -> setAside(branch, path));
    }
    return all;
  }

  /// Which of some members are kept, by their places among them.
  private BitSet chosen(List<Branch> members) throws NoPlace {
    double[] figures = trees.figures(Branches.of(members), at, top.side());
    if (top.quota() instanceof Quota.Where where) {
      return IntStream.range(0, figures.length)
          .filter(i -> where.keeps(figures[i]))
          .collect(BitSet::new, BitSet::set, BitSet::or);
    }
    Ranking ranking =
        Ranking.of(
            figures.length,
            () -> (one, two) -> Double.compare(key(figures[one]), key(figures[two])));
    int count =
        switch (top.quota()) {
          case Quota.Count wanted -> Math.min(wanted.members(), figures.length);
          case Quota.Share share -> untilShare(figures, ranking, share.percent());
          case Quota.Where _ -> figures.length;
        };
    BitSet keeps = new BitSet(figures.length);
    for (int rank = 0; rank < count; rank++) {
      keeps.set(ranking.at(rank));
    }
    return keeps;
  }

  /// How many of the first reach a share of the sum.
  private static int untilShare(double[] figures, Ranking ranking, double percent) throws NoPlace {
    double sum = 0;
    for (int rank = 0; rank < figures.length; rank++) {
      double figure = figures[ranking.at(rank)];
      if (figure < 0) {
        throw new NoPlace("shares need figures that are not negative");
      }
      sum += Double.isNaN(figure) ? 0 : figure;
    }
    double wanted = sum * percent / 100 - Math.abs(sum) * 1e-12;
    double reached = 0;
    int count = 0;
    while (count < figures.length && reached < wanted) {
      double figure = figures[ranking.at(count++)];
      reached += Double.isNaN(figure) ? 0 : figure;
    }
    return count;
  }

  private double key(double figure) {
    return Double.isNaN(figure) ? Double.POSITIVE_INFINITY : top.bottom() ? figure : -figure;
  }

  private void setAside(Branch branch, List<String> path) {
    making.takeOut(new Aside(making.index(), top.side(), path, branch.label()));
  }
}
