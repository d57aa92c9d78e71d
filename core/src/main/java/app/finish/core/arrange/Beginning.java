package app.finish.core.arrange;

import app.finish.core.arrange.formula.Formulas;
import app.finish.core.arrange.move.Arrangement.Entry;
import app.finish.core.arrange.move.Move;
import app.finish.core.arrange.move.Side;
import app.finish.core.arrange.tree.Shape;
import app.finish.core.arrange.tree.Trees;
import app.finish.core.table.Table;
import java.util.List;
import java.util.Optional;

/// Makes moves on the beginning of a long table alone, where what comes of them is the beginning of
/// what the whole table would give.
///
/// ```java
/// new Beginning(table, formulas, Moved.nothing(table), arrangement.entries()).found(250);
/// ```
public final class Beginning {
  private static final int TRIES = 3;

  private final Table table;
  private final Formulas formulas;
  private final Moved from;
  private final List<Entry> entries;
  private final List<Entry> rest;

  /// @param from what was moved already
  /// @param entries all moves, those that were made first
  Beginning(Table table, Formulas formulas, Moved from, List<Entry> entries) {
    this.table = table;
    this.formulas = formulas;
    this.from = from;
    this.entries = entries;
    this.rest = entries.subList(from.entries().size(), entries.size());
  }

  /// The table with at least so many rows; none if the moves have to be made on the whole of it.
  Optional<Moved> found(int rows) {
    if (rest.isEmpty()) {
      return Optional.empty();
    }
    if (isOrderOverAll()) {
      return firstInOrder(rows);
    }
    return FirstGroups.suffice(from.trees(), rest, formulas)
        ? inFirstGroups(rows)
        : Optional.empty();
  }

  private boolean isOrderOverAll() {
    Entry last = rest.getLast();
    boolean overAll =
        switch (last.move()) {
          case Move.ByLabel order ->
              order.overAll() && order.side() == Side.DOWN && order.level() > 0;
          case Move.ByFigure order ->
              order.overAll() && order.side() == Side.DOWN && order.level() > 0;
          default -> false;
        };
    return rest.size() == 1 && last.on() && overAll;
  }

  private Optional<Moved> firstInOrder(int rows) {
    Moved made = new Arranger(table, formulas, from, rows).moved(entries);
    return made.trees().isAsDeepAs(from.trees()) ? Optional.of(made) : Optional.empty();
  }

  private Optional<Moved> inFirstGroups(int rows) {
    Trees all = from.trees();
    for (int tries = 0; tries < TRIES; tries++) {
      Trees first = all.with(Side.DOWN, all.firstGroups(rows << 2 * tries));
      if (first.down().size() == all.down().size()) {
        return Optional.empty();
      }
      if (FirstGroups.tellEnough(all, rest, first)) {
        Moved made = new Arranger(table, formulas, from.withTrees(first)).moved(here());
        if (isRefused(made) || !FirstGroups.areAllLevels(all, rest, made.trees())) {
          return Optional.empty();
        }
        Trees sure = made.trees().firstAbove(FirstGroups.cutAt(entries.getLast().move()));
        if (Shape.of(sure.down()).leaves() >= rows) {
          return Optional.of(made.withTrees(sure));
        }
      }
    }
    return Optional.empty();
  }

  /// The moves but for those that leave the first groups as they are.
  private List<Entry> here() {
    return entries.stream()
        .map(one -> FirstGroups.areLeftBy(one.move()) ? new Entry(one.move(), false) : one)
        .toList();
  }

  /// Whether one of the moves has no place in the first groups, but perhaps another effect on them
  /// where it has one.
  private boolean isRefused(Moved made) {
    return made.unplaced().keySet().stream()
        .filter(place -> place >= from.entries().size())
        .anyMatch(place -> !FirstGroups.areLeftWhereRefused(entries.get(place).move()));
  }
}
