package app.finish.core.arrange.make;

import app.finish.core.arrange.move.Making;
import app.finish.core.arrange.place.Aside;
import app.finish.core.arrange.place.NoPlace;
import app.finish.core.arrange.tree.Branch;
import app.finish.core.arrange.tree.Trees;
import app.finish.core.table.Heading.Role;
import app.finish.core.table.Measure;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/// Takes headings out of a table, or makes several one.
public final class Pruning {
  private Pruning() {}

  /// The branches without the one that labels lead to; a group with nothing left in it goes too. A
  /// group that stands in several places, since its members were mingled with others, goes from
  /// all.
  public static List<Branch> without(List<Branch> branches, List<String> path) {
    return without(branches, path, new boolean[1]);
  }

  private static List<Branch> without(List<Branch> branches, List<String> path, boolean[] done) {
    List<Branch> kept = new ArrayList<>();
    for (Branch branch : branches) {
      boolean here = !done[0] && branch.label().equals(path.getFirst());
      if (!here) {
        kept.add(branch);
      } else if (path.size() > 1) {
        List<Branch> under = without(branch.children(), path.subList(1, path.size()), done);
        if (!under.isEmpty()) {
          kept.add(branch.withChildren(under));
        } else if (branch.isLeaf()) {
          kept.add(branch);
        }
      } else {
        done[0] = branch.isLeaf();
      }
    }
    return kept;
  }

  /// The branches without all of a level that bear a label; a group with nothing left in it goes
  /// too.
  public static List<Branch> without(List<Branch> branches, int level, String label) {
    List<Branch> kept = new ArrayList<>();
    for (Branch branch : branches) {
      if (level == 0 || branch.isLeaf()) {
        if (level > 0 || !branch.label().equals(label)) {
          kept.add(branch);
        }
        continue;
      }
      List<Branch> under = without(branch.children(), level - 1, label);
      if (!under.isEmpty()) {
        boolean whole = level == 1 && under.size() == branch.children().size();
        kept.add(whole ? branch : branch.withChildren(under));
      }
    }
    return kept;
  }

  /// Only the branches to which paths lead, in the groups that they stand in.
  public static List<Branch> only(List<Branch> branches, List<List<String>> paths) {
    List<Branch> kept = new ArrayList<>();
    for (Branch branch : branches) {
      List<List<String>> rest =
          paths.stream()
              .filter(path -> path.getFirst().equals(branch.label()))
              .map(path -> path.subList(1, path.size()))
              .toList();
      if (rest.stream().anyMatch(List::isEmpty)) {
        kept.add(branch);
      } else if (!rest.isEmpty()) {
        List<Branch> under = only(branch.children(), rest);
        if (!under.isEmpty()) {
          kept.add(branch.withChildren(under));
        }
      }
    }
    return kept;
  }

  /// A group in the place of which its subtotal stands, or the sum of its members.
  public static Trees folded(Trees trees, Fold fold) throws NoPlace {
    Branch group = trees.find(fold.side(), fold.path());
    Branch folded = folded(trees, group);
    return trees.with(fold.side(), replaced(trees.roots(fold.side()), group, folded));
  }

  private static Branch folded(Trees trees, Branch group) throws NoPlace {
    if (group.isLeaf() || group.children().stream().anyMatch(one -> one.measure().isPresent())) {
      throw new NoPlace("“" + group.label() + "” has no members to fold");
    }
    Optional<Branch> subtotal =
        group.children().stream().filter(child -> child.role() != Role.MEMBER).findFirst();
    List<Measure> measures = trees.source().measures();
    boolean adds =
        IntStream.range(0, measures.size()).anyMatch(one -> trees.figures().hasTotals(one));
    if (subtotal.isEmpty() && !adds) {
      throw new NoPlace(
          "“" + group.label() + "” has no subtotal, and its figures can't be added up");
    }
    List<Branch> members = group.children().stream().filter(Branch::isMember).toList();
    Branch total = subtotal.orElseGet(() -> Branch.merged(group.label(), members));
    Role role = total.role() == Role.GRAND_TOTAL ? Role.GRAND_TOTAL : group.role();
    return new Branch(
        group.label(),
        group.typed(),
        role,
        total.measure(),
        total.children(),
        total.from(),
        group.origin());
  }

  /// All groups of a level folded.
  public static Trees foldedLevel(Trees trees, FoldLevel fold) throws NoPlace {
    List<Branch> roots = trees.roots(fold.side());
    List<Branch> folded = foldedLevel(trees, roots, fold.level());
    if (folded.equals(roots)) {
      throw new NoPlace("there are no groups at this level");
    }
    return trees.with(fold.side(), folded);
  }

