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
import app.finish.core.arrange.place.NoPlace;
import app.finish.core.arrange.place.Side;
import app.finish.core.arrange.tree.Branch;
import app.finish.core.arrange.tree.Figures;
import app.finish.core.arrange.tree.Trees;
import app.finish.core.table.Spot;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/// Sets a correlation matrix as journals print it: the upper half left out, a dash on the diagonal,
/// the variables numbered down the side and by number across (APA 7, table 7.15).
///
/// ```java
/// new HalfMatrix(true);
/// ```
///
/// @param numbered whether the variables are numbered
public record HalfMatrix(boolean numbered) implements Move {
  static final MoveKind KIND =
      new MoveKind("half matrix", true, in -> new HalfMatrix(in.is("numbered")));

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
    Matrix matrix = Matrix.of(trees);
    Map<Spot.Figure, Value> values = new HashMap<>();
    Map<Spot, String> marks = new HashMap<>(table.marks().byPlace());
    for (int row = 0; row < matrix.size(); row++) {
      for (int column = row; column < matrix.size(); column++) {
        Spot.Figure spot = matrix.spot(row, column);
        matrix.check(table, row, column);
        marks.remove(spot);
        values.put(spot, row == column ? new Value.Missing(Value.Reason.DASH, "—") : Value.BLANK);
      }
    }
    Table half =
        table.withBody(table.body().with(values)).withMarks(table.marks().withMarks(marks));
    Trees halved = trees.withFigures(new Figures(half, trees.figures().formulas()));
    return numbered ? numbered(halved, matrix) : halved;
  }

  private static Trees numbered(Trees trees, Matrix matrix) {
    Trees named =
        trees.with(Side.DOWN, called(trees.roots(Side.DOWN), matrix.rows(), matrix.names(), true));
    return named.with(
        Side.ACROSS, called(named.roots(Side.ACROSS), matrix.columns(), matrix.names(), false));
  }

  private static List<Branch> called(
      List<Branch> branches, List<Integer> variables, List<String> names, boolean withName) {
    List<Branch> all = new ArrayList<>();
    for (Branch branch : branches) {
      int place = names.indexOf(Matrix.bare(branch.label()));
      if (place >= 0 && isOver(branch, variables.get(place))) {
        String number = "" + (place + 1);
        all.add(branch.called(withName ? number + ". " + branch.typed() : number));
      } else {
        all.add(
            branch.isLeaf()
                ? branch
                : branch.withChildren(called(branch.children(), variables, names, withName)));
      }
    }
    return all;
  }

  /// Whether a leaf is under a branch or is it.
  private static boolean isOver(Branch branch, int leaf) {
    return branch.isLeaf()
        ? branch.sourceLeaf() == leaf
        : branch.children().stream().anyMatch(child -> isOver(child, leaf));
  }

  @Override
  public Reach reach(Trees whole, Formulas formulas) {
    return Reach.WHOLE;
  }

  @Override
  public String words(Levels levels) {
    return numbered
        ? "Leave the upper half of the matrix out, its variables numbered"
        : "Leave the upper half of the matrix out";
  }

  @Override
  public void write(MoveWriting out) {
    out.put("numbered", numbered);
  }

  @Override
  public List<Setting> settings() {
    return List.of(new Setting.Switched("variables numbered", numbered, HalfMatrix::new));
  }
}
