package app.finish.core.dress;

/// A stretch of text in one weight and slant.
///
/// ```java
/// new Run("4.21", false, false);
/// Run.raised("b", false, false); // a footnote's mark
/// ```
///
/// @param text the text
/// @param bold whether it is bold
/// @param italic whether it is italic
/// @param raised whether it is set small and above the line
public record Run(String text, boolean bold, boolean italic, boolean raised) {
  /// How large raised text is, as a share of the size around it.
  public static final double RAISED_SIZE = 0.68;

  /// How far raised text stands above the line, as a share of the size around it.
  public static final double RAISED_BY = 0.36;

  /// Text on the line.
  public Run(String text, boolean bold, boolean italic) {
    this(text, bold, italic, false);
  }

  /// Text above the line.
  public static Run raised(String text, boolean bold, boolean italic) {
    return new Run(text, bold, italic, true);
  }

  /// The same look over another text.
  public Run withText(String other) {
    return new Run(other, bold, italic, raised);
  }
}
