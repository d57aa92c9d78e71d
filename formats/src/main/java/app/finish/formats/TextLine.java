package app.finish.formats;

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
final class TextLine {
  private static final Pattern PIECE = Pattern.compile("\\S+(?: \\S+)*");
  private static final Pattern RULE = Pattern.compile("[\\s\\-=_+─━═|·.~*┼├┤┬┴┌┐└┘╪╞╡│║]*");

  private static final Pattern FIGURE =
      Pattern.compile(
          "[-−–+(<>]?[€$£]?[0-9.,]*[0-9][0-9.,]*(e[-+]?[0-9]{1,3})?[)%]?[*†a-d]{0,3}|--?|[–—.]|NA");
  private static final Pattern DECIMAL = Pattern.compile("[-−–]?[0-9]*[.,][0-9]+[*]{0,3}");
  private static final Pattern BOX_RULE =
      Pattern.compile("[\\s|]*[-=]{2,}\\+[-=+|\\s]*|\\+[-=+]+\\+");
  private static final Pattern BAR = Pattern.compile("(?<=\\s|^)[|](?=\\s|$)|[│┃║]");
  private static final Pattern BOUND = Pattern.compile("(?<=\\s{2})([<>]) (?=[0-9.])");
  private static final Pattern STARS = Pattern.compile("[*]{1,4}");

  /// A stretch of a line.
  ///
  /// @param start its first place
  /// @param end the place behind its last
  record Piece(int start, int end, String text) {}

  private TextLine() {}

  /// The lines of a text without tabs and what is drawn: bars between columns become blanks if
  /// rules cross them. A sign before a bound is moved to it.
  static List<String> plain(String text) {
    List<String> lines =
        text.lines().map(line -> line.replace("\t", "        ").stripTrailing()).toList();
    boolean boxed = isBoxed(lines);
    return lines.stream()
        .map(line -> boxed ? BAR.matcher(line).replaceAll(" ").stripTrailing() : line)
        .map(line -> BOUND.matcher(line).replaceAll(" $1"))
        .toList();
  }

  /// Whether rules cross the bars between the columns of these lines.
  static boolean isBoxed(List<String> lines) {
    return lines.stream().anyMatch(line -> BOX_RULE.matcher(line).matches() || line.contains("─┼"));
  }

  /// Whether the labels of the lines of figures end at one place and begin at several: blanks
  /// before them are no indents then.
  static boolean alignsLabelsRight(List<String> lines) {
    List<Piece> labels =
        lines.stream()
            .filter(TextLine::holdsFigures)
            .map(line -> parted(line).getFirst())
            .filter(label -> !isFigure(label.text))
            .toList();
    boolean ends = labels.stream().mapToInt(Piece::end).distinct().count() == 1;
    return ends && labels.stream().mapToInt(Piece::start).distinct().count() > 1;
  }

  /// Whether a line heads columns: several pieces, or several words well to the right.
  static boolean isHead(String line) {
    int blanks = line.length() - line.stripLeading().length();
    boolean right = blanks >= 6 && line.strip().split(" +").length >= 3;
    return !isRule(line) && !holdsFigures(line) && (pieces(line).size() > 1 || right);
  }

  /// The pieces of a line that are parted by two blanks or more.
  static List<Piece> pieces(String line) {
    List<Piece> pieces = new ArrayList<>();
    Matcher match = PIECE.matcher(line);
    while (match.find()) {
      pieces.add(new Piece(match.start(), match.end(), match.group()));
    }
    return pieces;
  }

  /// Whether a line holds a label and mostly figures.
  static boolean holdsFigures(String line) {
    List<Piece> pieces = parted(line);
    long figures = pieces.stream().skip(1).filter(piece -> isFigureOrStars(piece.text)).count();
    boolean years = pieces.stream().allMatch(piece -> piece.text.matches("(19|20)[0-9]{2}"));
    return figures > 0 && figures * 2 >= pieces.size() - 1 && !years;
  }

  private static boolean isFigureOrStars(String text) {
    return isFigure(text) || STARS.matcher(text).matches();
  }

  private static boolean isFigure(String text) {
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
    return !line.isBlank() && RULE.matcher(line).matches();
  }
}
