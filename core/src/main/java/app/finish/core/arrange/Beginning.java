package app.finish.core.arrange;

import app.finish.core.arrange.formula.Formulas;
import app.finish.core.arrange.move.Arrangement.Entry;
import app.finish.core.arrange.move.Reach;
import app.finish.core.arrange.place.Side;
import app.finish.core.arrange.tree.Members;
import app.finish.core.arrange.tree.Shape;
import app.finish.core.arrange.tree.Trees;
import app.finish.core.table.Table;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// Makes moves on the beginning of a long table alone, where what comes of them is the beginning of
/// what the whole table would give. Each move says how far it reaches ([Reach]); what is asked here
/// is asked of any move.
///
/// ```java
/// new Beginning(table, formulas, Moved.nothing(table), arrangement.entries()).found(250);
/// ```
public final class Beginning {
  private static final int TRIES = 3;

  /// A move that is on, and how far it reaches.
  private record Reaching(Entry entry, int index, Reach reach) {}

  private final Table table;
  private final Formulas formulas;
  private final Moved from;
  private final List<Entry> entries;
  private final List<Reaching> rest = new ArrayList<>();

  /// @param from what was moved already
  /// @param entries all moves, those that were made first
  Beginning(Table table, Formulas formulas, Moved from, List<Entry> entries) {
    this.table = table;
    this.formulas = formulas;
    this.from = from;
    this.entries = entries;
    for (int index = from.entries().size(); index < entries.size(); index++) {
      Entry entry = entries.get(index);
      if (entry.on()) {
        rest.add(new Reaching(entry, index, entry.move().reach(from.trees(), formulas)));
      }
    }
  }

  /// The table with at least so many rows; none if the moves have to be made on the whole of it.
  Optional<Moved> found(int rows) {
    if (entries.size() == from.entries().size()) {
      return Optional.empty();
    }
    Entry last = entries.getLast();
    if (entries.size() == from.entries().size() + 1 && last.on() && last.move().mingles()) {
      return firstInOrder(rows);
    }
    return groupsSuffice() ? inFirstGroups(rows) : Optional.empty();
  }

  private Optional<Moved> firstInOrder(int rows) {
    Moved made = new Arranger(table, formulas, from, rows).moved(entries);
    return made.trees().isAsDeepAs(from.trees()) ? Optional.of(made) : Optional.empty();
  }

  /// Whether each move sees what it needs in the first groups. One after which groups are no longer
  /// alike must be the last.
  private boolean groupsSuffice() {
    if (!Shape.of(from.trees().down()).isEven()) {
      return false;
    }
    for (Reaching one : rest) {
      boolean last = one.index == entries.size() - 1;
      if (one.reach.needs() == Reach.Needs.WHOLE || !last && !one.reach.goesOn()) {
        return false;
      }
    }
    return true;
  }

  private Optional<Moved> inFirstGroups(int rows) {
    Trees all = from.trees();
    int cut = rest.stream().mapToInt(one -> one.reach.cut()).max().orElse(0);
    for (int tries = 0; tries < TRIES; tries++) {
      Trees first = all.with(Side.DOWN, all.firstGroups(rows << 2 * tries));
      if (first.down().size() == all.down().size()) {
        return Optional.empty();
      }
      if (first.isAsDeepAs(all) && hasAllThatSpreads(all, first)) {
        Moved made = new Arranger(table, formulas, from.withTrees(first)).moved(here());
        if (isRefused(made) || !hasAllLevels(all, made.trees())) {
          return Optional.empty();
        }
        Trees sure = made.trees().firstAbove(cut);
        if (Shape.of(sure.down()).leaves() >= rows) {
          return Optional.of(made.withTrees(sure));
        }
      }
    }
    return Optional.empty();
  }

  /// The moves but for those that add nothing to the first groups.
  private List<Entry> here() {
    List<Entry> here = new ArrayList<>(entries);
    for (Reaching one : rest) {
      if (one.reach.needs() == Reach.Needs.NOTHING) {
        here.set(one.index, new Entry(one.entry.move(), false));
      }
    }
    return here;
  }

  /// Whether one of the moves has no place in the first groups, but perhaps another effect on them
  /// where it has one.
  private boolean isRefused(Moved made) {
    return rest.stream()
        .anyMatch(one -> made.unplaced().containsKey(one.index) && !one.reach.leavesWhereRefused());
  }

  /// The members of a level that becomes columns must all be in the first groups.
  private boolean hasAllThatSpreads(Trees whole, Trees first) {
    for (Reaching one : rest) {
      if (one.reach.spreads().isPresent()) {
        Members members = new Members(one.reach.spreads().getAsInt());
        if (!members.in(first.down()).containsAll(members.in(whole.down()))) {
          return false;
        }
      }
    }
    return true;
  }

  /// Whether what moves gave has as many levels as the whole table would have. All moves do the
  /// same to each group, but for those that speak of one heading.
  private boolean hasAllLevels(Trees whole, Trees made) {
    return rest.stream().noneMatch(one -> one.reach.singles())
        || Shape.of(made.down()).levels() == Shape.of(whole.down()).levels();
  }
}
