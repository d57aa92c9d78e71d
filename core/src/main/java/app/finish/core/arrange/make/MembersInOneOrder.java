package app.finish.core.arrange.make;

import app.finish.core.arrange.place.Aside;
import app.finish.core.arrange.place.NoPlace;
import app.finish.core.arrange.place.Side;
import app.finish.core.arrange.tree.Branch;
import app.finish.core.arrange.tree.Branches;
import app.finish.core.arrange.tree.Order;
import app.finish.core.arrange.tree.Ranking;
import java.util.ArrayList;
import java.util.List;

/// Puts the members of all groups into one order. A group that is parted by it shows its heading
/// before each run of its members; subtotals have no place any more and are set aside.
public final class MembersInOneOrder {
  private record Member(List<Branch> groups, Branch branch) {}

  private final int level;
  private final Side side;
  private final int index;
  private final List<Member> members = new ArrayList<>();
  private final List<Branch> before = new ArrayList<>();
  private final List<Branch> behind = new ArrayList<>();
  private final List<Aside> aside = new ArrayList<>();

  /// @param index the place of the move in the list
  public MembersInOneOrder(Side side, int level, int index) {
    this.side = side;
    this.level = level;
    this.index = index;
  }

  /// The branches in the order.
  ///
  /// @param most how many members are wanted at most, the first
  List<Branch> inOrder(List<Branch> roots, Order order, int most) throws NoPlace {
    for (Branch root : roots) {
      if (reaches(root, 0)) {
        collect(root, List.of(), List.of(root.label()));
      } else {
        (members.isEmpty() ? before : behind).add(root);
      }
    }
    if (members.isEmpty()) {
      throw new NoPlace("there is no such level on this side now");
    }
    List<Branch> all = new ArrayList<>(before);
    all.addAll(grown(inOrder(order, Math.min(most, members.size())), 0));
    all.addAll(most < members.size() ? List.of() : behind);
    return all;
  }

  /// Whether members stand at the level under a branch. One without is no group here, and stays.
  private boolean reaches(Branch branch, int at) {
    if (at == level || !branch.isMember()) {
      return branch.isMember();
    }
    List<Branch> children = branch.children();
    for (int i = 0; i < children.size(); i++) {
      if (reaches(children.get(i), at + 1)) {
        return true;
      }
    }
    return false;
  }

  private List<Member> inOrder(Order order, int count) {
    Ranking ranking = order.ranking(Branches.of(members.stream().map(Member::branch).toList()));
    List<Member> ordered = new ArrayList<>(count);
    for (int rank = 0; rank < count; rank++) {
      ordered.add(members.get(ranking.at(rank)));
    }
    return ordered;
  }

  /// What lost its place.
  public List<Aside> aside() {
    return aside;
  }

  /// @param groups the groups above
  /// @param path the labels that lead to the branch
  private void collect(Branch branch, List<Branch> groups, List<String> path) {
    List<Branch> under = new ArrayList<>(groups);
    under.add(branch);
    for (Branch child : branch.children()) {
      if (child.isMember() && under.size() == level) {
        members.add(new Member(under, child));
      } else if (child.isLeaf() || !child.isMember()) {
        aside.add(new Aside(index, side, path, child.label()));
      } else {
        List<String> here = new ArrayList<>(path);
        here.add(child.label());
        collect(child, under, here);
      }
    }
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
