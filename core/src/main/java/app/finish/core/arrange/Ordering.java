package app.finish.core.arrange;

import app.finish.core.words.NaturalOrder;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/// Puts members in another order within their groups. Totals and measures stay where they are.
final class Ordering {
  private Ordering() {}

  static Order<String> byLabel(Move.ByLabel order) {
    Comparator<String> labels = NaturalOrder.PLAIN;
    return new Order<>(Branch::label, order.descending() ? labels.reversed() : labels);
  }

  static Order<Double> byFigure(Trees trees, Move.ByFigure order) throws NoPlace {
    Branch at = trees.leaf(order.side().other(), order.at());
    return new Order<>(
        branch -> key(trees.figure(branch, at, order.side()), order.descending()), Double::compare);
  }

  /// Each group of a level the other way round.
  static Trees reversed(Trees trees, Move.Reverse reverse) throws NoPlace {
    Map<Branch, Integer> places = new IdentityHashMap<>();
    number(trees.roots(reverse.side()), reverse.level(), places);
    if (places.isEmpty()) {
      throw new NoPlace("there is no such level on this side now");
    }
    Order<Integer> backwards = new Order<>(places::get, Comparator.reverseOrder());
    return sorted(trees, reverse.side(), reverse.level(), backwards);
  }

  private static void number(List<Branch> branches, int level, Map<Branch, Integer> places) {
    for (Branch branch : branches) {
      if (level == 0) {
        places.put(branch, places.size());
      } else {
        number(branch.children(), level - 1, places);
      }
    }
  }

  /// Each group of a level in this order.
  static Trees sorted(Trees trees, Side side, int level, Order<?> order) {
    return trees.with(side, sorted(trees.roots(side), level, 0, order));
  }

  /// What has no figure comes last, whatever the direction.
  private static double key(double figure, boolean descending) {
    return Double.isNaN(figure) ? Double.POSITIVE_INFINITY : descending ? -figure : figure;
  }

  private static List<Branch> sorted(List<Branch> branches, int wanted, int level, Order<?> order) {
    if (level < wanted) {
      List<Branch> all = new ArrayList<>();
      for (Branch branch : branches) {
        List<Branch> under = sorted(branch.children(), wanted, level + 1, order);
        all.add(branch.isMember() ? branch.withChildren(under) : branch);
      }
      return all;
    }
    List<Branch> members = new ArrayList<>(branches.size());
    for (Branch branch : branches) {
      if (branch.isMember()) {
        members.add(branch);
      }
    }
    List<Branch> ordered = order.sorted(members, Function.identity());
    List<Branch> all = new ArrayList<>(branches.size());
    int next = 0;
    for (Branch branch : branches) {
      all.add(branch.isMember() ? ordered.get(next++) : branch);
    }
    return all;
  }

  static Trees shifted(Trees trees, Move.Shift shift) throws NoPlace {
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
