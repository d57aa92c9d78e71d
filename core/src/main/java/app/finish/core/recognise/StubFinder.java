package app.finish.core.recognise;

import java.util.ArrayList;
import java.util.List;

/// Finds which columns are the stub and which hold figures, once heads and body are known.
final class StubFinder {
  private final ReadGrid grid;
  private final Placed corrections;
  private final List<Integer> heads;
  private final List<Integer> body;

  StubFinder(ReadGrid grid, Placed corrections, List<Integer> heads, List<Integer> body) {
    this.grid = grid;
    this.corrections = corrections;
    this.heads = heads;
    this.body = body;
  }

  /// The columns of row headings: from the left those that hold more words than figures.
  List<Integer> stubColumns() {
    List<Integer> stub = new ArrayList<>();
    int said = corrections.stubColumns().orElse(-1);
    for (int column = 0; column < grid.columns(); column++) {
      boolean belongs = said >= 0 ? column < said : isStub(column);
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
    return stub;
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
      return grid.columns() > 1;
    }
    if (numbers == 0 && texts == 0) {
      return blanks == body.size() && nextIsStub(column);
    }
    boolean yearsAsLabels =
        years == numbers && years > 0 && column + 1 < grid.columns() && repeats(column);
    return texts > numbers || yearsAsLabels;
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
