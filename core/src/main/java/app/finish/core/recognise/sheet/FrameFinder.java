package app.finish.core.recognise.sheet;

import app.finish.core.grid.GridPlace;
import app.finish.core.recognise.found.Evidence;
import app.finish.core.recognise.found.PlaceNames;
import app.finish.core.recognise.said.LineRole;
import app.finish.core.recognise.words.Vocabulary;
import java.util.ArrayList;
import java.util.List;

/// Finds where title, heads, stub, body and notes lie. The body begins with the first row that
/// holds figures (a row of years alone is a row of heads); the heads are the rows above it up to
/// the words; the stub is the columns from the left that hold more words than figures.
public final class FrameFinder {
  private final ReadGrid grid;
  private final PlacedCorrections corrections;
  private final List<Evidence> evidence = new ArrayList<>();

  public FrameFinder(ReadGrid grid, PlacedCorrections corrections) {
    this.grid = grid;
    this.corrections = corrections;
  }

  public Frame find() {
    return Panel.isOne(grid) && corrections.headRows().isEmpty() ? panel() : frame();
  }

  /// The frame of names and figures beside each other: no heads, a stub of names.
  private Frame panel() {
    int top = Panel.top(grid);
    int end = Panel.end(grid);
    List<Integer> body = new ArrayList<>();
    List<Integer> notes = new ArrayList<>();
    split(top, end - 1, body, notes);
    evidence.add(
        new Evidence(
            PlaceNames.rows(grid.grid(), top, end - 1),
            "body",
            List.of("names with colons stand beside what belongs to them"),
            0.9));
    return new Frame(
        rows(0, top), List.of(), List.of(), body, notes, List.of(0), List.of(1), true, evidence);
  }

  private Frame frame() {
    int guess = firstDataRow();
    int lastData = lastDataRow(guess);
    int firstData =
        new HeadScore(grid, grid.columns() == 1 ? 0 : 1)
            .best(headTop(guess), guess, Math.max(guess, lastData));
    if (grid.columns() > 1
        && firstData + 1 < grid.rows()
        && isLabelAlone(firstData)
        && isData(firstData + 1)) {
      firstData++;
    }
    if (namesStubAlone(firstData)) {
      firstData++;
    }
    lastData = Math.max(lastData, firstData);
    int bodyTop = withGroupRowsAbove(firstData);
    int headTop = headTop(bodyTop);
    if (corrections.headRows().isPresent()) {
      bodyTop = Math.min(grid.rows() - 1, headTop + corrections.headRows().getAsInt());
    }
    List<Integer> heads = rows(headTop, bodyTop);
    List<Integer> body = new ArrayList<>();
    List<Integer> notes = new ArrayList<>();
    split(bodyTop, lastData, body, notes);
    StubFinder finder = new StubFinder(grid, corrections, heads, body);
    List<Integer> stub = finder.stubColumns();
    List<Integer> values = finder.valueColumns(stub);
    List<Integer> names = nameRows(heads, stub);
    say(heads, stub);
    return new Frame(rows(0, headTop), heads, names, body, notes, stub, values, false, evidence);
  }

  /// Whether a row where figures could begin holds names of several stub columns and nothing else,
  /// under heads and over a row of figures.
  private boolean namesStubAlone(int row) {
    if (row == 0 || row + 1 >= grid.rows() || grid.filled(row) < 2 || !isData(row + 1)) {
      return false;
    }
    for (int column = 0; column < grid.columns(); column++) {
      boolean figures = grid.isNumber(row + 1, column);
      boolean labelBelow = grid.isText(row + 1, column);
      if (!grid.isBlank(row, column)
          && (figures || !labelBelow || !grid.isBlank(row - 1, column))) {
        return false;
      }
    }
    return true;
  }

  /// The last row of heads if it holds nothing but the names of the stub's levels.
  private List<Integer> nameRows(List<Integer> heads, List<Integer> stub) {
    if (heads.size() < 2 || stub.isEmpty()) {
      return List.of();
    }
    int row = heads.getLast();
    boolean names = false;
    for (int column = 0; column < grid.columns(); column++) {
      boolean inStub = column <= stub.getLast();
      names |= inStub && !grid.isBlank(row, column);
      if (!inStub && (!grid.isBlank(row, column) || grid.isCovered(row, column))) {
        return List.of();
      }
    }
    return names ? List.of(row) : List.of();
  }

