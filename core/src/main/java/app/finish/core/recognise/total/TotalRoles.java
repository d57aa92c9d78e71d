package app.finish.core.recognise.total;

import app.finish.core.recognise.line.Line;
import app.finish.core.recognise.words.Vocabulary;
import app.finish.core.table.Heading.Role;
import java.util.List;
import java.util.Map;

/// Says of the totals that were found which are grand totals, and of which group the others are.
public final class TotalRoles {
  private final List<Line> lines;
  private final Map<Integer, Role> told;
  private final Map<Integer, Total> totals;

  /// @param lines the lines in order
  /// @param told what a person said lines are
  /// @param totals the totals by their place; they are replaced
  TotalRoles(List<Line> lines, Map<Integer, Role> told, Map<Integer, Total> totals) {
    this.lines = lines;
    this.told = told;
    this.totals = totals;
  }

  /// Says which totals are grand totals, and how many labels lead to the group of the others.
  void name() {
    for (Total total : List.copyOf(totals.values())) {
      if (total.isInBlock()) {
        continue;
      }
      Role said = told.get(total.line());
      boolean everything = coversAll(total) && !isOneGroupOfItsName(total);
      boolean grand = said == null ? everything : said == Role.GRAND_TOTAL;
      int levels = grand ? 0 : Math.min(groupLevels(total), namedLevels(total));
      totals.put(
          total.line(),
          new Total(
              total.line(),
              total.from(),
              total.to(),
              grand ? Role.GRAND_TOTAL : Role.SUBTOTAL,
              levels,
              -1,
              total.because(),
              total.confidence()));
    }
  }

  private boolean coversAll(Total total) {
    for (int line = 0; line < lines.size(); line++) {
      boolean aside = line > total.line() && total.to() < total.line() && isAside(line);
      boolean covered = aside || line >= total.from() && line <= total.to();
      if (!covered && line != total.line() && !totals.containsKey(line)) {
        return false;
      }
    }
    return true;
  }

  /// Whether a line below a total is none of those that are totalled: a part of it, or an average
  /// or a rate.
  private boolean isAside(int line) {
    String label = lines.get(line).label();
    return Vocabulary.saysPart(label) || Vocabulary.saysRate(label);
  }

  /// Whether this total of everything is the total of the only group there is: a later total covers
  /// the same, or its label names the group.
  private boolean isOneGroupOfItsName(Total total) {
    boolean later =
        totals.values().stream()
            .anyMatch(
                other ->
                    other.line() > total.line()
                        && other.from() <= total.from()
                        && other.to() >= total.to()
                        && total.line() > total.to());
    int levels = groupLevels(total);
    if (levels == 0) {
      return later;
    }
    String group = lines.get(firstMember(total)).labels().get(levels - 1);
    String label = lines.get(total.line()).label();
    return later || label.contains(group);
  }

  /// How many of the outermost labels all members of a total share.
  private int groupLevels(Total total) {
    int member = firstMember(total);
    if (member > total.to()) {
      return 0;
    }
    Line first = lines.get(member);
    int levels = first.depth() - 1;
    for (int line = member + 1; line <= total.to(); line++) {
      if (!totals.containsKey(line)) {
        levels = Math.min(levels, first.sharedLevels(lines.get(line)));
      }
    }
    return Math.max(0, levels);
  }

  /// How many levels lead to the group that a total's label names; many if it names none.
  private int namedLevels(Total total) {
    int member = firstMember(total);
    String label = lines.get(total.line()).label();
    for (int level = 0; member <= total.to() && level < lines.get(member).depth(); level++) {
      if (names(label, lines.get(member).labels().get(level))) {
        return level + 1;
      }
    }
    return Integer.MAX_VALUE;
  }

  /// Whether a total bears the name of a group, as "Summer total" does.
  static boolean names(String label, String group) {
    return group.length() > 1 && label.startsWith(group) && label.length() > group.length();
  }

  private int firstMember(Total total) {
    int line = total.from();
    while (line <= total.to() && totals.containsKey(line)) {
      line++;
    }
    return line;
  }
}
