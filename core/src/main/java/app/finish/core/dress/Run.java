package app.finish.core.dress;

import app.finish.core.style.Look;
import app.finish.core.table.Marks;
import app.finish.core.words.Markup;
import app.finish.core.words.Markup.Height;
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
/// @param height whether it is set on the line, or small above or below it
/// @param swatch the ink in which its one character is drawn, a ■ as a box; empty for text in the
///   ink of its cell
/// @param ink the ink of the text, where it is another than that of its cell; empty elsewhere
public record Run(
    String text, boolean bold, boolean italic, Height height, String swatch, String ink) {
  /// How large raised text is, as a share of the size around it.
  public static final double RAISED_SIZE = 0.68;

  /// How far raised text stands above the line, as a share of the size around it.
  public static final double RAISED_BY = 0.36;

  /// How far lowered text stands below the line, as a share of the size around it.
  public static final double LOWERED_BY = 0.14;

  /// Text on the line.
  public Run(String text, boolean bold, boolean italic) {
    this(text, bold, italic, Height.ON_LINE, "", "");
  }

  /// Whether it is set small and above the line.
  public boolean raised() {
    return height == Height.RAISED;
  }

  /// Whether it is set small and below the line.
  public boolean lowered() {
    return height == Height.LOWERED;
  }

  /// The size of its letters, as a share of the size around it.
  public double scale() {
    return height == Height.ON_LINE ? 1 : RAISED_SIZE;
  }

  /// How far it stands above the line, as a share of the size around it.
  public double rise() {
    return switch (height) {
      case ON_LINE -> 0;
      case RAISED -> RAISED_BY;
      case LOWERED -> -LOWERED_BY;
    };
  }

  /// Text on the line or above it.
  public Run(String text, boolean bold, boolean italic, boolean raised) {
    this(text, bold, italic, raised ? Height.RAISED : Height.ON_LINE, "", "");
  }

  /// A box or a sign in an ink of its own.
  public static Run swatch(String drawn, String ink) {
    return new Run(drawn, false, false, Height.ON_LINE, ink, "");
  }

  /// The same text in an ink of its own.
  Run inked(String other) {
    return new Run(text, bold, italic, height, swatch, other);
  }

  /// Text above the line.
  public static Run raised(String text, boolean bold, boolean italic) {
    return new Run(text, bold, italic, true);
  }

  /// The same look over another text.
  public Run withText(String other) {
    return new Run(other, bold, italic, height, swatch, ink);
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
    if (mark.indexOf(',') < 0 && !isRaised(mark)) {
      return of(text + mark, look);
    }
    List<Run> runs = new ArrayList<>(of(text, look));
    runs.addAll(ofMark(mark, look));
    return List.copyOf(runs);
  }

  /// A text whose statistical symbols are italic, with the mark of a footnote behind it.
  static List<Run> of(List<Symbols.Piece> pieces, String mark, Look look) {
    List<Run> runs = new ArrayList<>();
    for (Symbols.Piece piece : pieces) {
      runs.add(new Run(piece.text(), look.bold(), look.italic() || piece.isSymbol()));
    }
    if (!mark.isEmpty()) {
      runs.addAll(ofMark(mark, look));
    }
    return List.copyOf(runs);
  }

  /// A text as a person typed it, with symbols of statistics in italic, and the mark of a footnote
  /// behind it. What is typed in italic stands out among italic words.
  ///
  /// @param typed the text with its marks
  /// @param shown the text as it is shown, in other letters of the same number; else the text typed
  static List<Run> rich(String typed, String shown, String mark, Look look) {
    List<Run> runs = new ArrayList<>();
    List<Markup.Stretch> stretches = Markup.read(typed);
    boolean fits = shown.length() == stretches.stream().mapToInt(one -> one.text().length()).sum();
    int at = 0;
    for (Markup.Stretch stretch : stretches) {
      int end = at + stretch.text().length();
      String text = fits ? shown.substring(at, end) : stretch.text();
      at = end;
      boolean bold = look.bold() || stretch.bold();
      boolean italic = look.italic() != stretch.italic();
      if (!stretch.isPlain()) {
        runs.add(new Run(text, bold, italic, stretch.height(), "", ""));
        continue;
      }
      for (Symbols.Piece piece : Symbols.inText(text)) {
        runs.add(new Run(piece.text(), bold, italic || piece.isSymbol()));
      }
    }
    if (!mark.isEmpty()) {
      runs.addAll(ofMark(mark, look));
    }
    return List.copyOf(runs);
  }

  /// The mark of a footnote: stars and daggers on the line, then letters and digits raised.
  static List<Run> ofMark(String mark, Look look) {
    if (mark.indexOf(',') < 0) {
      return List.of(new Run(mark, look.bold(), look.italic(), isRaised(mark)));
    }
    List<String> raised = new ArrayList<>();
    StringBuilder onLine = new StringBuilder();
    for (String one : Marks.single(mark)) {
      if (isRaised(one)) {
        raised.add(one);
      } else {
        onLine.append(onLine.isEmpty() ? "" : ",").append(one);
      }
    }
    List<Run> runs = new ArrayList<>();
    if (!onLine.isEmpty()) {
      runs.add(new Run(onLine.toString(), look.bold(), look.italic()));
    }
    if (!raised.isEmpty()) {
      runs.add(Run.raised(String.join(",", raised), look.bold(), look.italic()));
    }
    return runs;
  }

  /// Whether a footnote's mark is raised.
  static boolean isRaised(String mark) {
    return Character.isLetterOrDigit(mark.charAt(0));
  }
}
