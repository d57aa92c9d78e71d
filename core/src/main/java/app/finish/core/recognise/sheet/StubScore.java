package app.finish.core.recognise.sheet;

import app.finish.core.recognise.words.Vocabulary;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;

/// Weighs whether the stub has more columns than those of words, or none at all. Columns of whole
/// numbers belong to it if rows can't be told apart without them and can with them; a first column
/// of numbers does not if its head is one of a series with the others.
final class StubScore {
  private static final int SAMPLE = 2000;
  private static final int LEAST = 4;
  private static final Pattern KEY =
      Pattern.compile(
          "(year|month|quarter|week|day|hour|class|grade|level|group|wave|round|zone|stage|block|code|id|no|nr|number|rank|age|cohort|jahr|monat|quartal|woche|klasse)\\b.*",
          Pattern.CASE_INSENSITIVE);

  private final ReadGrid grid;
  private final List<Integer> heads;
  private final List<Integer> body;

  StubScore(ReadGrid grid, List<Integer> heads, List<Integer> body) {
    this.grid = grid;
    this.heads = heads;
    this.body = body.subList(0, Math.min(SAMPLE, body.size()));
  }

  /// The stub for which most speaks.
  ///
  /// @param stub the columns of words
  List<Integer> best(List<Integer> stub) {
    if (stub.equals(List.of(0)) && isOneOfASeries()) {
      return List.of();
    }
    if (stub.isEmpty() || heads.isEmpty() || body.size() < LEAST || !isLabelledThroughout(stub)) {
      return stub;
    }
    List<Integer> more = new ArrayList<>(stub);
    int before = distinct(more);
    while (before < body.size() && more.getLast() + 2 < grid.columns()) {
      int next = more.getLast() + 1;
      if (!isKey(next)) {
        break;
      }
      more.add(next);
      int with = distinct(more);
      if (with <= before) {
        return stub;
      }
      before = with;
    }
    return before == body.size() ? more : stub;
  }

  /// Whether every row has a label in each column and figures, and none is a total. A label may
  /// stand in the first of its rows alone.
  private boolean isLabelledThroughout(List<Integer> stub) {
    List<List<String>> paths = paths(stub);
    for (int i = 0; i < body.size(); i++) {
      int row = body.get(i);
      for (int column : stub) {
        String label = paths.get(i).get(stub.indexOf(column));
        if (label.isBlank()
            || Vocabulary.saysTotal(label)
            || label.startsWith(" ")
            || grid.cell(row, column).format().indent() > 0) {
          return false;
        }
      }
      if (grid.filled(row) <= stub.stream().filter(one -> !grid.isBlank(row, one)).count()) {
        return false;
      }
    }
    return true;
  }

  private int distinct(List<Integer> columns) {
    return new HashSet<>(paths(columns)).size();
  }

  /// The labels of each row: its own, or where one is blank the nearest above.
  private List<List<String>> paths(List<Integer> columns) {
    List<List<String>> paths = new ArrayList<>();
    List<String> above = Collections.nCopies(columns.size(), "");
    for (int row : body) {
      List<String> path = new ArrayList<>();
      for (int i = 0; i < columns.size(); i++) {
        boolean blank = grid.isBlank(row, columns.get(i));
        path.add(blank ? above.get(i) : grid.text(row, columns.get(i)));
      }
      paths.add(path);
      above = path;
    }
    return paths;
  }

  /// Whether a column holds whole numbers that may tell rows apart: few that come again and again,
  /// or under a head that names such.
  private boolean isKey(int column) {
    String head = grid.text(heads.getLast(), column);
    Set<String> values = new HashSet<>();
    for (int row : body) {
      boolean whole =
          grid.isNumber(row, column)
              && grid.decimals(row, column) == 0
              && grid.unit(row, column).isEmpty()
              && grid.number(row, column) >= 0
              && grid.number(row, column) < 10_000;
      if (!whole) {
        return false;
      }
      values.add(grid.text(row, column));
    }
    boolean again = values.size() * 2 <= body.size();
    return grid.isText(heads.getLast(), column)
        && Vocabulary.measureKind(head).isEmpty()
        && (again || KEY.matcher(head).matches());
  }

  /// Whether the heads are rising numbers at even steps, that of the first column too, over
  /// figures.
  private boolean isOneOfASeries() {
    if (heads.size() != 1 || grid.columns() < 3) {
      return false;
    }
    int row = heads.getFirst();
    double step = grid.number(row, 1) - grid.number(row, 0);
    for (int column = 0; column < grid.columns(); column++) {
      boolean even =
          column == 0
              || Math.abs(grid.number(row, column) - grid.number(row, column - 1) - step) < 1e-9;
      if (!grid.isNumber(row, column) || !even) {
        return false;
      }
    }
    return step > 0 && body.stream().allMatch(one -> grid.isNumber(one, 0));
  }
}
