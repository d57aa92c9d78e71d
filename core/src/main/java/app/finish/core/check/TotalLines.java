package app.finish.core.check;

import app.finish.core.recognise.words.Vocabulary;
import app.finish.core.table.Axis;
import app.finish.core.table.Heading.Role;
import app.finish.core.table.Leaf;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.stream.IntStream;

/// What the check of totals has to know of each line of an axis, found once.
///
/// ```java
/// TotalLines lines = TotalLines.of(table.down());
/// lines.isTotal(6);
/// ```
public final class TotalLines {
  private final List<Leaf> leaves;
  private final Role[] roles;
  private final OptionalInt[] measures;
  private final boolean[] parts;
  private final int[] totals;

  private TotalLines(Axis axis) {
    this.leaves = axis.leaves();
    this.roles = leaves.stream().map(Leaf::role).toArray(Role[]::new);
    this.measures = leaves.stream().map(Leaf::measure).toArray(OptionalInt[]::new);
    this.parts = new boolean[leaves.size()];
    Map<String, Boolean> known = new HashMap<>();
    for (int i = 0; i < parts.length; i++) {
      String label = leaves.get(i).heading().label();
      parts[i] = known.computeIfAbsent(label, Vocabulary::saysPart);
    }
    this.totals = IntStream.range(0, roles.length).filter(this::isTotal).toArray();
  }

  /// The lines of an axis.
  static TotalLines of(Axis axis) {
    return new TotalLines(axis);
  }

  int size() {
    return leaves.size();
  }

  Leaf leaf(int line) {
    return leaves.get(line);
  }

  Role role(int line) {
    return roles[line];
  }

  boolean isTotal(int line) {
    return roles[line] != Role.MEMBER;
  }

  /// Whether two lines are of one measure.
  boolean isAlike(int line, int other) {
    return measures[line].equals(measures[other]);
  }

  /// Whether a line is a part of the one before: “of which”.
  boolean isPart(int line) {
    return parts[line];
  }

  /// Whether a line is the number of answers that shares beside it are of.
  boolean isBase(int line) {
    return Vocabulary.saysBase(leaves.get(line).heading().label());
  }

  /// The totals in order.
  int[] totals() {
    return totals.clone();
  }

  /// The subtotals before a line and like it, at most so many, in order.
  List<Integer> subtotalsBefore(int line, int most) {
    int end = 0;
    int high = totals.length;
    while (end < high) {
      int middle = (end + high) >>> 1;
      if (totals[middle] < line) {
        end = middle + 1;
      } else {
        high = middle;
      }
    }
    return IntStream.range(Math.max(0, end - most), end)
        .map(at -> totals[at])
        .filter(total -> roles[total] == Role.SUBTOTAL && isAlike(total, line))
        .boxed()
        .toList();
  }
}
