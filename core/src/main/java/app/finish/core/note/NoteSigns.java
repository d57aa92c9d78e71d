package app.finish.core.note;

import app.finish.core.table.Marks;
import app.finish.core.table.Note;
import app.finish.core.table.Spot;
import app.finish.core.table.Table;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/// The systems of signs that tie notes to their places.
///
/// ```java
/// NoteSigns.LETTERS.sign(27); // "ab"
/// NoteSigns.SIGNS.sign(1); // "†"
/// ```
public enum NoteSigns {
  /// a, b, c.
  LETTERS,
  /// 1, 2, 3.
  NUMBERS,
  /// *, †, ‡, §, then doubled.
  SIGNS;

  private static final String ROW = "*†‡§‖¶";
  private static final int ALPHABET = 26;

  /// The sign in a place of the order, from 0.
  public String sign(int index) {
    return switch (this) {
      case NUMBERS -> "" + (index + 1);
      case SIGNS ->
          String.valueOf(ROW.charAt(index % ROW.length())).repeat(1 + index / ROW.length());
      case LETTERS -> {
        String last = String.valueOf((char) ('a' + index % ALPHABET));
        yield index < ALPHABET ? last : sign(index / ALPHABET - 1) + last;
      }
    };
  }

  /// The signs that a style asks for; those that a table came with where it asks for none.
  public static NoteSigns of(String setting, NoteSigns own) {
    return switch (setting) {
      case "letters" -> LETTERS;
      case "numbers" -> NUMBERS;
      case "signs" -> SIGNS;
      default -> own;
    };
  }

  /// Whether a mark is one of these signs.
  boolean has(String mark) {
    return switch (this) {
      case NUMBERS -> mark.matches("[1-9][0-9]?");
      case SIGNS -> mark.matches("([*†‡§‖¶])\\1*");
      case LETTERS -> mark.matches("[a-z]");
    };
  }

  /// The system that a mark is of, if it is of one.
  static Optional<NoteSigns> of(String mark) {
    for (NoteSigns system : values()) {
      if (system.has(mark)) {
        return Optional.of(system);
      }
    }
    return Optional.empty();
  }

  /// A table whose notes on single places bear signs of this system, in the order of the notes.
  public Table on(Table table) {
    Map<String, String> anew = new HashMap<>();
    Set<String> kept = new HashSet<>(table.marks().all());
    List<String> signed = new ArrayList<>();
    for (Note note : table.words().notes()) {
      boolean mine =
          note.isSpecific() && of(note.mark()).isPresent() && !signed.contains(note.mark());
      if (mine) {
        signed.add(note.mark());
        kept.remove(note.mark());
      }
    }
    int next = 0;
    for (String mark : signed) {
      while (kept.contains(sign(next))) {
        next++;
      }
      anew.put(mark, sign(next++));
    }
    return renamed(table, anew);
  }

  /// A table with other marks in the place of some.
  static Table renamed(Table table, Map<String, String> anew) {
    boolean same = anew.entrySet().stream().allMatch(one -> one.getKey().equals(one.getValue()));
    if (same) {
      return table;
    }
    Map<Spot, String> marks = new HashMap<>();
    table.marks().byPlace().forEach((spot, mark) -> marks.put(spot, renamed(mark, anew)));
    List<Note> notes =
        table.words().notes().stream()
            .map(note -> note.isSpecific() ? note.marked(renamed(note.mark(), anew)) : note)
            .toList();
    return table
        .withMarks(table.marks().withMarks(marks))
        .withWords(table.words().withNotes(notes));
  }

  private static String renamed(String mark, Map<String, String> anew) {
    List<String> all = new ArrayList<>();
    for (String one : Marks.single(mark)) {
      all.add(anew.getOrDefault(one, one));
    }
    all.sort(
        Comparator.comparing((String one) -> Character.isLetterOrDigit(one.charAt(0)))
            .thenComparing(String::length)
            .thenComparing(one -> one));
    return String.join(",", all);
  }
}