  private List<Integer> rows(int from, int to) {
    List<Integer> rows = new ArrayList<>();
    for (int row = from; row < to; row++) {
      if (!grid.isBlankRow(row)) {
        rows.add(row);
      }
    }
    return rows;
  }

  private void split(int bodyTop, int lastData, List<Integer> body, List<Integer> notes) {
    for (int row = bodyTop; row < grid.rows(); row++) {
      LineRole said = corrections.rows().get(row);
      boolean note = said == null ? row > lastData : said == LineRole.NOTE;
      if (!grid.isBlankRow(row) && said != LineRole.LEFT_OUT) {
        (note ? notes : body).add(row);
      }
    }
  }

  /// The first row with figures that are not years alone, or the first row after one of words if
  /// the grid has no figures.
  private int firstDataRow() {
    for (int row = 0; row < grid.rows(); row++) {
      if (isData(row) && !numbersItsColumns(row)) {
        return overPlaceholders(overYearsThatAreFigures(row));
      }
    }
    for (int row = 0; row < grid.rows(); row++) {
      if (grid.filled(row) > 1) {
        return Math.min(row + 1, grid.rows() - 1);
      }
    }
    return Math.max(0, Math.min(1, grid.rows() - 1));
  }

  /// Whether a row counts its columns, as the heads of a matrix do: 1, 2, 3 …, perhaps after words,
  /// under no other heads, with rows below that are counted alike.
  private boolean numbersItsColumns(int row) {
    int next = 1;
    for (int column = 1; column < grid.columns(); column++) {
      boolean word = next == 1 && grid.isText(row, column);
      if (!grid.isBlank(row, column) && !word && !grid.text(row, column).equals("" + next++)) {
        return false;
      }
    }
    boolean counted = row + 1 < grid.rows() && grid.text(row + 1, 0).matches("1\\b.*");
    boolean headsAbove = row > 0 && grid.filled(row - 1) > 1;
    return next > 2 && counted && !headsAbove && !grid.isNumber(row, 0);
  }

  private boolean isData(int row) {
    int figures = 0;
    int texts = 0;
    boolean begun = false;
    boolean onlyYears = true;
    int from = grid.columns() == 1 ? 0 : 1;
    for (int column = from; column < grid.columns(); column++) {
      boolean number = grid.isNumber(row, column);
      begun |= number || Vocabulary.isPlaceholder(grid.text(row, column));
      figures += number ? 1 : 0;
      texts += begun && grid.isText(row, column) ? 1 : 0;
      onlyYears &= !number || grid.isYear(row, column);
    }
    return figures > 0 && !onlyYears && figures >= texts;
  }

  /// A row above the first figures that holds only numbers written like years is a row of figures
  /// all the same if a full row of words stands above it and it has a label of its own.
  private int overYearsThatAreFigures(int first) {
    int row = first;
    while (row >= 2
        && grid.isText(row - 1, 0)
        && grid.filled(row - 1) == grid.filled(row)
        && numbers(row - 1) > 0
        && numbers(row - 2) == 0
        && grid.filled(row - 2) >= grid.filled(row - 1)) {
      row--;
    }
    return row;
  }

  /// Rows above the first figures that hold a label and only signs for missing figures belong to
  /// them.
  private int overPlaceholders(int first) {
    int row = first;
    while (row > 1 && grid.isText(row - 1, 0) && holdsOnlyPlaceholders(row - 1)) {
      row--;
    }
    return row;
  }

  private boolean holdsOnlyPlaceholders(int row) {
    int placeholders = 0;
    for (int column = 1; column < grid.columns(); column++) {
      boolean placeholder = Vocabulary.isPlaceholder(grid.text(row, column));
      placeholders += placeholder ? 1 : 0;
      if (!placeholder && !grid.isBlank(row, column)) {
        return false;
      }
    }
    return placeholders > 0;
  }

  private int numbers(int row) {
    int count = 0;
    for (int column = 0; column < grid.columns(); column++) {
      count += grid.isNumber(row, column) ? 1 : 0;
    }
    return count;
  }

  private int lastDataRow(int firstData) {
    int least = isData(firstData) ? 2 : 1;
    for (int row = grid.rows() - 1; row > firstData; row--) {
      for (int column = 1; column < grid.columns(); column++) {
        boolean figure =
            grid.isNumber(row, column) || Vocabulary.isPlaceholder(grid.text(row, column));
        if (figure || (grid.isText(row, column) && grid.filled(row) > least)) {
          return row;
        }
      }
    }
    return grid.columns() == 1 ? grid.rows() - 1 : firstData;
  }

