package app.finish.desktop.proof;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.dress.Dresser;
import app.finish.core.grid.Grid;
import app.finish.core.layout.CellBox;
import app.finish.core.layout.Mark;
import app.finish.core.layout.Paper;
import app.finish.core.layout.font.Fonts;
import app.finish.core.layout.sheet.Scroll;
import app.finish.core.recognise.Recogniser;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.style.PartName;
import app.finish.core.table.Note;
import app.finish.core.table.Table;
import app.finish.formats.style.StyleFile;
import java.util.List;
import java.util.stream.Stream;
import javafx.geometry.Point2D;
import org.testng.annotations.Test;

/// A point on a paragraph of notes is on the note whose words stand there.
public class NoteAtTest {
  private static Table table() {
    Table read =
        Recogniser.recognise(
                Grid.ofText("Pier | Cars | Crew", "North | 12 | 3", "South | 15 | 4"),
                Corrections.NONE)
            .table();
    List<Note> notes =
        List.of(
            Note.general("Counted at noon"),
            new Note("a", "Two crews were asked twice about their watches."),
            new Note("b", "Without the ferries of the winter timetable."),
            new Note("c", "Closed."));
    return read.withWords(read.words().withNotes(notes));
  }

  @Test
  public void eachWordIsOnItsNote() {
    Table table = table();
    Scroll scroll =
        Scroll.of(
            Dresser.seen(table, StyleFile.shipped().cascade("APA 7"), 1),
            new Fonts(),
            Paper.A4.unpaged());
    List<CellBox> boxes =
        scroll.between(0, scroll.paper().height()).boxes().stream()
            .filter(box -> box.cell().part().name() == PartName.NOTE)
            .toList();
    CellBox paragraph = boxes.getLast();
    assertThat(paragraph.cell().text()).contains("watches.", "winter timetable.", "Closed.");
    List<Mark> marks = scroll.between(paragraph.y(), paragraph.y() + paragraph.height()).marks();
    List<Note> notes = table.words().notes();
    int tried = 0;
    for (Mark mark : marks) {
      if (mark instanceof Mark.Text text && paragraph.contains(text.x() + 0.1, text.y())) {
        for (String word : text.text().split(" ")) {
          long in = notes.stream().filter(note -> note.text().contains(word)).count();
          if (word.length() > 3 && in == 1) {
            int wanted = place(notes, word);
            double share = (text.text().indexOf(word) + 1.5) / text.text().length();
            Point2D at = new Point2D(text.x() + share * text.width(), text.y() - 2);
            assertThat(NoteAt.of(paragraph, 1, notes, marks, at)).as(word).isEqualTo(wanted);
            tried++;
          }
        }
      }
    }
    assertThat(tried).isGreaterThan(8);
  }

  private static int place(List<Note> notes, String word) {
    return Stream.iterate(0, i -> i + 1)
        .filter(i -> notes.get(i).text().contains(word))
        .findFirst()
        .orElseThrow();
  }
}
