package app.finish.core.arrange.make;

import app.finish.core.arrange.place.NoPlace;
import app.finish.core.arrange.tree.Branch;
import app.finish.core.arrange.tree.SourceLeaves;
import app.finish.core.arrange.tree.Trees;
import app.finish.core.table.Heading.Role;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;

/// Adds totals to the groups of a level: what their members' figures come to together. A measure of
/// which there are no totals has no figure in them.
public final class Totalling {
  private final Trees trees;
  private final AddTotals move;
  private boolean added;

  public Totalling(Trees trees, AddTotals move) {
    this.trees = trees;
    this.move = move;
  }

  public Trees totalled() throws NoPlace {
    int measures = trees.source().measures().size();
    if (IntStream.range(0, measures).noneMatch(trees.figures()::hasTotals)) {
      throw new NoPlace(
          "none of the measures can be added up; bring the counts or sums that they come from");
    }
    List<Branch> roots = totalled(trees.roots(move.side()), 0);
    if (!added) {
      throw new NoPlace("there are totals at this level already, or no members");
    }
    return trees.with(move.side(), roots);
  }

  private List<Branch> totalled(List<Branch> branches, int level) {
    if (level < move.level()) {
      List<Branch> all = new ArrayList<>();
      for (Branch branch : branches) {
        boolean deeper = branch.isMember() && !branch.isLeaf();
        all.add(deeper ? branch.withChildren(totalled(branch.children(), level + 1)) : branch);
      }
      return all;
    }
    List<Branch> members = branches.stream().filter(Branch::isMember).toList();
    if (members.isEmpty() || branches.stream().anyMatch(one -> one.role() != Role.MEMBER)) {
      return branches;
    }
    added = true;
    List<Branch> all = new ArrayList<>(branches);
    all.add(move.first() ? 0 : all.size(), total(members, level));
    return all;
  }

  private Branch total(List<Branch> members, int level) {
    List<Branch> leaves = new ArrayList<>();
    Map<OptionalInt, List<Branch>> byMeasure = new LinkedHashMap<>();
    collect(members, leaves, byMeasure);
    Role role = level == 0 ? Role.GRAND_TOTAL : Role.SUBTOTAL;
    if (!leaves.isEmpty()) {
      return made(move.name(), role, OptionalInt.empty(), List.of(), leaves);
    }
    List<Branch> children = new ArrayList<>();
    byMeasure.forEach(
        (measure, some) -> {
          Branch first = some.getFirst();
          Branch child = made(first.label(), Role.MEMBER, measure, List.of(), some);
          children.add(child.called(first.typed()));
        });
    return made(move.name(), role, OptionalInt.empty(), children, List.of());
  }

  private static Branch made(
      String label, Role role, OptionalInt measure, List<Branch> children, List<Branch> leaves) {
    return new Branch(
        label, label, role, measure, children, SourceLeaves.ofAll(leaves), Optional.empty());
  }

  /// Finds the leaves of members, without totals among them: those that name no measure, and the
  /// others by what they measure.
  private static void collect(
      List<Branch> branches, List<Branch> leaves, Map<OptionalInt, List<Branch>> byMeasure) {
    for (int i = 0; i < branches.size(); i++) {
      Branch branch = branches.get(i);
      if (branch.role() != Role.MEMBER) {
        continue;
      }
      if (!branch.isLeaf()) {
        collect(branch.children(), leaves, byMeasure);
      } else if (branch.measure().isEmpty()) {
        leaves.add(branch);
      } else {
        byMeasure.computeIfAbsent(branch.measure(), measure -> new ArrayList<>()).add(branch);
      }
    }
  }
}
