package app.finish.core.arrange;

import app.finish.core.arrange.Arranged.Aside;
import app.finish.core.table.Axis;
import app.finish.core.table.Body;
import app.finish.core.table.Heading;
import app.finish.core.table.Held;
import app.finish.core.table.Leaf;
import app.finish.core.table.Marks;
import app.finish.core.table.Spot;
import app.finish.core.table.Table;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/// Puts a table into its arrangement. The figures are those of the source; where headings were
/// gathered, they are added up if they can be, and missing otherwise.
///
/// ```java
/// Table turned = Arranger.arrange(table, Arrangement.NONE.with(new Move.SwapAxes())).table();
/// ```
public final class Arranger {
  private final Table source;
  private final List<Aside> aside = new ArrayList<>();
  private final Map<Integer, String> unplaced = new LinkedHashMap<>();
  private final List<Held> held;
  private Trees trees;

  private Arranger(Table source) {
    this.source = source;
    this.trees = Trees.of(source);
    this.held = new ArrayList<>(source.held());
  }

  /// The table with all moves made that have a place in it.
  public static Arranged arrange(Table table, Arrangement arrangement) {
    if (arrangement.isEmpty()) {
      return new Arranged(
          table,
          Map.of(),
          List.of(),
          table.down().leaves().stream().map(Leaf::labels).toList(),
          table.across().leaves().stream().map(Leaf::labels).toList());
    }
    Arranger arranger = new Arranger(table);
    for (int i = 0; i < arrangement.entries().size(); i++) {
      Arrangement.Entry entry = arrangement.entries().get(i);
      if (entry.on()) {
        arranger.make(entry.move(), i);
      }
    }
    return new Arranged(
        arranger.build(),
        arranger.unplaced,
        arranger.aside,
        arranger.trees.paths(Side.DOWN),
        arranger.trees.paths(Side.ACROSS));
  }

  private void make(Move move, int place) {
    try {
      Trees after = made(move, place);
      boolean empty = after.leaves(Side.DOWN).isEmpty() || after.leaves(Side.ACROSS).isEmpty();
      if (empty) {
        throw new NoPlace("nothing would be left of the table");
      }
      trees = after;
    } catch (NoPlace reason) {
      unplaced.put(place, reason.getMessage());
      aside.removeIf(one -> one.move() == place);
    }
  }

  private Trees made(Move move, int place) throws NoPlace {
    return switch (move) {
      case Move.SwapAxes swap -> trees.swapped();
      case Move.SetAside out -> {
        trees.find(out.side(), out.path());
        aside.add(new Aside(place, out.side(), out.path()));
        yield trees.with(out.side(), Pruning.without(trees.roots(out.side()), out.path()));
      }
      case Move.Rename rename -> {
        Branch called = trees.find(rename.side(), rename.path()).called(rename.name());
        List<Branch> roots = trees.roots(rename.side());
        yield trees.with(rename.side(), Pruning.replaced(roots, rename.path(), called));
      }
      case Move.ByLabel order -> Ordering.byLabel(trees, order);
      case Move.ByFigure order -> Ordering.byFigure(trees, order);
      case Move.Shift shift -> Ordering.shifted(trees, shift);
      case Move.KeepTop top -> new Keeping(trees, top, place, aside).kept();
      case Move.Fold fold -> Pruning.folded(trees, fold);
      case Move.DropTotals drop -> Pruning.withoutTotals(trees, drop, place, aside);
      case Move.HideLevel hide -> Pruning.withoutLevel(trees, hide);
      case Move.Hold hold -> {
        Holding holding = new Holding(trees, hold);
        Trees after = holding.held();
        held.add(holding.line());
        yield after;
      }
      case Move.AddTotals add -> new Totalling(trees, add).totalled();
      case Move.Turn turn -> new Turning(trees, turn).turned();
    };
  }

  private Table build() {
    List<Branch> rows = trees.leaves(Side.DOWN);
    List<Branch> columns = trees.leaves(Side.ACROSS);
    Body body =
        Body.of(
            rows.size(),
            columns.size(),
            (row, column) -> trees.value(rows.get(row), columns.get(column)));
    return new Table(
        axis(Side.DOWN),
        axis(Side.ACROSS),
        source.measures(),
        body,
        held,
        source.words(),
        marks(rows, columns));
  }

  private Axis axis(Side side) {
    List<Heading> headings = Branch.headings(trees.roots(side), Branch::shown);
    List<String> names = new ArrayList<>(trees.dimensions(side));
    int depth = Math.max(1, depth(headings));
    while (names.size() > depth) {
      names.removeLast();
    }
    return Axis.of(names, headings);
  }

  private static int depth(List<Heading> headings) {
    int deepest = 0;
    for (Heading heading : headings) {
      deepest = Math.max(deepest, 1 + depth(heading.children()));
    }
    return deepest;
  }

  /// The marks in their new places; the mark of a figure that was gathered goes.
  private Marks marks(List<Branch> rows, List<Branch> columns) {
    if (trees.source().marks().byPlace().isEmpty()) {
      return Marks.NONE;
    }
    Map<Spot, String> marks = new HashMap<>();
    for (int row = 0; row < rows.size(); row++) {
      for (int column = 0; column < columns.size(); column++) {
        int at = row;
        int across = column;
        trees
            .place(rows.get(row), columns.get(column))
            .map(trees.source().marks()::at)
            .filter(mark -> !mark.isEmpty())
            .ifPresent(mark -> marks.put(new Spot.Figure(at, across), mark));
      }
    }
    headingMarks(trees.roots(Side.DOWN), Side.DOWN, 0, new int[1], marks);
    headingMarks(trees.roots(Side.ACROSS), Side.ACROSS, 0, new int[1], marks);
    source
        .marks()
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

  private void headingMarks(
      List<Branch> branches, Side side, int level, int[] leaf, Map<Spot, String> marks) {
    for (Branch branch : branches) {
      int first = leaf[0];
      branch
          .origin()
          .map(trees.source().marks()::at)
          .filter(mark -> !mark.isEmpty())
          .ifPresent(
              mark ->
                  marks.put(
                      side == Side.DOWN
                          ? new Spot.Down(level, first)
                          : new Spot.Across(level, first),
                      mark));
      leaf[0] += branch.isLeaf() ? 1 : 0;
      headingMarks(branch.children(), side, level + 1, leaf, marks);
    }
  }
}
