package app.finish.core.grid;

/// Shortens what is blank without end in a text: no table needs it, and to look through it again
/// and again would take for ever.
final class Blanks {
  private static final int LONG_TEXT = 500;
  private static final int MOST = 100;

  private Blanks() {}

  /// The text with at most a hundred blanks in a row.
  static String shortened(String text) {
    if (text.length() < LONG_TEXT) {
      return text;
    }
    StringBuilder shorter = new StringBuilder(text.length());
    int blanks = 0;
    for (int i = 0; i < text.length(); i++) {
      char c = text.charAt(i);
      blanks = Character.isWhitespace(c) || c == '\u00a0' ? blanks + 1 : 0;
      if (blanks <= MOST) {
        shorter.append(c);
      }
    }
    return shorter.length() == text.length() ? text : shorter.toString();
  }
}
