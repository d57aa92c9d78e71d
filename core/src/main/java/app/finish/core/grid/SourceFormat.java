package app.finish.core.grid;

/// How a cell looked where it came from. It is evidence for recognition and never a look of the
/// finished table.
///
/// ```java
/// SourceFormat.PLAIN.withBold(true).withIndent(1);
/// ```
///
/// @param bold whether the cell was set in bold
/// @param italic whether the cell was set in italics
/// @param indent indent in steps, 0 for none
public record SourceFormat(boolean bold, boolean italic, int indent) {
  /// Neither bold nor italic, not indented.
  public static final SourceFormat PLAIN = new SourceFormat(false, false, 0);

  /// The same format with another weight.
  public SourceFormat withBold(boolean value) {
    return new SourceFormat(value, italic, indent);
  }

  /// The same format with another indent, in steps.
  public SourceFormat withIndent(int steps) {
    return new SourceFormat(bold, italic, steps);
  }
}
