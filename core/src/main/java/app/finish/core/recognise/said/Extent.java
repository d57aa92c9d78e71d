package app.finish.core.recognise.said;

import app.finish.core.grid.Grid;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// How much of a sheet is one table, where a person said otherwise than was recognised: which of
/// the tables found are joined, and where one was cut in two.
///
/// ```java
/// Extent upper = Extent.WHOLE.withCut(Extent.rowOf(grid, 7), false);
/// Grid above = upper.on(grid, List.of()).orElseThrow(); // rows 1 to 7
/// ```
///
/// @param joined what the tables joined to this one begin with, in order
/// @param cuts where it was cut, in the order in which it was
public record Extent(List<String> joined, List<Cut> cuts) {
  /// All of the table that was found, and nothing else.
  public static final Extent WHOLE = new Extent(List.of(), List.of());

  /// A cut between two rows, or between two columns.
  ///
  /// @param row the first row below it, or the first column to its right, by what it says first
  /// @param below whether what is below or to the right was kept; else what is above or to the left
  /// @param columns whether it is between columns
  public record Cut(Anchor row, boolean below, boolean columns) {
    /// A cut between rows.
    public Cut(Anchor row, boolean below) {
      this(row, below, false);
    }
  }

  /// Copies the lists.
  public Extent {
    joined = List.copyOf(joined);
    cuts = List.copyOf(cuts);
  }

  /// Whether nothing was said.
  public boolean isWhole() {
    return joined.isEmpty() && cuts.isEmpty();
  }

  /// The same extent, cut.
  public Extent withCut(Anchor row, boolean below) {
    List<Cut> more = new ArrayList<>(cuts);
    more.add(new Cut(row, below));
    return new Extent(joined, more);
  }

  /// The same extent, cut before a column.
  public Extent withColumnCut(Anchor column, boolean right) {
    List<Cut> more = new ArrayList<>(cuts);
    more.add(new Cut(column, right, true));
    return new Extent(joined, more);
  }

  /// A column by what it says first, for cutting there.
  public static Anchor columnOf(Grid grid, int column) {
    List<String> text = firstTextOfColumn(grid, column);
    int occurrence = 0;
    for (int left = 0; left < column; left++) {
      occurrence += firstTextOfColumn(grid, left).equals(text) ? 1 : 0;
    }
    return new Anchor(text, occurrence);
  }

  private static List<String> firstTextOfColumn(Grid grid, int column) {
    for (int row = 0; row < grid.rows(); row++) {
      String text = grid.at(row, column).text().strip();
      if (!text.isEmpty()) {
        return List.of(text);
      }
    }
    return List.of();
  }

  /// The columns of a grid left of one, without blank edges.
  public static Grid left(Grid grid, int column) {
    return grid.region(0, 0, grid.rows(), column).trimmed();
  }

  /// The columns of a grid from one on, without blank edges.
  public static Grid right(Grid grid, int column) {
    return grid.region(0, column, grid.rows(), grid.columns()).trimmed();
  }

  /// A row by what it says first, for cutting there.
  public static Anchor rowOf(Grid grid, int row) {
    List<String> text = Anchor.firstText(grid, row);
    int occurrence = 0;
    for (int above = 0; above < row; above++) {
      occurrence += Anchor.firstText(grid, above).equals(text) ? 1 : 0;
    }
    return new Anchor(text, occurrence);
  }

  /// The extent of this table and the next as one, if they can be joined: two halves of one that
  /// was cut there, or two that were found as they are.
  ///
  /// @param next the extent of the other
  /// @param grid the other's cells
  public Optional<Extent> joinedWith(Extent next, Grid grid) {
    boolean halves =
        !cuts.isEmpty()
            && cuts.size() == next.cuts.size()
            && joined.equals(next.joined)
            && cuts.subList(0, cuts.size() - 1).equals(next.cuts.subList(0, cuts.size() - 1))
            && cuts.getLast().row().equals(next.cuts.getLast().row())
            && cuts.getLast().columns() == next.cuts.getLast().columns()
            && !cuts.getLast().below()
            && next.cuts.getLast().below();
    if (halves) {
      return Optional.of(new Extent(joined, cuts.subList(0, cuts.size() - 1)));
    }
    if (!cuts.isEmpty() || !next.cuts.isEmpty()) {
      return Optional.empty();
    }
    List<String> more = new ArrayList<>(joined);
    more.add(beginning(grid));
    more.addAll(next.joined);
    return Optional.of(new Extent(more, List.of()));
  }

  private static String beginning(Grid grid) {
    for (int row = 0; row < grid.rows(); row++) {
      if (!Anchor.firstText(grid, row).isEmpty()) {
        return Anchor.firstText(grid, row).getFirst();
      }
    }
    return "";
  }

  /// So much of a table that was found, or nothing if it lacks a row where it was cut or a table
  /// that was joined.
  ///
  /// @param found the table as it was found
  /// @param others all that were found on the same sheet
  public Optional<Grid> on(Grid found, List<Grid> others) {
    Grid grid = found;
    for (String beginning : joined) {
      Optional<Grid> other =
          others.stream()
              .filter(one -> one != found && beginning(one).equals(beginning))
              .findFirst();
      if (other.isEmpty()) {
        return Optional.empty();
      }
      grid = grid.joinedWith(other.get());
    }
    for (Cut cut : cuts) {
      int at = cut.columns ? columnPlaceOf(cut.row, grid) : indexOf(cut.row, grid);
      if (at <= 0) {
        return Optional.empty();
      }
      grid =
          cut.columns
              ? cut.below ? right(grid, at) : left(grid, at)
              : cut.below ? below(grid, at) : above(grid, at);
    }
    return Optional.of(grid);
  }

  private static int indexOf(Anchor anchor, Grid grid) {
    int seen = 0;
    for (int row = 0; row < grid.rows(); row++) {
      if (Anchor.firstText(grid, row).equals(anchor.path()) && seen++ == anchor.occurrence()) {
        return row;
      }
    }
    return -1;
  }

  private static int columnPlaceOf(Anchor anchor, Grid grid) {
    int seen = 0;
    for (int column = 0; column < grid.columns(); column++) {
      boolean same = firstTextOfColumn(grid, column).equals(anchor.path());
      if (same && seen++ == anchor.occurrence()) {
        return column;
      }
    }
    return -1;
  }

  /// The rows of a grid above one, without blank edges.
  public static Grid above(Grid grid, int row) {
    return grid.region(0, 0, row, grid.columns()).trimmed();
  }

  /// The rows of a grid from one on, without blank edges.
  public static Grid below(Grid grid, int row) {
    return grid.region(row, 0, grid.rows(), grid.columns()).trimmed();
  }
}
