package app.finish.core.check.apa;

import app.finish.core.arrange.make.SetAside;
import app.finish.core.arrange.place.Side;
import app.finish.core.check.Finding;
import app.finish.core.check.Mend;
import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.DressedCell;
import app.finish.core.table.Heading.Role;
import app.finish.core.table.Leaf;
import app.finish.core.table.MeasureKind;
import app.finish.core.table.Table;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;

/// No column says what another says, and no total is the same everywhere.
public final class NothingTwice extends ApaCheck {
  private static final int FEW = 3;

  public NothingTwice() {
    super("redundant", "No column repeats another, or is the same in every row", "7.11");
  }

  @Override
  void look(Subject subject, Consumer<Finding> found) {
    Table table = subject.table();
    List<Leaf> leaves = table.across().leaves();
    if (table.body().rows() < FEW) {
      return;
    }
    for (Leaf leaf : leaves) {
      String name = String.join(", ", leaf.labels());
      if (leaf.role() != Role.MEMBER && isConstant(table, leaf.index())) {
        say(subject, leaf, "“" + name + "” is the same in every row.", found);
        continue;
      }
      Optional<Leaf> twin =
          leaves.subList(0, leaf.index()).stream()
              .filter(one -> isSame(table, one, leaf))
              .findFirst();
      if (twin.isPresent()) {
        String other = String.join(", ", twin.get().labels());
        say(subject, leaf, "“" + name + "” says the same as “" + other + "”.", found);
      }
    }
  }

  private void say(Subject subject, Leaf leaf, String sentence, Consumer<Finding> found) {
    CellMeaning.Head place =
        new CellMeaning.Head(leaf.path().size() - 1, leaf.index(), leaf.index());
    Optional<DressedCell> head =
        subject.heads().stream().filter(one -> one.place().equals(place)).findFirst();
    head.ifPresent(
        cell ->
            found.accept(
                at(
                        cell,
                        cell.text(),
                        "",
                        sentence,
                        new Mend.Arrange(
                            "Set the column aside", new SetAside(Side.ACROSS, leaf.labels())))
                    .worthKnowing()));
  }

  private static boolean isConstant(Table table, int column) {
    double first = table.body().number(0, column);
    for (int row = 0; row < table.body().rows(); row++) {
      if (!(table.body().number(row, column) == first)) {
        return false;
      }
    }
    return true;
  }

  /// Whether two columns hold the same figures of the same kind, not all of them the same.
  private static boolean isSame(Table table, Leaf one, Leaf other) {
    MeasureKind kind = table.measureAt(0, one.index()).kind();
    if (kind != table.measureAt(0, other.index()).kind() || isConstant(table, one.index())) {
      return false;
    }
    for (int row = 0; row < table.body().rows(); row++) {
      double figure = table.body().number(row, one.index());
      if (!(table.body().number(row, other.index()) == figure)) {
        return false;
      }
    }
    return true;
  }
}
