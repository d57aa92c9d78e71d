package app.finish.core.arrange;

import app.finish.core.table.Heading.Role;
import app.finish.core.table.Held;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// Holds a level at one of its members: the level goes, and only the member's figures stay. Totals
/// over the level go too.
final class Holding {
  private final Trees trees;
  private final Move.Hold move;
  private Optional<String> shown = Optional.empty();

  Holding(Trees trees, Move.Hold move) {
    this.trees = trees;
    this.move = move;
  }

  Trees held() throws NoPlace {
    List<Branch> roots = held(trees.roots(move.side()), 0);
    if (shown.isEmpty()) {
      throw new NoPlace("there is no “" + move.member() + "” at this level now");
    }
    if (roots.size() == 1 && roots.getFirst().label().isEmpty()) {
      roots = List.of(roots.getFirst().called("All"));
    }
    return trees
        .with(move.side(), raised(roots))
        .withNames(move.side(), trees.namesWithout(move.side(), move.level()));
  }

  /// The line that says what is held; [#held] comes first.
  Held line() {
    List<String> names = trees.dimensions(move.side());
    String name = move.level() < names.size() ? names.get(move.level()) : "";
    return new Held(name, shown.orElse(move.member()));
  }

  private List<Branch> held(List<Branch> branches, int level) {
    List<Branch> all = new ArrayList<>();
    for (Branch branch : branches) {
      if (level < move.level()) {
        all.addAll(above(branch, level));
      } else if (branch.label().equals(move.member()) && branch.isMember()) {
        shown = Optional.of(branch.shown());
        all.addAll(branch.isLeaf() ? List.of(nameless(branch)) : branch.children());
      }
    }
    return all;
  }

  /// A branch above the level; one that has only the member's figure takes it over.
  private List<Branch> above(Branch branch, int level) {
    if (branch.isLeaf()) {
      return List.of();
    }
    List<Branch> under = held(branch.children(), level + 1);
    if (under.size() == 1 && under.getFirst().label().isEmpty()) {
      return List.of(
          new Branch(
              branch.label(),
              branch.shown(),
              branch.role(),
              branch.measure(),
              List.of(),
              under.getFirst().from(),
              branch.origin()));
    }
    return under.isEmpty() ? List.of() : List.of(branch.withChildren(under));
  }

  private static Branch nameless(Branch leaf) {
    return new Branch(
        "", "", Role.MEMBER, leaf.measure(), List.of(), leaf.from(), Optional.empty());
  }

  /// A subtotal that came outermost is a grand total.
  private static List<Branch> raised(List<Branch> roots) {
    List<Branch> raised = new ArrayList<>();
    for (Branch root : roots) {
      raised.add(root.role() == Role.SUBTOTAL ? root.as(Role.GRAND_TOTAL) : root);
    }
    return raised;
  }
}
