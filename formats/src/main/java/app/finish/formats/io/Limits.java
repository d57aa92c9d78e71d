package app.finish.formats.io;

import app.finish.core.grid.Grid;
import app.finish.core.grid.GridCell;
import app.finish.core.problem.Problem;
import java.util.ArrayList;
import java.util.List;

/// How much Finish takes in. Beyond these a file is not a table to publish, and reading it would
/// only fill the memory.
public final class Limits {
  /// Bytes of a file.
  public static final long BYTES = 256L << 20;

  /// Columns of a sheet; what spreadsheets hold.
  public static final int COLUMNS = 16_384;

  /// Cells of a sheet.
  public static final long CELLS = 5_000_000;

  /// Cells that a cell reaches over, across or down.
  public static final int SPAN = 2_000;

  /// Fields of a line of delimited text, before it is known to be too wide.
  public static final int FIELDS = 1_000_000;

  /// Elements of a page in each other.
  public static final int NESTED = 400;

  /// Headings of a document's table in each other.
  public static final int HEADINGS = 100;

  /// Bytes that a packed file unpacks to, all its parts together.
  public static final long UNPACKED = 1L << 30;

  /// Bytes that a part may unpack to, however little it is packed.
  public static final long FREELY = 64L << 20;

  /// Times its packed size that a larger part may unpack to.
  public static final long RATIO = 200;

  /// Bytes that a part unpacks to which is held in memory as a whole.
  public static final long PART = 128L << 20;

  /// A cube of statistical data may have so many more places than figures.
  public static final long SPARSE = 100;

  /// Cubes smaller than this may be as empty as they like.
  public static final long SMALL_CUBE = 100_000;

  private Limits() {}

  public static Problem unpacksTooFar(String name) {
    return new Problem(
        name
            + " unpacks to far more than an office file should, so it was not opened. If you trust"
            + " it, cut it to the table that you want to publish.");
  }

  /// The grid of these rows without the blank ones at its end and the blank cells at the ends of
  /// rows.
  ///
  /// @throws Problem if the sheet, filled up to a rectangle, has too many cells
  public static Grid grid(String fileName, String sheetName, List<List<GridCell>> rows)
      throws Problem {
    List<List<GridCell>> trimmed = new ArrayList<>(rows.size());
    int width = 0;
    int last = -1;
    for (List<GridCell> row : rows) {
      int end = row.size();
      while (end > 0 && row.get(end - 1).isBlank() && row.get(end - 1).columnSpan() == 1) {
        end--;
      }
      last = end > 0 ? trimmed.size() : last;
      width = Math.max(width, end);
      trimmed.add(row.subList(0, end));
    }
    if ((last + 1L) * width > CELLS) {
      throw tooMany(fileName);
    }
    return Grid.of(sheetName, trimmed.subList(0, last + 1));
  }

  public static Problem tooWide(String name, long row) {
    return new Problem(
        name
            + ": row "
            + row
            + " has more than 16,384 columns. A table to publish is narrower: check that the right "
            + "delimiter was used, or turn rows and columns round.");
  }

  public static Problem tooMany(String name) {
    return new Problem(
        name
            + " holds more than 5 million cells. Make a pivot of it first, or cut it to the table"
            + " that you want to publish.");
  }

  public static Problem tooLarge(String name, long bytes) {
    return new Problem(
        name
            + " is "
            + (bytes >> 20)
            + " MB; Finish reads files of up to 256 MB. Make a pivot of it first, or cut it to the"
            + " table that you want to publish.");
  }
}
