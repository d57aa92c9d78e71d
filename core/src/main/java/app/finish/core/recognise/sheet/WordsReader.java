package app.finish.core.recognise.sheet;

import app.finish.core.recognise.found.Evidence;
import app.finish.core.recognise.found.PlaceNames;
import app.finish.core.recognise.words.Vocabulary;
import app.finish.core.table.Held;
import app.finish.core.table.Note;
import app.finish.core.table.Words;
import app.finish.core.words.UnitWords;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// Reads the words around a table: number, title, units and held lines above it, notes and source
/// below.
public final class WordsReader {
  private static final Pattern NUMBER =
      Pattern.compile(
          "(?:table|tab\\.|tabelle|tableau)\\s+[A-Z]?[0-9]+(?:[.–-][0-9]+)*[a-z]?\\s*[.:–—-]?\\s*(.*)",
          Pattern.CASE_INSENSITIVE);
  private static final Pattern UNITS =
      Pattern.compile(
          "\\(.*\\)|(units?|unit of measure)\\s*[:=].*|(figures|values|amounts|all"
              + " figures|fares|costs?|numbers)\\b.* in .*|in ("
              + UnitWords.SCALE
              + "|"
              + UnitWords.MONEY
              + "|"
              + UnitWords.MEASURE
              + ")"
              + UnitWords.END
              + ".*|.*\\b(in (thousands|millions|billions)|(thousands|millions|billions) of)\\b.*|("
              + UnitWords.MONEY
              + " ?)?"
              + UnitWords.SCALE
              + "( ?"
              + UnitWords.MONEY
              + ")?|"
              + UnitWords.PERCENT,
          Pattern.CASE_INSENSITIVE);
  private static final Pattern SENTENCE =
      Pattern.compile("\\p{Lu}\\S*( \\S+){3,}\\p{L}{2}[.](\\s.*)?");
  private static final Pattern HELD =
      Pattern.compile("([\\p{L}][^:=]{0,40}?)\\s*[:=]\\s*(\\S.{0,80})");
  private static final Pattern NOTE =
      Pattern.compile(
          "(?:" + Vocabulary.NOTE_WORDS + ")\\s*[.:]\\s*(.*)",
          Pattern.CASE_INSENSITIVE | Pattern.DOTALL);
  private static final Pattern SOURCE =
      Pattern.compile(
          "(?:data|" + Vocabulary.SOURCE_WORDS + ")\\s*[.:]\\s*(.*)",
          Pattern.CASE_INSENSITIVE | Pattern.DOTALL);

  private static final Pattern NOTE_AND_SOURCE =
      Pattern.compile(
          "(.*?[.;])\\s+sources?\\s*[.:]\\s*(.*)", Pattern.CASE_INSENSITIVE | Pattern.DOTALL);
  private static final Pattern SOURCE_AND_NOTE =
      Pattern.compile(
          "(.*?[.;])\\s+notes?\\s*[.:]\\s*(.*)", Pattern.CASE_INSENSITIVE | Pattern.DOTALL);

  private final ReadGrid grid;
  private final Frame frame;
  private final List<Evidence> evidence = new ArrayList<>();
  private final List<Held> held = new ArrayList<>();

  public WordsReader(ReadGrid grid, Frame frame) {
    this.grid = grid;
    this.frame = frame;
  }

  public List<Evidence> evidence() {
    return evidence;
  }

  /// Whether a text says in what units figures are.
  static boolean saysUnits(String text) {
    return UNITS.matcher(text.strip()).matches();
  }

  public List<Held> held() {
    return held;
  }

