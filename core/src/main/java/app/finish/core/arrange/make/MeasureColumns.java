package app.finish.core.arrange.make;

import app.finish.core.arrange.formula.Formula;
import app.finish.core.arrange.place.NoPlace;
import app.finish.core.arrange.place.Side;
import app.finish.core.arrange.tree.Branch;
import app.finish.core.arrange.tree.Figures;
import app.finish.core.arrange.tree.Trees;
import app.finish.core.number.FigureGroup;
import app.finish.core.number.NumberReader;
import app.finish.core.table.Axis;
import app.finish.core.table.Heading;
import app.finish.core.table.Measure;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// A table turned so that its measures run across, made anew so that each row and column of it is
/// one of its source: what moves need that make one measure of two, or two of one.
final class MeasureColumns {
  private final Trees trees;
  private final boolean turned;

  private MeasureColumns(Trees trees, boolean turned) {
    this.trees = trees;
    this.turned = turned;
  }

  /// The table, with measures across wherever they are.
  static MeasureColumns of(Trees before) {
    Table table = new ArrangedTable(before).table(Branch::labelled, ArrangedTable.KEEP);
    boolean down = !hasMeasures(table.across()) && hasMeasures(table.down());
    Trees own = down ? before.swapped() : before;
    return new MeasureColumns(new ArrangedTable(own).changed(ArrangedTable.KEEP), down);
  }

  private static boolean hasMeasures(Axis axis) {
    return axis.leaves().stream().anyMatch(leaf -> leaf.measure().isPresent());
  }

  Table table() {
    return trees.source();
  }

  List<Branch> roots() {
    return trees.roots(Side.ACROSS);
  }

  /// Where the measures stood.
  Side side() {
    return turned ? Side.DOWN : Side.ACROSS;
  }

  /// The place of the measure that a heading calls so.
  int measure(String name) throws NoPlace {
    return find(roots(), name)
        .map(branch -> branch.measure().orElseThrow())
        .orElseThrow(() -> new NoPlace("there is no measure “" + name + "” now"));
  }

  private static Optional<Branch> find(List<Branch> branches, String name) {
    for (Branch branch : branches) {
      boolean named = branch.label().equals(name) || branch.shown().equals(name);
      if (branch.measure().isPresent() && named) {
        return Optional.of(branch);
      }
      Optional<Branch> inside = find(branch.children(), name);
      if (inside.isPresent()) {
        return inside;
      }
    }
    return Optional.empty();
  }

  /// Whether a branch is the one leaf of a measure.
  static boolean isOf(Branch branch, int measure) {
    return branch.isLeaf()
        && branch.measure().isPresent()
        && branch.measure().getAsInt() == measure;
  }

  /// The table with other columns, turned back.
  ///
  /// @param changed the table with other values, marks, measures or words; its columns may go on
  ///   behind those of this one
  Trees with(Table changed, List<Branch> columns) {
    Map<Integer, Formula> formulas = trees.figures().formulas();
    Trees other = trees.withFigures(new Figures(changed, formulas)).with(Side.ACROSS, columns);
    Trees back = turned ? other.swapped() : other;
    return new ArrangedTable(back).changed(ArrangedTable.KEEP);
  }

  /// The axis across with more leaves behind its own.
  Axis longer(int more) {
    List<Heading> headings = new ArrayList<>(table().across().headings());
    for (int i = 0; i < more; i++) {
      headings.add(Heading.member("\u0000" + i));
    }
    return Axis.of(table().across().dimensions(), headings);
  }

  /// A measure's figure as it is written in a cell with others.
  static String written(Value value, Measure measure) {
    return switch (value) {
      case Value.Numeric number ->
          number.written().isEmpty()
              ? BigDecimal.valueOf(number.number())
                  .setScale(measure.decimals(), RoundingMode.HALF_EVEN)
                  .toPlainString()
              : number.written().strip();
      case Value.Text text -> text.text().strip();
      case Value.Missing _ -> "";
    };
  }

  /// Reads figures with the decimal mark that the table's figures are written with.
  static NumberReader reader(Table table) {
    List<String> written = new ArrayList<>();
    for (int row = 0; row < table.body().rows(); row++) {
      for (int column = 0; column < table.body().columns(); column++) {
        String text = table.body().at(row, column).written();
        List<String> figures = FigureGroup.of(text);
        written.addAll(figures.isEmpty() ? List.of(text) : figures);
      }
    }
    return NumberReader.forTexts(written);
  }
}
