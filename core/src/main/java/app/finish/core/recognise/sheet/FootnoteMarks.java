package app.finish.core.recognise.sheet;

import app.finish.core.grid.Grid;
import app.finish.core.grid.GridCell;
import app.finish.core.table.Note;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// Takes the marks of footnotes from texts. A raised mark is one whatever it says; stars behind a
/// figure too; a letter behind a figure ("4.210b", ".a") only if a note below begins with it.
///
/// ```java
/// FootnoteMarks marks = FootnoteMarks.of(grid);
/// marks.read(GridCell.of("4.210b")); // text "4.210", mark "b"
/// FootnoteMarks.note("b. Exact statistic"); // mark "b", text "Exact statistic"
/// ```
public final class FootnoteMarks {
  private static final String RAISED_LETTERS = "ᵃᵇᶜᵈᵉᶠᵍʰⁱʲᵏˡᵐⁿᵒᵖʳˢᵗᵘᵛʷˣʸᶻ";
  private static final String LETTERS = "abcdefghijklmnoprstuvwxyz";
  private static final String RAISED_DIGITS = "⁰¹²³⁴⁵⁶⁷⁸⁹";

  private static final Pattern NOTE =
      Pattern.compile(
          "(?:\\(?([a-z])[.)]\\s+|([a-z])\\s+(?=\\p{Lu})|(["
              + RAISED_LETTERS
              + RAISED_DIGITS
              + "])\\s*|(\\*{1,4}|[†‡§¶])[.)]?\\s*)(\\S.*)",
          Pattern.DOTALL);
  private static final Pattern STARRED_FIGURE =
      Pattern.compile("(.*[0-9.)%])\\s*(\\*{1,4}|[†‡§]{1,3})");
  private static final Pattern STARRED_LABEL = Pattern.compile("(.*[^*\\s])\\s*(\\*{1,4}|[†‡§¶])");
  private static final Pattern LETTERED =
      Pattern.compile(
          "([-−–+(€$£]*[0-9][0-9.,]*[)%]?|[-−–+]?[.,][0-9]+[)%]?|[.–—-]|)\\s*([a-z](?:\\s*,\\s*[a-z])*)(\\.?)");
  private static final Pattern LETTERED_LABEL = Pattern.compile("(.*[.)\\]])\\s?([a-z])");

  private static final Pattern NOTHING = Pattern.compile("x");

  /// A text and the mark that stood behind it.
  ///
  /// @param text the text without its mark
  /// @param mark the mark, or the empty string
  record Marked(String text, String mark) {}

  private final Set<String> explained;

  private FootnoteMarks(Set<String> explained) {
    this.explained = explained;
  }

  /// The marks that the notes of a grid explain: rows with one cell that begins with a mark.
  static FootnoteMarks of(Grid grid) {
    Set<String> explained = new HashSet<>();
    for (int row = 0; row < grid.rows(); row++) {
      int only = onlyFilled(grid, row);
      if (only >= 0) {
        for (Note note : notes(grid.at(row, only).text().strip())) {
          if (!note.isGeneral()) {
            explained.add(note.mark());
          }
        }
      }
    }
    return new FootnoteMarks(explained);
  }

  private static int onlyFilled(Grid grid, int row) {
    int only = -1;
    for (int column = 0; column < grid.columns(); column++) {
      if (!grid.at(row, column).isBlank()) {
        if (only >= 0) {
          return -1;
        }
        only = column;
      }
    }
    return only;
  }

  /// The note that a line of text is: with its mark if it begins with one.
  static Note note(String text) {
    Matcher match = NOTE.matcher(text);
    if (!match.matches()) {
      return Note.general(text);
    }
    for (int group = 1; group <= 4; group++) {
      if (match.group(group) != null) {
        return new Note(lowered(match.group(group)), match.group(5));
      }
    }
    return Note.general(text);
  }

  /// The notes that a line of text is: notes on places may run on, each with the next letter or
  /// number before it.
  static List<Note> notes(String text) {
    List<Note> notes = new ArrayList<>();
    String rest = text;
    while (true) {
      Note note = note(rest);
      Optional<Pattern> next = following(note.mark());
      Matcher border =
          next.map(pattern -> pattern.matcher(note.text())).orElse(NOTHING.matcher(""));
      if (!border.find()) {
        notes.add(note);
        return notes;
      }
      notes.add(note.saying(note.text().substring(0, border.start()).strip()));
      rest = note.text().substring(border.start()).strip();
    }
  }

