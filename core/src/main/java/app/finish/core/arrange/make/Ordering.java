package app.finish.core.arrange.make;

import app.finish.core.arrange.move.Making;
import app.finish.core.arrange.place.NoPlace;
import app.finish.core.arrange.place.Side;
import app.finish.core.arrange.tree.Branch;
import app.finish.core.arrange.tree.Branches;
import app.finish.core.arrange.tree.OnDemand;
import app.finish.core.arrange.tree.Order;
import app.finish.core.arrange.tree.Ranking;
import app.finish.core.arrange.tree.Trees;
import app.finish.core.words.NaturalOrder;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/// Puts members in another order within their groups. Totals and measures stay where they are. Of a
/// long table only those groups and members are put in order that somebody looks at.
public final class Ordering {
  private Ordering() {}

  public static Order byLabel(ByLabel order) {
    Comparator<String> labels = NaturalOrder.PLAIN;
    Comparator<String> own = order.descending() ? labels.reversed() : labels;
    Comparator<Branch> all = Comparator.comparing(Branch::isRest);
    return Order.by(branch -> branch, all.thenComparing(Branch::label, own));
  }

  public static Order byFigure(Trees trees, ByFigure order) throws NoPlace {
    Branch at = trees.leaf(order.side().other(), order.at());
    return Order.byNumber(
        branches -> {
          double[] keys = trees.figures(branches, at, order.side());
          for (int i = 0; i < keys.length; i++) {
            boolean rest = branches.get(i).isRest();
            keys[i] = rest ? Double.NaN : key(keys[i], order.descending());
          }
          return keys;
        });
  }

  /// Each group of a level the other way round.
  public static Trees reversed(Trees trees, Reverse reverse) throws NoPlace {
    if (!reaches(trees.roots(reverse.side()), reverse.level())) {
      throw new NoPlace("there is no such level on this side now");
    }
    return sorted(trees, reverse.side(), reverse.level(), Order.backwards());
  }

  private static boolean reaches(List<Branch> branches, int level) {
    for (Branch branch : branches) {
      if (level == 0 || reaches(branch.children(), level - 1)) {
        return true;
      }
    }
    return false;
  }

  /// The members of a level in an order, in each group or over all.
  static Trees ordered(Making at, Side side, int level, boolean overAll, Order order)
      throws NoPlace {
    Trees trees = at.trees();
    if (!overAll || level == 0) {
      return sorted(trees, side, level, order);
    }
    MembersInOneOrder members = new MembersInOneOrder(side, level, at.index());
    List<Branch> roots = members.inOrder(trees.roots(side), order, at.most());
    members.aside().forEach(at::takeOut);
    return trees.with(side, roots);
  }

  /// Each group of a level in this order.
  public static Trees sorted(Trees trees, Side side, int level, Order order) {
    return trees.with(side, sorted(trees.roots(side), level, order));
  }

  /// What has no figure comes last, whatever the direction.
  private static double key(double figure, boolean descending) {
    return Double.isNaN(figure) ? Double.POSITIVE_INFINITY : descending ? -figure : figure;
  }

  private static List<Branch> sorted(List<Branch> branches, int deeper, Order order) {
    if (deeper == 0) {
      return sorted(branches, order);
    }
    return OnDemand.of(
        branches,
        index -> {
          Branch branch = branches.get(index);
          boolean group = branch.isMember() && !branch.isLeaf();
          return group ? branch.withChildren(sorted(branch.children(), deeper - 1, order)) : branch;
        });
  }

  private static List<Branch> sorted(List<Branch> branches, Order order) {
    Branches.Members members = Branches.of(branches).members();
    int[] ranks = members.ranks();
    Ranking ranking = order.ranking(members.branches());
    return OnDemand.of(
        branches,
        index ->
            ranks[index] < 0
                ? branches.get(index)
                : members.branches().get(ranking.at(ranks[index])));
  }

  public static Trees shifted(Trees trees, Shift shift) throws NoPlace {
    trees.find(shift.side(), shift.path());
    List<Branch> roots = trees.roots(shift.side());
    return trees.with(shift.side(), shifted(roots, shift.path(), shift.by()));
  }

  private static List<Branch> shifted(List<Branch> branches, List<String> path, int by) {
    List<Branch> all = new ArrayList<>(branches);
    for (int i = 0; i < branches.size(); i++) {
      Branch branch = branches.get(i);
      if (!branch.label().equals(path.getFirst())) {
        continue;
      }
      if (path.size() > 1) {
        List<String> rest = path.subList(1, path.size());
        all.set(i, branch.withChildren(shifted(branch.children(), rest, by)));
      } else {
        int to = Math.max(0, Math.min(branches.size() - 1, i + by));
        all.add(to, all.remove(i));
      }
      break;
    }
    return all;
  }
}
