package app.finish.core.note;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/// A note that a person added to a table.
///
/// ```java
/// OwnNote.specific("Laid up in *winter*.", new Tie.OfCell(List.of("Samphire"), List.of()));
/// ```
///
/// @param kind what it is about
/// @param text what it says, as it was typed
/// @param ties the places of a note on single places; none for the others
public record OwnNote(Kind kind, String text, List<Tie> ties) {
  /// What a note is about.
  public enum Kind {
    /// The whole table.
    GENERAL,
    /// Single places, which bear its sign.
    SPECIFIC,
    /// Levels of probability: "*p < .05. **p < .01."
    PROBABILITY,
    /// Where the table is taken from, and by whose leave; it ends the general notes.
    PERMISSION;

    /// The word that files write.
    public String word() {
      return name().toLowerCase(Locale.ROOT);
    }
  }

  /// Copies the places.
  public OwnNote {
    ties = List.copyOf(ties);
  }

  /// A note on single places.
  public static OwnNote specific(String text, Tie... ties) {
    return new OwnNote(Kind.SPECIFIC, text, List.of(ties));
  }

  /// A note of another kind.
  public static OwnNote of(Kind kind, String text) {
    return new OwnNote(kind, text, List.of());
  }

  /// The same note in other words.
  public OwnNote withText(String other) {
    return new OwnNote(kind, other, ties);
  }

  /// The same note on other places.
  public OwnNote withTies(List<Tie> others) {
    return new OwnNote(kind, text, others);
  }

  /// The same note, tied to a place that it was not tied to, or no longer tied to one that it was.
  public OwnNote toggled(Tie tie) {
    List<Tie> others = new ArrayList<>(ties);
    if (!others.remove(tie)) {
      others.add(tie);
    }
    return withTies(others);
  }
}
