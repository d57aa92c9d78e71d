package app.finish.core.arrange.tree;

import app.finish.core.arrange.tree.HeadingsByLevel.Step;
import app.finish.core.table.Heading.Role;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// A tree of headings grown of the steps at each level. Neighbours of one name become one; totals
/// stand where they stood among their neighbours: first or last.
public final class TreeOfPaths {
  private final List<List<Optional<Step>>> paths;
  private final int measures;
  private final List<Branch> roots;
  private final List<Integer> order = new ArrayList<>();

  /// @param paths for each leaf a step a level
  /// @param measures the level at which the measures run, −1 if none does
  public TreeOfPaths(List<List<Optional<Step>>> paths, int measures) {
    this.paths = paths;
    this.measures = measures;
    List<Integer> all = new ArrayList<>();
    for (int i = 0; i < paths.size(); i++) {
      all.add(i);
    }
    this.roots = grow(all, 0, true);
  }

  /// The headings; the leaf at place `i` has `i` as the only place that it is made from.
  public List<Branch> roots() {
    return roots;
  }

  /// For each leaf of [#roots] which of the paths it came from.
  public List<Integer> order() {
    return order;
  }

  private Optional<Step> step(int path, int level) {
    return level < paths.get(path).size() ? paths.get(path).get(level) : Optional.empty();
  }

  private boolean ends(int path, int level) {
    for (int next = level; next < paths.get(path).size(); next++) {
      if (step(path, next).isPresent()) {
        return false;
      }
    }
    return true;
  }

  /// @param allTotals whether all headings above are totals, or there are none
  private List<Branch> grow(List<Integer> some, int level, boolean allTotals) {
    Map<String, List<Integer>> groups = new LinkedHashMap<>();
    List<Integer> deeper = new ArrayList<>();
    for (int path : some) {
      Optional<Step> step = step(path, level);
      if (step.isPresent()) {
        groups.computeIfAbsent(step.get().key(), key -> new ArrayList<>()).add(path);
      } else if (!ends(path, level)) {
        deeper.add(path);
      }
    }
    List<Branch> branches = new ArrayList<>();
    for (List<Integer> group : ordered(groups)) {
      branches.addAll(branches(group, level, allTotals));
    }
    if (!deeper.isEmpty()) {
      branches.addAll(grow(deeper, level + 1, allTotals));
    }
    return branches;
  }

  /// Totals last, unless they came first.
  private static List<List<Integer>> ordered(Map<String, List<Integer>> groups) {
    List<List<Integer>> all = new ArrayList<>(groups.values());
    List<Integer> totals = groups.get("total");
    if (totals != null && all.getFirst() != totals) {
      all.remove(totals);
      all.add(totals);
    }
    return all;
  }

  private List<Branch> branches(List<Integer> group, int level, boolean allTotals) {
    Step step = step(group.getFirst(), level).orElseThrow();
    boolean total = step.isTotal();
    boolean whole = total && group.stream().allMatch(path -> isTotalBelow(path, level));
    boolean grand = total && allTotals && whole;
    Role role = grand ? Role.GRAND_TOTAL : total ? Role.SUBTOTAL : Role.MEMBER;
    boolean next = allTotals && (total || step.measure().isPresent());
    int from = whole && measures > level ? measures : level + 1;
    List<Branch> branches = new ArrayList<>();
    List<Integer> deeper = new ArrayList<>();
    for (int path : group) {
      boolean ends = ends(path, level + 1) || whole && (measures <= level || ends(path, measures));
      if (ends) {
        branches.add(leaf(step, role, path));
      } else {
        deeper.add(path);
      }
    }
    if (!deeper.isEmpty()) {
      List<Branch> under = whole ? measuresOf(deeper, from) : grow(deeper, from, next);
      branches.add(made(step, role, under, List.of()));
    }
    return branches;
  }

  /// What is left below a total over everything: the measures.
  private List<Branch> measuresOf(List<Integer> some, int level) {
    List<Branch> branches = new ArrayList<>();
    for (int path : some) {
      branches.add(leaf(step(path, level).orElseThrow(), Role.MEMBER, path));
    }
    return branches;
  }

  private boolean isTotalBelow(int path, int level) {
    for (int next = level + 1; next < paths.get(path).size(); next++) {
      Optional<Step> step = step(path, next);
      if (step.isPresent() && !step.get().isTotal() && step.get().measure().isEmpty()) {
        return false;
      }
    }
    return true;
  }

  private Branch leaf(Step step, Role role, int path) {
    order.add(path);
    return made(step, role, List.of(), List.of(order.size() - 1));
  }

  private static Branch made(Step step, Role role, List<Branch> under, List<Integer> from) {
    return new Branch(
        step.label(),
        step.shown(),
        role,
        step.measure(),
        under,
        from,
        step.origin().flatMap(Branch::origin));
  }
}
