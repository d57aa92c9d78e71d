package app.finish.core.document;

import app.finish.core.arrange.move.Arrangement;
import app.finish.core.highlight.Highlight;
import app.finish.core.highlight.LegendSwatches;
import app.finish.core.note.OwnNotes;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.style.PartName;
import app.finish.core.style.Touches;
import app.finish.core.table.Note;
import app.finish.core.table.Words;
import app.finish.core.words.Markup;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/// All that a person decided about one table. Applied to new numbers it gives the same table of the
/// new numbers.
///
/// ```java
/// Finish finish = Finish.in("Plain").withStyle("APA 7").withWord(PartName.TITLE, "Fares by
/// Route");
/// ```
///
/// @param corrections what was corrected of what was recognised
/// @param arrangement how it is arranged
/// @param style the name of the style it wears
/// @param touches what was changed by hand of its look
/// @param highlights what is to be seen first in it, the strongest first
/// @param words words given in the place of the source's: title, units, note (the general note),
///   source, as they were typed, with marks of [app.finish.core.words.Markup]; under table, what it
///   shows, for those who can't see it
/// @param notes what was decided about the notes
/// @param left what a check found and a person left as it is, with the reason, by the key of the
///   finding
public record Finish(
    Corrections corrections,
    Arrangement arrangement,
    String style,
    Touches touches,
    List<Highlight> highlights,
    Map<PartName, String> words,
    OwnNotes notes,
    Map<String, String> left) {
  /// Copies the highlights, and the words in the order of the parts.
  public Finish {
    highlights = List.copyOf(highlights);
    words = Collections.unmodifiableMap(new TreeMap<>(words));
    left = Collections.unmodifiableMap(new TreeMap<>(left));
  }

  /// A finish that only names a style.
  public static Finish in(String style) {
    return new Finish(
        Corrections.NONE,
        Arrangement.NONE,
        style,
        Touches.NONE,
        List.of(),
        Map.of(),
        OwnNotes.NONE,
        Map.of());
  }

  /// The same finish with other corrections.
  public Finish withCorrections(Corrections others) {
    return new Finish(others, arrangement, style, touches, highlights, words, notes, left);
  }

  /// The same finish in another arrangement.
  public Finish withArrangement(Arrangement other) {
    return new Finish(corrections, other, style, touches, highlights, words, notes, left);
  }

  /// The same finish in another style.
  public Finish withStyle(String other) {
    return new Finish(corrections, arrangement, other, touches, highlights, words, notes, left);
  }

  /// The same finish with other touches.
  public Finish withTouches(Touches others) {
    return new Finish(corrections, arrangement, style, others, highlights, words, notes, left);
  }

  /// The same finish with other highlights, the strongest first.
  public Finish withHighlights(List<Highlight> others) {
    return new Finish(corrections, arrangement, style, touches, others, words, notes, left);
  }

  /// The same finish with a word of the person's own.
  ///
  /// @param part title, units, note or source; table for its description
  public Finish withWord(PartName part, String text) {
    Map<PartName, String> more = new EnumMap<>(PartName.class);
    more.putAll(words);
    more.put(part, text);
    return new Finish(corrections, arrangement, style, touches, highlights, more, notes, left);
  }

  /// The same finish with other notes.
  public Finish withNotes(OwnNotes others) {
    return new Finish(corrections, arrangement, style, touches, highlights, words, others, left);
  }

  /// The same finish with a finding left as it is.
  ///
  /// @param finding the key of the finding
  /// @param reason why; blank takes the finding up again
  public Finish withLeft(String finding, String reason) {
    Map<String, String> others = new TreeMap<>(left);
    others.remove(finding);
    if (!reason.isBlank()) {
      others.put(finding, reason.strip());
    }
    return new Finish(corrections, arrangement, style, touches, highlights, words, notes, others);
  }

  /// What the person wrote of the table for those who can't see it; the empty string if nothing.
  public String description() {
    return Markup.plain(words.getOrDefault(PartName.TABLE, "")).strip();
  }

  /// These words with the person's own put over them, but for notes of single places and titles
  /// that follow the dimensions ([Worded] has all).
  public Words wordsOver(Words given) {
    List<Note> notes = new ArrayList<>(given.notes());
    Map<String, String> typed = new HashMap<>(given.typed());
    Optional<String> note = own(PartName.NOTE, typed);
    if (note.isPresent()) {
      given.notes().stream().filter(Note::isGeneral).findFirst().ifPresent(notes::remove);
      if (!note.get().isEmpty()) {
        notes.addFirst(Note.general(note.get()));
      }
    }
    for (Highlight highlight : highlights) {
      if (highlight.on() && !highlight.legend().isEmpty()) {
        notes.add(new Note("", highlight.legend(), LegendSwatches.of(highlight.show())));
      }
    }
    String title = own(PartName.TITLE, typed).orElse(given.title());
    String units = own(PartName.UNITS, typed).orElse(given.units());
    String source = own(PartName.SOURCE, typed).orElse(given.source());
    return new Words(title, units, notes, source, typed);
  }

  private Optional<String> own(PartName part, Map<String, String> typed) {
    Optional<String> text = Optional.ofNullable(words.get(part));
    if (text.filter(Markup::isMarked).isPresent()) {
      typed.put(Markup.plain(text.get()), text.get());
    }
    return text.map(Markup::plain);
  }
}
