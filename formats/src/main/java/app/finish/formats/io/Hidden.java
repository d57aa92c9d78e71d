package app.finish.formats.io;

/// How much a file hides.
///
/// @param sheets hidden sheets
/// @param rows hidden rows on the others
/// @param columns hidden columns on the others
/// @param texts stretches of hidden text elsewhere
public record Hidden(int sheets, int rows, int columns, int texts) {
  /// Nothing.
  public static final Hidden NONE = new Hidden(0, 0, 0, 0);

  /// All that is hidden.
  public int count() {
    return sheets + rows + columns + texts;
  }
}
