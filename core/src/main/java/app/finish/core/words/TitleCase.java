package app.finish.core.words;

import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// Sets a title in title case as the APA manual (7th edition, section 6.17) asks: major words rise,
/// and so do words of four letters or more, the first word, and the word after a colon, dash,
/// hyphen or full stop; small words stay small; units, symbols of one letter, names of files and
/// what has a capital or a digit inside are left alone.
///
/// ```java
/// TitleCase.of("Fares by route: a first look"); // "Fares by Route: A First Look"
/// ```
public final class TitleCase {
  private static final Set<String> SMALL =
      Set.of(
          "a", "an", "and", "as", "at", "but", "by", "for", "if", "in", "nor", "of", "off", "on",
          "or", "per", "so", "the", "to", "up", "via", "yet", "vs");

  /// Units of measurement, and single letters that are symbols: *t* tests, the *p* of a test.
  private static final Pattern LEFT_ALONE =
      Pattern.compile("[nµμcmdk]?m|[mµμk]?g|[mdc]l|kn|kt|kwh|kw|hz|khz|[b-hj-z]");

  /// The name of a file: without blanks, with an ending.
  private static final Pattern FILE_NAME =
      Pattern.compile(
          "[\\p{L}\\p{N}_-]+(?:\\.[\\p{L}\\p{N}_-]+)*\\.[a-z][a-z0-9]{1,7}(?![\\p{L}\\p{N}])");

  private TitleCase() {}

  /// The title in title case where its language has one; other languages write titles as sentences.
  public static String of(String title, Language language) {
    return language == Language.ENGLISH ? of(title) : title;
  }

  /// The title in title case.
  public static String of(String title) {
    StringBuilder text = new StringBuilder(title.length());
    boolean first = true;
    int at = 0;
    while (at < title.length()) {
      int end = at;
      while (end < title.length() && isWordCharacter(title.charAt(end))) {
        end++;
      }
      Matcher name = FILE_NAME.matcher(title).region(at, title.length());
      if (name.lookingAt()) {
        text.append(name.group());
        first = false;
        at = name.end();
      } else if (end > at) {
        text.append(word(title.substring(at, end), first));
        first = false;
        at = end;
      } else {
        char mark = title.charAt(at++);
        first |= ":.—–-?!".indexOf(mark) >= 0;
        text.append(mark);
      }
    }
    return text.toString();
  }

  private static boolean isWordCharacter(char c) {
    return Character.isLetterOrDigit(c) || c == '\'' || c == '’';
  }

  private static String word(String word, boolean first) {
    boolean plain =
        word.chars().skip(1).noneMatch(c -> Character.isUpperCase(c) || Character.isDigit(c));
    if (!plain || !Character.isLetter(word.charAt(0))) {
      return word;
    }
    String lower = word.toLowerCase(Locale.ROOT);
    if (LEFT_ALONE.matcher(word).matches()) {
      return word;
    }
    return !first && SMALL.contains(lower)
        ? lower
        : Character.toUpperCase(word.charAt(0)) + word.substring(1);
  }
}
