package app.finish.core.arrange;

import app.finish.core.arrange.Arranged.Names;
import app.finish.core.arrange.formula.Formulas;
import app.finish.core.arrange.make.Baking;
import app.finish.core.arrange.make.Calculating;
import app.finish.core.arrange.make.Filling;
import app.finish.core.arrange.make.Gathering;
import app.finish.core.arrange.make.Holding;
import app.finish.core.arrange.make.Keeping;
import app.finish.core.arrange.make.Mingling;
import app.finish.core.arrange.make.Ordering;
import app.finish.core.arrange.make.Placing;
import app.finish.core.arrange.make.Pruning;
import app.finish.core.arrange.make.TotalPlaces;
import app.finish.core.arrange.make.Totalling;
import app.finish.core.arrange.move.Arrangement;
import app.finish.core.arrange.move.Aside;
import app.finish.core.arrange.move.Move;
import app.finish.core.arrange.move.NoPlace;
import app.finish.core.arrange.move.Side;
import app.finish.core.arrange.tree.Branch;
import app.finish.core.arrange.tree.Order;
import app.finish.core.arrange.tree.Trees;
import app.finish.core.table.Held;
import app.finish.core.table.Table;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.atomic.AtomicReference;
import java.util.stream.Stream;

/// Puts a table into its arrangement. The figures are those of the source; where headings were
/// gathered, they are taken together if they can be, and missing otherwise.
///
/// ```java
/// Table turned = Arranger.arrange(table, Arrangement.NONE.with(new Move.SwapAxes())).table();
/// ```
public final class Arranger {
  private final Table source;
  private final Formulas formulas;
  private final List<Aside> aside;
  private final Map<Integer, String> unplaced;
  private final Map<Integer, List<String>> refused;
  private final List<Held> held;
  private final int most;
  private Trees trees;
  private int done;

  /// A table that is arranged again and again, each time from how it came.
  ///
  /// ```java
  /// Arranger.Ready ready = Arranger.ready(table, formulas);
  /// ready.arrange(arrangement).table();
  /// ```
  public static final class Ready {
    private final Table table;
    private final Formulas formulas;
    private final Moved unmoved;
    private final AtomicReference<List<Moved>> lately;

    private Ready(Table table, Formulas formulas) {
      this.table = table;
      this.formulas = formulas;
      this.unmoved = Moved.nothing(table);
      this.lately = new AtomicReference<>(List.of());
    }

    /// The table in an arrangement.
    public Arranged arrange(Arrangement arrangement) {
      Moved all = moved(arrangement);
      return new Arranger(table, formulas, all).arranged(all.entries().isEmpty());
    }

    /// The table in an arrangement, but only its first rows and columns. Of a long table they are
    /// there long before the others. There are none if they do not show how many levels the table
    /// has.
    ///
    /// @param rows how many rows, if the table has as many
    /// @param columns how many columns, if the table has as many
    public Optional<Arranged> arrangeFirst(Arrangement arrangement, int rows, int columns) {
      List<Arrangement.Entry> entries = arrangement.entries();
      Moved some =
          new Beginning(table, formulas, nearest(entries), entries)
              .found(rows)
              .orElseGet(() -> moved(arrangement));
      Trees few = some.trees().first(Side.DOWN, rows).first(Side.ACROSS, columns);
      return few.isAsDeepAs(some.trees())
          ? Optional.of(new Arranger(table, formulas, some.withTrees(few)).arranged(false))
          : Optional.empty();
    }

    private Moved nearest(List<Arrangement.Entry> entries) {
      return Stream.concat(lately.get().stream(), Stream.of(unmoved))
          .filter(one -> one.leadsTo(entries))
          .max(Comparator.comparingInt(one -> one.entries().size()))
          .orElseThrow();
    }

    /// What the moves come to. It is remembered with what it was before the last move: mostly one
    /// move is added or taken back.
    private Moved moved(Arrangement arrangement) {
      List<Arrangement.Entry> entries = arrangement.entries();
      Moved from = nearest(entries);
      if (from.entries().size() == entries.size()) {
        return from;
      }
      Arranger arranger = new Arranger(table, formulas, from);
      int last = entries.size() - 1;
      Moved before = arranger.moved(entries.subList(0, last));
      Moved all = arranger.moved(entries);
      lately.set(List.of(before, all));
      return all;
    }
  }

