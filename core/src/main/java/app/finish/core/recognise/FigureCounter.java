package app.finish.core.recognise;

import app.finish.core.grid.GridPlace;
import app.finish.core.recognise.found.FigureCount;
import app.finish.core.recognise.line.Lines;
import app.finish.core.recognise.said.LineRole;
import app.finish.core.recognise.sheet.Frame;
import app.finish.core.recognise.sheet.PlacedCorrections;
import app.finish.core.recognise.sheet.ReadGrid;
import app.finish.core.table.Body;
import app.finish.core.table.Value;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;

/// Counts the figures of a grid by the places that they went to, and holds those in the table
/// against the table's own values.
public final class FigureCounter {
  private static final Pattern FIGURE =
      Pattern.compile("(?<![\\p{L}\\d])[0-9]+(?:[.,][0-9]+)*(?![\\p{L}])");
  private static final int LISTED = 200;

  private final ReadGrid grid;
  private final Frame frame;
  private final Lines rows;
  private final PlacedCorrections corrections;
  private final List<String> placeless = new ArrayList<>();

  FigureCounter(ReadGrid grid, Frame frame, Lines rows, PlacedCorrections corrections) {
    this.grid = grid;
    this.frame = frame;
    this.rows = rows;
    this.corrections = corrections;
  }

  /// The count.
  ///
  /// @param body the values of the table
  FigureCount count(Body body) {
    int[] lines = new int[grid.rows()];
    Arrays.fill(lines, -1);
    for (int i = 0; i < rows.lines().size(); i++) {
      lines[rows.lines().get(i).index()] = i;
    }
    int[] values = new int[grid.columns()];
    Arrays.fill(values, -1);
    for (int i = 0; i < frame.valueColumns().size(); i++) {
      values[frame.valueColumns().get(i)] = i;
    }
    Set<Integer> heads = new HashSet<>(frame.headRows());
    Set<Integer> words = new HashSet<>(frame.wordRows());
    Set<Integer> notes = new HashSet<>(frame.noteRows());
    Set<Integer> stub = new HashSet<>(frame.stubColumns());
    int[] counts = new int[6];
    for (int row = 0; row < grid.rows(); row++) {
      boolean text = words.contains(row) || notes.contains(row);
      boolean leftOut = corrections.rows().get(row) == LineRole.LEFT_OUT;
      for (int column = 0; column < grid.columns(); column++) {
        if (grid.isBlank(row, column)) {
          continue;
        }
        int figures = text ? inText(grid.text(row, column)) : grid.isNumber(row, column) ? 1 : 0;
        if (figures == 0) {
          continue;
        }
        boolean gone = leftOut || corrections.columns().get(column) == LineRole.LEFT_OUT;
        boolean figure = lines[row] >= 0 && values[column] >= 0;
        int index =
            text
                ? words.contains(row) ? 3 : 4
                : gone ? 5 : figure ? 0 : heads.contains(row) ? 1 : stub.contains(column) ? 2 : -1;
        boolean kept =
            index != 0
                || !Double.isNaN(body.number(lines[row], values[column]))
                || isKept(body.at(lines[row], values[column]));
        if (index < 0 || !kept) {
          note(row, column);
        } else {
          counts[index] += index == 0 && grid.isPair(row, column) ? 2 : figures;
        }
      }
    }
    return new FigureCount(
        counts[0], counts[1], counts[2], counts[3], counts[4], counts[5], placeless);
  }

  private static boolean isKept(Value value) {
    return !(value instanceof Value.Missing);
  }

  private void note(int row, int column) {
    if (placeless.size() < LISTED) {
      placeless.add(new GridPlace(grid.grid().top() + row, grid.grid().left() + column).toString());
    }
  }

  private static int inText(String text) {
    return (int) FIGURE.matcher(text).results().count();
  }
}