  /// Rows with nothing but a label, just above the figures, head the first group, unless they name
  /// the stub.
  private int withGroupRowsAbove(int firstData) {
    int row = firstData;
    while (row > 1 && isLabelAlone(row - 1) && headsAGroup(row - 1, firstData)) {
      row--;
    }
    return row;
  }

  private boolean isLabelAlone(int row) {
    return grid.filled(row) == 1 && grid.firstFilled(row) == 0;
  }

  /// Whether a label alone above the figures heads a group and does not name the stub: others like
  /// it follow, what is below is indented, or a later label speaks of it.
  private boolean headsAGroup(int row, int firstData) {
    boolean headsAbove = false;
    for (int above = row - 1; above >= 0 && !grid.isBlankRow(above); above--) {
      headsAbove |= grid.filled(above) > (grid.isBlank(above, 0) ? 0 : 1);
    }
    boolean indented = indent(firstData) > indent(row);
    String label = grid.text(row, 0);
    boolean another = false;
    boolean named = false;
    for (int below = firstData + 1; below < Math.min(grid.rows(), firstData + 60); below++) {
      another |= below + 1 < grid.rows() && isLabelAlone(below) && isData(below + 1);
      named |= grid.text(below, 0).contains(label) && !grid.text(below, 0).equals(label);
    }
    return headsAbove && (indented || another || named && isNamed(row));
  }

  /// Whether the stub bears a name above this row.
  private boolean isNamed(int row) {
    for (int above = row - 1; above >= 0 && !grid.isBlankRow(above); above--) {
      if (!grid.isBlank(above, 0) && grid.filled(above) > 1) {
        return true;
      }
    }
    return false;
  }

  private int indent(int row) {
    String text = grid.cell(row, 0).text();
    return grid.cell(row, 0).format().indent() * 2 + text.length() - text.stripLeading().length();
  }

  /// The first row of heads, going up from the body until words or a blank row.
  private int headTop(int bodyTop) {
    int row = bodyTop;
    while (row > 0 && grid.isBlankRow(row - 1)) {
      row--;
    }
    if (row > 1 && isLabelAlone(row - 1) && grid.filled(row - 2) > 1) {
      row--;
    }
    while (row > 0 && !grid.isBlankRow(row - 1) && isHead(row - 1)) {
      row--;
    }
    return row;
  }

  private boolean isHead(int row) {
    int first = grid.firstFilled(row);
    if (first < 0) {
      return true;
    }
    if (saysUnitsAlone(row, first)) {
      return false;
    }
    return grid.columns() == 1
        || grid.filled(row) > 1
        || first > 0
        || grid.cell(row, first).rowSpan() > 1
        || isHeadOfStubAlone(row);
  }

  /// Whether a row's only cell says in what units the figures are, above several heads.
  private boolean saysUnitsAlone(int row, int first) {
    return grid.filled(row) == 1
        && first > 0
        && grid.cell(row, first).columnSpan() == 1
        && row + 1 < grid.rows()
        && grid.filled(row + 1) > 2
        && (row == 0 || grid.filled(row - 1) < 2)
        && WordsReader.saysUnits(grid.text(row, first));
  }

  /// A row whose only cell is the head of the stub: heads stand above it with no head over the
  /// stub.
  private boolean isHeadOfStubAlone(int row) {
    return row > 0
        && grid.cell(row, 0).columnSpan() == 1
        && grid.filled(row - 1) > 0
        && grid.firstFilled(row - 1) > 0;
  }

  private void say(List<Integer> heads, List<Integer> stub) {
    String place =
        heads.isEmpty()
            ? "no row"
            : PlaceNames.rows(grid.grid(), heads.getFirst(), heads.getLast());
    boolean corrected = corrections.headRows().isPresent();
    evidence.add(
        new Evidence(
            place,
            "columnHead",
            List.of(
                corrected ? "you said so" : "words stand here, and figures begin in the row below"),
            corrected ? 1 : heads.isEmpty() ? 0.5 : 0.9));
    if (!stub.isEmpty()) {
      boolean told = corrections.stubColumns().isPresent();
      int left = grid.grid().left();
      String from = GridPlace.letters(left + stub.getFirst());
      String to = GridPlace.letters(left + stub.getLast());
      evidence.add(
          new Evidence(
              from.equals(to) ? "column " + from : "columns " + from + " to " + to,
              "stub",
              List.of(told ? "you said so" : "words stand here, and figures to the right"),
              told ? 1 : 0.9));
    }
  }
}
