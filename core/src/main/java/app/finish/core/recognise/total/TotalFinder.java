package app.finish.core.recognise.total;

import app.finish.core.recognise.line.Line;
import app.finish.core.recognise.words.Company;
import app.finish.core.recognise.words.Statistics;
import app.finish.core.recognise.words.Vocabulary;
import app.finish.core.table.Heading.Role;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.BiFunction;
import java.util.regex.Pattern;

/// Finds which lines are totals, and of what. A line is a total if its figures are the sums of the
/// lines before it back to the last total, to the start of its group or to the start of all, or of
/// those after it; words for totals, bold and a missing label weigh too, and decide where figures
/// can't be added up.
public final class TotalFinder {
  private static final double WORD = 0.8;
  private static final double SUM = 0.9;
  private static final double BOLD = 0.3;
  private static final double GROUP_LABEL = 0.6;

  private final List<Line> lines;
  private static final Pattern ALL =
      Pattern.compile("all|both|overall|alle", Pattern.CASE_INSENSITIVE);
  private final boolean[] additive;
  private final boolean canAdd;
  private final Map<Integer, Role> told;
  private final boolean rounded;
  private final boolean across;

  /// What was found of labels, which come again and again.
  private final Map<String, Boolean> totalWords = new HashMap<>();

  private final Map<String, Boolean> allWords = new HashMap<>();
  private final Map<String, Boolean> resultWords = new HashMap<>();
  private final BiFunction<Integer, Integer, String> places;
  private final Map<Integer, Total> totals = new TreeMap<>();
  private double share = 1;

  /// @param lines the lines in order
  /// @param additive which figures along a line can be added up
  /// @param canAdd whether any of the figures is of a kind that can be added up
  /// @param told what a person said lines are; a member is said to be no total
  /// @param rounded whether words say that figures are rounded
  /// @param across whether the lines are columns
  /// @param places how the lines from one to another are called in words
  public TotalFinder(
      List<Line> lines,
      boolean[] additive,
      boolean canAdd,
      Map<Integer, Role> told,
      boolean rounded,
      boolean across,
      BiFunction<Integer, Integer, String> places) {
    this.rounded = rounded;
    this.across = across;
    this.lines = lines;
    this.additive = additive;
    this.canAdd = canAdd;
    this.told = told;
    this.places = places;
  }

  /// The totals by their place in the list of lines.
  public Map<Integer, Total> find() {
    Map<Integer, Total> blocks = new TotalBlocks(lines, additive).find();
    told.keySet().forEach(blocks::remove);
    totals.putAll(blocks);
    Map<Integer, Total> after = pass(false, blocks);
    Map<Integer, Total> before = pass(true, blocks);
    boolean backward = before.size() > after.size();
    totals.putAll(backward ? before : after);
    pass(!backward, Map.copyOf(totals)).forEach(totals::putIfAbsent);
    addByGroupLabel();
    addByWord();
    new TotalRoles(lines, told, totals).name();
    return totals;
  }

  /// One pass over the lines that finds totals by adding up. Lines known to be totals don't count.
  private Map<Integer, Total> pass(boolean backward, Map<Integer, Total> known) {
    Map<Integer, Total> found = new HashMap<>();
    Sums sums = new Sums(lines, additive, rounded);
    for (int step = 0; step < lines.size(); step++) {
      int line = backward ? lines.size() - 1 - step : step;
      if (known.containsKey(line)) {
        continue;
      }
      int start = told.get(line) == Role.MEMBER ? -1 : startOfSum(line, sums);
      if (start < 0) {
        sums.add(line, false);
        continue;
      }
      int far = edge(found, sums.line(start), backward);
      int near = sums.line(sums.size() - 1);
      int from = Math.min(far, near);
      int to = Math.max(far, near);
      found.put(line, bySum(line, from, to, found));
      sums.replace(start, line);
    }
    return found;
  }

  private static int edge(Map<Integer, Total> found, int line, boolean backward) {
    Total total = found.get(line);
    return total == null
        ? line
        : backward ? Math.max(total.to(), line) : Math.min(total.from(), line);
  }

  /// The entry that the sum which this line gives begins with, or −1 if it gives none.
  private int startOfSum(int line, Sums sums) {
    for (int start : sums.starts(line)) {
      int count = sums.size() - start;
      if (count == 0 || (count == 1 && !mayTotalOne(line, start, sums))) {
        continue;
      }
      Sums.Agreement agreement = sums.compare(line, start);
      if (isEnough(line, count, agreement)) {
        share = agreement.share();
        return start;
      }
    }
    share = 1;
    return isDifference(line, sums) ? sums.size() - 2 : -1;
  }

