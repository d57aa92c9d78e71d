package app.finish.core.recognise.words;

import java.text.DateFormatSymbols;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;

/// Names of stretches of time: years, quarters, months and days of the week in English, German and
/// French. They are members of a dimension and no measures.
///
/// ```java
/// Periods.isOne("Feb"); // true
/// Periods.isOne("2021/22"); // true
/// ```
public final class Periods {
  private static final Pattern NUMBERED =
      Pattern.compile(
          "(FY ?)?(19|20)[0-9]{2}([/–-](19|20)?[0-9]{2})?|([QTHS][1-4]|[1-4]\\. ?Quartal)("
              + " (19|20)?[0-9]{2})?|(19|20)[0-9]{2}[- ]?[QTHS]?[0-9]{1,2}");
  private static final Set<String> NAMES = names();

  private Periods() {}

  private static Set<String> names() {
    Set<String> names = new HashSet<>();
    for (Locale locale : List.of(Locale.ENGLISH, Locale.GERMAN, Locale.FRENCH)) {
      DateFormatSymbols symbols = DateFormatSymbols.getInstance(locale);
      for (String[] some :
          List.of(
              symbols.getMonths(),
              symbols.getShortMonths(),
              symbols.getWeekdays(),
              symbols.getShortWeekdays())) {
        for (String name : some) {
          names.add(plain(name));
        }
      }
    }
    names.remove("");
    return Set.copyOf(names);
  }

  private static String plain(String name) {
    return name.strip().toLowerCase(Locale.ROOT).replace(".", "");
  }

  /// Whether a label names a stretch of time, with or without a year behind it.
  public static boolean isOne(String label) {
    String bare = label.strip();
    return NUMBERED.matcher(bare).matches()
        || NAMES.contains(plain(bare.replaceFirst("[ -]'?(19|20)?[0-9]{2}$", "")));
  }
}
