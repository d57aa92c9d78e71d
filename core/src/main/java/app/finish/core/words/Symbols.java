package app.finish.core.words;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// Finds the statistical symbols in a text that are set in italic: Latin letters such as *n*, *p*
/// and *SD*. Greek letters and abbreviations that are no variable (CI, ANOVA) stay upright (APA 7,
/// 6.44).
///
/// ```java
/// Symbols.inText("p < .05"); // "p" as a symbol, " < .05" not
/// Symbols.inText("N of North"); // no symbol: nothing is said to equal it
/// ```
public final class Symbols {
  private static final String SYMBOL =
      "(?<![\\p{L}\\p{N}_’'-])"
          + "(SD|SE|SS|MS|Mdn|df[12]?|[MNnptFrRdzbBUHWQkg]²?)"
          + "(?![\\p{L}\\p{N}_’'-])";

  private static final Pattern IN_NAME = Pattern.compile(SYMBOL);

  /// In running text a symbol is one only before what it equals or before its degrees of freedom.
  private static final Pattern IN_TEXT =
      Pattern.compile(SYMBOL + "(?=\\s*[=<>≤≥]|\\(\\d[\\d., ]*(?:N\\s*=\\s*\\d+)?\\)\\s*[=<>])");

  /// A stretch of a text.
  ///
  /// @param text the stretch
  /// @param isSymbol whether it is a symbol
  public record Piece(String text, boolean isSymbol) {}

  private Symbols() {}

  /// The pieces of a name that is known to be that of a statistic: "M (SD)".
  public static List<Piece> inName(String name) {
    return pieces(name, IN_NAME);
  }

  /// The pieces of running text.
  public static List<Piece> inText(String text) {
    return pieces(text, IN_TEXT);
  }

  private static List<Piece> pieces(String text, Pattern pattern) {
    List<Piece> pieces = new ArrayList<>();
    Matcher matcher = pattern.matcher(text);
    int end = 0;
    while (matcher.find()) {
      if (matcher.start() > end) {
        pieces.add(new Piece(text.substring(end, matcher.start()), false));
      }
      pieces.add(new Piece(matcher.group(), true));
      end = matcher.end();
    }
    if (end < text.length() || pieces.isEmpty()) {
      pieces.add(new Piece(text.substring(end), false));
    }
    return List.copyOf(pieces);
  }
}
