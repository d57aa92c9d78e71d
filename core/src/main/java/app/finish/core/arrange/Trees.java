package app.finish.core.arrange;

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
record Trees(
    Figures figures,
    List<Branch> down,
    List<Branch> across,
    List<String> downNames,
    List<String> acrossNames,
    boolean isSwapped) {
  Trees {
    down = List.copyOf(down);
    across = List.copyOf(across);
  }

  static Trees of(Table table) {
    return of(new Figures(table, Map.of()));
  }

  static Trees of(Figures figures) {
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
  Table source() {
    return figures.table();
  }

  Trees swapped() {
    return new Trees(figures, across, down, acrossNames, downNames, !isSwapped);
  }

  Trees with(Side side, List<Branch> roots) {
    return side == Side.DOWN
        ? new Trees(figures, roots, across, downNames, acrossNames, isSwapped)
        : new Trees(figures, down, roots, downNames, acrossNames, isSwapped);
  }

  Trees withFigures(Figures others) {
    return new Trees(others, down, across, downNames, acrossNames, isSwapped);
  }

  Trees withNames(Side side, List<String> names) {
    return side == Side.DOWN
        ? new Trees(figures, down, across, names, acrossNames, isSwapped)
        : new Trees(figures, down, across, downNames, names, isSwapped);
  }

  List<Branch> roots(Side side) {
    return side == Side.DOWN ? down : across;
  }

  List<String> dimensions(Side side) {
    return side == Side.DOWN ? downNames : acrossNames;
  }

  List<Branch> leaves(Side side) {
    return Branch.leaves(roots(side));
  }

  /// The labels that lead to each leaf.
  List<List<String>> paths(Side side) {
    List<List<String>> paths = new ArrayList<>();
    collect(roots(side), List.of(), paths);
    return paths;
  }

  private static void collect(List<Branch> branches, List<String> path, List<List<String>> paths) {
    for (Branch branch : branches) {
      List<String> here = new ArrayList<>(path);
      here.add(branch.label());
      if (branch.isLeaf()) {
        paths.add(List.copyOf(here));
      } else {
        collect(branch.children(), here, paths);
      }
    }
  }

  /// The branches that lead to each leaf.
  List<List<Branch>> ways(Side side) {
    List<List<Branch>> ways = new ArrayList<>();
    follow(roots(side), List.of(), ways);
    return ways;
  }

  private static void follow(List<Branch> branches, List<Branch> way, List<List<Branch>> ways) {
    for (Branch branch : branches) {
      List<Branch> here = new ArrayList<>(way);
      here.add(branch);
      if (branch.isLeaf()) {
        ways.add(here);
      } else {
        follow(branch.children(), here, ways);
      }
    }
  }

  /// The branch that labels lead to.
  Branch find(Side side, List<String> path) throws NoPlace {
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
  Optional<Spot.Figure> place(Branch row, Branch column) {
    if (row.from().size() != 1 || column.from().size() != 1) {
      return Optional.empty();
    }
    int one = row.from().getFirst();
    int two = column.from().getFirst();
    return Optional.of(isSwapped ? new Spot.Figure(two, one) : new Spot.Figure(one, two));
  }

  /// The figure of a row and a column.
  Value value(Branch row, Branch column) {
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
  List<Level> levels(Side side) {
    return Levels.of(roots(side), dimensions(side));
  }

  /// The names of a side's dimensions with one of them taken out.
  List<String> namesWithout(Side side, int level) {
    List<String> names = new ArrayList<>(dimensions(side));
    if (level < names.size() && names.size() > 1) {
      names.remove(level);
    }
    return names;
  }

  /// The number of a row and a column; not a number if there is none.
  private double number(Branch row, Branch column) {
    if (row.from().size() == 1 && column.from().size() == 1) {
      int one = row.from().getFirst();
      int two = column.from().getFirst();
      return isSwapped ? source().body().number(two, one) : source().body().number(one, two);
    }
    return Figures.number(value(row, column));
  }

  /// The figure by which a branch is ordered: its own, its subtotal's, or the sum of its members';
  /// not a number where there is none.
  double figure(Branch branch, Branch at, Side side) {
    Optional<Branch> one = representative(branch);
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

  private static Optional<Branch> representative(Branch branch) {
    if (branch.isLeaf()) {
      return Optional.of(branch);
    }
    return branch.children().stream()
        .filter(child -> child.role() != Role.MEMBER)
        .findFirst()
        .or(() -> firstMeasure(branch))
        .flatMap(Trees::representative);
  }

  private static Optional<Branch> firstMeasure(Branch branch) {
    return branch.children().stream().filter(child -> child.measure().isPresent()).findFirst();
  }

  /// The leaf that labels lead to; of a heading with several under it the first.
  Branch leaf(Side side, List<String> path) throws NoPlace {
    return find(side, path).leaves().getFirst();
  }
}
