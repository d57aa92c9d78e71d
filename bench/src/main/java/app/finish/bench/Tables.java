package app.finish.bench;

import app.finish.core.document.Document;
import app.finish.core.document.Finish;
import app.finish.core.document.Source;
import app.finish.core.grid.Grid;
import app.finish.core.grid.GridCell;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/// Tables of sailings of any size, from a seed.
final class Tables {
  private Tables() {}

  /// A pivot of `rows` × `columns` figures: two columns of stub, groups of nine rows and a
  /// subtotal, two rows of heads.
  static Grid pivot(int rows, int columns) {
    Random random = new Random(26);
    List<List<GridCell>> lines = new ArrayList<>();
    List<GridCell> spanners = new ArrayList<>(List.of(GridCell.of("Route"), GridCell.of("Day")));
    List<GridCell> heads = new ArrayList<>(List.of(GridCell.BLANK, GridCell.BLANK));
    for (int column = 0; column < columns; column++) {
      boolean first = column % 2 == 0;
      spanners.add(first ? GridCell.of("" + (2000 + column / 2)).spanning(1, 2) : GridCell.BLANK);
      heads.add(GridCell.of(first ? "Fares" : "Passengers"));
    }
    lines.add(spanners);
    lines.add(heads);
    double[] sums = new double[columns];
    for (int row = 0; row < rows; row++) {
      boolean total = row % 10 == 9;
      List<GridCell> line = new ArrayList<>();
      line.add(
          GridCell.of(
              total ? "Pier " + row / 10 + " total" : row % 10 == 0 ? "Pier " + row / 10 : ""));
      line.add(total ? GridCell.BLANK : GridCell.of("Day " + (row % 10 + 1)));
      for (int column = 0; column < columns; column++) {
        double figure =
            total
                ? sums[column]
                : Math.round(random.nextDouble() * 20_000) / (column % 2 == 0 ? 10.0 : 1.0);
        sums[column] = total ? 0 : sums[column] + figure;
        line.add(
            GridCell.of(
                figure,
                column % 2 == 0 ? String.format("%,.1f", figure) : String.format("%,.0f", figure)));
      }
      lines.add(line);
    }
    return Grid.of("", lines);
  }

  /// A document of one such table.
  static Document document(int rows, int columns, String style) {
    return Document.EMPTY.withAdded(new Source("bench", pivot(rows, columns)), Finish.in(style));
  }
}
