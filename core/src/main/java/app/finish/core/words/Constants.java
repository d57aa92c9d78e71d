package app.finish.core.words;

import app.finish.core.problem.Refusal;
import java.util.Locale;

/// The constants of an enum by the words that files and people write for them.
///
/// ```java
/// Constants.named(MeasureKind.class, "count", "kind of measure"); // COUNT
/// ```
public final class Constants {
  private Constants() {}

  /// The constant that a word names; blanks stand for underscores.
  ///
  /// @param what what the constants are, for the sentence
  /// @throws Refusal if there is none
  public static <E extends Enum<E>> E named(Class<E> type, String word, String what) {
    String wanted = word.strip().toUpperCase(Locale.ROOT).replace(' ', '_');
    for (E one : type.getEnumConstants()) {
      if (one.name().equals(wanted)) {
        return one;
      }
    }
    throw new Refusal("“" + word + "” is no " + what + " that Finish knows.");
  }
}
