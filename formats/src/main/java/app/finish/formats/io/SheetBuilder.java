package app.finish.formats.io;

import app.finish.core.grid.Grid;
import app.finish.core.grid.GridCell;
import app.finish.core.problem.Problem;
import java.io.InterruptedIOException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/// Puts cells with spans into rows: a cell goes to the first place that no cell from above reaches
/// over.
///
/// ```java
/// SheetBuilder sheet = new SheetBuilder("fares.html");
/// sheet.beginRow();
/// sheet.add(GridCell.of("2026").spanning(1, 2));
/// Grid grid = sheet.grid("");
/// ```
public final class SheetBuilder {
  private final String fileName;
  private final List<List<GridCell>> rows = new ArrayList<>();
  private final List<Set<Integer>> taken = new ArrayList<>();
  private int column;
  private long cells;

  /// @param fileName what the file is called in messages
  public SheetBuilder(String fileName) {
    this.fileName = fileName;
  }

  /// Begins the next row.
  public void beginRow() throws InterruptedIOException {
    Watched.check();
    rows.add(new ArrayList<>());
    while (taken.size() < rows.size()) {
      taken.add(new HashSet<>());
    }
    column = 0;
  }

  /// A row with one text, such as a title.
  public void addLine(String text) throws InterruptedIOException {
    beginRow();
    rows.getLast().add(RaisedText.cell(text));
  }

  /// A row for each text.
  public void addLines(List<String> texts) throws InterruptedIOException {
    for (String text : texts) {
      addLine(text);
    }
  }

  /// Adds a cell to the row.
  ///
  /// @throws Problem if the row is too wide or the sheet too large
  public void add(GridCell cell) throws Problem {
    Set<Integer> here = taken.get(rows.size() - 1);
    while (here.contains(column)) {
      column++;
    }
    int wide = Math.min(cell.columnSpan(), Limits.SPAN);
    int tall = Math.min(cell.rowSpan(), Limits.SPAN);
    if (column + wide > Limits.COLUMNS) {
      throw Limits.tooWide(fileName, rows.size());
    }
    cells += (long) wide * tall;
    if (cells > Limits.CELLS) {
      throw Limits.tooMany(fileName);
    }
    List<GridCell> row = rows.getLast();
    while (row.size() < column) {
      row.add(GridCell.BLANK);
    }
    row.add(cell.spanning(tall, wide));
    for (int down = 1; down < tall; down++) {
      while (taken.size() < rows.size() + down) {
        taken.add(new HashSet<>());
      }
      for (int across = 0; across < wide; across++) {
        taken.get(rows.size() - 1 + down).add(column + across);
      }
    }
    column += wide;
  }

  /// Adds cells that already stand at their places, covered ones blank.
  ///
  /// @throws Problem if the row is too wide or the sheet too large
  public void addAll(List<GridCell> placed) throws Problem {
    if (placed.size() > Limits.COLUMNS) {
      throw Limits.tooWide(fileName, rows.size());
    }
    cells += placed.size();
    if (cells > Limits.CELLS) {
      throw Limits.tooMany(fileName);
    }
    rows.getLast().addAll(placed);
  }

  /// The sheet. Spans that reach below the last row are cut.
  public Grid grid(String sheetName) throws Problem {
    int width = 0;
    for (int row = 0; row < rows.size(); row++) {
      int end = 0;
      for (int at = 0; at < rows.get(row).size(); at++) {
        GridCell cell = rows.get(row).get(at);
        end = Math.max(end, at + cell.columnSpan());
        int tall = Math.min(cell.rowSpan(), rows.size() - row);
        if (tall < cell.rowSpan()) {
          rows.get(row).set(at, cell.spanning(tall, cell.columnSpan()));
        }
      }
      width = Math.max(width, end);
    }
    for (List<GridCell> row : rows) {
      boolean spans = row.stream().anyMatch(cell -> cell.columnSpan() > 1);
      while (spans && row.size() < width) {
        row.add(GridCell.BLANK);
      }
    }
    return Limits.grid(fileName, sheetName, rows);
  }
}
