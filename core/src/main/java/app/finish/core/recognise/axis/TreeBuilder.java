package app.finish.core.recognise.axis;

import app.finish.core.recognise.line.Line;
import app.finish.core.recognise.total.Total;
import app.finish.core.recognise.words.Vocabulary;
import app.finish.core.table.Heading;
import app.finish.core.table.Heading.Role;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;

/// Builds the headings of an axis from its lines and totals. Lines side by side that share a label
/// share a heading; a total stands in the group that it totals.
public final class TreeBuilder {
  /// One step on the way to a leaf; `group` tells groups without a name apart.
  private record Step(String label, Role role, OptionalInt measure, int group, int level) {}

  private final List<Line> keys;
  private final Map<Integer, Total> totals;
  private final List<Total> unnamed;

  /// @param keys the lines without the level of the measures
  /// @param totals which of them are totals
  TreeBuilder(List<Line> keys, Map<Integer, Total> totals) {
    this.keys = keys;
    this.totals = totals;
    this.unnamed =
        totals.values().stream()
            .filter(total -> total.role() == Role.SUBTOTAL && total.groupLevels() == 0)
            .filter(total -> !total.isInBlock())
            .sorted(Comparator.comparingInt(total -> total.from() - total.to()))
            .toList();
  }

  /// The headings over lines.
  ///
  /// @param keyOf for each line its place among the keys; where no level names measures, a line
  ///   that shares the key of the one before is an unlabelled one under it
  /// @param measureOf for each line its measure, or −1
  /// @param measureLevel the level that the measures' names stand on, or −1
  /// @param measureNames the measures' names
  List<Heading> build(
      List<Integer> keyOf, List<Integer> measureOf, int measureLevel, List<String> measureNames) {
    List<List<Step>> paths = new ArrayList<>();
    for (int i = 0; i < keyOf.size(); i++) {
      List<Step> path = path(keyOf.get(i), measureLevel);
      int measure = measureOf.get(i);
      if (measure >= 0 && measureLevel < 0) {
        Step last = path.isEmpty() ? step("", Role.MEMBER, 0) : path.removeLast();
        boolean under = i > 0 && keyOf.get(i).equals(keyOf.get(i - 1));
        String label = under ? "" : last.label;
        path.add(new Step(label, last.role, OptionalInt.of(measure), last.group, last.level));
      } else if (measure >= 0) {
        int at = 0;
        while (at < path.size() && path.get(at).level < measureLevel) {
          at++;
        }
        path.add(
            at,
            new Step(
                measureNames.get(measure), Role.MEMBER, OptionalInt.of(measure), -1, measureLevel));
      }
      paths.add(path.isEmpty() ? List.of(step("", Role.MEMBER, 0)) : path);
    }
    return headings(paths, 0);
  }

  private List<Step> path(int key, int measureLevel) {
    List<Step> path = new ArrayList<>();
    for (Total total : enclosing(key)) {
      path.add(new Step("", Role.MEMBER, OptionalInt.empty(), total.line(), -1));
    }
    Line line = keys.get(key);
    Total total = totals.get(key);
    if (total == null) {
      for (int level = 0; level < line.labels().size(); level++) {
        if (!line.labels().get(level).isEmpty()) {
          path.add(step(line.labels().get(level), Role.MEMBER, shifted(level, measureLevel)));
        }
      }
      return path;
    }
    if (total.isInBlock()) {
      addBlock(path, line, total, measureLevel);
      return path;
    }
    Line member = keys.get(firstMember(total));
    for (int level = 0; level < total.groupLevels(); level++) {
      path.add(step(member.labels().get(level), Role.MEMBER, shifted(level, measureLevel)));
    }
    int level = total.groupLevels();
    while (level < line.depth() - 1 && !Vocabulary.saysTotal(line.labels().get(level))) {
      level++;
    }
    level = Math.max(level, Math.min(total.groupLevels(), line.depth()));
    String label = level < line.depth() ? line.labels().get(level) : line.label();
    path.add(step(label, total.role(), shifted(level, measureLevel)));
    for (int below = level + 1; below < line.depth(); below++) {
      if (!line.labels().get(below).isEmpty()) {
        path.add(step(line.labels().get(below), Role.MEMBER, shifted(below, measureLevel)));
      }
    }
    return path;
  }

  /// A line of a group of totals: the group's label is a total, what stands below it a member, and
  /// what says total again the grand total.
  private static void addBlock(List<Step> path, Line line, Total total, int measureLevel) {
    for (int level = 0; level < line.depth(); level++) {
      Role role = level == total.block() ? Role.SUBTOTAL : Role.MEMBER;
      boolean last = level == line.depth() - 1;
      String label = line.labels().get(level);
      role = last && Vocabulary.saysTotal(label) ? total.role() : role;
      if (!label.isEmpty()) {
        path.add(step(label, role, shifted(level, measureLevel)));
      }
    }
  }

  private static int shifted(int level, int measureLevel) {
    return measureLevel >= 0 && level >= measureLevel ? level + 1 : level;
  }

  private static Step step(String label, Role role, int level) {
    return new Step(label, role, OptionalInt.empty(), -1, level);
  }

  private int firstMember(Total total) {
    for (int line = total.from(); line <= total.to(); line++) {
      if (!totals.containsKey(line)) {
        return line;
      }
    }
    return total.line();
  }

  /// The totals of groups without a name that this key is in, the widest first.
  private List<Total> enclosing(int key) {
    List<Total> found = new ArrayList<>();
    for (Total total : unnamed) {
      boolean inside =
          key >= Math.min(total.from(), total.line()) && key <= Math.max(total.to(), total.line());
      Total own = totals.get(key);
      if (inside && (own == null || own.role() != Role.GRAND_TOTAL)) {
        found.add(total);
      }
    }
    return found;
  }

  private List<Heading> headings(List<List<Step>> paths, int depth) {
    List<Heading> headings = new ArrayList<>();
    int start = 0;
    while (start < paths.size()) {
      Step step = paths.get(start).get(depth);
      boolean leaf = paths.get(start).size() == depth + 1;
      int end = start + 1;
      while (!leaf
          && end < paths.size()
          && paths.get(end).size() > depth + 1
          && paths.get(end).get(depth).equals(step)) {
        end++;
      }
      List<Heading> children = leaf ? List.of() : headings(paths.subList(start, end), depth + 1);
      headings.add(new Heading(step.label, step.role, step.measure, children));
      start = end;
    }
    return headings;
  }
}
