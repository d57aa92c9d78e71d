package app.finish.core.dress;

import app.finish.core.style.Look;
import app.finish.core.words.Symbols;
import java.util.ArrayList;
import java.util.List;

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
/// @param swatch the ink in which its one character is drawn, a ■ as a box; empty for text in the
///   ink of its cell
/// @param ink the ink of the text, where it is another than that of its cell; empty elsewhere
public record Run(
    String text, boolean bold, boolean italic, boolean raised, String swatch, String ink) {
  /// How large raised text is, as a share of the size around it.
  public static final double RAISED_SIZE = 0.68;

  /// How far raised text stands above the line, as a share of the size around it.
  public static final double RAISED_BY = 0.36;

  /// Text on the line.
  public Run(String text, boolean bold, boolean italic) {
    this(text, bold, italic, false, "", "");
  }

  /// Text on the line or above it.
  public Run(String text, boolean bold, boolean italic, boolean raised) {
    this(text, bold, italic, raised, "", "");
  }

  /// A box or a sign in an ink of its own.
  public static Run swatch(String drawn, String ink) {
    return new Run(drawn, false, false, false, ink, "");
  }

  /// The same text in an ink of its own.
  Run inked(String other) {
    return new Run(text, bold, italic, raised, swatch, other);
  }

  /// Text above the line.
  public static Run raised(String text, boolean bold, boolean italic) {
    return new Run(text, bold, italic, true);
  }

  /// The same look over another text.
  public Run withText(String other) {
    return new Run(other, bold, italic, raised, swatch, ink);
  }

  /// A text as a look has it.
  static List<Run> of(String text, Look look) {
    return List.of(new Run(text, look.bold(), look.italic()));
  }

  /// A text with the mark of a footnote behind it: letters and digits raised, stars on the line.
  static List<Run> of(String text, String mark, Look look) {
    if (mark.isEmpty()) {
      return of(text, look);
    }
    return isRaised(mark)
        ? List.of(
            new Run(text, look.bold(), look.italic()), Run.raised(mark, look.bold(), look.italic()))
        : of(text + mark, look);
  }

  /// A text whose statistical symbols are italic, with the mark of a footnote behind it.
  static List<Run> of(List<Symbols.Piece> pieces, String mark, Look look) {
    List<Run> runs = new ArrayList<>();
    for (Symbols.Piece piece : pieces) {
      runs.add(new Run(piece.text(), look.bold(), look.italic() || piece.isSymbol()));
    }
    if (!mark.isEmpty()) {
      boolean raised = isRaised(mark);
      runs.add(
          raised
              ? Run.raised(mark, look.bold(), look.italic())
              : new Run(mark, look.bold(), look.italic()));
    }
    return List.copyOf(runs);
  }

  /// Whether a footnote's mark is raised.
  static boolean isRaised(String mark) {
    return Character.isLetterOrDigit(mark.charAt(0));
  }
}
