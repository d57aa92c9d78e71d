package app.finish.formats.text;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// What a line of text in columns is made of.
///
/// ```java
/// TextLine.pieces("North   12   14"); // North, 12, 14
/// TextLine.holdsFigures("North   12   14"); // true
/// ```
public final class TextLine {
  private static final Pattern PIECE = Pattern.compile("\\S+(?: \\S+)*");
  private static final Pattern WORD = Pattern.compile("\\S+");
  private static final Pattern RULE = Pattern.compile("[\\s\\-=_+|·.~*\\u2500-\\u257F]*");

  private static final Pattern FIGURE =
      Pattern.compile(
          "(?![€$£]'?0{3}s?$)[\\[(]?[-−–+<>≤≥]{0,2}[€$£]?[0-9.,]*[0-9][0-9.,]*(e[-+]?[0-9]{1,3}|[-−])?[)%\\]]{0,2}[€$£]?[*†‡a-d]{0,3}|--?|[–—.]|NA|NaN|NaT|nan|null|None|<NA>");

  /// The heads of the limits of an interval.
  private static final Pattern LIMITS =
      Pattern.compile("[^0-9]*\\s\\[0?[.,][0-9]+\\s+0?[.,][0-9]+\\]\\s*");

  private static final Pattern NO_NUMBER = Pattern.compile("NaN|NaT|<NA>|nan|NA|null|None");
  private static final Pattern DIGIT = Pattern.compile(".*[0-9].*");
  private static final Pattern DECIMAL = Pattern.compile("[-−–(]?[0-9]*[.,][0-9]+\\)?[*]{0,3}");
  private static final Pattern BOUND = Pattern.compile("(?<=\\s{2}|[0-9)] )([<>≤≥]) (?=[0-9.])");
  private static final Pattern LEADERS =
      Pattern.compile(
          "^\\s*\\p{L}.*?(?<![. ])( ?+(?:\\.{4,}+|(?:\\. ){3,}+\\.?+))\\s*+[-−(€$£]?[0-9]");
  private static final Pattern CAPTION =
      Pattern.compile("^#\\+(caption|title)\\s*:\\s*", Pattern.CASE_INSENSITIVE);
  private static final Pattern ALONE = Pattern.compile("\\s{6,}[(\\[][-−]?[0-9]*[.,][0-9]+[)\\]]");
  private static final Pattern STEERING = Pattern.compile("\u001b(\\[[0-9;?]*[A-Za-z]|\\([0AB])");
  private static final String LETTERS = "jklmnqtuvwx";
  private static final String LINES = "┘┐┌└┼─├┤┴┬│";
  private static final Pattern STARS = Pattern.compile("[*]{1,4}|[.](?=$)");
  private static final Pattern SENTENCE =
      Pattern.compile(
          ".*([0-9]"
              + " (on|of|and|or|to|in|by|with|from|at|for|are|is|was|were|degrees)\\b).*|.*\\p{L}{2,}\\.");

  /// A stretch of a line.
  ///
  /// @param start its first place
  /// @param end the place behind its last
  record Piece(int start, int end, String text) {
    int middle() {
      return (start + end) / 2;
    }
  }

  private TextLine() {}

  /// The lines of a text without tabs. A sign before a bound is moved to it.
  static List<String> plain(String text) {
    return drawn(text)
        .lines()
        .map(line -> line.replace("\t", "        ").stripTrailing())
        .map(line -> BOUND.matcher(line).replaceAll(" $1"))
        .map(TextLine::withoutLeaders)
        .map(line -> CAPTION.matcher(line).replaceFirst(""))
        .toList();
  }

  /// A line with blanks for the dots that lead from its label to its figures.
  private static String withoutLeaders(String line) {
    Matcher leaders = LEADERS.matcher(line);
    return leaders.find()
        ? line.substring(0, leaders.start(1))
            + " ".repeat(leaders.group(1).length())
            + line.substring(leaders.end(1))
        : line;
  }

  /// A text without what only steers a terminal: colours, and the letters that stand for drawn
  /// lines.
  private static String drawn(String text) {
    if (text.indexOf('\u001b') < 0) {
      return text;
    }
    StringBuilder plain = new StringBuilder();
    boolean lines = false;
    for (int i = 0; i < text.length(); i++) {
      char c = text.charAt(i);
      if (c == '\u001b') {
        Matcher match = STEERING.matcher(text).region(i, text.length());
        if (match.lookingAt()) {
          lines = match.group().endsWith("(0") || lines && !match.group().endsWith("(B");
          i = match.end() - 1;
          continue;
        }
      }
      int line = lines ? LETTERS.indexOf(c) : -1;
      plain.append(line < 0 ? c : LINES.charAt(line));
    }
    return plain.toString();
  }

