package app.finish.desktop.model;

import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.DressedCell;
import app.finish.core.note.Lettering;
import app.finish.core.style.PartName;
import app.finish.core.table.Words;
import java.util.List;
import java.util.Optional;

/// The words around the table that is shown, as they can be edited.
///
/// @param words the words, with the person's own over those of the source
/// @param origins where each of the notes is from
public record EditableWords(Words words, List<Lettering.Origin> origins) {
  public static EditableWords of(Optional<Shown> shown) {
    return shown
        .map(at -> new EditableWords(at.worded().table().words(), at.worded().origins()))
        .orElse(new EditableWords(Words.NONE, List.of()));
  }

  /// Whether a cell is one whose words can be edited in place.
  public boolean isEditable(DressedCell cell) {
    return cell.place() instanceof CellMeaning.Word word
        && switch (word.part()) {
          case NUMBER, TITLE, UNITS, SOURCE -> true;
          case NOTE ->
              word.index() < origins.size()
                  && !(origins.get(word.index()) instanceof Lettering.Origin.Made);
          default -> false;
        };
  }

  /// The place of the general note among the notes, or −1.
  public int generalNote() {
    return words.generalNotePlace().orElse(-1);
  }

  /// What stands in a part as it is typed; for notes, the general one.
  public String of(PartName part) {
    return words.typed(
        switch (part) {
          case TITLE -> words.title();
          case UNITS -> words.units();
          case SOURCE -> words.source();
          default -> words.generalNote();
        });
  }

  /// What a note says, as it is typed.
  public String note(int index) {
    return words.typed(words.notes().get(index).text());
  }
}
