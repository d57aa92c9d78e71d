package app.finish.core.check;

import app.finish.core.check.demand.Checks;
import app.finish.core.grid.Grid;
import app.finish.core.recognise.Recogniser;
import app.finish.core.recognise.said.Corrections;
import java.util.List;

/// What does not hold of a grid's one table.
public final class Found {
  private Found() {}

  public static List<Finding> in(Grid grid, Corrections corrections) {
    return Checks.ALL.of(Checked.of(Recogniser.recognise(grid, corrections), grid));
  }

  /// Of the one table in lines of cells parted by bars.
  public static List<Finding> in(String... lines) {
    return in(Recogniser.split(Grid.ofText(lines)).getFirst(), Corrections.NONE);
  }
}
