package app.finish.core.arrange;

import app.finish.core.table.Axis;
import app.finish.core.table.Body;
import app.finish.core.table.Heading.Role;
import app.finish.core.table.Marks;
import app.finish.core.table.Spot;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;

/// Turns a level of one side to the other. Each leaf of the side is a path of headings; the heading
/// at the level goes over, the others stay. A total above the level is a total over it too.
final class Turning {
  /// The label that stands for a total over the level while paths are compared.
  private static final String TOTAL = "\u0000total";

  /// A heading of a path, without what is under it.
  private record Step(String label, String shown, Role role, OptionalInt measure) {
    static Step of(Branch branch) {
      return new Step(branch.label(), branch.shown(), branch.role(), branch.measure());
    }

    /// What tells it from its neighbours.
    String key() {
      return role + " " + label;
    }
  }

  /// A leaf of the side: what stays, and what goes over.
  private record Parted(List<Step> stays, Step goes, Branch leaf) {}

  private final Trees trees;
  private final Side side;
  private final int level;
  private Optional<Step> under = Optional.empty();

  Turning(Trees trees, Move.Turn turn) {
    this.trees = trees;
    this.side = turn.side();
    this.level = turn.level();
  }

  Trees turned() throws NoPlace {
    List<List<Branch>> paths = paths(trees.roots(side));
    String total = totalLabel(paths);
    under = totalUnder(paths);
    List<Parted> parted = new ArrayList<>();
    for (List<Branch> path : paths) {
      parted.add(part(path, total));
    }
    Map<List<String>, List<Step>> rows = new LinkedHashMap<>();
    Map<String, Step> members = new LinkedHashMap<>();
    Map<List<Object>, Branch> sources = new HashMap<>();
    for (Parted one : parted) {
      rows.putIfAbsent(keys(one.stays), one.stays);
      members.putIfAbsent(one.goes.key(), one.goes);
      sources.putIfAbsent(List.of(keys(one.stays), one.goes.key()), one.leaf);
    }
    return built(rows, ordered(members), sources);
  }

  private static List<String> keys(List<Step> steps) {
    return steps.stream().map(Step::key).toList();
  }

  private static List<List<Branch>> paths(List<Branch> roots) {
    List<List<Branch>> paths = new ArrayList<>();
    for (Branch root : roots) {
      if (root.isLeaf()) {
        paths.add(List.of(root));
      }
      for (List<Branch> under : paths(root.children())) {
        List<Branch> path = new ArrayList<>(List.of(root));
        path.addAll(under);
        paths.add(path);
      }
    }
    return paths;
  }

  /// What totals over the level are called.
  private String totalLabel(List<List<Branch>> paths) {
    return paths.stream()
        .filter(path -> path.size() > level && path.get(level).role() != Role.MEMBER)
        .map(path -> path.get(level).shown())
        .findFirst()
        .orElse("Total");
  }

  /// The heading that a total over the level takes when the level is gone: it is a total over the
  /// next level too. None if there is no next level.
  private Optional<Step> totalUnder(List<List<Branch>> paths) {
    boolean deeper = paths.stream().anyMatch(path -> measurePlace(path) > level + 1);
    Optional<Step> known =
        paths.stream()
            .filter(path -> measurePlace(path) > level + 1)
            .map(path -> path.get(level + 1))
            .filter(branch -> branch.role() != Role.MEMBER)
            .map(Step::of)
            .map(step -> new Step(step.label, step.shown, Role.SUBTOTAL, step.measure))
            .findFirst();
    Step made = new Step("Total", "Total", Role.SUBTOTAL, OptionalInt.empty());
    return deeper ? known.or(() -> Optional.of(made)) : Optional.empty();
  }

  private Parted part(List<Branch> path, String total) throws NoPlace {
    List<Step> steps = new ArrayList<>(path.stream().map(Step::of).toList());
    Step all = new Step(TOTAL, total, Role.SUBTOTAL, OptionalInt.empty());
    Branch leaf = path.getLast();
    int place = measurePlace(path);
    if (place > level && path.get(level).measure().isEmpty()) {
      Step goes = steps.remove(level);
      if (goes.role != Role.MEMBER && place == level + 1) {
        under.ifPresent(one -> steps.add(level, one));
      }
      return new Parted(steps, goes.role == Role.MEMBER ? goes : all, leaf);
    }
    boolean isTotal = place > 0 && path.get(place - 1).role() != Role.MEMBER;
    if (!isTotal) {
      throw new NoPlace("not all headings of this side have such a level");
    }
    return new Parted(steps, all, leaf);
  }

  /// How many headings of a path come before its measure.
  private static int measurePlace(List<Branch> path) {
    int place = 0;
    while (place < path.size() && path.get(place).measure().isEmpty()) {
      place++;
    }
    return place;
  }

  /// Members as they came, a total last, unless it came first.
  private static List<Step> ordered(Map<String, Step> members) {
    List<Step> all = new ArrayList<>(members.values());
    Step first = all.getFirst();
    if (!first.label.equals(TOTAL)) {
      all.stream()
          .filter(step -> step.label.equals(TOTAL))
          .findFirst()
          .ifPresent(
              total -> {
                all.remove(total);
                all.add(total);
              });
    }
    return all;
  }

