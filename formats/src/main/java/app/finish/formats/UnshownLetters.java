package app.finish.formats;

import java.util.stream.Collectors;

/// Letters that no font of this machine has.
///
/// ```java
/// sending.caveats(document, List.of(0), List.of(OutputFormat.PDF)).unshown().named(); // "서 (U+C11C)"
/// ```
///
/// @param letters each once
public record UnshownLetters(String letters) {
  /// Each letter has a font.
  public static final UnshownLetters NONE = new UnshownLetters("");

  private static final int NAMED = 4;

  /// How many they are.
  public int count() {
    return letters.codePointCount(0, letters.length());
  }

  /// The first of them, each with its place in Unicode, since it can't be seen.
  public String named() {
    return letters
        .codePoints()
        .limit(NAMED)
        .mapToObj(one -> String.format("%s (U+%04X)", Character.toString(one), one))
        .collect(Collectors.joining(", "));
  }
}
