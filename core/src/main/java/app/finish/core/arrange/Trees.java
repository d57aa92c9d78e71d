package app.finish.core.arrange;

import app.finish.core.number.Digits;
import app.finish.core.table.Heading.Role;
import app.finish.core.table.Measure;
import app.finish.core.table.MeasureKind.Additivity;
import app.finish.core.table.Spot;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// Both sides of a table that is being arranged, over the figures of the source.
///
/// @param source the table as it came
/// @param down the headings down
/// @param across the headings across
/// @param downNames the names of the dimensions down
/// @param acrossNames the names of the dimensions across
/// @param isSwapped whether rows of the source are columns now
record Trees(
    Table source,
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
    return new Trees(
        table,
        Branch.of(table.down().headings(), Side.DOWN),
        Branch.of(table.across().headings(), Side.ACROSS),
        table.down().dimensions(),
        table.across().dimensions(),
        false);
  }

  Trees swapped() {
    return new Trees(source, across, down, acrossNames, downNames, !isSwapped);
  }

  Trees with(Side side, List<Branch> roots) {
    return side == Side.DOWN
        ? new Trees(source, roots, across, downNames, acrossNames, isSwapped)
        : new Trees(source, down, roots, downNames, acrossNames, isSwapped);
  }

  Trees withNames(Side side, List<String> names) {
    return side == Side.DOWN
        ? new Trees(source, down, across, names, acrossNames, isSwapped)
        : new Trees(source, down, across, downNames, names, isSwapped);
  }

  List<Branch> roots(Side side) {
    return side == Side.DOWN ? down : across;
  }

  List<String> dimensions(Side side) {
    return side == Side.DOWN ? downNames : acrossNames;
  }

  List<Branch> leaves(Side side) {
    List<Branch> leaves = new ArrayList<>();
    roots(side).forEach(root -> leaves.addAll(root.leaves()));
    return leaves;
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

  /// The branch that labels lead to.
  Branch find(Side side, List<String> path) throws NoPlace {
    List<Branch> here = roots(side);
    Optional<Branch> found = Optional.empty();
    for (String label : path) {
      found = here.stream().filter(branch -> branch.label().equals(label)).findFirst();
      if (found.isEmpty()) {
        throw new NoPlace("there is no “" + String.join(", ", path) + "” now");
      }
      here = found.get().children();
    }
    return found.orElseThrow(() -> new NoPlace("no heading was named"));
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
      return source.body().at(single.get().row(), single.get().column());
    }
    double sum = 0;
    boolean any = false;
    for (int one : row.from()) {
      for (int two : column.from()) {
        int r = isSwapped ? two : one;
        int c = isSwapped ? one : two;
        Value value = source.body().at(r, c);
        if (!isAdditive(source.measureAt(r, c)) || value instanceof Value.Text) {
          return Value.BLANK;
        }
        if (value instanceof Value.Numeric number) {
          sum += number.number();
          any = true;
        }
      }
    }
    return any && Double.isFinite(sum) ? Value.number(Digits.certain(sum), "") : Value.BLANK;
  }

  static boolean isAdditive(Measure measure) {
    return measure.kind().additivity() == Additivity.ADDITIVE;
  }

  /// The figure by which a branch is ordered: its own, its subtotal's, or the sum of its members';
  /// not a number where there is none.
  double figure(Branch branch, Branch at, Side side) {
    Optional<Branch> one = representative(branch);
    if (one.isPresent()) {
      return number(side == Side.DOWN ? value(one.get(), at) : value(at, one.get()));
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

  private static double number(Value value) {
    return value instanceof Value.Numeric number ? number.number() : Double.NaN;
  }

  /// The leaf that labels lead to; of a heading with several under it the first.
  Branch leaf(Side side, List<String> path) throws NoPlace {
    return find(side, path).leaves().getFirst();
  }
}
