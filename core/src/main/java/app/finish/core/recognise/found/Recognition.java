package app.finish.core.recognise.found;

import app.finish.core.recognise.said.Anchor;
import app.finish.core.recognise.said.LineRole;
import app.finish.core.table.Leaf;
import app.finish.core.table.Table;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;

/// What was understood of a grid, and why.
///
/// ```java
/// Recognition read = Recogniser.recognise(grid, Corrections.NONE);
/// read.table().words().title();
/// read.evidence().getFirst().because();
/// ```
///
/// @param table the table
/// @param rows the rows of the source from the first of the body to the last, with their roles
/// @param valueColumns the columns of the grid that hold the body's figures
/// @param headRows how many rows of heads there are
/// @param stubColumns how many columns of stub there are
/// @param anchors what the rows and columns of the grid are called
/// @param evidence every decision with its reasons, in reading order
/// @param figures how many figures the source has, and where each went
/// @param rounded whether words around it say that figures are rounded and may not add up
/// @param covers for a leaf down that is a total, the leaves that a person said it totals
/// @param unplaced rows, columns and measures of which a person said something and which the source
///   does not have
public record Recognition(
    Table table,
    List<SourceRow> rows,
    List<Integer> valueColumns,
    int headRows,
    int stubColumns,
    Anchors anchors,
    List<Evidence> evidence,
    FigureCount figures,
    boolean rounded,
    Map<Integer, List<Integer>> covers,
    List<Anchor> unplaced) {
  /// Copies the lists.
  public Recognition {
    rows = List.copyOf(rows);
    valueColumns = List.copyOf(valueColumns);
    evidence = List.copyOf(evidence);
    covers = Map.copyOf(covers);
    unplaced = List.copyOf(unplaced);
  }

  /// What is known of a table that nothing had to be recognised of.
  ///
  /// @param because how it is known
  public static Recognition known(Table table, String because) {
    Evidence evidence = new Evidence("the table", "table", List.of(because), 1);
    List<SourceRow> rows = new ArrayList<>();
    for (Leaf leaf : table.down().leaves()) {
      LineRole role =
          switch (leaf.role()) {
            case MEMBER -> LineRole.BODY;
            case SUBTOTAL -> LineRole.SUBTOTAL;
            case GRAND_TOTAL -> LineRole.GRAND_TOTAL;
          };
      OptionalInt at = OptionalInt.of(leaf.index());
      rows.add(new SourceRow(leaf.index(), role, leaf.level(), leaf.labels(), at));
    }
    return new Recognition(
        table,
        rows,
        List.of(),
        0,
        0,
        new Anchors(List.of(), List.of()),
        List.of(evidence),
        FigureCount.NONE,
        false,
        Map.of(),
        List.of());
  }

  /// The row of the source that a leaf down came from.
  public Optional<SourceRow> rowOfLeaf(int leaf) {
    return rows.stream().filter(row -> row.leaf().orElse(-1) == leaf).findFirst();
  }
}
