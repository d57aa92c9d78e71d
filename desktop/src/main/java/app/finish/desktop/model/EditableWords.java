package app.finish.desktop.model;

import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.DressedCell;
import app.finish.core.style.PartName;
import app.finish.core.table.Words;
import java.util.Optional;

/// The words around the table that is shown, as they can be edited.
///
/// @param words the words, with the person's own over those of the source
public record EditableWords(Words words) {
  public static EditableWords of(Optional<Shown> shown) {
    return new EditableWords(
        shown
            .map(at -> at.table().finish().wordsOver(at.recognition().table().words()))
            .orElse(Words.NONE));
  }

  /// Whether a cell is one whose words can be edited in place.
  public boolean isEditable(DressedCell cell) {
    return cell.place() instanceof CellMeaning.Word word
        && switch (word.part()) {
          case NUMBER, TITLE, UNITS, SOURCE -> true;
          case NOTE -> word.index() == generalNote();
          default -> false;
        };
  }

  /// The place of the general note among the notes, or −1.
  public int generalNote() {
    return words.generalNotePlace().orElse(-1);
  }

  /// What stands in a part; for notes, the general one.
  public String of(PartName part) {
    return switch (part) {
      case TITLE -> words.title();
      case UNITS -> words.units();
      case SOURCE -> words.source();
      default -> words.generalNote();
    };
  }
}
