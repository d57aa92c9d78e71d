package app.finish.core.arrange.make;

import app.finish.core.arrange.place.NoPlace;
import app.finish.core.arrange.place.Side;
import app.finish.core.arrange.tree.Branch;
import app.finish.core.arrange.tree.Trees;
import app.finish.core.table.Heading.Role;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/// Puts the totals of a level before or behind the members, or calls them something else.
public final class TotalPlaces {
  private final int level;
  private boolean found;

  private TotalPlaces(int level) {
    this.level = level;
  }

  public static Trees placed(Trees trees, PlaceTotals move) throws NoPlace {
    return new TotalPlaces(move.level())
        .made(
            trees,
            move.side(),
            branches -> {
              List<Branch> all = new ArrayList<>(members(branches));
              all.addAll(move.first() ? 0 : all.size(), totals(branches));
              return all;
            });
  }

  public static Trees named(Trees trees, NameTotals move) throws NoPlace {
    return new TotalPlaces(move.level())
        .made(
            trees,
            move.side(),
            branches ->
                branches.stream()
                    .map(one -> one.role() == Role.MEMBER ? one : one.called(move.name()))
                    .toList());
  }

  private Trees made(Trees trees, Side side, UnaryOperator<List<Branch>> change) throws NoPlace {
    List<Branch> roots = made(trees.roots(side), 0, change);
    if (!found) {
      throw new NoPlace("there are no totals at this level");
    }
    return trees.with(side, roots);
  }

  private List<Branch> made(List<Branch> branches, int at, UnaryOperator<List<Branch>> change) {
    if (at < level) {
      return branches.stream()
          .map(branch -> branch.withChildren(made(branch.children(), at + 1, change)))
          .toList();
    }
    found |= !totals(branches).isEmpty();
    return change.apply(branches);
  }

  private static List<Branch> members(List<Branch> branches) {
    return branches.stream().filter(branch -> branch.role() == Role.MEMBER).toList();
  }

  private static List<Branch> totals(List<Branch> branches) {
    return branches.stream().filter(branch -> branch.role() != Role.MEMBER).toList();
  }
}
