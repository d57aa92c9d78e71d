package app.finish.core.recognise.total;

import app.finish.core.recognise.line.Line;
import app.finish.core.recognise.words.Vocabulary;
import app.finish.core.table.Heading.Role;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/// Finds blocks of totals: a group called *Total* whose lines repeat the members of the groups
/// beside it. Each of its lines totals the lines of that member in all groups; the one that says
/// total again is the grand total.
///
/// ```java
/// // Islander: Young, Old, Total; Visitor: Young, Old, Total; Total: Young, Old, Total
/// Map<Integer, Total> last = new TotalBlocks(lines, additive).find(); // lines 6, 7 and 8
/// ```
public final class TotalBlocks {
  private final List<Line> lines;
  private final boolean[] additive;
  private final Map<Integer, Total> found = new TreeMap<>();

  TotalBlocks(List<Line> lines, boolean[] additive) {
    this.lines = lines;
    this.additive = additive;
  }

  /// The lines of such blocks by their place.
  Map<Integer, Total> find() {
    int levels = lines.isEmpty() ? 0 : lines.getFirst().labels().size();
    for (int level = 0; level < levels - 1; level++) {
      int start = 0;
      while (start < lines.size()) {
        int end = endOfRun(start, level);
        if (isBlock(start, end, level)) {
          addBlock(start, end, level);
        }
        start = end;
      }
    }
    return found;
  }

  private int endOfRun(int start, int level) {
    int end = start + 1;
    List<String> labels = lines.get(start).labels().subList(0, level + 1);
    while (end < lines.size() && lines.get(end).labels().subList(0, level + 1).equals(labels)) {
      end++;
    }
    return end;
  }

  private boolean isBlock(int start, int end, int level) {
    String label = lines.get(start).labels().get(level);
    if (found.containsKey(start) || end - start < 2 || !Vocabulary.saysTotal(label)) {
      return false;
    }
    for (int line = start; line < end; line++) {
      if (lines.get(line).depth() <= level + 1 || membersOf(line, level).isEmpty()) {
        return false;
      }
    }
    return true;
  }

  /// The lines in the groups beside a block that have the same labels below this level.
  private List<Integer> membersOf(int line, int level) {
    Line total = lines.get(line);
    List<String> deeper = total.labels().subList(level + 1, total.labels().size());
    List<Integer> members = new ArrayList<>();
    for (int other = siblings(line, level)[0]; other <= siblings(line, level)[1]; other++) {
      Line at = lines.get(other);
      boolean beside = !at.labels().get(level).equals(total.labels().get(level));
      if (beside && at.labels().subList(level + 1, at.labels().size()).equals(deeper)) {
        members.add(other);
      }
    }
    return members;
  }

  private int[] siblings(int line, int level) {
    List<String> prefix = lines.get(line).labels().subList(0, level);
    int from = line;
    int to = line;
    while (from > 0 && lines.get(from - 1).labels().subList(0, level).equals(prefix)) {
      from--;
    }
    while (to < lines.size() - 1 && lines.get(to + 1).labels().subList(0, level).equals(prefix)) {
      to++;
    }
    return new int[] {from, to};
  }

  private void addBlock(int start, int end, int level) {
    int[] siblings = siblings(start, level);
    boolean last = siblings[0] < start;
    for (int line = start; line < end; line++) {
      List<Integer> members = membersOf(line, level);
      List<String> because = new ArrayList<>();
      if (agrees(line, members)) {
        because.add("its figures are the sums of the same rows in the groups beside it");
      }
      because.add("the words “" + lines.get(line).labels().get(level) + "” head its group");
      boolean grand = level == 0 && Vocabulary.saysTotal(lines.get(line).label());
      found.put(
          line,
          new Total(
              line,
              last ? siblings[0] : end,
              last ? start - 1 : siblings[1],
              grand ? Role.GRAND_TOTAL : Role.SUBTOTAL,
              level,
              level,
              because,
              because.size() > 1 ? 0.98 : 0.85));
    }
  }

  private boolean agrees(int line, List<Integer> members) {
    Line total = lines.get(line);
    int agreed = 0;
    int compared = 0;
    for (int i = 0; i < total.values().length; i++) {
      double sum = 0;
      for (int member : members) {
        sum += lines.get(member).values()[i];
      }
      if (additive[i] && !Double.isNaN(sum) && !Double.isNaN(total.values()[i])) {
        compared++;
        double unit = Math.pow(10, -total.decimals()[i]);
        double rounding = total.decimals()[i] == 0 ? 1e-9 : (members.size() + 1) * unit / 2;
        agreed += Math.abs(sum - total.values()[i]) <= rounding ? 1 : 0;
      }
    }
    return agreed > 0 && agreed * 2 >= compared;
  }
}
