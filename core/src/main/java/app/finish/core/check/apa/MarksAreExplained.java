package app.finish.core.check.apa;

import app.finish.core.check.Finding;
import app.finish.core.check.Mend;
import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.note.Lettering;
import app.finish.core.note.OwnNote;
import app.finish.core.style.PartName;
import app.finish.core.table.Marks;
import app.finish.core.table.Note;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Consumer;

/// Each mark on a figure or a heading has its note, and each note its mark.
public final class MarksAreExplained extends ApaCheck {
  private static final Mend LEVELS =
      new Mend.Say(
          "Say what stars stand for in this document",
          OwnNote.of(OwnNote.Kind.PROBABILITY, Lettering.LEVELS));

  public MarksAreExplained() {
    super("note-letters", "Each mark has its note, and each note its mark", "7.14");
  }

  @Override
  void look(Subject subject, Consumer<Finding> found) {
    List<Note> notes = subject.table().words().notes();
    Set<String> marks = new HashSet<>();
    for (DressedRow row : subject.rows()) {
      for (DressedCell cell : row.cells()) {
        String mark = cell.place().spot().map(subject.table().marks()::at).orElse("");
        if (mark.isEmpty()) {
          continue;
        }
        boolean known = notes.stream().anyMatch(note -> note.explains(mark));
        if (!known && marks.add("? " + mark)) {
          String sentence = "No note explains the mark " + mark + ".";
          found.accept(
              mark.matches("\\*{1,4}")
                  ? at(cell, mark, mark + "p < …", sentence, LEVELS)
                  : at(cell, mark, "", sentence));
        }
        marks.addAll(Marks.single(mark));
      }
    }
    for (int i = 0; i < notes.size(); i++) {
      Note note = notes.get(i);
      boolean called = note.isGeneral() || marks.stream().anyMatch(note::explains);
      if (!called) {
        int index = i;
        subject.rows().stream()
            .flatMap(row -> row.cells().stream())
            .filter(cell -> cell.place().equals(new CellMeaning.Word(PartName.NOTE, index)))
            .findFirst()
            .ifPresent(
                cell ->
                    found.accept(
                        at(
                            cell,
                            note.mark(),
                            "",
                            "The note " + note.mark() + " belongs to no mark in the table.")));
      }
    }
  }
}
