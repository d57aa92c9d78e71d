package app.finish.core.arrange.make;

import app.finish.core.arrange.place.NoPlace;
import app.finish.core.arrange.tree.Trees;
import app.finish.core.table.Axis;
import app.finish.core.table.Leaf;
import app.finish.core.table.Spot;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import java.util.ArrayList;
import java.util.List;

/// The square part of a table: rows and columns of the same variables.
///
/// @param rows the rows of the variables, in order
/// @param columns the columns of the same variables, in the same order
/// @param names what the variables are called
record Matrix(List<Integer> rows, List<Integer> columns, List<String> names) {
  private static final double SAME = 1e-9;

  /// Finds the square part.
  ///
  /// @throws NoPlace if there is none
  static Matrix of(Trees trees) throws NoPlace {
    return of(trees.source(), 0, trees.source().down().leaves().size())
        .orElseThrow(
            () -> new NoPlace("its rows and columns are not the same variables in the same order"));
  }

  /// The square part in some of the rows.
  static java.util.Optional<Matrix> of(Table table, int from, int to) {
    List<Integer> rows = new ArrayList<>();
    List<Integer> columns = new ArrayList<>();
    List<String> names = new ArrayList<>();
    for (int row = from; row < to; row++) {
      String name = "";
      int column = -1;
      for (String label : table.down().leaves().get(row).labels().reversed()) {
        name = column < 0 ? bare(label) : name;
        column = column < 0 ? column(table.across(), name) : column;
      }
      if (column >= 0) {
        boolean inOrder = columns.isEmpty() || column > columns.getLast();
        if (!inOrder || names.contains(name)) {
          return java.util.Optional.empty();
        }
        rows.add(row);
        columns.add(column);
        names.add(name);
      }
    }
    boolean most = rows.size() >= 2 && rows.size() * 2 > to - from;
    return most
        ? java.util.Optional.of(new Matrix(rows, columns, names))
        : java.util.Optional.empty();
  }

  /// A name without the number before it.
  static String bare(String label) {
    return label.strip().replaceFirst("^[0-9]+[.)]\\s+", "");
  }

  private static int column(Axis across, String name) {
    int found = -1;
    for (Leaf leaf : across.leaves()) {
      boolean here = leaf.labels().stream().anyMatch(label -> bare(label).equals(name));
      if (here && found >= 0) {
        return -1;
      }
      found = here ? leaf.index() : found;
    }
    return found;
  }

  int size() {
    return rows.size();
  }

  Spot.Figure spot(int row, int column) {
    return new Spot.Figure(rows.get(row), columns.get(column));
  }

  Value value(Table table, int row, int column) {
    return table.body().at(rows.get(row), columns.get(column));
  }

  /// Makes sure that nothing is lost when a figure on or above the diagonal is left out.
  void check(Table table, int row, int column) throws NoPlace {
    Value upper = value(table, row, column);
    if (upper instanceof Value.Missing) {
      return;
    }
    boolean diagonal = row == column;
    double number = table.body().number(rows.get(row), columns.get(column));
    double mirrored = diagonal ? 1 : table.body().number(rows.get(column), columns.get(row));
    if (!(Math.abs(number - mirrored) < SAME)) {
      String where = names.get(row) + " × " + names.get(column);
      throw new NoPlace(
          diagonal
              ? "“" + where + "” is " + upper.written() + ", not 1"
              : "“" + where + "” is not the same above and below the diagonal");
    }
  }
}
