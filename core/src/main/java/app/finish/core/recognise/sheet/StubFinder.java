package app.finish.core.recognise.sheet;

import app.finish.core.recognise.said.LineRole;
import app.finish.core.recognise.words.Statistics;
import java.util.ArrayList;
import java.util.List;

/// Finds which columns are the stub and which hold figures, once heads and body are known.
public final class StubFinder {
  private final ReadGrid grid;
  private final PlacedCorrections corrections;
  private final List<Integer> heads;
  private final List<Integer> body;

  StubFinder(
      ReadGrid grid, PlacedCorrections corrections, List<Integer> heads, List<Integer> body) {
    this.grid = grid;
    this.corrections = corrections;
    this.heads = heads;
    this.body = body;
  }

  /// The columns of row headings: from the left those that hold more words than figures.
  List<Integer> stubColumns() {
    List<Integer> stub = new ArrayList<>();
    int said = corrections.stubColumns().orElse(-1);
    int named = namedColumns();
    for (int column = 0; column < grid.columns(); column++) {
      boolean belongs = said >= 0 ? column < said : column < named || isStub(column);
      if (!belongs) {
        break;
      }
      if (said >= 0 || column == 0 || !isEmptyColumn(column)) {
        stub.add(column);
      }
    }
    if (stub.size() == grid.columns() && stub.size() > 1) {
      stub.subList(1, stub.size()).clear();
    }
    return said >= 0 ? stub : new StubScore(grid, heads, body).best(stub);
  }

  /// How many columns from the left the last row of heads names, if it names no others and heads
  /// stand above the others.
  private int namedColumns() {
    if (heads.size() < 2) {
      return 0;
    }
    int row = heads.getLast();
    int named = 0;
    while (named < grid.columns() && !grid.isBlank(row, named) && grid.isText(row, named)) {
      named++;
    }
    boolean alone = named > 0 && grid.filled(row) == named && named < grid.columns();
    for (int column = 0; column < named && alone; column++) {
      boolean figures = column > 0 && numbers(column) > 0;
      boolean headed =
          heads.size() > 1 && !grid.label(heads.get(heads.size() - 2), column).isEmpty();
      alone &= grid.cell(row, column).columnSpan() == 1 && !(figures && headed);
    }
    for (int column = named; column < grid.columns() && alone; column++) {
      boolean headed = false;
      for (int above : heads) {
        headed |= !grid.label(above, column).isEmpty();
      }
      alone &=
          headed || isEmptyColumn(column) || grid.filled(heads.getFirst()) < grid.columns() - named;
      alone &= !grid.isCovered(row, column);
    }
    return alone ? named : 0;
  }

  private long numbers(int column) {
    return body.stream().filter(row -> grid.isNumber(row, column)).count();
  }

  private boolean isStub(int column) {
    int texts = 0;
    int numbers = 0;
    int years = 0;
    int blanks = 0;
    for (int row : body) {
      texts += grid.isText(row, column) || grid.isCovered(row, column) ? 1 : 0;
      numbers += grid.isNumber(row, column) ? 1 : 0;
      years += grid.isYear(row, column) ? 1 : 0;
      blanks += grid.isBlank(row, column) ? 1 : 0;
    }
    if (column == 0) {
      boolean figures = texts == 0 && numbers == body.size();
      return grid.columns() > 1 && !(figures && (body.size() == 1 || isHeadedByStatistics()));
    }
    if (numbers == 0 && texts == 0) {
      return blanks == body.size() && nextIsStub(column);
    }
    boolean yearsAsLabels =
        years == numbers && years > 0 && column + 1 < grid.columns() && repeats(column);
    return texts > numbers || yearsAsLabels;
  }

  /// Whether the heads, that of the first column among them, are names of statistics.
  private boolean isHeadedByStatistics() {
    if (heads.isEmpty()) {
      return false;
    }
    int known = 0;
    for (int column = 0; column < grid.columns(); column++) {
      known += Statistics.kind(grid.text(heads.getLast(), column)).isPresent() ? 1 : 0;
    }
    boolean first = Statistics.kind(grid.text(heads.getLast(), 0)).isPresent();
    return first && grid.text(heads.getLast(), 0).length() > 1 && known == grid.columns();
  }

  private boolean nextIsStub(int column) {
    return column + 1 < grid.columns() && isEmptyColumn(column) && isStub(column + 1);
  }

  private boolean repeats(int column) {
    long distinct = body.stream().map(row -> grid.text(row, column)).distinct().count();
    return distinct * 2 <= body.size();
  }

  private boolean isEmptyColumn(int column) {
    for (int row : heads) {
      if (!grid.isBlank(row, column)) {
        return false;
      }
    }
    for (int row : body) {
      if (!grid.isBlank(row, column)) {
        return false;
      }
    }
    return true;
  }

  /// The columns to the right of the stub that are not empty and not said to be left out.
  List<Integer> valueColumns(List<Integer> stub) {
    List<Integer> values = new ArrayList<>();
    int from = stub.isEmpty() ? 0 : stub.getLast() + 1;
    for (int column = from; column < grid.columns(); column++) {
      boolean leftOut = corrections.columns().get(column) == LineRole.LEFT_OUT;
      if (!leftOut && !isEmptyColumn(column)) {
        values.add(column);
      }
    }
    return values;
  }
}
