package app.finish.core.words;

import java.text.Collator;
import java.util.Comparator;
import java.util.Locale;

/// The order in which a person sorts labels: by letters as the language orders them, with numbers
/// inside compared as numbers. Texts that only differ in case or accents have a fixed order.
///
/// ```java
/// labels.sort(NaturalOrder.in(Locale.GERMAN)); // Row 2, Row 10, Ähre, Zug
/// ```
public final class NaturalOrder implements Comparator<String> {
  /// The order of English labels.
  public static final NaturalOrder PLAIN = in(Locale.ENGLISH);

  private final Collator letters;

  private NaturalOrder(Collator letters) {
    this.letters = letters;
  }

  /// The order of labels in a language.
  public static NaturalOrder in(Locale locale) {
    Collator letters = Collator.getInstance(locale);
    letters.setStrength(Collator.TERTIARY);
    return new NaturalOrder(letters);
  }

  @Override
  public int compare(String one, String other) {
    int i = 0;
    int j = 0;
    while (i < one.length() && j < other.length()) {
      boolean digit = isDigit(one.charAt(i));
      int iEnd = end(one, i);
      int jEnd = end(other, j);
      String left = one.substring(i, iEnd);
      String right = other.substring(j, jEnd);
      int order = digit && isDigit(other.charAt(j)) ? numbers(left, right) : letters(left, right);
      if (order != 0) {
        return order;
      }
      i = iEnd;
      j = jEnd;
    }
    int rest = Integer.compare(one.length() - i, other.length() - j);
    return rest != 0 ? rest : one.compareTo(other);
  }

  private int letters(String left, String right) {
    synchronized (letters) {
      return letters.compare(left, right);
    }
  }

  private static boolean isDigit(char letter) {
    return letter >= '0' && letter <= '9';
  }

  private static int end(String text, int from) {
    boolean digit = isDigit(text.charAt(from));
    int end = from;
    while (end < text.length() && isDigit(text.charAt(end)) == digit) {
      end++;
    }
    return end;
  }

  private static int numbers(String left, String right) {
    String one = left.replaceFirst("^0+(?=.)", "");
    String other = right.replaceFirst("^0+(?=.)", "");
    int byLength = Integer.compare(one.length(), other.length());
    return byLength != 0 ? byLength : one.compareTo(other);
  }
}
