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
    int i = startOfDifference(one, other);
    int j = i;
    while (i < one.length() && j < other.length()) {
      boolean digit = isDigit(one.charAt(i));
      int iEnd = end(one, i);
      int jEnd = end(other, j);
      int order =
          digit && isDigit(other.charAt(j))
              ? numbers(one, i, iEnd, other, j, jEnd)
              : letters(one.substring(i, iEnd), other.substring(j, jEnd));
      if (order != 0) {
        return order;
      }
      i = iEnd;
      j = jEnd;
    }
    int rest = Integer.compare(one.length() - i, other.length() - j);
    return rest != 0 ? rest : one.compareTo(other);
  }

  /// Where the first stretch of letters or digits begins in which two texts differ: what they have
  /// in common before it needs no comparison.
  private static int startOfDifference(String one, String other) {
    int shorter = Math.min(one.length(), other.length());
    int at = 0;
    while (at < shorter && one.charAt(at) == other.charAt(at)) {
      at++;
    }
    if (at == 0 || begins(one, at) && begins(other, at)) {
      return at;
    }
    int start = at;
    while (start > 0 && isDigit(one.charAt(start - 1)) == isDigit(one.charAt(at - 1))) {
      start--;
    }
    return start;
  }

  private static boolean begins(String text, int at) {
    return at == text.length() || isDigit(text.charAt(at)) != isDigit(text.charAt(at - 1));
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

  private static int numbers(String one, int i, int iEnd, String other, int j, int jEnd) {
    int left = withoutZeros(one, i, iEnd);
    int right = withoutZeros(other, j, jEnd);
    int byLength = Integer.compare(iEnd - left, jEnd - right);
    for (int at = 0; byLength == 0 && left + at < iEnd; at++) {
      int byDigit = Character.compare(one.charAt(left + at), other.charAt(right + at));
      if (byDigit != 0) {
        return byDigit;
      }
    }
    return byLength;
  }

  /// Where a number begins behind the zeros in front of it; a zero alone stays.
  private static int withoutZeros(String text, int from, int to) {
    int start = from;
    while (start < to - 1 && text.charAt(start) == '0') {
      start++;
    }
    return start;
  }
}
