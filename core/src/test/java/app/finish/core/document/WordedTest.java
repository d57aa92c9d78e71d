package app.finish.core.document;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.arrange.Arranged;
import app.finish.core.arrange.Arranger;
import app.finish.core.arrange.make.Rename;
import app.finish.core.arrange.make.SetAside;
import app.finish.core.arrange.move.Arrangement;
import app.finish.core.arrange.place.Side;
import app.finish.core.grid.Grid;
import app.finish.core.note.Lettering;
import app.finish.core.note.OwnNote;
import app.finish.core.note.OwnNotes;
import app.finish.core.note.Tie;
import app.finish.core.note.Wording;
import app.finish.core.recognise.Recogniser;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.style.PartName;
import app.finish.core.table.Note;
import app.finish.core.table.Table;
import java.util.List;
import org.testng.annotations.Test;

/// All words of a table: the source's, the person's over them, and what follows the table.
public class WordedTest {
  private static final Table STRESS =
      Recogniser.recognise(
              Grid.ofText(
                  "Stress {down} by watch",
                  "Watch | n | M | SD | p",
                  "Morning | 41 | 2.41** | 0.62 | .004",
                  "Night | 43 | 3.88* | 0.71 | .031",
                  "Note. N = 84 deckhands.",
                  "Source: Diary study"),
              Corrections.NONE)
          .table();

  private static Lettering.Lettered worded(Finish finish, Wording wording) {
    Arranged arranged = Arranger.arrange(STRESS, finish.arrangement());
    return Worded.of(arranged, finish, wording);
  }

  private static List<String> notes(Finish finish) {
    return worded(finish, Wording.USUAL).table().words().notes().stream()
        .map(Note::toString)
        .toList();
  }

  private static final Finish PLAIN = Finish.in("Plain");

  @Test
  public void bracesOfTheSourceAreNoPattern() {
    assertThat(worded(PLAIN, Wording.USUAL).table().words().title())
        .isEqualTo("Stress {down} by watch");
    Finish own = PLAIN.withWord(PartName.TITLE, "Stress by {down}");
    assertThat(worded(own, Wording.USUAL).table().words().title()).isEqualTo("Stress by Watch");
    assertThat(Worded.title(own, STRESS)).isEqualTo("Stress by Watch");
  }

  @Test
  public void typedMarksAreKeptBesideWhatTheySay() {
    Finish own =
        PLAIN
            .withWord(PartName.TITLE, "*M* of stress^2^")
            .withWord(PartName.SOURCE, "From \\*Diary\\*");
    var words = worded(own, Wording.USUAL).table().words();
    assertThat(words.title()).isEqualTo("M of stress2");
    assertThat(words.typed(words.title())).isEqualTo("*M* of stress^2^");
    assertThat(words.source()).isEqualTo("From *Diary*");
    assertThat(words.typed(words.source())).isEqualTo("From \\*Diary\\*");
  }

  @Test
  public void notesThatFollowTheTableSayWhatIsInIt() {
    OwnNotes following =
        OwnNotes.NONE
            .with(OwnNote.of(OwnNote.Kind.PROBABILITY, Lettering.LEVELS))
            .with(OwnNote.of(OwnNote.Kind.GENERAL, Lettering.ABBREVIATIONS));
    Finish finish = PLAIN.withNotes(following);
    assertThat(notes(finish))
        .containsExactly(
            "N = 84 deckhands.", "M = mean; SD = standard deviation.", "*p < .05. **p < .01.");
    Finish fewer =
        finish.withArrangement(
            Arrangement.of(
                new SetAside(Side.DOWN, List.of("Morning")),
                new SetAside(Side.ACROSS, List.of("SD"))));
    assertThat(notes(fewer)).containsExactly("N = 84 deckhands.", "M = mean.", "*p < .05.");
    Wording other = Wording.USUAL.withLevels(List.of(0.1, 0.05)).withMeaning("M", "average");
    assertThat(worded(finish, other).table().words().notes().stream().map(Note::toString))
        .contains("M = average; SD = standard deviation.", "*p < .1. **p < .05.");
  }

  @Test
  public void aNoteThatFollowsAndSaysNothingSleeps() {
    Finish finish =
        PLAIN
            .withNotes(OwnNotes.NONE.with(OwnNote.of(OwnNote.Kind.PROBABILITY, Lettering.LEVELS)))
            .withArrangement(Arrangement.of(new SetAside(Side.ACROSS, List.of("M"))));
    assertThat(worded(finish, Wording.USUAL).asleep()).containsExactly(0);
  }

  @Test
  public void theGeneralNoteIsReplacedAndOthersStay() {
    Finish own =
        PLAIN
            .withWord(PartName.NOTE, "Of 84 *deckhands*.")
            .withNotes(
                OwnNotes.NONE.with(
                    OwnNote.specific("Two crews.", new Tie.OfCell(List.of("Night"), List.of()))));
    assertThat(notes(own)).containsExactly("Of 84 deckhands.", "a. Two crews.");
    assertThat(notes(own.withWord(PartName.NOTE, ""))).containsExactly("a. Two crews.");
  }

  @Test
  public void headingsSayWhatWasTypedWithoutItsMarks() {
    Finish renamed =
        PLAIN.withArrangement(
            Arrangement.of(new Rename(Side.DOWN, List.of("Night"), "**Night** watch~1~")));
    Table table = worded(renamed, Wording.USUAL).table();
    assertThat(table.down().leaves().get(1).heading().label()).isEqualTo("Night watch1");
    assertThat(table.marks().typed().values()).containsExactly("**Night** watch~1~");
    Finish starred =
        PLAIN.withArrangement(Arrangement.of(new Rename(Side.DOWN, List.of("Night"), "Night 5*3")));
    assertThat(worded(starred, Wording.USUAL).table().down().leaves().get(1).heading().label())
        .isEqualTo("Night 5*3");
  }

  @Test
  public void whatNeedsTheWholeTableIsKnownBefore() {
    Table unmarked = STRESS.withMarks(app.finish.core.table.Marks.NONE);
    assertThat(Worded.needsWhole(PLAIN, STRESS)).isTrue();
    assertThat(Worded.needsWhole(PLAIN, unmarked)).isFalse();
    assertThat(Worded.needsWhole(PLAIN.withWord(PartName.TITLE, "By {down}"), unmarked)).isTrue();
    Finish noted =
        PLAIN.withNotes(OwnNotes.NONE.with(OwnNote.of(OwnNote.Kind.GENERAL, "Weather.")));
    assertThat(Worded.needsWhole(noted, unmarked)).isTrue();
  }
}
