package app.finish.core.arrange;

import app.finish.core.arrange.Arranged.Aside;
import app.finish.core.table.Heading.Role;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// Takes headings out of a table, or makes several one.
final class Pruning {
  private Pruning() {}

  /// The branches without the one that labels lead to; a group with nothing left in it goes too.
  static List<Branch> without(List<Branch> branches, List<String> path) {
    List<Branch> kept = new ArrayList<>();
    boolean done = false;
    for (Branch branch : branches) {
      boolean here = !done && branch.label().equals(path.getFirst());
      done |= here;
      if (!here) {
        kept.add(branch);
      } else if (path.size() > 1) {
        List<Branch> under = without(branch.children(), path.subList(1, path.size()));
        if (!under.isEmpty()) {
          kept.add(branch.withChildren(under));
        }
      }
    }
    return kept;
  }

  /// A group in the place of which its subtotal stands, or the sum of its members.
  static Trees folded(Trees trees, Move.Fold fold) throws NoPlace {
    Branch group = trees.find(fold.side(), fold.path());
    if (group.isLeaf() || group.children().stream().anyMatch(one -> one.measure().isPresent())) {
      throw new NoPlace("“" + group.label() + "” has no members to fold");
    }
    Optional<Branch> subtotal =
        group.children().stream().filter(child -> child.role() == Role.SUBTOTAL).findFirst();
    Branch folded;
    if (subtotal.isPresent()) {
      Branch total = subtotal.get();
      folded =
          new Branch(
              group.label(),
              group.shown(),
              group.role(),
              total.measure(),
              total.children(),
              total.from(),
              group.origin());
    } else if (trees.source().measures().stream().allMatch(Trees::isAdditive)) {
      Branch sum = Branch.merged(group.label(), group.children());
      folded =
          new Branch(
              group.label(),
              group.shown(),
              group.role(),
              sum.measure(),
              sum.children(),
              sum.from(),
              group.origin());
    } else {
      throw new NoPlace(
          "“" + group.label() + "” has no subtotal, and its figures can't be added up");
    }
    return trees.with(fold.side(), replaced(trees.roots(fold.side()), fold.path(), folded));
  }

  /// The branches with another in the place of the one that labels lead to.
  static List<Branch> replaced(List<Branch> branches, List<String> path, Branch other) {
    List<Branch> all = new ArrayList<>();
    boolean done = false;
    for (Branch branch : branches) {
      boolean here = !done && branch.label().equals(path.getFirst());
      done |= here;
      if (!here) {
        all.add(branch);
      } else if (path.size() == 1) {
        all.add(other);
      } else {
        List<String> rest = path.subList(1, path.size());
        all.add(branch.withChildren(replaced(branch.children(), rest, other)));
      }
    }
    return all;
  }

  /// Takes out the totals of a level.
  static Trees withoutTotals(Trees trees, Move.DropTotals drop, int place, List<Aside> aside)
      throws NoPlace {
    List<Aside> gone = new ArrayList<>();
    List<Branch> kept = dropTotals(trees.roots(drop.side()), drop, 0, List.of(), place, gone);
    if (gone.isEmpty()) {
      throw new NoPlace("there are no totals at this level");
    }
    aside.addAll(gone);
    return trees.with(drop.side(), kept);
  }

  private static List<Branch> dropTotals(
      List<Branch> branches,
      Move.DropTotals drop,
      int level,
      List<String> path,
      int place,
      List<Aside> gone) {
    List<Branch> kept = new ArrayList<>();
    for (Branch branch : branches) {
      List<String> here = new ArrayList<>(path);
      here.add(branch.label());
      if (level == drop.level() && branch.role() != Role.MEMBER) {
        gone.add(new Aside(place, drop.side(), here));
      } else {
        List<Branch> under = dropTotals(branch.children(), drop, level + 1, here, place, gone);
        kept.add(branch.withChildren(under));
      }
    }
    return kept;
  }

  /// Takes out a level that has one member in each group.
  static Trees withoutLevel(Trees trees, Move.HideLevel hide) throws NoPlace {
    List<Branch> roots = trees.roots(hide.side());
    List<Branch> lifted = lifted(roots, hide.level(), 0);
    List<String> names = new ArrayList<>(trees.dimensions(hide.side()));
    if (hide.level() < names.size() && names.size() > 1) {
      names.remove(hide.level());
    }
    return trees.with(hide.side(), lifted).withNames(hide.side(), names);
  }

  private static List<Branch> lifted(List<Branch> branches, int wanted, int level) throws NoPlace {
    if (level < wanted) {
      List<Branch> all = new ArrayList<>();
      for (Branch branch : branches) {
        all.add(branch.withChildren(lifted(branch.children(), wanted, level + 1)));
      }
      return all;
    }
    if (branches.size() > 1 || branches.stream().anyMatch(Branch::isLeaf)) {
      throw new NoPlace("this level has several members, or nothing under it");
    }
    return branches.isEmpty() ? branches : branches.getFirst().children();
  }
}
