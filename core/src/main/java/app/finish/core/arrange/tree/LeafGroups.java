package app.finish.core.arrange.tree;

import app.finish.core.table.Axis;
import app.finish.core.table.Heading;
import app.finish.core.table.Heading.Role;
import app.finish.core.table.Leaf;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/// Who stands with whom on an axis: for each leaf its group, and the leaves that make up the total
/// of its group and of all. Leaves of other measures are no kin.
public final class LeafGroups {
  private final List<List<Integer>> groups = new ArrayList<>();
  private final int[] groupOf;
  private final int[] indexInGroup;
  private final Map<List<Object>, List<Integer>> members = new HashMap<>();
  private final Map<List<Object>, Integer> totals = new HashMap<>();
  private final List<List<Object>> wholes = new ArrayList<>();
  private final List<List<Object>> parents = new ArrayList<>();
  private final List<Integer> parentOf = new ArrayList<>();
  private final Axis axis;

  public LeafGroups(Axis axis) {
    this.axis = axis;
    int size = axis.leaves().size();
    this.groupOf = new int[size];
    this.indexInGroup = new int[size];
    Map<List<Object>, Integer> known = new HashMap<>();
    Map<List<Object>, Integer> ids = new HashMap<>();
    for (Leaf leaf : axis.leaves()) {
      List<Object> path = path(leaf);
      Object measure = leaf.measure();
      boolean member = leaf.role() == Role.MEMBER;
      for (int depth = 0; depth < path.size() && member; depth++) {
        members
            .computeIfAbsent(key(path, depth, measure), key -> new ArrayList<>())
            .add(leaf.index());
      }
      if (isWholeTotal(leaf)) {
        totals.putIfAbsent(key(path, totalDepth(leaf), measure), leaf.index());
      }
      int own = member ? path.size() - 1 : Math.max(0, totalDepth(leaf) - 1);
      wholes.add(key(path, 0, measure));
      List<Object> parent = key(path, own, measure);
      parents.add(parent);
      parentOf.add(ids.computeIfAbsent(parent, key -> ids.size()));
      groupOf[leaf.index()] = -1;
      indexInGroup[leaf.index()] = -1;
      if (member) {
        int group = known.computeIfAbsent(key(path, path.size() - 1, measure), key -> newGroup());
        groupOf[leaf.index()] = group;
        indexInGroup[leaf.index()] = groups.get(group).size();
        groups.get(group).add(leaf.index());
      }
    }
  }

  private int newGroup() {
    groups.add(new ArrayList<>());
    return groups.size() - 1;
  }

  /// The headings above a leaf but for its measure; groups of one name in two places are one.
  private static List<Object> path(Leaf leaf) {
    List<Object> path = new ArrayList<>();
    leaf.path().stream()
        .filter(heading -> heading.measure().isEmpty())
        .forEach(heading -> path.add(heading.label()));
    return path.isEmpty() ? List.of("") : path;
  }

  /// Whether a leaf is a total over everything below its group, and not one member of all groups.
  private static boolean isWholeTotal(Leaf leaf) {
    boolean total = false;
    for (Heading heading : leaf.path()) {
      if (total && heading.measure().isEmpty() && heading.role() == Role.MEMBER) {
        return false;
      }
      total |= heading.role() != Role.MEMBER;
    }
    return total;
  }

  /// How many groups a total stands in.
  private static int totalDepth(Leaf leaf) {
    int depth = 0;
    for (int i = 0; i < leaf.path().size(); i++) {
      if (leaf.path().get(i).role() != Role.MEMBER) {
        return depth;
      }
      depth += leaf.path().get(i).measure().isEmpty() ? 1 : 0;
    }
    return depth;
  }

  private static List<Object> key(List<Object> path, int depth, Object measure) {
    List<Object> key = new ArrayList<>(path.subList(0, Math.min(depth, path.size())));
    key.add(measure);
    return key;
  }

  /// The group that a leaf is a member of; −1 for totals.
  public int groupOf(int leaf) {
    return groupOf[leaf];
  }

  /// At which index of its group a leaf stands.
  public int indexInGroup(int leaf) {
    return indexInGroup[leaf];
  }

  /// The leaves of a group in order.
  public List<Integer> group(int group) {
    return groups.get(group);
  }

  /// The leaves that make up the total of all: the total itself, or all members.
  public List<Integer> whole(int leaf) {
    return sumOf(wholes.get(leaf));
  }

  /// Which of the axis's parents a leaf is a part of.
  public int parentOf(int leaf) {
    return parentOf.get(leaf);
  }

  /// The leaves that make up the total of what a leaf is a part of.
  public List<Integer> parent(int leaf) {
    return sumOf(parents.get(leaf));
  }

  private List<Integer> sumOf(List<Object> key) {
    Integer total = totals.get(key);
    return total != null ? List.of(total) : members.getOrDefault(key, List.of());
  }

  /// The label of a leaf's last heading that is no measure.
  public String label(int leaf) {
    return (String) path(axis.leaves().get(leaf)).getLast();
  }
}
