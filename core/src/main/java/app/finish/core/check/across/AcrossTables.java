package app.finish.core.check.across;

import app.finish.core.check.Check;
import app.finish.core.check.Finding;
import app.finish.core.check.Where;
import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.Dressed;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.number.WrittenDecimals;
import app.finish.core.table.Axis;
import app.finish.core.table.Heading.Role;
import app.finish.core.table.Leaf;
import app.finish.core.table.Measure;
import app.finish.core.table.MeasureKind;
import app.finish.core.table.Note;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// Holds the tables of a document against each other: decimals, spelling, levels of stars, counts
/// and grand totals. All of it is worth knowing, and may be as it should.
///
/// ```java
/// new AcrossTables(List.of(one, other)).of(1); // "Cost recovery has 1 decimal here and none in Table 1."
/// ```
public final class AcrossTables {
  /// The checks.
  public static final List<Check> CHECKS = List.of(AcrossCheck.values());

  /// A table of the document.
  ///
  /// @param name how readers call it: "Table 2"
  /// @param table what it says
  /// @param dressed how it is written
  public record Subject(String name, Table table, Dressed dressed) {}

  /// Figures that are so near to each other, and not the same, are looked at.
  private static final double NEAR = 0.03;

  private static final int MOST_LABELS = 400;
  private static final Pattern LEVEL = Pattern.compile("([*†‡]+)\\s*p\\s*[<≤]\\s*0?(\\.[0-9]+)");

  private final List<Subject> subjects;
  private final Map<Integer, List<Finding>> found = new TreeMap<>();

  public AcrossTables(List<Subject> subjects) {
    this.subjects = List.copyOf(subjects);
    for (int i = 0; i < subjects.size(); i++) {
      found.put(i, new ArrayList<>());
    }
    decimals();
    names();
    stars();
    counts();
    totals();
  }

  /// What is worth knowing of the table in a place.
  public List<Finding> of(int index) {
    return List.copyOf(found.getOrDefault(index, List.of()));
  }

  /// Whether something was found of tables beside each other, and not of one alone.
  public static boolean isAcross(Finding finding) {
    return CHECKS.stream().anyMatch(check -> check.id().equals(finding.check()));
  }

  private void find(
      int index, AcrossCheck check, Where where, String is, String should, String sentence) {
    found
        .getOrDefault(index, new ArrayList<>())
        .add(new Finding(check, where, is, should, sentence).worthKnowing());
  }

  /// What was seen first, and in which table.
  private record First<T>(int index, T what) {}

  /// Where something was seen.
  private record Seen(DressedCell cell, int decimals) {}

  private void decimals() {
    Map<String, First<Seen>> before = new LinkedHashMap<>();
    for (int i = 0; i < subjects.size(); i++) {
      for (Map.Entry<String, Seen> one : decimals(subjects.get(i)).entrySet()) {
        First<Seen> first = before.putIfAbsent(one.getKey(), new First<>(i, one.getValue()));
        Seen now = one.getValue();
        if (first != null && first.what.decimals != now.decimals) {
          String name = one.getKey().substring(one.getKey().indexOf(' ') + 1);
          find(
              i,
              AcrossCheck.DECIMALS,
              place(now.cell),
              words(now.decimals),
              words(first.what.decimals),
              "“"
                  + name
                  + "” has "
                  + words(now.decimals)
                  + " here and "
                  + words(first.what.decimals)
                  + " in "
                  + subjects.get(first.index).name
                  + ".");
        }
      }
    }
  }

  private static Where place(DressedCell cell) {
    return new Where.Place(cell.place(), cell.part().label());
  }

  private static String words(int decimals) {
    return decimals == 0 ? "no decimals" : decimals == 1 ? "1 decimal" : decimals + " decimals";
  }

  /// How many decimals each measure with a name has, if all its figures have as many.
  private static Map<String, Seen> decimals(Subject subject) {
    Map<String, Seen> seen = new LinkedHashMap<>();
    Set<String> mixed = new HashSet<>();
    for (DressedRow row : subject.dressed.band(DressedRow.Band.BODY)) {
      for (DressedCell cell : row.cells()) {
        if (cell.place() instanceof CellMeaning.Body(int down, int across)
            && subject.table.body().at(down, across) instanceof Value.Numeric figure) {
          Measure measure = subject.table.measureAt(down, across);
          String text = cell.bareText();
          boolean known = !measure.name().isEmpty() && measure.kind() != MeasureKind.VALUE;
          if (known && !text.matches(".*[<>eE].*")) {
            String key = measure.kind().word() + " " + measure.name();
            Seen now = new Seen(cell, WrittenDecimals.of(text, figure.number()));
            Seen first = seen.putIfAbsent(key, now);
            if (first != null && first.decimals != now.decimals) {
              mixed.add(key);
            }
          }
        }
      }
    }
    seen.keySet().removeAll(mixed);
    return seen;
  }

  private void names() {
    Map<String, First<String>> before = new LinkedHashMap<>();
    for (int i = 0; i < subjects.size(); i++) {
      Map<String, DressedCell> labels = labels(subjects.get(i));
      for (Map.Entry<String, DressedCell> one : labels.entrySet()) {
        String folded = folded(one.getKey());
        First<String> first = before.putIfAbsent(folded, new First<>(i, one.getKey()));
        boolean other = first != null && first.index != i && !first.what.equals(one.getKey());
        if (other && folded.length() > 2) {
          find(
              i,
              AcrossCheck.NAMES,
              place(one.getValue()),
              one.getKey(),
              first.what,
              "“"
                  + one.getKey()
                  + "” is spelled “"
                  + first.what
                  + "” in "
                  + subjects.get(first.index).name
                  + ".");
        }
      }
    }
  }

