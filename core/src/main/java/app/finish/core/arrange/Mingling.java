package app.finish.core.arrange;

import app.finish.core.arrange.Arranged.Aside;
import java.util.ArrayList;
import java.util.List;

/// Puts the members of all groups into one order. A group that is parted by it shows its heading
/// before each run of its members; subtotals have no place any more and are set aside.
final class Mingling {
  private record Member(List<Branch> groups, Branch branch) {}

  private final int level;
  private final Side side;
  private final int place;
  private final List<Member> members = new ArrayList<>();
  private final List<Branch> before = new ArrayList<>();
  private final List<Branch> behind = new ArrayList<>();
  private final List<Aside> aside = new ArrayList<>();

  /// @param place the place of the move in the list
  Mingling(Side side, int level, int place) {
    this.side = side;
    this.level = level;
    this.place = place;
  }

  /// The branches in the order.
  List<Branch> mingled(List<Branch> roots, Order order) throws NoPlace {
    for (Branch root : roots) {
      if (root.isMember() && !(root.isLeaf() && level > 0)) {
        collect(root, new ArrayList<>(), List.of(root.label()));
      } else {
        (members.isEmpty() ? before : behind).add(root);
      }
    }
    if (members.isEmpty()) {
      throw new NoPlace("there is no such level on this side now");
    }
    List<Branch> all = new ArrayList<>(before);
    all.addAll(grown(inOrder(order), 0));
    all.addAll(behind);
    return all;
  }

  private List<Member> inOrder(Order order) {
    Ranking ranking = order.ranking(members.stream().map(Member::branch).toList());
    List<Member> ordered = new ArrayList<>(members.size());
    for (int rank = 0; rank < members.size(); rank++) {
      ordered.add(members.get(ranking.at(rank)));
    }
    return ordered;
  }

  /// What lost its place.
  List<Aside> aside() {
    return aside;
  }

  private void collect(Branch branch, List<Branch> groups, List<String> path) {
    if (groups.size() == level) {
      members.add(new Member(List.copyOf(groups), branch));
      return;
    }
    groups.add(branch);
    for (Branch child : branch.children()) {
      List<String> here = new ArrayList<>(path);
      here.add(child.label());
      if (child.isMember()) {
        collect(child, groups, here);
      } else {
        aside.add(Aside.at(place, side, here));
      }
    }
    groups.removeLast();
  }

  private List<Branch> grown(List<Member> some, int depth) {
    List<Branch> all = new ArrayList<>();
    int start = 0;
    while (start < some.size()) {
      Member first = some.get(start);
      int end = start + 1;
      if (depth == level) {
        all.add(first.branch);
      } else {
        Branch group = first.groups.get(depth);
        while (end < some.size() && some.get(end).groups.get(depth) == group) {
          end++;
        }
        all.add(group.withChildren(grown(some.subList(start, end), depth + 1)));
      }
      start = end;
    }
    return all;
  }
}
