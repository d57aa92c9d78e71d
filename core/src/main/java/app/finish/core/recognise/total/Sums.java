package app.finish.core.recognise.total;

import app.finish.core.recognise.line.Line;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.SortedSet;
import java.util.TreeSet;

/// Lines that wait for their total, with running sums, so that the sum of any run of them up to the
/// last is had in one step.
public final class Sums {
  /// What comes of comparing a line with the sum of others.
  ///
  /// @param compared how many figures could be compared
  /// @param agreed how many of them agreed, zeros left out
  /// @param weight how much the agreement says: the digits that agreed
  record Agreement(int compared, int agreed, double weight) {
    double share() {
      return compared == 0 ? 0 : (double) agreed / compared;
    }
  }

  /// @param members the first of the entries up to this one that are all no totals
  /// @param groups for each level, the first of the entries up to this one that share its labels so
  ///   far
  private record Entry(int line, double[] sum, double[] doubt, int members, int[] groups) {}

  private final List<Line> lines;
  private final boolean[] additive;
  private final boolean rounded;
  private final List<Entry> entries = new ArrayList<>();

  /// @param rounded whether words say that figures are rounded
  Sums(List<Line> lines, boolean[] additive, boolean rounded) {
    this.rounded = rounded;
    this.lines = lines;
    this.additive = additive;
  }

  int size() {
    return entries.size();
  }

  int line(int entry) {
    return entries.get(entry).line;
  }

  boolean isTotal(int entry) {
    return entries.get(entry).members > entry;
  }

  /// Where a sum up to the last entry that this line might give may begin, the shortest first: at
  /// the last total, at the start of a group, at the start of all.
  SortedSet<Integer> starts(int line) {
    SortedSet<Integer> starts = new TreeSet<>(Comparator.reverseOrder());
    if (entries.isEmpty()) {
      return starts;
    }
    Entry last = entries.getLast();
    Line lastLine = lines.get(last.line);
    starts.add(0);
    if (last.members < entries.size()) {
      starts.add(last.members);
    }
    for (int level = 0; level < lastLine.depth() - 1; level++) {
      starts.add(last.groups[level]);
    }
    int own = lines.get(line).depth();
    if (own > 0 && lines.get(line).sharedLevels(lastLine) >= own) {
      starts.add(last.groups[own - 1]);
    }
    return starts;
  }

  void add(int line, boolean total) {
    Line added = lines.get(line);
    int width = added.values().length;
    double[] sum = entries.isEmpty() ? new double[width] : entries.getLast().sum.clone();
    double[] doubt = entries.isEmpty() ? new double[width] : entries.getLast().doubt.clone();
    for (int i = 0; i < width; i++) {
      if (!Double.isNaN(added.values()[i])) {
        sum[i] += added.values()[i];
        doubt[i] += halfUnit(added.decimals()[i]);
      }
    }
    int index = entries.size();
    int[] groups = new int[added.labels().size()];
    int shared = index == 0 ? 0 : added.sharedLevels(lines.get(entries.getLast().line));
    for (int level = 0; level < groups.length; level++) {
      groups[level] = level < shared ? entries.getLast().groups[level] : index;
    }
    int members = total ? index + 1 : index == 0 ? 0 : entries.getLast().members;
    entries.add(new Entry(line, sum, doubt, members, groups));
  }

  /// Puts a total in the place of the entries from `start` on.
  void replace(int start, int line) {
    entries.subList(start, entries.size()).clear();
    add(line, true);
  }

  /// How a line compares with the sum of the entries from `start` on. Rounding is allowed for: half
  /// a unit of the last decimal for each figure.
  Agreement compare(int line, int start) {
    Line claimed = lines.get(line);
    Entry last = entries.getLast();
    double[] before = start == 0 ? null : entries.get(start - 1).sum;
    double[] doubtBefore = start == 0 ? null : entries.get(start - 1).doubt;
    int compared = 0;
    int agreed = 0;
    double weight = 0;
    for (int i = 0; i < claimed.values().length; i++) {
      double value = claimed.values()[i];
      double doubt = last.doubt[i] - (doubtBefore == null ? 0 : doubtBefore[i]);
      if (Double.isNaN(value) || !additive[i] || doubt == 0) {
        continue;
      }
      double sum = last.sum[i] - (before == null ? 0 : before[i]);
      compared++;
      if (value != 0 && Math.abs(sum - value) <= tolerance(value, doubt, claimed.decimals()[i])) {
        agreed++;
        weight += Math.log10(1 + Math.abs(value) * Math.pow(10, claimed.decimals()[i]));
      } else if (value == 0 && Math.abs(sum) < doubt) {
        compared--;
      }
    }
    return new Agreement(compared, agreed, weight);
  }

  private static double halfUnit(int decimals) {
    return 0.5 * Math.pow(10, -decimals);
  }

  /// How a line compares with the last entry but one less the last.
  Agreement compareDifference(int line) {
    Line claimed = lines.get(line);
    int last = entries.size() - 1;
    int compared = 0;
    int agreed = 0;
    double weight = 0;
    for (int i = 0; i < claimed.values().length; i++) {
      double value = claimed.values()[i];
      double one = own(last - 1, i);
      double other = own(last, i);
      if (Double.isNaN(value) || !additive[i]) {
        continue;
      }
      compared++;
      double doubt = 2 * halfUnit(claimed.decimals()[i]);
      if (value != 0
          && Math.abs(one - other - value) <= tolerance(value, doubt, claimed.decimals()[i])) {
        agreed++;
        weight += Math.log10(1 + Math.abs(value) * Math.pow(10, claimed.decimals()[i]));
      }
    }
    return new Agreement(compared, agreed, weight);
  }

  /// The figure of one entry alone.
  private double own(int entry, int index) {
    double before = entry == 0 ? 0 : entries.get(entry - 1).sum[index];
    return entries.get(entry).sum[index] - before;
  }

  private double tolerance(double value, double doubt, int decimals) {
    double rounding = doubt + halfUnit(decimals);
    if (rounded) {
      return rounding + 1e-9 * Math.abs(value);
    }
    double most = Math.max(decimals == 0 ? 0 : 3 * halfUnit(decimals), 0.005 * Math.abs(value));
    return Math.min(rounding, most) + 1e-9 * Math.abs(value);
  }
}