  /// Whether a line that says that it is what is left is the last but one less the last.
  private boolean isDifference(int line, Sums sums) {
    if (sums.size() < 2 || !saysResult(lines.get(line).label())) {
      return false;
    }
    Sums.Agreement agreement = sums.compareDifference(line);
    return agreement.share() >= 0.5 && agreement.weight() >= 1.5;
  }

  /// Whether a line may be the total of a single one: it says total and the other does not, or it
  /// speaks of all and the other is itself a total.
  private boolean mayTotalOne(int line, int start, Sums sums) {
    boolean byWord = saysTotal(line) && !saysTotal(sums.line(start));
    boolean byName = saysTotal(line) && startOfNamedGroup(line) == firstOf(sums.line(start));
    return byWord || byName || (saysAll(lines.get(line).label()) && sums.isTotal(start));
  }

  private boolean isEnough(int line, int count, Sums.Agreement agreement) {
    if (agreement.agreed() == 0) {
      return false;
    }
    Line claimed = lines.get(line);
    if (saysTotal(line) || told.containsKey(line)) {
      return agreement.share() >= 0.3;
    }
    boolean hint =
        claimed.emphasised()
            || claimed.depth() < claimed.labels().size()
            || saysAll(claimed.label())
            || count > 1 && saysResult(claimed.label());
    double share = hint ? 0.5 : 0.6;
    double weight = hint ? 1.5 : count > 2 ? 3.5 : 4.5;
    return agreement.share() >= share && agreement.weight() >= weight;
  }

  private boolean saysTotal(int line) {
    for (String label : lines.get(line).labels()) {
      if (totalWords.computeIfAbsent(label, Vocabulary::saysTotal)) {
        return true;
      }
    }
    return false;
  }

  private boolean saysAll(String label) {
    return allWords.computeIfAbsent(label, Vocabulary::saysAll);
  }

  private boolean saysResult(String label) {
    return resultWords.computeIfAbsent(label, Vocabulary::saysResult);
  }

  private Total bySum(int line, int from, int to, Map<Integer, Total> found) {
    List<String> because = new ArrayList<>();
    because.add(
        (share < 1 ? "most of its figures are the sums of " : "its figures are the sums of ")
            + describe(line, from, to, found));
    double doubt = (1 - SUM) * hints(line, because);
    return new Total(line, from, to, Role.SUBTOTAL, 0, -1, because, 1 - doubt);
  }

  private String describe(int line, int from, int to, Map<Integer, Total> found) {
    boolean totalled = false;
    for (int inside = from; inside <= to && !totalled; inside++) {
      Total total = found.get(inside);
      totalled = total != null && inside != line && total.from() >= from && total.to() <= to;
    }
    return (totalled ? "the totals in " : "") + places.apply(from, to);
  }

  /// Adds the hints beside arithmetic to the reasons; gives the doubt that they leave.
  private double hints(int line, List<String> because) {
    double doubt = 1;
    String label = lines.get(line).label();
    if (saysTotal(line) || saysAll(label)) {
      because.add("the words “" + label + "”");
      doubt *= 1 - WORD;
    }
    if (lines.get(line).emphasised()) {
      because.add("it is bold");
      doubt *= 1 - BOLD;
    }
    if (told.containsKey(line)) {
      because.add(0, "you said so");
      doubt = 0;
    }
    return doubt;
  }

  /// Adds lines that bear a group's label and no deeper one while the lines beside them do.
  private void addByGroupLabel() {
    for (int line = 0; line < lines.size(); line++) {
      Line at = lines.get(line);
      boolean open = !totals.containsKey(line) && told.get(line) != Role.MEMBER;
      if (!open || at.depth() == 0 || at.depth() >= at.labels().size()) {
        continue;
      }
      int from = line;
      int to = line;
      while (from > 0 && at.sharedLevels(lines.get(from - 1)) >= at.depth()) {
        from--;
      }
      while (to < lines.size() - 1 && at.sharedLevels(lines.get(to + 1)) >= at.depth()) {
        to++;
      }
      boolean first = from == line && to > line;
      if (first || (to == line && from < line)) {
        List<String> because = new ArrayList<>();
        because.add("it bears the label of the group " + (first ? "below" : "above"));
        double doubt = (1 - GROUP_LABEL) * hints(line, because);
        totals.put(
            line,
            new Total(
                line,
                first ? line + 1 : from,
                first ? to : line - 1,
                Role.SUBTOTAL,
                0,
                -1,
                because,
                1 - doubt));
      }
    }
  }

