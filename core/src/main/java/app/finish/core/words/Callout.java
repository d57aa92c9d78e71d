package app.finish.core.words;

import java.util.Collection;
import java.util.HashSet;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// The sentence that calls a table out in the text of a paper, made of its title.
///
/// ```java
/// Callout.sentence("Table 2", "Fares by Route and Season", Set.of("Hale"), Language.ENGLISH); // "Table 2 shows fares by route and season."
/// ```
public final class Callout {
  private static final Pattern WORD = Pattern.compile("[\\p{L}\\p{N}'’]+");

  private Callout() {}

  /// The sentence.
  ///
  /// @param number the table's number with the word before it
  /// @param title its title
  /// @param names words that keep their capitals, such as members of dimensions
  /// @param language what the title is in; only in English do its words lose their capitals
  public static String sentence(
      String number, String title, Collection<String> names, Language language) {
    String bare = title.strip().replaceFirst("[.:]$", "");
    if (bare.isEmpty()) {
      return language == Language.ENGLISH ? "(see " + number + ")" : "(" + number + ")";
    }
    return language == Language.ENGLISH
        ? number + " shows " + lowered(bare, names) + "."
        : number + " " + language.shows() + ": " + bare + ".";
  }

  private static String lowered(String title, Collection<String> names) {
    Set<String> kept = new HashSet<>();
    for (String name : names) {
      Matcher word = WORD.matcher(name);
      while (word.find()) {
        kept.add(word.group());
      }
    }
    Matcher word = WORD.matcher(title);
    StringBuilder text = new StringBuilder();
    while (word.find()) {
      String own = word.group();
      boolean plain = own.equals(capital(own)) && own.length() > 1;
      boolean falls = plain && !kept.contains(own);
      word.appendReplacement(text, Matcher.quoteReplacement(falls ? small(own) : own));
    }
    word.appendTail(text);
    return text.toString();
  }

  private static String capital(String word) {
    return word.substring(0, 1).toUpperCase(Locale.ROOT) + small(word.substring(1));
  }

  private static String small(String word) {
    return word.toLowerCase(Locale.ROOT);
  }
}