  /// Whether a line heads columns: several pieces, or several words well to the right.
  static boolean isHead(String line) {
    int blanks = line.length() - line.stripLeading().length();
    boolean right = blanks >= 6 && line.strip().split(" +").length >= 3;
    return !isRule(line) && !holdsFigures(line) && (pieces(line).size() > 1 || right);
  }

  /// The pieces of a line that are parted by two blanks or more.
  static List<Piece> pieces(String line) {
    return found(PIECE, line);
  }

  /// The words of a line.
  static List<Piece> words(String line) {
    return found(WORD, line);
  }

  private static List<Piece> found(Pattern pattern, String line) {
    List<Piece> pieces = new ArrayList<>();
    Matcher match = pattern.matcher(line);
    while (match.find()) {
      pieces.add(new Piece(match.start(), match.end(), match.group()));
    }
    return pieces;
  }

  /// Whether a line holds a label and mostly figures, or figures alone.
  static boolean holdsFigures(String line) {
    List<Piece> pieces = parted(line);
    if (pieces.isEmpty() || isSentence(line)) {
      return false;
    }
    if (ALONE.matcher(line).matches()) {
      return true;
    }
    long figures = pieces.stream().skip(1).filter(piece -> isFigureOrStars(piece.text)).count();
    boolean numbers =
        pieces.stream().skip(1).anyMatch(piece -> DIGIT.matcher(piece.text).matches())
            || pieces.stream().skip(1).allMatch(piece -> NO_NUMBER.matcher(piece.text).matches());
    if (figures == 2 && pieces.size() > 4 && LIMITS.matcher(line).matches()) {
      return false;
    }
    boolean years = pieces.stream().allMatch(piece -> piece.text.matches("(19|20)[0-9]{2}"));
    boolean wordsThenFigure =
        pieces.size() > 3
            && pieces(line).size() == pieces.size()
            && DIGIT.matcher(pieces.getLast().text).matches()
            && isFigure(pieces.getLast().text);
    boolean enough =
        figures * 2 >= pieces.size() - 1
            || figures * 2 + 1 >= pieces.size() - 1 && figures > 1
            || wordsThenFigure;
    return figures > 0 && numbers && enough && !years;
  }

  /// Whether the figures of a line are whole numbers that rise, as years and ages over columns do.
  static boolean isSeries(String line) {
    int before = -1;
    int count = 0;
    for (Piece word : words(line)) {
      if (!word.text.matches("[0-9]{1,4}%?")) {
        if (isFigure(word.text)) {
          return false;
        }
        continue;
      }
      int number = Integer.parseInt(word.text.replace("%", ""));
      boolean again = word.text.matches("(19|20)[0-9]{2}");
      if (number <= before && !again) {
        return false;
      }
      before = number;
      count++;
    }
    return count > 1;
  }

  /// Whether a line is written as people write sentences, so that its figures are no cells.
  static boolean isSentence(String line) {
    List<Piece> pieces = pieces(line);
    int words = words(line).size();
    return pieces.size() <= 3
        && words >= 5
        && pieces.stream().anyMatch(piece -> SENTENCE.matcher(piece.text).matches());
  }

  private static boolean isFigureOrStars(String text) {
    return isFigure(text) || STARS.matcher(text).matches();
  }

  /// Whether a word is a figure, or a sign for a missing one.
  static boolean isFigure(String text) {
    return FIGURE.matcher(text).matches();
  }

  /// The pieces of a line, where figures beside each other are pieces of their own though only one
  /// blank parts them.
  static List<Piece> parted(String line) {
    List<Piece> parted = new ArrayList<>();
    for (Piece piece : pieces(line)) {
      String[] words = piece.text.split(" ");
      int figures = 0;
      while (figures < words.length && isFigureOrStars(words[words.length - 1 - figures])) {
        figures++;
      }
      boolean apart =
          figures == 1
              && parted.isEmpty()
              && words.length > 1
              && DECIMAL.matcher(words[words.length - 1]).matches();
      boolean stars = figures > 0 && words[words.length - figures].startsWith("*");
      if ((figures < 2 && !apart) || stars) {
        parted.add(piece);
        continue;
      }
      int at = piece.start;
      StringBuilder label = new StringBuilder();
      for (int i = 0; i < words.length; i++) {
        if (i < words.length - figures) {
          label.append(label.isEmpty() ? "" : " ").append(words[i]);
        } else {
          parted.add(new Piece(at, at + words[i].length(), words[i]));
        }
        at += words[i].length() + 1;
        if (i == words.length - figures - 1) {
          parted.add(new Piece(piece.start, at - 1, label.toString()));
        }
      }
    }
    return parted;
  }

  /// Whether a line is nothing but a rule.
  static boolean isRule(String line) {
    return line.strip().length() > 1 && RULE.matcher(line).matches();
  }
}
