package app.finish.core.table;

import app.finish.core.words.Markup;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.stream.IntStream;

/// The words around a table. The number is not among them: it comes from the order in the document.
///
/// ```java
/// Words.NONE.withTitle("Fares by Route").withNotes(List.of(Note.general("Seasons start in
/// March.")));
/// ```
///
/// @param title the title, or the empty string
/// @param units the line that says in what units the figures are, or the empty string
/// @param notes the notes in order, without the word *Note*
/// @param source where the figures are from, without the word *Source*, or the empty string
/// @param typed texts among these of which some is italic, bold, raised or lowered: how each was
///   typed, with its marks ([app.finish.core.words.Markup]), by what it says
public record Words(
    String title, String units, List<Note> notes, String source, Map<String, String> typed) {
  /// No words at all.
  public static final Words NONE = new Words("", "", List.of(), "");

  /// Copies the notes and the map.
  public Words {
    notes = List.copyOf(notes);
    typed = Map.copyOf(typed);
  }

  /// Words all in one look.
  public Words(String title, String units, List<Note> notes, String source) {
    this(title, units, notes, source, Map.of());
  }

  /// A text among these as it was typed, with its marks.
  public String typed(String text) {
    return typed.getOrDefault(text, Markup.escaped(text));
  }

  /// The same words under another title.
  public Words withTitle(String other) {
    return new Words(other, units, notes, source, typed);
  }

  /// The same words with another units line.
  public Words withUnits(String other) {
    return new Words(title, other, notes, source, typed);
  }

  /// The same words with other notes.
  public Words withNotes(List<Note> others) {
    return new Words(title, units, others, source, typed);
  }

  /// The place of the first note on the whole table among the notes, if there is one.
  public OptionalInt generalNotePlace() {
    return IntStream.range(0, notes.size()).filter(i -> notes.get(i).isGeneral()).findFirst();
  }

  /// The first note on the whole table, or the empty string.
  public String generalNote() {
    return notes.stream().filter(Note::isGeneral).map(Note::text).findFirst().orElse("");
  }
}
