package app.finish.core.note;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/// What a person decided about the notes of a table.
///
/// ```java
/// OwnNotes.NONE.with(OwnNote.of(OwnNote.Kind.GENERAL, "Weather permitting.")).reworded("a. Old.", "");
/// ```
///
/// @param added notes that the source has not
/// @param reworded notes of the source in other words, by how the source has them with their mark;
///   the empty string for one that is left out
public record OwnNotes(List<OwnNote> added, Map<String, String> reworded) {
  /// The notes of the source, as they came.
  public static final OwnNotes NONE = new OwnNotes(List.of(), Map.of());

  /// Copies the collections.
  public OwnNotes {
    added = List.copyOf(added);
    reworded = Collections.unmodifiableMap(new TreeMap<>(reworded));
  }

  /// Whether all notes are as they came.
  public boolean isEmpty() {
    return added.isEmpty() && reworded.isEmpty();
  }

  /// One note more.
  public OwnNotes with(OwnNote note) {
    List<OwnNote> more = new ArrayList<>(added);
    more.add(note);
    return new OwnNotes(more, reworded);
  }

  /// Another note in the place of an added one.
  public OwnNotes with(int index, OwnNote note) {
    List<OwnNote> others = new ArrayList<>(added);
    others.set(index, note);
    return new OwnNotes(others, reworded);
  }

  /// Without an added note.
  public OwnNotes without(int index) {
    List<OwnNote> fewer = new ArrayList<>(added);
    fewer.remove(index);
    return new OwnNotes(fewer, reworded);
  }

  /// A note of the source in other words.
  ///
  /// @param key how the source has it, with its mark
  /// @param text what it says, as it was typed; the empty string leaves it out
  public OwnNotes reworded(String key, String text) {
    Map<String, String> others = new TreeMap<>(reworded);
    others.put(key, text);
    return new OwnNotes(added, others);
  }

  /// A note on the whole table as one of another kind, whether it was added or came with the
  /// source.
  ///
  /// @param text what it says, without a mark
  public OwnNotes as(OwnNote.Kind kind, String text) {
    OwnNote other = OwnNote.of(kind, text);
    for (int i = 0; i < added.size(); i++) {
      if (added.get(i).kind() == OwnNote.Kind.GENERAL && added.get(i).text().equals(text)) {
        return with(i, other);
      }
    }
    return reworded(text, "").with(other);
  }
}