  private static Map<String, DressedCell> labels(Subject subject) {
    Map<String, DressedCell> labels = new LinkedHashMap<>();
    for (DressedRow row : subject.dressed.rows()) {
      if (!row.isTable() || labels.size() > MOST_LABELS) {
        continue;
      }
      for (DressedCell cell : row.cells()) {
        boolean heading =
            cell.place() instanceof CellMeaning.Stub || cell.place() instanceof CellMeaning.Head;
        if (heading && cell.bareText().matches(".*\\p{L}{2}.*")) {
          labels.putIfAbsent(cell.bareText().strip(), cell);
        }
      }
    }
    return labels;
  }

  /// A label without case, dashes, spaces and points.
  private static String folded(String label) {
    return label.toLowerCase(Locale.ROOT).replaceAll("[\\s\\p{Pd}.,:;'’_]+", "");
  }

  private void stars() {
    Map<String, First<String>> before = new LinkedHashMap<>();
    for (int i = 0; i < subjects.size(); i++) {
      for (Note note : subjects.get(i).table.words().notes()) {
        Matcher level = LEVEL.matcher(note.isGeneral() ? note.text() : note.mark() + note.text());
        while (level.find()) {
          First<String> first = before.putIfAbsent(level.group(1), new First<>(i, level.group(2)));
          if (first != null && !same(first.what, level.group(2))) {
            find(
                i,
                AcrossCheck.STARS,
                new Where.Part("Note"),
                level.group(),
                level.group(1) + "p < " + first.what,
                level.group(1)
                    + " stands for p < "
                    + level.group(2)
                    + " here and for p < "
                    + first.what
                    + " in "
                    + subjects.get(first.index).name
                    + ".");
          }
        }
      }
    }
  }

  private static boolean same(String one, String other) {
    return Double.parseDouble(one) == Double.parseDouble(other);
  }

  /// A count under a label of one level, as the n of a group is.
  private void counts() {
    Map<String, First<Value.Numeric>> before = new LinkedHashMap<>();
    for (int i = 0; i < subjects.size(); i++) {
      Table table = subjects.get(i).table;
      boolean plain = table.down().depth() == 1 && table.across().depth() == 1;
      for (int row = 0; plain && row < Math.min(MOST_LABELS, table.body().rows()); row++) {
        for (int column = 0; column < table.body().columns(); column++) {
          Measure measure = table.measureAt(row, column);
          boolean n = measure.kind() == MeasureKind.COUNT && measure.name().matches("[nN]");
          if (n && table.body().at(row, column) instanceof Value.Numeric figure) {
            String label = table.down().leaves().get(row).heading().label();
            String key = table.down().dimensions().getFirst() + " " + label;
            compare(i, key, "n of “" + label + "”", figure, row, column, before);
          }
        }
      }
    }
  }

  private void totals() {
    Map<String, First<Value.Numeric>> before = new LinkedHashMap<>();
    for (int i = 0; i < subjects.size(); i++) {
      Table table = subjects.get(i).table;
      Optional<Leaf> row = grand(table.down());
      if (row.isEmpty()) {
        continue;
      }
      for (Leaf leaf : table.across().leaves()) {
        Measure measure = table.measureAt(row.get().index(), leaf.index());
        boolean whole =
            leaf.role() != Role.MEMBER || leaf.path().size() == 1 && leaf.measure().isPresent();
        boolean adds = measure.kind().additivity() == MeasureKind.Additivity.ADDITIVE;
        boolean named = !measure.name().isEmpty() && measure.kind() != MeasureKind.VALUE;
        if (whole
            && adds
            && named
            && table.body().at(row.get().index(), leaf.index()) instanceof Value.Numeric figure) {
          String key = measure.name() + " " + measure.unit() + " " + table.held();
          compare(
              i,
              key,
              "grand total of “" + measure.name() + "”",
              figure,
              row.get().index(),
              leaf.index(),
              before);
        }
      }
    }
  }

  private static Optional<Leaf> grand(Axis axis) {
    return axis.leaves().stream().filter(leaf -> leaf.role() == Role.GRAND_TOTAL).findFirst();
  }

  private void compare(
      int index,
      String key,
      String what,
      Value.Numeric figure,
      int row,
      int column,
      Map<String, First<Value.Numeric>> before) {
    First<Value.Numeric> first = before.putIfAbsent(key, new First<>(index, figure));
    if (first == null || first.index == index) {
      return;
    }
    double one = first.what.number();
    double other = figure.number();
    double unit = Math.max(step(first.what), step(figure));
    double apart = Math.abs(one - other);
    boolean near = apart > unit * 1.01 && apart <= NEAR * Math.max(Math.abs(one), Math.abs(other));
    if (near) {
      find(
          index,
          AcrossCheck.FIGURES,
          new Where.Place(new CellMeaning.Body(row, column), what),
          figure.written(),
          first.what.written(),
          "The "
              + what
              + " is "
              + figure.written()
              + " here and "
              + first.what.written()
              + " in "
              + subjects.get(first.index).name
              + ".");
    }
  }

  /// By how much a figure may be off, since it was rounded; 0 for a whole number.
  private static double step(Value.Numeric figure) {
    int decimals = WrittenDecimals.of(figure.written(), figure.number());
    return decimals == 0 ? 0.0 : Math.pow(10, -decimals);
  }
}
