package app.finish.core.arrange.make;

import app.finish.core.arrange.formula.Formula;
import app.finish.core.arrange.formula.Formulas;
import app.finish.core.arrange.place.NoPlace;
import app.finish.core.arrange.place.Side;
import app.finish.core.arrange.tree.Branch;
import app.finish.core.arrange.tree.Figures;
import app.finish.core.arrange.tree.Trees;
import app.finish.core.number.Digits;
import app.finish.core.problem.Refusal;
import app.finish.core.table.Axis;
import app.finish.core.table.Body;
import app.finish.core.table.Heading;
import app.finish.core.table.Heading.Role;
import app.finish.core.table.Marks;
import app.finish.core.table.Measure;
import app.finish.core.table.MeasureKind;
import app.finish.core.table.Spot;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/// Adds a measure that is calculated from others, behind them in each group of measures. A table of
/// one measure without a heading for it gets headings for both.
public final class Calculating {
  private final Calculate move;
  private final Trees before;
  private final Table table;
  private final Side side;
  private final boolean bare;
  private final List<Integer> base = new ArrayList<>();
  private final List<Boolean> fresh = new ArrayList<>();

  public Calculating(Trees trees, Calculate move) {
    this.move = move;
    this.before = new ArrangedTable(trees).changed(ArrangedTable.KEEP);
    this.table = before.source();
    boolean down = hasMeasures(table.down());
    boolean across = hasMeasures(table.across());
    this.side = across || !down ? Side.ACROSS : Side.DOWN;
    this.bare = !across && !down;
  }

  private static boolean hasMeasures(Axis axis) {
    return axis.leaves().stream().anyMatch(leaf -> leaf.measure().isPresent());
  }

  /// What the only measure of a table without headings for measures is called in expressions.
  static String nameOf(Measure measure) {
    return measure.name().isEmpty() ? "Value" : measure.name();
  }

  /// The names that an expression may use: the measures that are in the table.
  public static List<String> names(Table table) {
    List<String> names = new ArrayList<>();
    name(table, table.down().headings(), names);
    name(table, table.across().headings(), names);
    return names.isEmpty() ? List.of(nameOf(table.measures().getFirst())) : names;
  }

  private static void name(Table table, List<Heading> headings, List<String> names) {
    for (Heading heading : headings) {
      if (heading.measure().isPresent()) {
        String name = nameOf(table.measures().get(heading.measure().getAsInt()));
        if (!names.contains(name)) {
          names.add(name);
        }
      } else {
        name(table, heading.children(), names);
      }
    }
  }

  public Trees calculated(Formulas formulas) throws NoPlace {
    List<String> names = names(table);
    if (names.contains(move.name())) {
      throw new NoPlace("there is a measure called “" + move.name() + "” already");
    }
    Formula formula;
    try {
      formula = formulas.read(move.expression(), names);
    } catch (Refusal e) {
      throw new NoPlace(e.sentence());
    }
    List<Branch> roots = with(before.roots(side));
    List<Measure> measures = new ArrayList<>(table.measures());
    if (bare) {
      measures.set(0, measures.getFirst().withName(nameOf(measures.getFirst())));
    }
    measures.add(
        new Measure(
            move.name(),
            move.kind(),
            move.kind() == MeasureKind.PERCENT ? "%" : "",
            move.decimals()));
    return assembled(roots, measures, formula);
  }

  /// The branches with the new measure behind the last of each group.
  private List<Branch> with(List<Branch> branches) {
    List<Branch> all = new ArrayList<>();
    int last = -1;
    for (int i = 0; i < branches.size(); i++) {
      last = branches.get(i).measure().isPresent() ? i : last;
    }
    for (int i = 0; i < branches.size(); i++) {
      Branch branch = branches.get(i);
      if (branch.isLeaf() && bare) {
        all.add(parted(branch));
      } else if (branch.isLeaf()) {
        all.add(numbered(branch, false));
      } else {
        boolean measure = branch.measure().isPresent();
        all.add(measure ? numbered(branch, false) : branch.withChildren(with(branch.children())));
      }
      if (i == last) {
        all.add(numbered(renamed(branch), true));
      }
    }
    return all;
  }

