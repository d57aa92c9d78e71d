package app.finish.core.arrange;

import app.finish.core.table.Axis;
import app.finish.core.table.Body;
import app.finish.core.table.Heading;
import app.finish.core.table.Marks;
import app.finish.core.table.Spot;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/// Makes a table of what is arranged.
final class Baking {
  /// Leaves each value as it is.
  static final Change KEEP = (row, column, value) -> value;

  private static final int[] NONE = {};

  private final Trees trees;

  Baking(Trees trees) {
    this.trees = trees;
  }

  /// Changes a value on its way.
  interface Change {
    Value of(int row, int column, Value value);
  }

  /// The table.
  ///
  /// @param name what each heading is called: its label, or what is shown
  Table table(Function<Branch, String> name, Change change) {
    List<Branch> rows = trees.leaves(Side.DOWN);
    List<Branch> columns = trees.leaves(Side.ACROSS);
    Body body = picked(rows, columns, change).orElseGet(() -> made(rows, columns, change));
    Table source = trees.source();
    return new Table(
        axis(Side.DOWN, name),
        axis(Side.ACROSS, name),
        source.measures(),
        body,
        source.held(),
        source.words(),
        marks(rows, columns));
  }

  /// The values of the source in another order, if that is all that was done to them.
  private Optional<Body> picked(List<Branch> rows, List<Branch> columns, Change change) {
    int[] down = change == KEEP ? places(rows) : NONE;
    int[] across = places(columns);
    if (down.length < rows.size() || across.length < columns.size()) {
      return Optional.empty();
    }
    Body source = trees.source().body();
    return Optional.of(
        trees.isSwapped() ? source.turned(down, across) : source.picked(down, across));
  }

  /// Where the source has each of these leaves; nothing if one of them is made of several.
  private static int[] places(List<Branch> leaves) {
    int[] places = new int[leaves.size()];
    for (int i = 0; i < places.length; i++) {
      List<Integer> from = leaves.get(i).from();
      if (from.size() != 1) {
        return NONE;
      }
      places[i] = from.getFirst();
    }
    return places;
  }

  private Body made(List<Branch> rows, List<Branch> columns, Change change) {
    return Body.of(
        rows.size(),
        columns.size(),
        (row, column) -> change.of(row, column, trees.value(rows.get(row), columns.get(column))));
  }

  /// The same headings over a table that was made of them, with changed values.
  Trees changed(Change change) {
    Table table = table(Branch::label, change);
    Figures figures = new Figures(table, trees.figures().formulas());
    return new Trees(
        figures,
        moved(trees.roots(Side.DOWN), Side.DOWN, 0, new int[1]),
        moved(trees.roots(Side.ACROSS), Side.ACROSS, 0, new int[1]),
        trees.dimensions(Side.DOWN),
        trees.dimensions(Side.ACROSS),
        false);
  }

  private static List<Branch> moved(List<Branch> branches, Side side, int level, int[] leaf) {
    List<Branch> all = new ArrayList<>();
    for (Branch branch : branches) {
      Branch here = branch.at(side.spot(level, leaf[0]));
      all.add(
          branch.isLeaf()
              ? here.madeFrom(List.of(leaf[0]++))
              : here.withChildren(moved(branch.children(), side, level + 1, leaf)));
    }
    return all;
  }

  private Axis axis(Side side, Function<Branch, String> name) {
    List<Heading> headings = Branch.headings(trees.roots(side), name);
    List<String> names = new ArrayList<>(trees.dimensions(side));
    Axis axis = Axis.of(names, headings);
    return names.size() > axis.depth() ? Axis.of(names.subList(0, axis.depth()), headings) : axis;
  }

  /// The marks in their new places; the mark of a figure that was gathered goes.
  private Marks marks(List<Branch> rows, List<Branch> columns) {
    Marks before = trees.source().marks();
    if (before.byPlace().isEmpty()) {
      return Marks.NONE;
    }
    Map<Spot, String> marks = new HashMap<>();
    for (int row = 0; row < rows.size(); row++) {
      for (int column = 0; column < columns.size(); column++) {
        int at = row;
        int across = column;
        trees
            .place(rows.get(row), columns.get(column))
            .map(before::at)
            .filter(mark -> !mark.isEmpty())
            .ifPresent(mark -> marks.put(new Spot.Figure(at, across), mark));
      }
    }
    ofHeadings(trees.roots(Side.DOWN), Side.DOWN, 0, new int[1], marks);
    ofHeadings(trees.roots(Side.ACROSS), Side.ACROSS, 0, new int[1], marks);
    before
        .byPlace()
        .forEach(
            (spot, mark) -> {
              boolean kept = spot instanceof Spot.Title;
              kept |= spot instanceof Spot.StubHead && !trees.isSwapped();
              if (kept) {
                marks.put(spot, mark);
              }
            });
    return new Marks(marks);
  }

  private void ofHeadings(
      List<Branch> branches, Side side, int level, int[] leaf, Map<Spot, String> marks) {
    for (Branch branch : branches) {
      int first = leaf[0];
      branch
          .origin()
          .map(trees.source().marks()::at)
          .filter(mark -> !mark.isEmpty())
          .ifPresent(mark -> marks.put(side.spot(level, first), mark));
      leaf[0] += branch.isLeaf() ? 1 : 0;
      ofHeadings(branch.children(), side, level + 1, leaf, marks);
    }
  }
}
