package app.finish.core.recognise.found;

import app.finish.core.grid.Grid;
import app.finish.core.grid.GridPlace;

/// Places of a grid in the words that its sheet counts in.
public final class PlaceNames {
  private PlaceNames() {}

  public static String row(Grid grid, int row) {
    return "row " + (grid.top() + row + 1);
  }

  public static String rows(Grid grid, int from, int to) {
    return from == to
        ? row(grid, from)
        : "rows " + (grid.top() + from + 1) + " to " + (grid.top() + to + 1);
  }

  public static String column(Grid grid, int column) {
    return "column " + GridPlace.letters(grid.left() + column);
  }

  public static String columns(Grid grid, int from, int to) {
    return from == to
        ? column(grid, from)
        : "columns "
            + GridPlace.letters(grid.left() + from)
            + " to "
            + GridPlace.letters(grid.left() + to);
  }
}
