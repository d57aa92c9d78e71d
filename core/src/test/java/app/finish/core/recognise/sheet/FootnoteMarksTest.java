package app.finish.core.recognise.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.grid.Grid;
import app.finish.core.grid.GridCell;
import app.finish.core.recognise.Recogniser;
import app.finish.core.recognise.found.Recognition;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.table.Note;
import app.finish.core.table.Spot;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class FootnoteMarksTest {
  private static final Grid NOTES =
      Grid.ofText(
          "Pier | Boats", "North | 12", "a. Closed.", "b. Shut.", "* p < .05", "c Old pier");

  @DataProvider
  public Object[][] cells() {
    return new Object[][] {
      {"4.210b", "4.210", "b"},
      {"4.210 b,c", "4.210", "b,c"},
      {"-.12a", "-.12", "a"},
      {"12a.", "12", "a"},
      {".a", ".", "a"},
      {"a.", "", "a"},
      {"85%b", "85%", "b"},
      {"0.45***", "0.45", "***"},
      {"-.31 **", "-.31", "**"},
      {"12†", "12", "†"},
      {"Northᵃ", "North", "a"},
      {"12ᵇ", "12", "b"},
      {"p.b", "p.", "b"},
      {"Mean (I-J)*", "Mean (I-J)", "*"},
      {"Area", "Area", ""},
      {"Route a", "Route a", ""},
      {"12d", "12d", ""},
      {"a", "a", ""},
      {"R²", "R²", ""},
      {"Pier 4", "Pier 4", ""},
      {"", "", ""},
    };
  }

  @Test(dataProvider = "cells")
  public void takesTheMarkFromTheText(String cell, String text, String mark) {
    assertThat(FootnoteMarks.of(NOTES).read(GridCell.of(cell)))
        .isEqualTo(new FootnoteMarks.Marked(text, mark));
  }

  @Test
  public void lettersAreNoMarksWhereNoNoteExplainsThem() {
    Grid bare = Grid.ofText("Pier | Boats", "North | 12");
    assertThat(FootnoteMarks.of(bare).read(GridCell.of("12a")).mark()).isEmpty();
    assertThat(FootnoteMarks.of(bare).read(GridCell.of("12").withMark("a")).mark()).isEqualTo("a");
  }

  @DataProvider
  public Object[][] notes() {
    return new Object[][] {
      {"a. Closed in May.", "a", "Closed in May."},
      {"(b) Shut.", "b", "Shut."},
      {"ᵃ Closed.", "a", "Closed."},
      {"*p < .05. **p < .01.", "*", "p < .05. **p < .01."},
      {"**. Significant.", "**", "Significant."},
      {"A pier is closed.", "", "A pier is closed."},
      {"Rounded.", "", "Rounded."},
    };
  }

  @Test(dataProvider = "notes")
  public void readsTheMarkThatANoteBeginsWith(String line, String mark, String text) {
    assertThat(FootnoteMarks.note(line)).isEqualTo(new Note(mark, text));
  }

  @Test
  public void aNoteOnProbabilityExplainsAllItsStars() {
    Note note = FootnoteMarks.note("*p < .05. **p < .01. ***p < .001.");
    assertThat(note.explains("*")).isTrue();
    assertThat(note.explains("***")).isTrue();
    assertThat(note.explains("†")).isFalse();
    assertThat(new Note("b", "Shut.").explains("a,b")).isTrue();
    assertThat(Note.general("b").explains("b")).isFalse();
  }

  @Test
  public void aColumnOfStarsBelongsToTheFiguresBeforeIt() {
    Grid grid =
        Grid.ofText(
            "Predictor | b | p |", "Age | 0.12 | .02 | *", "Trust | 0.45 | .00 | ***", "* p < .05");
    Recognition read = Recogniser.recognise(grid, Corrections.NONE);
    assertThat(read.table().body().columns()).isEqualTo(2);
    assertThat(read.table().marks().at(new Spot.Figure(1, 1))).isEqualTo("***");
    assertThat(read.table().notesOn(new Spot.Figure(0, 1))).hasSize(1);
  }
}
