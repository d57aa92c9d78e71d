package app.finish.core.highlight;

import app.finish.core.problem.Refusal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// The words of a sentence, read one after the other.
///
/// ```java
/// SentenceWords words = SentenceWords.of("below 85 %");
/// words.takes("below"); // true, and it is taken
/// words.number(); // 85
/// ```
final class SentenceWords {
  private static final Pattern WORD =
      Pattern.compile(
          "\\s*(?:“((?:[^”\\\\]|\\\\.)*)”|\"((?:[^\"\\\\]|\\\\.)*)\"|\\{([^}]*)\\}|([-−]?[0-9]*\\.?[0-9]+)(?![\\p{L}0-9])|([,:=()%])|([^\\s,:=()%“\"{]+))");

  /// A word.
  ///
  /// @param text the word
  /// @param quoted whether it stood in quotes or braces
  /// @param start where it begins in the sentence
  record Word(String text, boolean quoted, int start, int end) {}

  private final String sentence;
  private final List<Word> words;
  private int next;

  private SentenceWords(String sentence, List<Word> words) {
    this.sentence = sentence;
    this.words = words;
  }

  /// The words of a sentence.
  static SentenceWords of(String sentence) {
    List<Word> words = new ArrayList<>();
    Matcher match = WORD.matcher(sentence);
    int at = 0;
    while (match.region(at, sentence.length()).lookingAt()) {
      boolean quoted = false;
      String text = "";
      for (int group = 1; group <= match.groupCount(); group++) {
        if (match.group(group) != null) {
          text = match.group(group);
          quoted = group <= 3;
        }
      }
      words.add(
          new Word(quoted ? text.replaceAll("\\\\(.)", "$1") : text, quoted, at, match.end()));
      at = match.end();
    }
    if (!sentence.substring(at).isBlank()) {
      throw new Refusal(
          "At place " + (at + 1) + " of “" + sentence + "”: a quote or brace is not closed.");
    }
    return new SentenceWords(sentence, List.copyOf(words));
  }

  boolean atEnd() {
    return next >= words.size();
  }

  int index() {
    return next;
  }

  void backTo(int index) {
    next = index;
  }

  /// Whether the next words are these; then they are taken.
  boolean takes(String... some) {
    for (int i = 0; i < some.length; i++) {
      if (next + i >= words.size()
          || words.get(next + i).quoted()
          || !words.get(next + i).text().toLowerCase(Locale.ROOT).equals(some[i])) {
        return false;
      }
    }
    next += some.length;
    return true;
  }

  /// Whether the next words are these; none is taken.
  boolean sees(String... some) {
    int before = next;
    boolean sees = takes(some);
    next = before;
    return sees;
  }

  /// The word that was taken last.
  String last() {
    return words.get(next - 1).text().toLowerCase(Locale.ROOT);
  }

  /// The next word, taken.
  Word take() {
    if (atEnd()) {
      throw wrong("something is missing at its end");
    }
    return words.get(next++);
  }

  Word peek() {
    return atEnd() ? new Word("", false, sentence.length(), sentence.length()) : words.get(next);
  }

  boolean seesNumber() {
    return !atEnd() && !peek().quoted() && peek().text().matches("[-−]?[0-9]*\\.?[0-9]+");
  }

  /// The next word as a number, taken; a sign of per cent behind it too.
  double number() {
    if (!seesNumber()) {
      throw wrong("a number is expected");
    }
    return Double.parseDouble(take().text().replace('\u2212', '-'));
  }

  /// A complaint at the next word.
  Refusal wrong(String what) {
    String there = atEnd() ? "at its end" : "at place " + (peek().start() + 1);
    return new Refusal("In “" + sentence.strip() + "”, " + there + ": " + what + ".");
  }
}