  /// Where the note with the mark behind this one begins.
  private static Optional<Pattern> following(String mark) {
    if (!mark.matches("[a-y1-8]")) {
      return Optional.empty();
    }
    String next = String.valueOf((char) (mark.charAt(0) + 1));
    int letter = LETTERS.indexOf(next);
    String raised =
        letter >= 0
            ? String.valueOf(RAISED_LETTERS.charAt(letter))
            : Character.isDigit(next.charAt(0))
                ? String.valueOf(RAISED_DIGITS.charAt(next.charAt(0) - '0'))
                : "\u0000";
    return Optional.of(
        Pattern.compile(
            "\\s+" + raised + "\\s*\\S|(?<=[.;!?])\\s+" + next + "[.)]?\\s+(?=\\p{Lu})"));
  }

  /// What a cell says without its mark.
  Marked read(GridCell cell) {
    String text = cell.text().strip();
    if (!cell.mark().isEmpty()) {
      return new Marked(text, lowered(cell.mark().strip()));
    }
    if (text.isEmpty()) {
      return new Marked(text, "");
    }
    char last = text.charAt(text.length() - 1);
    if (RAISED_LETTERS.indexOf(last) >= 0 || RAISED_DIGITS.indexOf(last) >= 0) {
      return raised(text);
    }
    if ("*†‡§¶".indexOf(last) >= 0) {
      return starred(text).orElse(new Marked(text, ""));
    }
    boolean mayBeLettered = !explained.isEmpty() && (last == '.' || Character.isLowerCase(last));
    return mayBeLettered ? lettered(text).orElse(new Marked(text, "")) : new Marked(text, "");
  }

  private Marked raised(String text) {
    int start = text.length();
    while (start > 0 && isRaised(text.charAt(start - 1))) {
      start--;
    }
    String mark = lowered(text.substring(start));
    boolean letters = mark.chars().allMatch(c -> Character.isLetter(c) || c == ',');
    boolean isMark = start > 0 && (letters || explained.contains(mark));
    return isMark ? new Marked(text.substring(0, start).strip(), mark) : new Marked(text, "");
  }

  private static boolean isRaised(char c) {
    return RAISED_LETTERS.indexOf(c) >= 0 || RAISED_DIGITS.indexOf(c) >= 0 || c == '˒';
  }

  private Optional<Marked> starred(String text) {
    Matcher figure = STARRED_FIGURE.matcher(text);
    if (figure.matches() && figure.group(1).matches(".*[0-9].*")) {
      boolean label = text.codePoints().filter(Character::isLetter).count() > 3;
      if (!label || explained.contains(figure.group(2))) {
        return Optional.of(new Marked(figure.group(1), figure.group(2)));
      }
    }
    Matcher label = STARRED_LABEL.matcher(text);
    return label.matches() && explained.contains(label.group(2))
        ? Optional.of(new Marked(label.group(1), label.group(2)))
        : Optional.empty();
  }

  private Optional<Marked> lettered(String text) {
    Matcher figure = LETTERED.matcher(text);
    if (figure.matches()) {
      boolean alone = figure.group(1).isEmpty() && figure.group(3).isEmpty();
      String mark = figure.group(2).replaceAll("\\s", "");
      if (!alone && isExplained(mark)) {
        return Optional.of(new Marked(figure.group(1), mark));
      }
    }
    Matcher label = LETTERED_LABEL.matcher(text);
    return label.matches() && isExplained(label.group(2))
        ? Optional.of(new Marked(label.group(1), label.group(2)))
        : Optional.empty();
  }

  private boolean isExplained(String mark) {
    for (String one : mark.split(",")) {
      if (!explained.contains(one)) {
        return false;
      }
    }
    return true;
  }

  /// A mark in plain letters and digits.
  private static String lowered(String mark) {
    StringBuilder plain = new StringBuilder();
    for (char c : mark.toCharArray()) {
      int letter = RAISED_LETTERS.indexOf(c);
      int digit = RAISED_DIGITS.indexOf(c);
      if (letter >= 0) {
        plain.append(LETTERS.charAt(letter));
      } else if (digit >= 0) {
        plain.append(digit);
      } else if (!Character.isWhitespace(c)) {
        plain.append(c);
      }
    }
    return plain.toString().replaceFirst("(?<=.)[.)]$", "");
  }
}