  private static List<Branch> foldedLevel(Trees trees, List<Branch> branches, int level)
      throws NoPlace {
    List<Branch> all = new ArrayList<>();
    for (Branch branch : branches) {
      boolean group =
          !branch.isLeaf()
              && branch.children().stream().noneMatch(one -> one.measure().isPresent());
      if (!group) {
        all.add(branch);
      } else if (level == 0) {
        all.add(folded(trees, branch));
      } else {
        all.add(branch.withChildren(foldedLevel(trees, branch.children(), level - 1)));
      }
    }
    return all;
  }

  /// The branches with all of a level that bear a label called something else.
  public static List<Branch> renamed(List<Branch> branches, int level, String label, String name) {
    List<Branch> all = new ArrayList<>();
    for (Branch branch : branches) {
      if (level > 0) {
        all.add(branch.withChildren(renamed(branch.children(), level - 1, label, name)));
      } else {
        all.add(branch.label().equals(label) ? branch.called(name) : branch);
      }
    }
    return all;
  }

  /// The branches with another in the place of one of them.
  public static List<Branch> replaced(List<Branch> branches, Branch one, Branch other) {
    for (int i = 0; i < branches.size(); i++) {
      Branch branch = branches.get(i);
      List<Branch> under = branch == one ? List.of() : replaced(branch.children(), one, other);
      if (branch == one || under != branch.children()) {
        List<Branch> all = new ArrayList<>(branches);
        all.set(i, branch == one ? other : branch.withChildren(under));
        return all;
      }
    }
    return branches;
  }

  /// Takes out the totals of a level.
  static Trees withoutTotals(DropTotals drop, Making at) throws NoPlace {
    Trees trees = at.trees();
    List<Branch> kept = dropTotals(trees.roots(drop.side()), drop, 0, List.of(), at);
    if (at.aside().isEmpty()) {
      throw new NoPlace("there are no totals at this level");
    }
    return trees.with(drop.side(), kept);
  }

  private static List<Branch> dropTotals(
      List<Branch> branches, DropTotals drop, int level, List<String> path, Making at) {
    List<Branch> kept = new ArrayList<>();
    for (Branch branch : branches) {
      List<String> here = new ArrayList<>(path);
      here.add(branch.label());
      if (level == drop.level() && branch.role() != Role.MEMBER) {
        at.takeOut(Aside.at(at.index(), drop.side(), here));
      } else {
        List<Branch> under = dropTotals(branch.children(), drop, level + 1, here, at);
        kept.add(branch.withChildren(under));
      }
    }
    return kept;
  }

  /// Takes out a level that has one member in each group.
  public static Trees withoutLevel(Trees trees, HideLevel hide) throws NoPlace {
    List<Branch> roots = trees.roots(hide.side());
    List<Branch> lifted = lifted(roots, hide.level(), 0);
    return trees
        .with(hide.side(), hide.level() == 0 ? Branch.raised(lifted) : lifted)
        .withNames(hide.side(), trees.namesWithout(hide.side(), hide.level()));
  }

  /// Whether each of some groups has one member, as with a column of running numbers: without them
  /// nothing is lost.
  private static boolean eachHasOne(List<Branch> branches) {
    return branches.stream().allMatch(branch -> branch.isMember() && branch.children().size() == 1);
  }

  private static boolean isOfOneMeasure(Branch branch) {
    return branch.children().size() == 1
        && branch.children().getFirst().isLeaf()
        && branch.children().getFirst().measure().isPresent();
  }

  /// A heading over the one measure that is left stands for it.
  private static Branch ofItsMeasure(Branch branch) {
    Branch measure = branch.children().getFirst();
    return new Branch(
        branch.label(),
        branch.typed(),
        branch.role(),
        measure.measure(),
        List.of(),
        measure.from(),
        branch.origin());
  }

  private static List<Branch> lifted(List<Branch> branches, int wanted, int level) throws NoPlace {
    if (level < wanted) {
      List<Branch> all = new ArrayList<>();
      for (Branch branch : branches) {
        boolean sole = level == wanted - 1 && isOfOneMeasure(branch);
        all.add(
            sole
                ? ofItsMeasure(branch)
                : branch.withChildren(lifted(branch.children(), wanted, level + 1)));
      }
      return all;
    }
    if (eachHasOne(branches)) {
      return branches.stream().flatMap(branch -> branch.children().stream()).toList();
    }
    List<Branch> groups = branches.stream().filter(branch -> !branch.isLeaf()).toList();
    boolean restAreTotals =
        branches.stream().allMatch(branch -> !branch.isLeaf() || branch.role() != Role.MEMBER);
    if (groups.size() != 1 || !restAreTotals) {
      throw new NoPlace("this level has several members, or nothing under it");
    }
    List<Branch> all = new ArrayList<>();
    for (Branch branch : branches) {
      all.addAll(branch.isLeaf() ? List.of(branch) : branch.children());
    }
    return all;
  }
}