  Arranger(Table source, Formulas formulas, Moved from) {
    this(source, formulas, from, Integer.MAX_VALUE);
  }

  /// @param from what was moved already
  /// @param most how many rows are wanted at most
  Arranger(Table source, Formulas formulas, Moved from, int most) {
    this.most = most;
    this.source = source;
    this.formulas = formulas;
    this.trees = from.trees();
    this.aside = new ArrayList<>(from.aside());
    this.unplaced = new LinkedHashMap<>(from.unplaced());
    this.refused = new HashMap<>(from.refused());
    this.held = new ArrayList<>(from.held());
    this.done = from.entries().size();
  }

  /// The table with all moves made that have a place in it, but for calculated measures.
  public static Arranged arrange(Table table, Arrangement arrangement) {
    return arrange(table, arrangement, Formulas.NONE);
  }

  /// The table with all moves made that have a place in it.
  ///
  /// @param formulas what reads the expressions of calculated measures
  public static Arranged arrange(Table table, Arrangement arrangement, Formulas formulas) {
    return ready(table, formulas).arrange(arrangement);
  }

  /// A table that can be arranged again and again.
  public static Ready ready(Table table, Formulas formulas) {
    return new Ready(table, formulas);
  }

  /// Makes those of the moves that were not made yet.
  Moved moved(List<Arrangement.Entry> entries) {
    for (int i = done; i < entries.size(); i++) {
      Arrangement.Entry entry = entries.get(i);
      if (entry.on()) {
        make(entry.move(), i);
      }
    }
    done = entries.size();
    return new Moved(entries, trees, aside, unplaced, refused, held);
  }

  private Arranged arranged(boolean asItCame) {
    return new Arranged(
        asItCame ? source : build(),
        unplaced,
        aside,
        refused,
        names(Side.DOWN),
        names(Side.ACROSS));
  }

  private Names names(Side side) {
    return new Names(trees, side);
  }

  private void make(Move move, int place) {
    int before = held.size();
    try {
      Trees after = made(move, place);
      boolean empty = after.roots(Side.DOWN).isEmpty() || after.roots(Side.ACROSS).isEmpty();
      if (empty) {
        throw new NoPlace("nothing would be left of the table");
      }
      trees = after;
    } catch (NoPlace reason) {
      unplaced.put(place, reason.getMessage());
      aside.removeIf(one -> one.move() == place);
      while (held.size() > before) {
        held.removeLast();
      }
    }
  }

  private Trees made(Move move, int place) throws NoPlace {
    return switch (move) {
      case Move.SwapAxes swap -> trees.swapped();
      case Move.SetAside out -> takenOut(out, place);
      case Move.Rename rename -> {
        Branch branch = trees.find(rename.side(), rename.path());
        List<Branch> roots = trees.roots(rename.side());
        Branch called = branch.called(rename.name());
        yield trees.with(rename.side(), Pruning.replaced(roots, branch, called));
      }
      case Move.SetMemberAside out -> membersAside(out, place);
      case Move.RenameMember rename -> renamed(rename);
      case Move.Reverse reverse -> Ordering.reversed(trees, reverse);
      case Move.NameLevel level -> named(level);
      case Move.ByLabel order ->
          ordered(order.side(), order.level(), order.overAll(), Ordering.byLabel(order), place);
      case Move.ByFigure order ->
          ordered(
              order.side(), order.level(), order.overAll(), Ordering.byFigure(trees, order), place);
      case Move.Shift shift -> Ordering.shifted(trees, shift);
      case Move.KeepTop top -> new Keeping(trees, top, place, aside).kept();
      case Move.Fold fold -> Pruning.folded(trees, fold);
      case Move.FoldLevel fold -> Pruning.foldedLevel(trees, fold);
      case Move.HideLevel hide -> Pruning.withoutLevel(trees, hide);
      case Move.Hold hold -> {
        Holding holding = new Holding(trees, hold);
        Trees after = holding.held();
        held.add(holding.line());
        yield after;
      }
      case Move.DropTotals drop -> Pruning.withoutTotals(trees, drop, place, aside);
      case Move.AddTotals add -> new Totalling(trees, add).totalled();
      case Move.PlaceTotals totals -> TotalPlaces.placed(trees, totals);
      case Move.NameTotals totals -> TotalPlaces.named(trees, totals);
      case Move.Place one -> new Placing(trees, one).placed();
      case Move.Gather gather -> Gathering.gathered(trees, gather);
      case Move.Only only -> only(only, place);
      case Move.Calculate calculate -> new Calculating(trees, calculate).calculated(formulas);
      case Move.FillEmpty fill -> new Filling(trees, fill.side(), fill.path()).filled(fill.with());
      case Move.ReadNumbers read -> {
        Filling filling = new Filling(trees, read.side(), read.path());
        Trees after = filling.read();
        refused.put(place, filling.refused());
        yield after;
      }
    };
  }

