package app.finish.formats.io;

import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.DressedCell;

/// Texts that no spreadsheet takes for a formula: one that begins like one has an apostrophe before
/// it.
///
/// ```java
/// InertText.of("=SUM(A1)"); // "'=SUM(A1)"
/// ```
public final class InertText {
  private InertText() {}

  /// A text.
  public static String of(String text) {
    return text.matches("(?s)[=+\\-@\\t\\r].*") ? "'" + text : text;
  }

  /// The text of a cell; a figure stays as it is shown.
  public static String of(DressedCell cell) {
    return cell.place() instanceof CellMeaning.Body ? cell.text() : of(cell.text());
  }
}
