package app.finish.core.arrange.make;

import app.finish.core.arrange.place.NoPlace;
import app.finish.core.arrange.tree.Branch;
import app.finish.core.arrange.tree.Shape;
import app.finish.core.arrange.tree.Trees;
import app.finish.core.table.Heading.Role;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/// Gathers members of one group under a new heading, at the place of the first of them.
public final class Gathering {
  private Gathering() {}

  public static Trees gathered(Trees trees, Gather move) throws NoPlace {
    List<Branch> some = new ArrayList<>();
    List<String> group = List.of();
    for (List<String> path : move.paths()) {
      Branch branch = trees.find(move.side(), path);
      List<String> own = path.subList(0, path.size() - 1);
      if (!some.isEmpty() && !own.equals(group)) {
        throw new NoPlace("only members of one group can be gathered");
      }
      if (!branch.isMember()) {
        throw new NoPlace("“" + branch.label() + "” is a total or a measure");
      }
      group = own;
      some.add(branch);
    }
    if (some.isEmpty()) {
      throw new NoPlace("no heading was named");
    }
    List<Branch> before = trees.roots(move.side());
    List<Branch> roots = gathered(before, some, group, move.name());
    List<String> names = new ArrayList<>(trees.dimensions(move.side()));
    boolean deeper = Shape.of(roots).levels() > Shape.of(before).levels();
    if (deeper && group.size() <= names.size()) {
      names.add(group.size(), "");
    }
    return trees.with(move.side(), roots).withNames(move.side(), names);
  }

  /// @param group the labels of the headings above, from here on
  private static List<Branch> gathered(
      List<Branch> branches, List<Branch> some, List<String> group, String name) {
    List<Branch> all = new ArrayList<>();
    for (Branch branch : branches) {
      if (branch == some.getFirst()) {
        all.add(heading(name, some.stream().filter(branches::contains).toList()));
      } else if (!group.isEmpty() && branch.label().equals(group.getFirst())) {
        List<String> rest = group.subList(1, group.size());
        all.add(branch.withChildren(gathered(branch.children(), some, rest, name)));
      } else if (some.stream().noneMatch(one -> one == branch)) {
        all.add(branch);
      }
    }
    return all;
  }

  private static Branch heading(String name, List<Branch> under) {
    return new Branch(
        name, name, Role.MEMBER, OptionalInt.empty(), under, List.of(), Optional.empty());
  }
}
