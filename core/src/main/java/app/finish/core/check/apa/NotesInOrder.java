package app.finish.core.check.apa;

import app.finish.core.check.Finding;
import app.finish.core.check.Mend;
import app.finish.core.dress.DressedCell;
import app.finish.core.note.OwnNote;
import app.finish.core.style.PartName;
import app.finish.core.table.Note;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.regex.Pattern;

/// General notes come first, then those on single places, then those on probability. Notes are set
/// in that order by what they are, so what is looked for is a note that is taken for another kind
/// than its words are: stars explained in a general note.
public final class NotesInOrder extends ApaCheck {
  private static final Pattern LEVELS = Pattern.compile("\\s*\\*+\\s*[_*]?p[_*]?\\s*[<≤=].*");

  public NotesInOrder() {
    super(
        "note-order",
        "General notes come first, then specific ones, then those on probability",
        "7.14");
  }

  @Override
  void look(Subject subject, Consumer<Finding> found) {
    Optional<DressedCell> first = subject.first(PartName.NOTE);
    for (Note note : subject.table().words().notes()) {
      String typed = subject.table().words().typed(note.text());
      if (note.isGeneral() && LEVELS.matcher(note.text()).matches() && first.isPresent()) {
        found.accept(
            at(
                first.get(),
                note.text(),
                "",
                "Stars are explained among the general notes, before the notes on single places.",
                new Mend.Regard("Make it a probability note", OwnNote.Kind.PROBABILITY, typed)));
      }
    }
  }
}
