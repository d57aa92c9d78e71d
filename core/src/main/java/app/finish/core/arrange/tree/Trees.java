package app.finish.core.arrange.tree;

import app.finish.core.arrange.place.Level;
import app.finish.core.arrange.place.NoPlace;
import app.finish.core.arrange.place.Side;
import app.finish.core.table.Body;
import app.finish.core.table.Heading.Role;
import app.finish.core.table.Spot;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// Both sides of a table that is being arranged, over the figures of the source.
///
/// @param figures the figures of the table as it came
/// @param down the headings down
/// @param across the headings across
/// @param downNames the names of the dimensions down
/// @param acrossNames the names of the dimensions across
/// @param isSwapped whether rows of the source are columns now
public record Trees(
    Figures figures,
    List<Branch> down,
    List<Branch> across,
    List<String> downNames,
    List<String> acrossNames,
    boolean isSwapped) {
  public Trees {
    down = OnDemand.kept(down);
    across = OnDemand.kept(across);
  }

  public static Trees of(Table table) {
    return of(new Figures(table, Map.of()));
  }

  public static Trees of(Figures figures) {
    Table table = figures.table();
    return new Trees(
        figures,
        Branch.of(table.down().headings(), Side.DOWN),
        Branch.of(table.across().headings(), Side.ACROSS),
        table.down().dimensions(),
        table.across().dimensions(),
        false);
  }

  /// The table as it came.
  public Table source() {
    return figures.table();
  }

  public Trees swapped() {
    return new Trees(figures, across, down, acrossNames, downNames, !isSwapped);
  }

  public Trees with(Side side, List<Branch> roots) {
    return side == Side.DOWN
        ? new Trees(figures, roots, across, downNames, acrossNames, isSwapped)
        : new Trees(figures, down, roots, downNames, acrossNames, isSwapped);
  }

  public Trees withFigures(Figures others) {
    return new Trees(others, down, across, downNames, acrossNames, isSwapped);
  }

  public Trees withNames(Side side, List<String> names) {
    return side == Side.DOWN
        ? new Trees(figures, down, across, names, acrossNames, isSwapped)
        : new Trees(figures, down, across, downNames, names, isSwapped);
  }

  public List<Branch> roots(Side side) {
    return side == Side.DOWN ? down : across;
  }

  public List<String> dimensions(Side side) {
    return side == Side.DOWN ? downNames : acrossNames;
  }

  /// The same with only the first leaves of a side.
  public Trees first(Side side, int leaves) {
    return with(side, Branch.first(roots(side), new int[] {leaves}));
  }

  /// The first groups down that have so many leaves together, each of them whole.
  public List<Branch> firstGroups(int leaves) {
    int count = 0;
    int groups = 0;
    while (groups < down.size() && count < leaves) {
      count += down.get(groups++).shape().leaves();
    }
    return List.copyOf(down.subList(0, groups));
  }

  /// The same with only the first heading down of each level above one.
  public Trees firstAbove(int level) {
    return level == 0 ? this : with(Side.DOWN, Branch.firstAbove(down, level));
  }

  /// Whether both sides have as many levels.
  public boolean isAsDeepAs(Trees other) {
    return Shape.of(down).levels() == Shape.of(other.down).levels()
        && Shape.of(across).levels() == Shape.of(other.across).levels();
  }

  public List<Branch> leaves(Side side) {
    return Branch.leaves(roots(side));
  }

  /// The labels that lead to each leaf.
  public List<List<String>> paths(Side side) {
    return LeafPaths.of(roots(side)).paths();
  }

  /// The branch that labels lead to.
  public Branch find(Side side, List<String> path) throws NoPlace {
    if (path.isEmpty()) {
      throw new NoPlace("no heading was named");
    }
    return find(roots(side), path)
        .orElseThrow(() -> new NoPlace("there is no “" + String.join(", ", path) + "” now"));
  }

  /// Groups of the same name may follow one another, after their members were put in one order.
  private static Optional<Branch> find(List<Branch> here, List<String> path) {
    for (Branch branch : here) {
      if (branch.label().equals(path.getFirst())) {
        Optional<Branch> found =
            path.size() == 1
                ? Optional.of(branch)
                : find(branch.children(), path.subList(1, path.size()));
        if (found.isPresent()) {
          return found;
        }
      }
    }
    return Optional.empty();
  }

  /// Where the source has the figure of a row and a column, if it is one figure.
  public Optional<Spot.Figure> place(Branch row, Branch column) {
    int one = row.sourceLeaf();
    int two = column.sourceLeaf();
    if (one == Branch.NOWHERE || two == Branch.NOWHERE) {
      return Optional.empty();
    }
    return Optional.of(isSwapped ? new Spot.Figure(two, one) : new Spot.Figure(one, two));
  }

  /// The figure of a row and a column.
  public Value value(Branch row, Branch column) {
    Optional<Spot.Figure> single = place(row, column);
    if (single.isPresent()) {
      return source().body().at(single.get().row(), single.get().column());
    }
    if (row.from().isEmpty() || column.from().isEmpty()) {
      return Value.BLANK;
    }
    return isSwapped
        ? figures.together(column.from(), row.from())
        : figures.together(row.from(), column.from());
  }

  /// The levels of a side from the outermost.
  public List<Level> levels(Side side) {
    return Levels.of(roots(side), dimensions(side));
  }

  /// The names of a side's dimensions with one of them taken out.
  public List<String> namesWithout(Side side, int level) {
    List<String> names = new ArrayList<>(dimensions(side));
    if (level < names.size() && names.size() > 1) {
      names.remove(level);
    }
    return names;
  }

  /// The number of a row and a column; not a number if there is none.
  private double number(Branch row, Branch column) {
    int one = row.sourceLeaf();
    int two = column.sourceLeaf();
    if (one >= 0 && two >= 0) {
      return isSwapped ? source().body().number(two, one) : source().body().number(one, two);
    }
    return Figures.number(value(row, column));
  }

  /// The figure by which a branch is ordered: its own, its subtotal's, or the sum of its members';
  /// not a number where there is none.
  double figure(Branch branch, Branch at, Side side) {
    if (branch.isLeaf()) {
      return side == Side.DOWN ? number(branch, at) : number(at, branch);
    }
    Optional<Branch> one = branch.standIn();
    if (one.isPresent()) {
      return side == Side.DOWN ? number(one.get(), at) : number(at, one.get());
    }
    double sum = 0;
    for (Branch child : branch.children()) {
      double figure = child.role() == Role.MEMBER ? figure(child, at, side) : 0;
      sum += Double.isNaN(figure) ? 0 : figure;
    }
    return sum;
  }

  /// The figures by which branches are ordered.
  public double[] figures(List<Branch> branches, Branch at, Side side) {
    double[] figures = new double[branches.size()];
    boolean single = branches instanceof Branches && at.sourceLeaf() != Branch.NOWHERE;
    int[] leaves = single ? Branches.of(branches).sourceLeaves() : new int[0];
    int other = at.sourceLeaf();
    boolean rows = (side == Side.DOWN) != isSwapped;
    Body body = source().body();
    for (int i = 0; i < figures.length; i++) {
      if (!single || leaves[i] < 0) {
        figures[i] = figure(branches.get(i), at, side);
      } else {
        figures[i] = rows ? body.number(leaves[i], other) : body.number(other, leaves[i]);
      }
    }
    return figures;
  }

  /// The leaf that labels lead to; of a heading with several under it the first.
  public Branch leaf(Side side, List<String> path) throws NoPlace {
    return find(side, path).leaves().getFirst();
  }
}