  private Trees named(Move.NameLevel level) throws NoPlace {
    int levels = trees.levels(level.side()).size();
    if (level.level() >= Math.max(1, levels)) {
      throw new NoPlace("there is no such level on this side now");
    }
    List<String> names = new ArrayList<>(trees.dimensions(level.side()));
    while (names.size() <= level.level()) {
      names.add("");
    }
    names.set(level.level(), level.name());
    return trees.withNames(level.side(), names);
  }

  /// The paths to all headings of a level that are called so.
  private List<List<String>> named(Side side, int level, String member) throws NoPlace {
    Set<List<String>> paths = new LinkedHashSet<>();
    for (List<String> path : trees.paths(side)) {
      if (path.size() > level && path.get(level).equals(member)) {
        paths.add(List.copyOf(path.subList(0, level + 1)));
      }
    }
    if (paths.isEmpty()) {
      throw new NoPlace("there is no “" + member + "” at this level now");
    }
    return List.copyOf(paths);
  }

  private Trees membersAside(Move.SetMemberAside out, int place) throws NoPlace {
    for (List<String> path : named(out.side(), out.level(), out.member())) {
      aside.add(Aside.at(place, out.side(), path));
    }
    List<Branch> roots = trees.roots(out.side());
    return trees.with(out.side(), Pruning.without(roots, out.level(), out.member()));
  }

  private Trees renamed(Move.RenameMember rename) throws NoPlace {
    named(rename.side(), rename.level(), rename.member());
    List<Branch> roots =
        Pruning.renamed(trees.roots(rename.side()), rename.level(), rename.member(), rename.name());
    return trees.with(rename.side(), roots);
  }

  private Trees takenOut(Move.SetAside out, int place) throws NoPlace {
    trees.find(out.side(), out.path());
    aside.add(Aside.at(place, out.side(), out.path()));
    return trees.with(out.side(), Pruning.without(trees.roots(out.side()), out.path()));
  }

  private Trees ordered(Side side, int level, boolean overAll, Order order, int place)
      throws NoPlace {
    if (!overAll || level == 0) {
      return Ordering.sorted(trees, side, level, order);
    }
    Mingling mingling = new Mingling(side, level, place);
    List<Branch> roots = mingling.mingled(trees.roots(side), order, most);
    aside.addAll(mingling.aside());
    return trees.with(side, roots);
  }

  /// What the move would set aside, and nothing else; the side on which it sets nothing aside
  /// stays.
  private Trees only(Move.Only only, int place) throws NoPlace {
    made(only.of(), place);
    List<Aside> out = aside.stream().filter(one -> one.move() == place).toList();
    aside.removeAll(out);
    if (out.isEmpty()) {
      throw new NoPlace("nothing is set aside there");
    }
    Trees after = trees;
    for (Side side : Side.values()) {
      List<List<String>> paths =
          out.stream().filter(one -> one.side() == side).map(Aside::path).toList();
      if (!paths.isEmpty()) {
        after = after.with(side, Pruning.only(after.roots(side), paths));
      }
    }
    return after;
  }

  private Table build() {
    Table table = new Baking(trees).table(Branch::headings, Baking.KEEP);
    return new Table(
        table.down(),
        table.across(),
        table.measures(),
        table.body(),
        held,
        source.words(),
        table.marks());
  }
}
