package app.finish.core.recognise.line;

import app.finish.core.recognise.words.Company;
import app.finish.core.recognise.words.Vocabulary;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// Takes names of dimensions out of the labels. Crosstabs print the name of a dimension in front of
/// its members: *Residence* beside *Islander* and *Visitor*, over all rows but the total.
///
/// ```java
/// // [Residence, Islander], [Residence, Visitor], [Total, ""] → [Islander], [Visitor], [Total]
/// Lines named = DimensionNames.taken(lines, Set.of());
/// ```
public final class DimensionNames {
  private static final Pattern CORNER = Pattern.compile("([^\\\\]*\\S)\\s*\\\\\\s*(\\S[^\\\\]*)");

  private DimensionNames() {}

  /// The lines without the levels that only name the level below.
  ///
  /// @param told labels that a person said are names
  static Lines taken(Lines lines, Set<String> told) {
    Lines taken = lines;
    for (int level = 0; level < taken.dimensions().size() - 1; level++) {
      String said = toldAt(taken.lines(), level, told);
      if (!said.isEmpty()) {
        taken = without(taken, level, said);
      } else if (taken.groupRows().isEmpty() && namesTheNext(taken, level)) {
        taken = without(taken, level, nameAt(taken.lines(), level));
      }
    }
    return taken;
  }

  /// The rows, of whose dimensions the last may share the corner with the columns' dimension, as in
  /// “island\\year”.
  public static Lines ofCorner(Lines rows) {
    Matcher corner = corner(rows);
    return corner.matches() ? named(rows, rows.dimensions().size() - 1, corner.group(1)) : rows;
  }

  /// The columns, with the name that the corner has for them.
  public static Lines underCorner(Lines columns, Lines rows) {
    Matcher corner = corner(rows);
    boolean open = columns.dimensions().size() == 1 && columns.dimensions().getFirst().isEmpty();
    return open && corner.matches() ? named(columns, 0, corner.group(2)) : columns;
  }

  private static Matcher corner(Lines rows) {
    return CORNER.matcher(rows.dimensions().isEmpty() ? "" : rows.dimensions().getLast());
  }

  private static Lines named(Lines lines, int level, String name) {
    List<String> dimensions = new ArrayList<>(lines.dimensions());
    dimensions.set(level, name);
    return new Lines(lines.lines(), dimensions, lines.groupRows());
  }

  /// The name at a level, if a person said of all its labels that they are names.
  private static String toldAt(List<Line> lines, int level, Set<String> told) {
    if (told.isEmpty()) {
      return "";
    }
    Set<String> labels = new TreeSet<>();
    lines.forEach(line -> labels.add(line.labels().get(level)));
    labels.removeIf(label -> label.isEmpty() || Vocabulary.saysTotal(label));
    boolean all = !labels.isEmpty() && told.containsAll(labels);
    return all ? labels.iterator().next() : "";
  }

  /// What a level says if it says one thing over all lines that are no totals, and these differ at
  /// the level below; else the empty string.
  static String nameAt(List<Line> lines, int level) {
    Set<String> names = new TreeSet<>();
    Set<String> members = new TreeSet<>();
    int named = 0;
    for (Line line : lines) {
      String label = line.labels().get(level);
      String below = line.labels().get(level + 1);
      boolean beside =
          label.isEmpty() && (Vocabulary.saysTotal(below) || Vocabulary.saysAll(below));
      if (beside || Vocabulary.saysTotal(label)) {
        if (!below.isEmpty() && !beside) {
          return "";
        }
        continue;
      }
      names.add(label);
      members.add(below);
      named++;
    }
    boolean one = names.size() == 1 && named > 1 && members.size() > 1 && !members.contains("");
    if (!one) {
      return "";
    }
    String name = names.iterator().next();
    boolean measures =
        Vocabulary.measureKind(name).isPresent()
            || members.stream().anyMatch(label -> Company.of(members).kind(label).isPresent());
    return named < lines.size() || !measures && members.size() == named ? name : "";
  }

  private static boolean namesTheNext(Lines lines, int level) {
    return lines.dimensions().get(level).isEmpty()
        && lines.dimensions().get(level + 1).isEmpty()
        && !nameAt(lines.lines(), level).isEmpty();
  }

  private static Lines without(Lines lines, int level, String name) {
    List<Line> shorter = new ArrayList<>();
    for (Line line : lines.lines()) {
      List<String> labels = new ArrayList<>(line.labels());
      String label = labels.remove(level);
      if (labels.get(level).isEmpty()) {
        labels.set(level, label);
      }
      shorter.add(line.withLabels(labels));
    }
    List<String> dimensions = new ArrayList<>(lines.dimensions());
    dimensions.remove(level);
    dimensions.set(level, name);
    return new Lines(shorter, dimensions, lines.groupRows());
  }
}
