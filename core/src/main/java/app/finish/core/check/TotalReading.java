package app.finish.core.check;

import app.finish.core.table.Heading;
import app.finish.core.table.Heading.Role;
import app.finish.core.table.Leaf;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.function.IntToDoubleFunction;

/// One way to read what a total totals: its group; the lines back to the total before; that total
/// and what came since; the first line less the others; one total less another.
///
/// ```java
/// TotalReading.of(TotalLines.of(axis), total, List.of()).getFirst().plus(); // the members of its
/// group
/// ```
///
/// @param plus the leaves that are added
/// @param minus the leaves that are taken off
public record TotalReading(List<Integer> plus, List<Integer> minus) {
  private static final int FAR = 2000;
  private static final int FEW_TOTALS = 24;

  /// The ways to read a total, the plainest first.
  ///
  /// @param told the leaves that a person said it totals; then there is no other way
  static List<TotalReading> of(TotalLines axis, Leaf total, List<Integer> told) {
    List<TotalReading> readings = new ArrayList<>();
    if (!told.isEmpty()) {
      readings.add(new TotalReading(told, List.of()));
      return readings;
    }
    List<Integer> members = members(axis, total);
    if (!members.isEmpty() && whole(axis, members).isEmpty()) {
      // Parts that need not be all of it.
      return readings;
    }
    add(readings, whole(axis, members), List.of());
    add(readings, members, List.of());
    add(readings, members.stream().filter(line -> !axis.isBase(line)).toList(), List.of());
    addRuns(readings, axis, total);
    return readings;
  }

  private static void add(List<TotalReading> readings, List<Integer> plus, List<Integer> minus) {
    TotalReading reading = new TotalReading(plus, minus);
    if (!plus.isEmpty() && !readings.contains(reading)) {
      readings.add(reading);
    }
  }

  /// The lines just before a total, back to the total before, as statements are read from above.
  private static void addRuns(List<TotalReading> readings, TotalLines axis, Leaf total) {
    List<Integer> run = new ArrayList<>();
    int at = total.index() - 1;
    while (at >= 0 && !axis.isTotal(at) && run.size() < FAR) {
      if (axis.isAlike(at, total.index())) {
        run.add(at);
      }
      at--;
    }
    Collections.reverse(run);
    List<Integer> plain = whole(axis, run);
    add(readings, plain, List.of());
    if (at >= 0 && run.size() < FAR) {
      List<Integer> running = new ArrayList<>(List.of(at));
      running.addAll(plain);
      add(readings, running, List.of());
      int before = before(axis, at, total);
      if (run.isEmpty() && before >= 0) {
        add(readings, List.of(before), List.of(at));
        add(readings, List.of(before, at), List.of());
      } else if (!run.isEmpty()) {
        add(readings, List.of(at), plain);
      }
    }
    if (plain.size() > 1) {
      add(readings, plain.subList(0, 1), plain.subList(1, plain.size()));
    }
    int most = total.role() == Role.GRAND_TOTAL ? FAR : FEW_TOTALS;
    List<Integer> totals = axis.subtotalsBefore(total.index(), most);
    add(readings, totals, List.of());
  }

  /// The total before a total.
  private static int before(TotalLines axis, int total, Leaf of) {
    for (int at = total - 1; at >= Math.max(0, total - FAR); at--) {
      if (axis.isTotal(at) && axis.isAlike(at, of.index())) {
        return at;
      }
    }
    return -1;
  }

  /// Lines without those that are parts of the line before: “of which”.
  private static List<Integer> whole(TotalLines axis, List<Integer> lines) {
    return lines.stream().filter(line -> !axis.isPart(line)).toList();
  }

  /// The leaves that a total totals: members under the same headings as it, of the same measure.
  private static List<Integer> members(TotalLines axis, Leaf total) {
    List<Heading> group = new ArrayList<>();
    for (Heading heading : total.path()) {
      if (heading.role() != Role.MEMBER) {
        break;
      }
      group.add(heading);
    }
    List<String> deeper = membersBelow(total, group.size() + 1);
    List<Integer> members = new ArrayList<>();
    int from = total.index();
    int to = total.index();
    while (from > 0 && isUnder(axis.leaf(from - 1), group)) {
      from--;
    }
    while (to < axis.size() - 1 && isUnder(axis.leaf(to + 1), group)) {
      to++;
    }
    for (int line = from; line <= to; line++) {
      boolean same = deeper.isEmpty() || endsWith(axis.leaf(line), deeper);
      if (!axis.isTotal(line) && same && axis.isAlike(line, total.index())) {
        members.add(line);
      }
    }
    return members;
  }

  /// The labels below the heading that makes this leaf a total; none if it totals all members, or
  /// if they only name its measure.
  private static List<String> membersBelow(Leaf total, int level) {
    List<Heading> below =
        total.path().subList(Math.min(level, total.path().size()), total.path().size());
    boolean members = below.stream().allMatch(one -> one.role() == Role.MEMBER);
    return members ? labels(below) : List.of();
  }

  private static List<String> labels(List<Heading> path) {
    return path.stream().filter(one -> one.measure().isEmpty()).map(Heading::label).toList();
  }

  private static boolean endsWith(Leaf leaf, List<String> end) {
    List<String> labels = labels(leaf.path());
    int from = labels.size() - end.size();
    return from >= 0 && labels.subList(from, labels.size()).equals(end);
  }

  private static boolean isUnder(Leaf leaf, List<Heading> group) {
    for (int i = 0; i < group.size(); i++) {
      if (leaf.path().size() <= i || leaf.path().get(i) != group.get(i)) {
        return false;
      }
    }
    return true;
  }

  /// How many of its leaves have a figure.
  int count(IntToDoubleFunction number) {
    int count = 0;
    for (int leaf : plus) {
      count += Double.isNaN(number.applyAsDouble(leaf)) ? 0 : 1;
    }
    for (int leaf : minus) {
      count += Double.isNaN(number.applyAsDouble(leaf)) ? 0 : 1;
    }
    return count;
  }

  /// What the figures of its leaves come to.
  double sum(IntToDoubleFunction number) {
    double sum = 0;
    for (int leaf : plus) {
      double one = number.applyAsDouble(leaf);
      sum += Double.isNaN(one) ? 0 : one;
    }
    for (int leaf : minus) {
      double one = number.applyAsDouble(leaf);
      sum -= Double.isNaN(one) ? 0 : one;
    }
    return sum;
  }

  /// The first of its leaves.
  int first() {
    return plus.getFirst();
  }

  /// The last of its leaves.
  int last() {
    int last = plus.getLast();
    return minus.isEmpty() ? last : Math.max(last, minus.getLast());
  }
}
