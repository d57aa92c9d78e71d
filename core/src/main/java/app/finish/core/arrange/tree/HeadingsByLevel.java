package app.finish.core.arrange.tree;

import app.finish.core.table.Heading.Role;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/// The levels of one side, and for each of its leaves the heading at each level. A total stands for
/// a total at all levels below it too; a level that a leaf doesn't have is empty.
///
/// @param names a name a level
/// @param measures the level at which the measures run, −1 if none does
/// @param paths for each leaf a step a level
/// @param leaves the leaves
public record HeadingsByLevel(
    List<String> names, int measures, List<List<Optional<Step>>> paths, List<Branch> leaves) {
  private static final String WHOLE = "All";

  /// A heading at a level.
  ///
  /// @param label what moves call it
  /// @param shown what it is called
  /// @param isTotal whether it is a total over the level
  /// @param measure its measure, if it names one
  /// @param origin the heading itself, if the side has it
  public record Step(
      String label, String shown, boolean isTotal, OptionalInt measure, Optional<Branch> origin) {
    public static Step of(Branch branch) {
      boolean total = branch.role() != Role.MEMBER;
      return new Step(branch.label(), branch.typed(), total, branch.measure(), Optional.of(branch));
    }

    /// What tells it from its neighbours: all totals over a level are one.
    public String key() {
      return isTotal ? "total" : measure.isPresent() ? "measure " + label : "member " + label;
    }

    /// The same total, called as another.
    public Step calledAs(Branch total) {
      return new Step(total.label(), total.typed(), isTotal, measure, origin);
    }
  }

  public HeadingsByLevel {
    names = List.copyOf(names);
    paths = List.copyOf(paths);
    leaves = List.copyOf(leaves);
  }

  public static HeadingsByLevel of(List<Branch> roots, List<String> names) {
    List<List<Branch>> paths = new ArrayList<>();
    collect(roots, new ArrayList<>(), paths);
    if (isWhole(roots)) {
      return new HeadingsByLevel(List.of(), -1, List.of(List.of()), List.of(roots.getFirst()));
    }
    int members = 0;
    int measures = -1;
    for (List<Branch> path : paths) {
      int depth = measureDepth(path);
      measures = depth < path.size() ? Math.max(measures, depth) : measures;
      members = Math.max(members, path.size() - (depth < path.size() ? 1 : 0));
    }
    List<List<Optional<Step>>> slots = new ArrayList<>();
    for (List<Branch> path : paths) {
      slots.add(List.copyOf(slots(path, members, measures)));
    }
    List<String> all = new ArrayList<>();
    for (int i = 0; i < members + (measures < 0 ? 0 : 1); i++) {
      all.add(i < names.size() ? names.get(i) : "");
    }
    return new HeadingsByLevel(all, measures, slots, paths.stream().map(List::getLast).toList());
  }

  /// Whether the only heading of a side says nothing: there is no level then.
  static boolean isWhole(List<Branch> roots) {
    if (roots.isEmpty()) {
      return false;
    }
    Branch first = roots.getFirst();
    boolean alone = roots.size() == 1 && first.isLeaf() && first.isMember();
    return alone && (first.label().isEmpty() || first.label().equals(WHOLE));
  }

  /// What stands where nothing is left of a side.
  public static Step whole() {
    return new Step(WHOLE, WHOLE, false, OptionalInt.empty(), Optional.empty());
  }

  private static void collect(List<Branch> branches, List<Branch> path, List<List<Branch>> paths) {
    for (Branch branch : branches) {
      path.add(branch);
      if (branch.isLeaf()) {
        paths.add(List.copyOf(path));
      } else {
        collect(branch.children(), path, paths);
      }
      path.removeLast();
    }
  }

  private static int measureDepth(List<Branch> path) {
    int depth = 0;
    while (depth < path.size() && path.get(depth).measure().isEmpty()) {
      depth++;
    }
    return depth;
  }

  private static List<Optional<Step>> slots(List<Branch> path, int members, int measures) {
    List<Optional<Step>> steps = new ArrayList<>();
    Optional<Step> measure = Optional.empty();
    Optional<Step> total = Optional.empty();
    for (Branch branch : path) {
      Step step = Step.of(branch);
      if (step.measure.isPresent()) {
        measure = Optional.of(step);
      } else {
        steps.add(Optional.of(step));
        total = step.isTotal ? Optional.of(step) : total;
      }
    }
    Optional<Step> rest =
        total.map(
            one -> new Step(one.label, one.shown, true, OptionalInt.empty(), Optional.empty()));
    while (steps.size() < members) {
      steps.add(rest);
    }
    if (measures >= 0) {
      steps.add(measures, measure);
    }
    return steps;
  }

  public int size() {
    return names.size();
  }

  /// The first total over a level whose name would fit in other groups too: it does not speak of
  /// the group that it stands in, as “Night total” does.
  public Optional<Branch> totalOver(int level) {
    for (List<Optional<Step>> path : paths) {
      Optional<Branch> total =
          path.get(level).filter(step -> step.isTotal).flatMap(step -> step.origin);
      String group = level > 0 ? path.get(level - 1).map(step -> step.label).orElse("") : "";
      boolean names =
          !group.isEmpty() && total.filter(one -> one.label().contains(group)).isPresent();
      if (total.isPresent() && !names) {
        return total;
      }
    }
    return Optional.empty();
  }
}
