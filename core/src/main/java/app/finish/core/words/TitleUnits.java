package app.finish.core.words;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// Finds in what units the figures are where a title says so at its end.
///
/// ```java
/// TitleUnits.of("Fares by route (€ thousand)"); // "Fares by route" and "€ thousand"
/// TitleUnits.of("Landings, in thousands"); // "Landings" and "In thousands"
/// ```
///
/// @param title the title without them
/// @param units the units, as a line of its own says them
public record TitleUnits(String title, String units) {
  private static final Pattern SAID =
      Pattern.compile(
          "(?i)(?:"
              + UnitWords.SCALE
              + "(?: of)?(?: [\\p{L}]+){0,2}|"
              + UnitWords.MONEY
              + "(?: ?"
              + UnitWords.SCALE
              + ")?|"
              + UnitWords.SCALE
              + " ?"
              + UnitWords.MONEY
              + "|"
              + UnitWords.MEASURE
              + ")");

  private static final Pattern IN_PARENTHESES =
      Pattern.compile("^(.*\\S)\\s*[(\\[]\\s*(?i:(in )?)([^()\\[\\]]+?)\\s*[)\\]]\\.?$");

  private static final Pattern BEHIND =
      Pattern.compile("^(.*\\S)\\s*[,;:–—-]\\s+(?i:(in )?)((?:[^,;:–—]|,(?=[0-9]))+?)\\.?$");

  /// The units that a title ends with, if it does.
  public static Optional<TitleUnits> of(String title) {
    return of(IN_PARENTHESES.matcher(title)).or(() -> of(BEHIND.matcher(title)));
  }

  private static Optional<TitleUnits> of(Matcher parts) {
    if (!parts.matches() || !SAID.matcher(parts.group(3)).matches()) {
      return Optional.empty();
    }
    String said = parts.group(2) == null ? parts.group(3) : parts.group(2) + parts.group(3);
    int first = said.codePointAt(0);
    String units =
        new StringBuilder()
            .appendCodePoint(Character.toUpperCase(first))
            .append(said.substring(Character.charCount(first)))
            .toString();
    return Optional.of(new TitleUnits(parts.group(1), units));
  }
}
