package app.finish.core.recognise;

import app.finish.core.table.Axis;
import app.finish.core.table.Heading;
import app.finish.core.table.Heading.Role;
import app.finish.core.table.Leaf;
import app.finish.core.table.Measure;
import app.finish.core.table.MeasureKind;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import java.util.ArrayList;
import java.util.List;

/// Checks that totals add up to what they claim. A figure is checked if its measure adds up (a
/// count, an amount), or, where nothing is known of it, if another total of the same column does,
/// or another row of a column of totals. Rounding
/// is allowed for: half a unit of the last decimal for each figure; counts without decimals are
/// exact.
final class TotalCheck {
  /// A total that does not add up.
  ///
  /// @param row its leaf down
  /// @param column its leaf across
  /// @param sum what the figures that it totals add up to
  /// @param decimals the decimals of its measure
  /// @param first the first of the leaves that it totals, on the axis it totals along
  /// @param last the last of them
  /// @param down whether it totals figures above or below it; else beside it
  record Miss(int row, int column, double sum, int decimals, int first, int last, boolean down) {}

  private final Table table;

  TotalCheck(Table table) {
    this.table = table;
  }

  List<Miss> misses() {
    List<Miss> misses = new ArrayList<>(along(table.down(), table.across().leaves().size(), true));
    for (Miss miss : along(table.across(), table.down().leaves().size(), false)) {
      boolean known =
          misses.stream().anyMatch(one -> one.row == miss.row && one.column == miss.column);
      if (!known) {
        misses.add(miss);
      }
    }
    return misses;
  }

  private List<Miss> along(Axis axis, int width, boolean down) {
    List<Miss> misses = new ArrayList<>();
    boolean[] agreed = new boolean[width];
    for (Leaf total : axis.leaves()) {
      if (total.role() != Role.MEMBER) {
        List<Leaf> members = members(axis, total);
        for (int across = 0; across < width && !members.isEmpty(); across++) {
          check(total, members, across, down, misses, agreed);
        }
      }
    }
    misses.removeIf(
        miss ->
            table.measureAt(miss.row, miss.column).kind() == MeasureKind.VALUE
                && !(down ? agreed[miss.column] : any(agreed)));
    return misses;
  }

  private static boolean any(boolean[] agreed) {
    for (boolean one : agreed) {
      if (one) {
        return true;
      }
    }
    return false;
  }

  private void check(
      Leaf total,
      List<Leaf> members,
      int across,
      boolean down,
      List<Miss> misses,
      boolean[] agreed) {
    int row = down ? total.index() : across;
    int column = down ? across : total.index();
    Measure measure = table.measureAt(row, column);
    boolean adds = measure.kind().additivity() == MeasureKind.Additivity.ADDITIVE;
    if (!adds || !(table.body().at(row, column) instanceof Value.Numeric claimed)) {
      return;
    }
    double sum = 0;
    int count = 0;
    for (Leaf member : members) {
      Value value =
          down ? table.body().at(member.index(), across) : table.body().at(across, member.index());
      if (value instanceof Value.Numeric numeric) {
        sum += numeric.number();
        count++;
      } else if (value instanceof Value.Text) {
        return;
      }
    }
    boolean exact = measure.kind() == MeasureKind.COUNT && measure.decimals() == 0;
    double rounding = exact ? 0 : (count + 1) * 0.5 * Math.pow(10, -measure.decimals());
    if (count > 0 && Math.abs(sum - claimed.number()) <= rounding + 1e-9 * Math.abs(sum)) {
      agreed[across] = true;
    } else if (count > 0) {
      int first = members.getFirst().index();
      misses.add(
          new Miss(row, column, sum, measure.decimals(), first, members.getLast().index(), down));
    }
  }

  /// The leaves that a total totals: members under the same headings as it, of the same measure.
  private static List<Leaf> members(Axis axis, Leaf total) {
    List<Heading> group = new ArrayList<>();
    for (Heading heading : total.path()) {
      if (heading.role() != Role.MEMBER) {
        break;
      }
      group.add(heading);
    }
    List<String> deeper = membersBelow(total, group.size() + 1);
    List<Leaf> members = new ArrayList<>();
    int from = total.index();
    int to = total.index();
    while (from > 0 && isUnder(axis.leaves().get(from - 1), group)) {
      from--;
    }
    while (to < axis.leaves().size() - 1 && isUnder(axis.leaves().get(to + 1), group)) {
      to++;
    }
    for (Leaf leaf : axis.leaves().subList(from, to + 1)) {
      boolean same = deeper.isEmpty() || endsWith(leaf, deeper);
      if (leaf.role() == Role.MEMBER && same && leaf.measure().equals(total.measure())) {
        members.add(leaf);
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
}