  private Branch renamed(Branch branch) {
    return new Branch(
        move.name(),
        move.name(),
        branch.role(),
        OptionalInt.of(table.measures().size()),
        branch.children(),
        branch.from(),
        Optional.empty());
  }

  /// A leaf over the measure that it has and the new one.
  private Branch parted(Branch leaf) {
    String name = nameOf(table.measures().getFirst());
    Branch own =
        new Branch(
            name, name, Role.MEMBER, OptionalInt.of(0), List.of(), leaf.from(), Optional.empty());
    Branch added = renamed(own);
    return leaf.withChildren(List.of(numbered(own, false), numbered(added, true)));
  }

  /// The same branch, its leaves numbered anew.
  private Branch numbered(Branch branch, boolean isNew) {
    if (!branch.isLeaf()) {
      return branch.withChildren(
          branch.children().stream().map(child -> numbered(child, isNew)).toList());
    }
    base.add(branch.from().getFirst());
    fresh.add(isNew);
    return branch.madeFrom(List.of(base.size() - 1));
  }

  private Trees assembled(List<Branch> roots, List<Measure> measures, Formula formula) {
    Table named = table.withMeasures(measures.subList(0, measures.size() - 1));
    NeighbourFigures around =
        new NeighbourFigures(new Figures(named, before.figures().formulas()), side);
    boolean across = side == Side.ACROSS;
    int rows = across ? table.body().rows() : base.size();
    int columns = across ? base.size() : table.body().columns();
    Body body =
        Body.of(
            rows,
            columns,
            (row, column) -> {
              int r = across ? row : base.get(row);
              int c = across ? base.get(column) : column;
              return fresh.get(across ? column : row)
                  ? value(formula.workOut(around.at(r, c)))
                  : table.body().at(r, c);
            });
    List<Branch> others = before.roots(side.other());
    List<String> names = new ArrayList<>(before.dimensions(side));
    Axis own = Axis.of(names, Branch.labelled(roots));
    Axis other = side.other().of(table);
    Table calculated =
        new Table(
            across ? other : own,
            across ? own : other,
            measures,
            body,
            table.held(),
            table.words(),
            marks());
    Map<Integer, Formula> all = new HashMap<>(before.figures().formulas());
    all.put(measures.size() - 1, formula);
    Trees trees =
        new Trees(
            new Figures(calculated, all),
            across ? others : roots,
            across ? roots : others,
            before.dimensions(Side.DOWN),
            before.dimensions(Side.ACROSS),
            false);
    return new ArrangedTable(trees).changed(ArrangedTable.KEEP);
  }

  /// The marks of figures at their new places; headings know where they stood.
  private Marks marks() {
    Map<Spot, String> marks = new HashMap<>(table.marks().byPlace());
    marks.keySet().removeIf(spot -> spot instanceof Spot.Figure);
    for (int leaf = 0; leaf < base.size(); leaf++) {
      int count = side == Side.ACROSS ? table.body().rows() : table.body().columns();
      for (int i = 0; i < count && !fresh.get(leaf); i++) {
        boolean across = side == Side.ACROSS;
        Spot from =
            across ? new Spot.Figure(i, base.get(leaf)) : new Spot.Figure(base.get(leaf), i);
        Spot to = across ? new Spot.Figure(i, leaf) : new Spot.Figure(leaf, i);
        String mark = table.marks().at(from);
        if (!mark.isEmpty()) {
          marks.put(to, mark);
        }
      }
    }
    return new Marks(marks);
  }

  private static Value value(OptionalDouble figure) {
    return figure.isPresent()
        ? Value.number(Digits.certain(figure.getAsDouble()), "")
        : Value.BLANK;
  }
}
