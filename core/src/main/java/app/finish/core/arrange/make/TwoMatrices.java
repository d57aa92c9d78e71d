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
import app.finish.core.table.Note;
import app.finish.core.table.Spot;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/// Makes one matrix of the correlation matrices of two groups: the first group's below the
/// diagonal, the other's above it, with a note that says so.
///
/// ```java
/// new TwoMatrices();
/// ```
public record TwoMatrices() implements Move {
  static final MoveKind KIND = new MoveKind("two matrices", true, in -> new TwoMatrices());

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
    List<Branch> groups = trees.roots(Side.DOWN);
    if (groups.size() != 2 || groups.stream().anyMatch(Branch::isLeaf)) {
      throw new NoPlace("there are not two groups of rows");
    }
    Table table = trees.source();
    int border =
        (int)
            table.down().leaves().stream()
                .filter(leaf -> leaf.path().getFirst() == table.down().headings().getFirst())
                .count();
    Matrix one = matrix(table, 0, border);
    Matrix other = matrix(table, border, table.body().rows());
    if (!one.names().equals(other.names()) || border * 2 != table.body().rows()) {
      throw new NoPlace("the two groups have not the same variables");
    }
    Map<Spot.Figure, Value> values = new HashMap<>();
    Map<Spot, String> marks = new HashMap<>(table.marks().byPlace());
    for (int row = 0; row < one.size(); row++) {
      for (int column = row; column < one.size(); column++) {
        Spot.Figure spot = one.spot(row, column);
        one.check(table, row, column);
        other.check(table, row, column);
        Spot.Figure mirrored = other.spot(column, row);
        values.put(
            spot,
            row == column
                ? new Value.Missing(Value.Reason.DASH, "—")
                : other.value(table, column, row));
        marks.remove(spot);
        String mark = table.marks().at(mirrored);
        if (!mark.isEmpty() && row != column) {
          marks.put(spot, mark);
        }
      }
    }
    List<Note> notes = new ArrayList<>(table.words().notes());
    notes.addFirst(
        Note.general(
            "Below the diagonal: "
                + groups.getFirst().shown()
                + "; above it: "
                + groups.getLast().shown()
                + "."));
    Table merged =
        table
            .withBody(table.body().with(values))
            .withMarks(table.marks().withMarks(marks))
            .withWords(table.words().withNotes(notes));
    return trees
        .withFigures(new Figures(merged, trees.figures().formulas()))
        .with(Side.DOWN, groups.getFirst().children())
        .withNames(Side.DOWN, trees.namesWithout(Side.DOWN, 0));
  }

  private static Matrix matrix(Table table, int from, int to) throws NoPlace {
    return Matrix.of(table, from, to)
        .orElseThrow(
            () -> new NoPlace("its rows and columns are not the same variables in the same order"));
  }

  @Override
  public Reach reach(Trees whole, Formulas formulas) {
    return Reach.WHOLE;
  }

  @Override
  public String words(Levels levels) {
    return "Make one matrix of the two groups, one below and one above the diagonal";
  }

  @Override
  public void write(MoveWriting out) {}
}
