package app.finish.core.arrange.make;

import app.finish.core.arrange.formula.Formulas;
import app.finish.core.arrange.move.Concern;
import app.finish.core.arrange.move.Levels;
import app.finish.core.arrange.move.Making;
import app.finish.core.arrange.move.Move;
import app.finish.core.arrange.move.MoveKind;
import app.finish.core.arrange.move.MoveWriting;
import app.finish.core.arrange.move.Reach;
import app.finish.core.arrange.move.Setting;
import app.finish.core.arrange.place.Aside;
import app.finish.core.arrange.place.NoPlace;
import app.finish.core.arrange.tree.Branch;
import app.finish.core.arrange.tree.Trees;
import app.finish.core.table.Marks;
import app.finish.core.table.Note;
import app.finish.core.table.ProbabilityLevels;
import app.finish.core.table.Spot;
import app.finish.core.table.Table;
import app.finish.core.table.Words;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/// Shows probabilities as stars on another measure. Their own column goes aside, and a note says
/// what the stars stand for.
///
/// ```java
/// new StarsFrom("p", "B", List.of(0.05, 0.01, 0.001));
/// ```
///
/// @param probability the measure of the probabilities, as its headings call it
/// @param on the measure that gets the stars
/// @param levels the levels that stars stand for, the largest first
public record StarsFrom(String probability, String on, List<Double> levels) implements Move {
  static final MoveKind KIND =
      new MoveKind(
          "stars from",
          true,
          in -> new StarsFrom(in.text("probability"), in.text("on"), numbers(in.text("levels"))));

  /// Copies the levels.
  public StarsFrom {
    levels = List.copyOf(levels);
  }

  private static List<Double> numbers(String text) {
    List<Double> numbers = new ArrayList<>();
    Matcher number = Pattern.compile("0?\\.[0-9]+").matcher(text);
    while (number.find()) {
      numbers.add(Double.parseDouble(number.group()));
    }
    return numbers.isEmpty() ? List.of(0.05, 0.01, 0.001) : numbers;
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
  public Move atLevels(List<Double> others) {
    return new StarsFrom(probability, on, others);
  }

  @Override
  public Trees made(Making at) throws NoPlace {
    MeasureColumns columns = MeasureColumns.of(at.trees());
    int from = columns.measure(probability);
    int to = columns.measure(on);
    Table table = columns.table();
    Map<Spot, String> marks = new HashMap<>(table.marks().byPlace());
    List<List<String>> gone = new ArrayList<>();
    List<Branch> roots = starred(columns.roots(), from, to, table, marks, gone, List.of());
    if (gone.isEmpty()) {
      throw new NoPlace("“" + probability + "” and “" + on + "” never stand side by side");
    }
    gone.forEach(path -> at.takeOut(Aside.at(at.index(), columns.side(), path)));
    Marks all = table.marks().withMarks(marks);
    return columns.with(table.withMarks(all).withWords(explained(table.words(), all)), roots);
  }

  /// The words with a note on the stars, where none is there.
  private Words explained(Words words, Marks marks) {
    String note = new ProbabilityLevels(levels).note(marks);
    if (note.isEmpty() || words.notes().stream().anyMatch(Note::isProbability)) {
      return words;
    }
    List<Note> notes = new ArrayList<>(words.notes());
    notes.add(Note.probability(note));
    return words.withNotes(notes);
  }

  private List<Branch> starred(
      List<Branch> branches,
      int from,
      int to,
      Table table,
      Map<Spot, String> marks,
      List<List<String>> gone,
      List<String> above) {
    Optional<Branch> source = named(branches, from);
    Optional<Branch> target = named(branches, to);
    boolean here = source.isPresent() && target.isPresent();
    List<Branch> all = new ArrayList<>();
    for (Branch branch : branches) {
      List<String> path = new ArrayList<>(above);
      path.add(branch.label());
      if (here && branch == source.get()) {
        star(branch.sourceLeaf(), target.get().sourceLeaf(), table, marks);
        gone.add(path);
      } else {
        all.add(
            branch.isLeaf()
                ? branch
                : branch.withChildren(
                    starred(branch.children(), from, to, table, marks, gone, path)));
      }
    }
    return all;
  }

  private static Optional<Branch> named(List<Branch> branches, int measure) {
    return branches.stream().filter(branch -> MeasureColumns.isOf(branch, measure)).findFirst();
  }

  private void star(int from, int to, Table table, Map<Spot, String> marks) {
    ProbabilityLevels all = new ProbabilityLevels(levels);
    for (int row = 0; row < table.body().rows(); row++) {
      OptionalDouble p = ProbabilityLevels.probability(table.body().at(row, from));
      String stars = p.isPresent() ? all.stars(p.getAsDouble()) : "";
      if (!stars.isEmpty()) {
        marks.merge(
            new Spot.Figure(row, to),
            stars,
            (before, more) -> before.contains("*") ? before : more + "," + before);
      }
    }
  }

  @Override
  public Reach reach(Trees whole, Formulas formulas) {
    return Reach.WHOLE;
  }

  @Override
  public String words(Levels levelNames) {
    return "Show “" + probability + "” as stars on “" + on + "”";
  }

  private String written() {
    return levels.stream().map(ProbabilityLevels::written).collect(Collectors.joining(" "));
  }

  @Override
  public void write(MoveWriting out) {
    out.put("probability", probability).put("on", on).put("levels", written());
  }

  @Override
  public List<Setting> settings() {
    return List.of(
        new Setting.Written(
            "levels", written(), text -> new StarsFrom(probability, on, numbers(text))));
  }
}