  /// Adds lines that only say that they are totals, or that a person says are.
  private void addByWord() {
    int start = 0;
    for (int line = 0; line < lines.size(); line++) {
      Line at = lines.get(line);
      Role said = told.get(line);
      int named = startOfNamedGroup(line);
      boolean atTheEdge = !canAdd && (line == 0 || line == lines.size() - 1);
      boolean last = line == lines.size() - 1 && line > 1;
      boolean all = saysAll(at.label()) && (at.emphasised() || atTheEdge || last && isNear(line));
      boolean word = saysTotal(line) && !isOwnMeasure(line) || all || isAverage(line);
      if (totals.containsKey(line)) {
        start = totals.get(line).from() < line ? line + 1 : start;
      } else if ((word && said != Role.MEMBER) || (said != null && said != Role.MEMBER)) {
        List<String> because = new ArrayList<>();
        double doubt = hints(line, because);
        boolean grand =
            said == Role.GRAND_TOTAL || (said == null && Vocabulary.saysGrandTotal(at.label()));
        int from = grand ? 0 : named >= 0 ? named : startOfGroup(line, start);
        int to = grand ? lines.size() - 1 : line - 1;
        if (from >= line) {
          from = line == 0 ? 1 : line;
          to = lines.size() - 1;
        }
        totals.put(line, new Total(line, from, to, Role.SUBTOTAL, 0, -1, because, 1 - doubt));
        start = line + 1;
      }
    }
  }

  /// Whether a column that says total is a measure of its own: no sum of others, and not between
  /// them as a mean would be.
  private boolean isOwnMeasure(int line) {
    return across && !told.containsKey(line) && OwnMeasure.isOne(lines, line);
  }

  /// Whether the last line, by its label, averages those before it, and its figures lie between
  /// theirs.
  private boolean isAverage(int line) {
    boolean last = line == lines.size() - 1 && line > 1;
    boolean named = last && Vocabulary.saysAverage(lines.get(line).label());
    boolean among = false;
    for (int other = 0; other < line && last && named; other++) {
      String label = lines.get(other).label();
      among |= Statistics.kind(label).isPresent() && !Company.isLetter(label);
    }
    return last && named && !among;
  }

  /// Whether the figures of the last line are nearly the sums of those before it that are no
  /// totals, half of them at least, or those that are not lie between them as means do.
  private boolean isNear(int line) {
    int near = 0;
    int among = 0;
    int compared = 0;
    double[] values = lines.get(line).values();
    for (int i = 0; i < values.length; i++) {
      double sum = 0;
      double least = Double.POSITIVE_INFINITY;
      double most = Double.NEGATIVE_INFINITY;
      for (int other = 0; other < line; other++) {
        double one = lines.get(other).values()[i];
        sum += totals.containsKey(other) || Double.isNaN(one) ? 0 : one;
        least = Double.isNaN(one) ? least : Math.min(least, one);
        most = Double.isNaN(one) ? most : Math.max(most, one);
      }
      boolean sums = Math.abs(sum - values[i]) <= 0.02 * Math.abs(values[i]);
      compared += Double.isNaN(values[i]) ? 0 : 1;
      near += sums ? 1 : 0;
      among += !sums && values[i] >= least && values[i] <= most ? 1 : 0;
    }
    boolean whole = ALL.matcher(lines.get(line).label()).matches();
    return near > 0 && (near * 2 >= compared || near + among == compared)
        || whole && line > 1 && among == compared;
  }

  /// Where the group begins that ends before this line and that its label names, as "Summer total"
  /// names Summer; −1 if there is none.
  private int startOfNamedGroup(int line) {
    if (line == 0) {
      return -1;
    }
    Line last = lines.get(line - 1);
    String label = lines.get(line).label();
    for (int level = 0; level < last.depth(); level++) {
      if (TotalRoles.names(label, last.labels().get(level))) {
        int from = line - 1;
        while (from > 0 && last.sharedLevels(lines.get(from - 1)) > level) {
          from--;
        }
        return from;
      }
    }
    return -1;
  }

  /// The first line of the group that a line stands in at the outermost level.
  private int firstOf(int line) {
    int from = line;
    while (from > 0 && lines.get(line).sharedLevels(lines.get(from - 1)) > 0) {
      from--;
    }
    return from;
  }

  private int startOfGroup(int line, int start) {
    if (start >= line) {
      return 0;
    }
    int from = line - 1;
    Line last = lines.get(from);
    int levels = Math.max(0, last.depth() - 1);
    while (from > start && levels > 0 && lines.get(from - 1).sharedLevels(last) >= levels) {
      from--;
    }
    return levels > 0 ? from : start;
  }
}
