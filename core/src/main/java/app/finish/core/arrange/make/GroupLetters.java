package app.finish.core.arrange.make;

import app.finish.core.arrange.formula.Formulas;
import app.finish.core.arrange.move.Concern;
import app.finish.core.arrange.move.Levels;
import app.finish.core.arrange.move.Making;
import app.finish.core.arrange.move.Move;
import app.finish.core.arrange.move.MoveKind;
import app.finish.core.arrange.move.MoveWriting;
import app.finish.core.arrange.move.Reach;
import app.finish.core.arrange.place.NoPlace;
import app.finish.core.arrange.place.Side;
import app.finish.core.arrange.tree.Branch;
import app.finish.core.arrange.tree.Figures;
import app.finish.core.arrange.tree.Trees;
import app.finish.core.table.Leaf;
import app.finish.core.table.Note;
import app.finish.core.table.ProbabilityLevels;
import app.finish.core.table.Spot;
import app.finish.core.table.Table;
import app.finish.core.words.Markup;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// Puts letters on the figures of groups that were compared in pairs: groups that share a letter do
/// not differ.
///
/// ```java
/// new GroupLetters("M", List.of("Hale", "Orrin", "Skell"), List.of(List.of("Hale", "Skell")), 0.05);
/// ```
///
/// @param on the measure whose figures get the letters, as its headings call it
/// @param groups the groups that were compared
/// @param differ the pairs that differ
/// @param level the level below which they differ
public record GroupLetters(String on, List<String> groups, List<List<String>> differ, double level)
    implements Move {
  static final MoveKind KIND =
      new MoveKind(
          "group letters",
          true,
          in ->
              new GroupLetters(
                  in.text("on"),
                  in.labels("groups"),
                  pairs(in.labels("differ")),
                  in.decimal("level")));

  /// Copies the lists.
  public GroupLetters {
    groups = List.copyOf(groups);
    differ = differ.stream().map(List::copyOf).toList();
  }

  private static List<List<String>> pairs(List<String> flat) {
    List<List<String>> pairs = new ArrayList<>();
    for (int i = 0; i + 1 < flat.size(); i += 2) {
      pairs.add(List.of(flat.get(i), flat.get(i + 1)));
    }
    return pairs;
  }

  /// Letters on a table from comparisons in another, if that compares its groups.
  public static Optional<GroupLetters> of(
      Table table, Comparisons comparisons, String on, double level) {
    List<String> labels =
        table.down().leaves().stream().map(leaf -> leaf.heading().label()).toList();
    return labels.containsAll(comparisons.groups())
        ? Optional.of(new GroupLetters(on, comparisons.groups(), comparisons.differ(), level))
        : Optional.empty();
  }

  @Override
  public Concern concern() {
    return Concern.FIGURES;
  }

  @Override
  public MoveKind moveKind() {
    return KIND;
  }

  @Override
  public Trees made(Making at) throws NoPlace {
    Trees trees = new ArrangedTable(at.trees()).changed(ArrangedTable.KEEP);
    Table table = trees.source();
    List<Leaf> rows = new ArrayList<>();
    for (Leaf leaf : table.down().leaves()) {
      if (groups.contains(leaf.heading().label())) {
        rows.add(leaf);
      }
    }
    List<String> order = rows.stream().map(leaf -> leaf.heading().label()).toList();
    if (order.size() != groups.size() || !order.containsAll(groups)) {
      throw new NoPlace("its rows are not the groups that were compared");
    }
    List<Integer> columns = columns(trees.roots(Side.ACROSS));
    if (columns.isEmpty()) {
      throw new NoPlace("there is no measure “" + on + "” now");
    }
    List<int[]> pairs =
        differ.stream()
            .map(pair -> new int[] {order.indexOf(pair.getFirst()), order.indexOf(pair.getLast())})
            .toList();
    List<List<Integer>> letters = LetterDisplay.of(order.size(), pairs);
    Map<Spot, String> marks = new HashMap<>(table.marks().byPlace());
    for (int i = 0; i < rows.size(); i++) {
      String mark =
          String.join(
              ",", letters.get(i).stream().map(one -> String.valueOf((char) ('a' + one))).toList());
      for (int column : columns) {
        marks.put(new Spot.Figure(rows.get(i).index(), column), mark);
      }
    }
    Table marked =
        table
            .withMarks(table.marks().withMarks(marks))
            .withWords(table.words().withNotes(explained(table)));
    return trees.withFigures(new Figures(marked, trees.figures().formulas()));
  }

  private List<Note> explained(Table table) {
    List<Note> notes = new ArrayList<>(table.words().notes());
    notes.addFirst(
        Note.general(
            Markup.plain(on)
                + " that share a letter do not differ at p < "
                + ProbabilityLevels.written(level)
                + "."));
    return notes;
  }

  private List<Integer> columns(List<Branch> branches) {
    List<Integer> columns = new ArrayList<>();
    for (Branch branch : branches) {
      boolean named = branch.label().equals(on) || branch.shown().equals(on);
      if (branch.isLeaf() && named) {
        columns.add(branch.sourceLeaf());
      }
      columns.addAll(columns(branch.children()));
    }
    return columns;
  }

  @Override
  public Reach reach(Trees whole, Formulas formulas) {
    return Reach.WHOLE;
  }

  @Override
  public String words(Levels levels) {
    return "Letters on “" + on + "”: groups that share one do not differ";
  }

  @Override
  public void write(MoveWriting out) {
    List<String> flat = new ArrayList<>();
    differ.forEach(flat::addAll);
    out.put("on", on).put("groups", groups).put("differ", flat).put("level", level);
  }
}
