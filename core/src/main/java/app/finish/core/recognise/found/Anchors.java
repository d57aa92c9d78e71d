package app.finish.core.recognise.found;

import app.finish.core.grid.Grid;
import app.finish.core.recognise.said.Anchor;
import app.finish.core.table.Heading;
import app.finish.core.table.Leaf;
import app.finish.core.table.Table;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/// What every row and column of a grid is called, whatever was corrected.
///
/// ```java
/// Anchors anchors = Recogniser.recognise(grid, Corrections.NONE).anchors();
/// Corrections.NONE.withRow(anchors.rows().get(6), LineRole.SUBTOTAL);
/// ```
///
/// @param rows for each row of the grid its anchor
/// @param columns for each column of the grid its anchor
public record Anchors(List<Anchor> rows, List<Anchor> columns) {
  /// Copies the lists.
  public Anchors {
    rows = List.copyOf(rows);
    columns = List.copyOf(columns);
  }

  /// The anchors that follow from a recognition without corrections.
  ///
  /// @param valueColumns the columns of the grid that hold the table's figures
  public static Anchors of(
      Grid grid, List<SourceRow> sourceRows, Table table, List<Integer> valueColumns) {
    Map<Integer, List<String>> rowPaths = new HashMap<>();
    sourceRows.forEach(row -> rowPaths.put(row.row(), row.headings()));
    Map<Integer, List<String>> columnPaths = new HashMap<>();
    for (Leaf leaf : table.across().leaves()) {
      columnPaths.put(valueColumns.get(leaf.index()), headings(leaf));
    }
    List<List<String>> rows = new ArrayList<>();
    for (int row = 0; row < grid.rows(); row++) {
      rows.add(rowPaths.getOrDefault(row, Anchor.firstText(grid, row)));
    }
    List<List<String>> columns = new ArrayList<>();
    for (int column = 0; column < grid.columns(); column++) {
      columns.add(columnPaths.getOrDefault(column, List.of()));
    }
    return new Anchors(counted(rows), counted(columns));
  }

  private static List<Anchor> counted(List<List<String>> paths) {
    Map<List<String>, Integer> seen = new HashMap<>();
    List<Anchor> anchors = new ArrayList<>();
    for (List<String> path : paths) {
      anchors.add(new Anchor(path, seen.merge(path, 1, Integer::sum) - 1));
    }
    return anchors;
  }

  /// The labels of a leaf. A total that names its group stands for the group's label too.
  public static List<String> headings(Leaf leaf) {
    List<String> labels = new ArrayList<>();
    for (int i = 0; i < leaf.path().size(); i++) {
      String label = leaf.path().get(i).label();
      boolean total = leaf.path().get(i).role() != Heading.Role.MEMBER;
      if (total && !labels.isEmpty() && label.contains(labels.getLast())) {
        labels.removeLast();
      }
      labels.add(label);
    }
    return labels.stream().filter(label -> !label.isEmpty()).toList();
  }
}