  private Trees built(
      Map<List<String>, List<Step>> rows, List<Step> members, Map<List<Object>, Branch> sources)
      throws NoPlace {
    List<List<Step>> rowPaths = new ArrayList<>(rows.values());
    List<List<String>> rowKeys = new ArrayList<>(rows.keySet());
    rowPaths.replaceAll(path -> path.isEmpty() ? List.of(whole()) : path);
    List<List<Step>> columnPaths = new ArrayList<>();
    List<String> columnMembers = new ArrayList<>();
    List<Branch> columnLeaves = new ArrayList<>();
    for (List<Branch> path : groupedPaths(members.size())) {
      for (Step member : members) {
        List<Step> steps = new ArrayList<>(path.stream().map(Step::of).toList());
        steps.add(measurePlace(path), member);
        columnPaths.add(steps);
        columnMembers.add(member.key());
        columnLeaves.add(path.getLast());
      }
    }
    Grown downGrown = new Grown(rowPaths);
    Grown acrossGrown = new Grown(columnPaths);
    return assembled(downGrown, acrossGrown, rowKeys, columnMembers, columnLeaves, sources);
  }

  private List<List<Branch>> groupedPaths(int members) throws NoPlace {
    List<List<Branch>> paths = paths(trees.roots(side.other()));
    if ((long) paths.size() * members > 16_384) {
      throw new NoPlace("it would make " + (long) paths.size() * members + " headings");
    }
    return paths;
  }

  /// What stands where nothing is left of a side.
  private static Step whole() {
    return new Step("All", "All", Role.MEMBER, OptionalInt.empty());
  }

  /// A tree grown of paths, and for each of its leaves the path that it came from.
  private static final class Grown {
    final List<Branch> roots;
    final List<Integer> order = new ArrayList<>();

    Grown(List<List<Step>> paths) {
      List<Integer> all = new ArrayList<>();
      for (int i = 0; i < paths.size(); i++) {
        all.add(i);
      }
      this.roots = grow(paths, all, 0);
    }

    private List<Branch> grow(List<List<Step>> paths, List<Integer> some, int depth) {
      Map<String, List<Integer>> groups = new LinkedHashMap<>();
      for (int path : some) {
        groups
            .computeIfAbsent(paths.get(path).get(depth).key(), key -> new ArrayList<>())
            .add(path);
      }
      List<Branch> branches = new ArrayList<>();
      for (List<Integer> group : groups.values()) {
        List<Step> first = paths.get(group.getFirst());
        Step step = first.get(depth);
        boolean leaf = first.size() == depth + 1;
        List<Integer> from = new ArrayList<>();
        List<Branch> children = List.of();
        if (leaf) {
          from.add(order.size());
          order.add(group.getFirst());
        } else {
          children = grow(paths, group, depth + 1);
        }
        branches.add(branch(step, depth, children, from));
      }
      return branches;
    }

    private static Branch branch(Step step, int depth, List<Branch> children, List<Integer> from) {
      boolean total = step.role != Role.MEMBER;
      Role role = total ? depth == 0 ? Role.GRAND_TOTAL : Role.SUBTOTAL : Role.MEMBER;
      String label = step.label.equals(TOTAL) ? step.shown : step.label;
      return new Branch(label, step.shown, role, step.measure, children, from, Optional.empty());
    }
  }

  private Trees assembled(
      Grown own,
      Grown other,
      List<List<String>> rowKeys,
      List<String> columnMembers,
      List<Branch> columnLeaves,
      Map<List<Object>, Branch> sources) {
    boolean fromDown = side == Side.DOWN;
    int height = fromDown ? own.order.size() : other.order.size();
    int width = fromDown ? other.order.size() : own.order.size();
    Map<Spot, String> marks = new HashMap<>();
    Body body =
        Body.of(
            height,
            width,
            (row, column) -> {
              int ownLeaf = own.order.get(fromDown ? row : column);
              int otherLeaf = other.order.get(fromDown ? column : row);
              Branch one = sources.get(List.of(rowKeys.get(ownLeaf), columnMembers.get(otherLeaf)));
              if (one == null) {
                return Value.BLANK;
              }
              Branch two = columnLeaves.get(otherLeaf);
              Branch downLeaf = fromDown ? one : two;
              Branch acrossLeaf = fromDown ? two : one;
              trees
                  .place(downLeaf, acrossLeaf)
                  .map(trees.source().marks()::at)
                  .filter(mark -> !mark.isEmpty())
                  .ifPresent(mark -> marks.put(new Spot.Figure(row, column), mark));
              return trees.value(downLeaf, acrossLeaf);
            });
    Grown down = fromDown ? own : other;
    Grown across = fromDown ? other : own;
    List<String> ownNames = new ArrayList<>(trees.dimensions(side));
    String name = level < ownNames.size() ? ownNames.remove(level) : "";
    if (ownNames.isEmpty()) {
      ownNames.add("");
    }
    List<String> otherNames = new ArrayList<>(trees.dimensions(side.other()));
    otherNames.add(innermost(), name);
    Table table =
        new Table(
            Axis.of(fromDown ? ownNames : otherNames, Branch.headings(down.roots, Branch::label)),
            Axis.of(fromDown ? otherNames : ownNames, Branch.headings(across.roots, Branch::label)),
            trees.source().measures(),
            body,
            trees.source().held(),
            trees.source().words(),
            new Marks(marks));
    return new Trees(
        table,
        down.roots,
        across.roots,
        table.down().dimensions(),
        table.across().dimensions(),
        false);
  }

  /// At which place the level's name comes among those of the other side.
  private int innermost() {
    int place = 0;
    for (List<Branch> path : paths(trees.roots(side.other()))) {
      place = Math.max(place, measurePlace(path));
    }
    return Math.min(place, trees.dimensions(side.other()).size());
  }
}
