package app.finish.core.check;

import app.finish.core.grid.Grid;
import app.finish.core.grid.GridPlace;
import app.finish.core.number.NumberFormat;
import app.finish.core.recognise.found.PlaceNames;
import app.finish.core.recognise.found.Recognition;
import java.util.List;

/// Totals are the sums of what they total, read the way that most of their figures agree with.
public final class TotalsAddUp implements Check {
  @Override
  public String id() {
    return "totals.add-up";
  }

  @Override
  public String asks() {
    return "Totals are the sums of what they total";
  }

  @Override
  public String why() {
    return "A total that does not add up is a figure that changed, a row that is missing, or one"
        + " that was counted twice.";
  }

  @Override
  public List<Finding> findings(Checked table) {
    if (table.recognition().isEmpty() || table.grid().isEmpty()) {
      return List.of();
    }
    Recognition recognition = table.recognition().get();
    Grid grid = table.grid().get();
    return new TotalCheck(recognition.table(), recognition.rounded(), recognition.covers())
        .misses().stream().map(miss -> finding(miss, recognition, grid)).toList();
  }

  private Finding finding(TotalCheck.Miss miss, Recognition recognition, Grid grid) {
    int row = row(recognition, miss.row());
    int column = recognition.valueColumns().get(miss.column());
    String place = new GridPlace(grid.top() + row, grid.left() + column).toString();
    String claimed = recognition.table().body().at(miss.row(), miss.column()).written();
    String sum = NumberFormat.PLAIN.withDecimals(miss.decimals()).write(miss.sum(), "");
    String members =
        miss.down()
            ? PlaceNames.rows(grid, row(recognition, miss.first()), row(recognition, miss.last()))
            : PlaceNames.columns(
                grid,
                recognition.valueColumns().get(miss.first()),
                recognition.valueColumns().get(miss.last()));
    return new Finding(
        this,
        new Where.Cell(place),
        claimed,
        sum,
        "The total in "
            + place
            + " says "
            + claimed
            + ", but the figures that it totals, in "
            + members
            + ", add up to "
            + sum
            + ".");
  }

  private static int row(Recognition recognition, int leaf) {
    return recognition.rowOfLeaf(leaf).orElseThrow().row();
  }
}