  public Words read() {
    String title = "";
    String units = "";
    List<Note> extra = new ArrayList<>();
    for (int row : frame.wordRows()) {
      String text = text(row);
      Matcher number = NUMBER.matcher(text);
      if (number.matches()) {
        say(row, "number", "it begins with the word Table and a number", 0.95);
        text = number.group(1);
      }
      if (text.isEmpty()) {
        continue;
      }
      if (isPair(row)) {
        held.add(new Held(text.replaceFirst("\\s*[:=]$", ""), secondText(row)));
        say(row, "held", "a name and one member stand side by side above the table", 0.85);
      } else if (units.isEmpty()
          && UNITS.matcher(text).matches()
          && !(title.isEmpty() && isLastOfWords(row))) {
        units = text.replaceFirst("^\\((.*)\\)$", "$1").replaceFirst("(?i)^units?\\s*[:=]\\s*", "");
        say(row, "units", "it says in what units the figures are", 0.9);
      } else if (!title.isEmpty() && HELD.matcher(text).matches()) {
        Matcher match = HELD.matcher(text);
        match.matches();
        held.add(new Held(match.group(1).strip(), match.group(2).strip()));
        say(row, "held", "a name, a colon and one member", 0.85);
      } else if (title.isEmpty()) {
        title = text.replaceFirst("\\s*:$", "");
        say(row, "title", "it is the first line of words above the table", 0.9);
      } else if (units.isEmpty()
          && text.length() <= 80
          && !SENTENCE.matcher(text).matches()
          && !unitsFollow(row)) {
        units = text;
        say(row, "units", "it is the line below the title", 0.6);
      } else {
        extra.addAll(FootnoteMarks.notes(text));
        say(row, "note", "it is a further line of words above the table", 0.5);
      }
    }
    return withNotes(title, units, extra);
  }

  /// Whether a line of words below says in what units the figures are.
  private boolean unitsFollow(int row) {
    return frame.wordRows().stream()
        .anyMatch(next -> next > row && !isPair(next) && UNITS.matcher(text(next)).matches());
  }

  /// Whether no line of words that could be the title follows.
  private boolean isLastOfWords(int row) {
    for (int next : frame.wordRows()) {
      if (next > row && !isPair(next)) {
        return false;
      }
    }
    return true;
  }

  private Words withNotes(String title, String units, List<Note> extra) {
    List<Note> notes = new ArrayList<>(extra);
    String source = "";
    for (int row : frame.noteRows()) {
      String text = wholeText(row);
      Matcher note = NOTE.matcher(text);
      Matcher from = SOURCE.matcher(text);
      if (from.matches()) {
        Matcher both = SOURCE_AND_NOTE.matcher(from.group(1));
        source = both.matches() ? both.group(1) : from.group(1);
        if (both.matches()) {
          notes.add(Note.general(both.group(2)));
        }
        say(row, "source", "it begins with the word Source", 0.95);
      } else {
        Matcher both = NOTE_AND_SOURCE.matcher(text);
        if (both.matches() && source.isEmpty()) {
          source = both.group(2);
          text = both.group(1);
          note = NOTE.matcher(text);
        }
        List<Note> all =
            note.matches() ? List.of(Note.general(note.group(1))) : FootnoteMarks.notes(text);
        Note read = all.getFirst();
        notes.addAll(all);
        String because =
            read.isGeneral()
                ? note.matches()
                    ? "it begins with the word Note"
                    : "it stands alone below the figures"
                : "it begins with the mark “" + read.mark() + "”";
        say(row, "note", because, note.matches() || !read.isGeneral() ? 0.95 : 0.85);
      }
    }
    return new Words(title, units, notes, source);
  }

  private void say(int row, String part, String because, double confidence) {
    evidence.add(
        new Evidence(PlaceNames.row(grid.grid(), row), part, List.of(because), confidence));
  }

  /// All that is written in a row, in order; of a name and a member, the name.
  private String text(int row) {
    return isPair(row) ? grid.text(row, grid.firstFilled(row)) : wholeText(row);
  }

  private String wholeText(int row) {
    List<String> texts = new ArrayList<>();
    for (int column = 0; column < grid.columns(); column++) {
      if (!grid.isBlank(row, column)) {
        texts.add(grid.text(row, column));
      }
    }
    return String.join(" ", texts);
  }

  private boolean isPair(int row) {
    return grid.filled(row) == 2
        && !secondText(row).isEmpty()
        && grid.text(row, grid.firstFilled(row)).length() <= 40;
  }

  private String secondText(int row) {
    int next = grid.firstFilled(row) + 1;
    return next < grid.columns() ? grid.text(row, next) : "";
  }
}
