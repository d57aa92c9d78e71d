package app.finish.core.grid;

import java.util.Objects;
import java.util.OptionalDouble;

/// One cell as it came: what it showed, what it held, how far it reached.
///
/// ```java
/// GridCell.of("Hale–Orrin").spanning(1, 3);
/// GridCell.of(12.5, "12.50");
/// ```
///
/// @param text what the cell showed, as written; empty for a blank cell
/// @param number the typed number that it held, if the source has types and this one was a number
/// @param format the source's own formatting
/// @param rowSpan how many rows the cell reaches over, at least 1
/// @param columnSpan how many columns the cell reaches over, at least 1
/// @param mark what stood raised behind the text, such as "a" or "**"; it is not part of the text
public record GridCell(
    String text,
    OptionalDouble number,
    SourceFormat format,
    int rowSpan,
    int columnSpan,
    String mark) {
  /// A cell with nothing in it.
  public static final GridCell BLANK =
      new GridCell("", OptionalDouble.empty(), SourceFormat.PLAIN, 1, 1, "");

  /// @throws IllegalArgumentException if a span is less than 1
  public GridCell {
    Objects.requireNonNull(text, "text");
    Objects.requireNonNull(number, "number");
    Objects.requireNonNull(format, "format");
    Objects.requireNonNull(mark, "mark");
    text = Blanks.shortened(text);
    if (rowSpan < 1 || columnSpan < 1) {
      throw new IllegalArgumentException("a span is at least 1");
    }
  }

  /// A cell that held text.
  public static GridCell of(String text) {
    return text.isEmpty()
        ? BLANK
        : new GridCell(text, OptionalDouble.empty(), SourceFormat.PLAIN, 1, 1, "");
  }

  /// A cell that held a number and showed it as `written`.
  public static GridCell of(double number, String written) {
    return new GridCell(written, OptionalDouble.of(number), SourceFormat.PLAIN, 1, 1, "");
  }

  /// The same cell reaching over so many rows and columns.
  public GridCell spanning(int rows, int columns) {
    return new GridCell(text, number, format, rows, columns, mark);
  }

  /// The same cell with another source format.
  public GridCell with(SourceFormat other) {
    return new GridCell(text, number, other, rowSpan, columnSpan, mark);
  }

  /// The same cell with a raised mark behind its text.
  public GridCell withMark(String raised) {
    return new GridCell(text, number, format, rowSpan, columnSpan, raised);
  }

  /// Whether the cell shows nothing.
  public boolean isBlank() {
    return text.isBlank() && mark.isEmpty();
  }
}
