package app.finish.desktop.model;

import app.finish.core.arrange.make.CellMoves;
import app.finish.core.arrange.make.Comparisons;
import app.finish.core.arrange.make.GroupLetters;
import app.finish.core.arrange.move.Move;
import app.finish.core.document.Document;
import app.finish.core.document.DocumentTable;
import app.finish.core.table.Leaf;
import app.finish.core.table.MeasureKind;
import app.finish.core.table.Table;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// Which moves on what stands in cells make sense for the table at hand, those that letters from
/// comparisons in another table of the document make among them.
public final class CellOffers {
  private static final int MOST_CELLS = 4000;

  private final Desk desk;

  public CellOffers(Desk desk) {
    this.desk = desk;
  }

  /// The moves.
  public List<Move> all() {
    Optional<Shown> shown = desk.shownProperty().get();
    if (shown.isEmpty()) {
      return List.of();
    }
    Table table = shown.get().arranged().table();
    List<Double> levels = desk.document().wording().levels();
    List<Move> all = new ArrayList<>(CellMoves.of(table, levels));
    Optional<String> mean = mean(table);
    boolean lettered =
        desk.arrangement().entries().stream().anyMatch(one -> one.move() instanceof GroupLetters);
    if (mean.isPresent() && !lettered && !levels.isEmpty()) {
      comparisons(levels.getFirst()).stream()
          .flatMap(one -> GroupLetters.of(table, one, mean.get(), levels.getFirst()).stream())
          .findFirst()
          .ifPresent(all::add);
    }
    return all;
  }

  private static Optional<String> mean(Table table) {
    return table.across().leaves().stream()
        .map(Leaf::heading)
        .filter(one -> one.measure().isPresent())
        .filter(one -> table.measures().get(one.measure().getAsInt()).kind() == MeasureKind.MEAN)
        .map(one -> one.label())
        .findFirst();
  }

  private List<Comparisons> comparisons(double level) {
    List<Comparisons> all = new ArrayList<>();
    Document document = desk.document();
    for (DocumentTable other : document.tables()) {
      boolean known = desk.table().filter(one -> one.id().equals(other.id())).isPresent();
      int cells = other.source().grid().rows() * other.source().grid().columns();
      if (!known && cells <= MOST_CELLS && other.source().tally().isEmpty()) {
        Table table =
            desk.proofs().recognition(other.source(), other.finish().corrections()).table();
        Comparisons.of(table, level).ifPresent(all::add);
      }
    }
    return all;
  }
}
