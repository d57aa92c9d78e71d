package app.finish.core.arrange.make;

import app.finish.core.arrange.place.Side;
import app.finish.core.arrange.tree.Branch;
import app.finish.core.arrange.tree.Figures;
import app.finish.core.arrange.tree.Trees;
import app.finish.core.table.Axis;
import app.finish.core.table.Body;
import app.finish.core.table.Heading;
import app.finish.core.table.Marks;
import app.finish.core.table.Spot;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import app.finish.core.words.Markup;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/// Makes a table of what is arranged.
public final class ArrangedTable {
  /// Leaves each value as it is.
  public static final Change KEEP = (row, column, value) -> value;

  private final Trees trees;

  public ArrangedTable(Trees trees) {
    this.trees = trees;
  }

  /// Changes a value on its way.
  interface Change {
    Value of(int row, int column, Value value);
  }

  /// The table.
  ///
  /// @param name what the headings are called: by their labels, or what is shown
  public Table table(Function<List<Branch>, List<Heading>> name, Change change) {
    Body body = change == KEEP ? picked().orElseGet(() -> made(change)) : made(change);
    Table source = trees.source();
    return new Table(
        axis(Side.DOWN, name),
        axis(Side.ACROSS, name),
        source.measures(),
        body,
        source.held(),
        source.words(),
        marks());
  }

  /// The values of the source in another order, if that is all that was done to them.
  private Optional<Body> picked() {
    Places down = new Places();
    Places across = new Places();
    if (!down.take(trees.roots(Side.DOWN)) || !across.take(trees.roots(Side.ACROSS))) {
      return Optional.empty();
    }
    Body source = trees.source().body();
    return Optional.of(
        trees.isSwapped()
            ? source.turned(down.all(), across.all())
            : source.picked(down.all(), across.all()));
  }

  /// Where the source has the leaves of some branches.
  private static final class Places {
    private int[] leaves = new int[64];
    private int count;

    /// Takes the leaves; false if one of them is not made from one leaf of the source.
    boolean take(List<Branch> branches) {
      for (int i = 0; i < branches.size(); i++) {
        Branch branch = branches.get(i);
        if (!branch.isLeaf()) {
          if (!take(branch.children())) {
            return false;
          }
          continue;
        }
        if (branch.sourceLeaf() == Branch.NOWHERE) {
          return false;
        }
        if (count == leaves.length) {
          leaves = Arrays.copyOf(leaves, count * 2);
        }
        leaves[count++] = branch.sourceLeaf();
      }
      return true;
    }

    int[] all() {
      return Arrays.copyOf(leaves, count);
    }
  }

  private Body made(Change change) {
    List<Branch> rows = trees.leaves(Side.DOWN);
    List<Branch> columns = trees.leaves(Side.ACROSS);
    return Body.of(
        rows.size(),
        columns.size(),
        (row, column) -> change.of(row, column, trees.value(rows.get(row), columns.get(column))));
  }

  /// The same headings over a table that was made of them, with changed values.
  Trees changed(Change change) {
    Table table = table(Branch::labelled, change);
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

  private Axis axis(Side side, Function<List<Branch>, List<Heading>> name) {
    List<Heading> headings = name.apply(trees.roots(side));
    List<String> names = new ArrayList<>(trees.dimensions(side));
    names.replaceAll(one -> isTyped(one) ? Markup.plain(one) : one);
    Axis axis = Axis.of(names, headings);
    return names.size() > axis.depth() ? Axis.of(names.subList(0, axis.depth()), headings) : axis;
  }

  /// Whether the name of a level was typed by a person, with marks that say how it is set.
  private boolean isTyped(String name) {
    Table source = trees.source();
    boolean came =
        source.down().dimensions().contains(name) || source.across().dimensions().contains(name);
    return !came && !Markup.plain(name).equals(name);
  }

  /// The marks in their new places; the mark of a figure that was gathered goes.
  private Marks marks() {
    Marks before = trees.source().marks();
    if (before.byPlace().isEmpty()) {
      return Marks.NONE;
    }
    List<Branch> rows = trees.leaves(Side.DOWN);
    List<Branch> columns = trees.leaves(Side.ACROSS);
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

  /// The headings of which some is italic, bold, raised or lowered, as each was typed.
  public Map<Spot, String> typed() {
    Map<Spot, String> typed = new HashMap<>();
    for (Side side : Side.values()) {
      ofNames(trees.roots(side), side, 0, new int[1], typed);
    }
    List<String> names = trees.dimensions(Side.DOWN);
    for (int level = 0; level < names.size(); level++) {
      if (isTyped(names.get(level))) {
        typed.put(new Spot.StubHead(level), names.get(level));
      }
    }
    return typed;
  }

  private static void ofNames(
      List<Branch> branches, Side side, int level, int[] leaf, Map<Spot, String> typed) {
    for (Branch branch : branches) {
      if (branch.isRich()) {
        typed.put(side.spot(level, leaf[0]), branch.typed());
      }
      int first = leaf[0];
      ofNames(branch.children(), side, level + 1, leaf, typed);
      leaf[0] = branch.isLeaf() ? first + 1 : leaf[0];
    }
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
