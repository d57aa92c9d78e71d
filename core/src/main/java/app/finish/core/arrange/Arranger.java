package app.finish.core.arrange;

import app.finish.core.arrange.Arranged.Names;
import app.finish.core.arrange.formula.Formulas;
import app.finish.core.arrange.make.ArrangedTable;
import app.finish.core.arrange.move.Arrangement;
import app.finish.core.arrange.move.Making;
import app.finish.core.arrange.move.Move;
import app.finish.core.arrange.place.Aside;
import app.finish.core.arrange.place.NoPlace;
import app.finish.core.arrange.place.Side;
import app.finish.core.arrange.tree.Branch;
import app.finish.core.arrange.tree.Trees;
import app.finish.core.table.Held;
import app.finish.core.table.Table;
import app.finish.core.table.Words;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/// Puts a table into its arrangement. The figures are those of the source; where headings were
/// gathered, they are taken together if they can be, and missing otherwise.
///
/// ```java
/// Table turned = Arranger.arrange(table, Arrangement.NONE.with(new SwapAxes())).table();
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
  private List<Arrangement.Entry> moves;

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
    private volatile List<Moved> lately;

    private Ready(Table table, Formulas formulas) {
      this.table = table;
      this.formulas = formulas;
      this.unmoved = Moved.nothing(table);
      this.lately = List.of();
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
      return Stream.concat(lately.stream(), Stream.of(unmoved))
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
      lately = List.of(before, all);
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
    this.moves = from.entries();
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
    moves = entries;
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

  private void make(Move move, int index) {
    Making making = new Making(trees, index, formulas, most);
    try {
      Trees after = move.made(making);
      if (after.roots(Side.DOWN).isEmpty() || after.roots(Side.ACROSS).isEmpty()) {
        throw new NoPlace("nothing would be left of the table");
      }
      trees = after;
      aside.addAll(making.aside());
      held.addAll(making.held());
      if (!making.refused().isEmpty()) {
        refused.put(index, making.refused());
      }
    } catch (NoPlace reason) {
      unplaced.put(index, reason.getMessage());
    }
  }

  private Table build() {
    ArrangedTable made = new ArrangedTable(trees);
    Table table = made.table(Branch::headings, ArrangedTable.KEEP);
    return withWords(isRich() ? table.withMarks(table.marks().withTyped(made.typed())) : table);
  }

  /// Whether a move gave a name of which some is set otherwise than the rest.
  private boolean isRich() {
    return moves.stream().anyMatch(entry -> entry.on() && entry.move().namesRichly());
  }

  /// The words of the source; a title that names dimensions follows them.
  private Table withWords(Table table) {
    Set<String> gone = new LinkedHashSet<>(source.down().dimensions());
    gone.addAll(source.across().dimensions());
    int before = source.down().depth() + source.across().depth();
    boolean fewer = table.down().depth() + table.across().depth() < before;
    gone.removeAll(table.down().dimensions());
    gone.removeAll(table.across().dimensions());
    Words words = trees.source().words();
    String title = fewer ? TitleOfDimensions.without(words.title(), gone) : words.title();
    return new Table(
        table.down(),
        table.across(),
        table.measures(),
        table.body(),
        held,
        words.withTitle(title),
        table.marks());
  }
}
