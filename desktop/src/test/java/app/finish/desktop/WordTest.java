package app.finish.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.document.DocumentTable;
import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.style.PartName;
import app.finish.formats.finish.DocumentFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/// The step of words, in the real window: notes are tied, lettered anew, reworded and taken out;
/// titles and numbers follow; the text that the tables go with is read.
public class WordTest extends WindowTest {
  private static final String DIARY =
      """
      Stress by watch,,,,
      ,Morning watch,,Night watch,
      Measure,M,SD,M,SD
      Fatigue (OTP scale),2.41,0.62,3.88,0.71
      Sleep quality,4.10,0.55,2.97*,0.80
      Errors logged,1.20,0.90,1.92**,1.11
      Note. N = 84 deckhands.,,,,
      """;

  private void open(String name, String text) throws IOException {
    Path file = Files.writeString(folder.resolve(name), text);
    answers.files.add(file);
    hand.interact(() -> window.proof().requestFocus());
    press(KeyCode.CONTROL, KeyCode.I);
  }

  @BeforeMethod
  public void openDiary() throws IOException {
    open("diary.csv", DIARY);
    press(KeyCode.CONTROL, KeyCode.DIGIT3);
    click("#style-apa-7");
    press(KeyCode.CONTROL, KeyCode.DIGIT5);
  }

  private List<String> notes() {
    settle();
    return texts(DressedRow.Band.BELOW);
  }

  private List<String> texts(DressedRow.Band band) {
    return ask(
        () ->
            window.desk().shownProperty().get().orElseThrow().dressed().band(band).stream()
                .map(row -> row.cells().getFirst().text())
                .toList());
  }

  private String cell(CellMeaning place) {
    settle();
    return ask(
        () ->
            window.desk().shownProperty().get().orElseThrow().dressed().rows().stream()
                .flatMap(row -> row.cells().stream())
                .filter(cell -> cell.place().equals(place))
                .map(DressedCell::text)
                .findFirst()
                .orElse("none"));
  }

  private void tieTwo() {
    click(new CellMeaning.Body(1, 2), false);
    click("#add-specific");
    hand.write("Slept on *board*.");
    press(KeyCode.ENTER);
    click(new CellMeaning.Head(0, 0, 1), false);
    press(KeyCode.CONTROL, KeyCode.J);
    hand.write("From 04:00.");
    press(KeyCode.ENTER);
  }

  @Test
  public void notesAreTiedAndLetteredAnewAfterAMove() {
    tieTwo();
    assertThat(notes()).contains("a From 04:00. b Slept on board.");
    assertThat(cell(new CellMeaning.Body(1, 2))).isEqualTo("2.97*b");
    assertThat(cell(new CellMeaning.Head(0, 0, 1))).isEqualTo("Morning watcha");
    click(new CellMeaning.Body(2, 0), false);
    press(KeyCode.CONTROL, KeyCode.J);
    hand.write("Two crews.");
    press(KeyCode.ENTER);
    assertThat(notes()).contains("a From 04:00. b Slept on board. c Two crews.");
    press(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.X);
    assertThat(notes()).contains("a From 04:00. b Two crews. c Slept on board.");
    press(KeyCode.CONTROL, KeyCode.Z);
    assertThat(notes()).contains("a From 04:00. b Slept on board. c Two crews.");
    press(KeyCode.CONTROL, KeyCode.Z);
    press(KeyCode.CONTROL, KeyCode.Z);
    press(KeyCode.CONTROL, KeyCode.Z);
    assertThat(notes()).containsExactly("Note. N = 84 deckhands.");
  }

  @Test
  public void oneNoteIsTiedToSeveralPlacesAndUntied() {
    tieTwo();
    click(new CellMeaning.Body(0, 0), false);
    clickMore(new CellMeaning.Body(2, 1));
    click("#note-3-tie");
    assertThat(cell(new CellMeaning.Body(0, 0))).isEqualTo("2.41b");
    assertThat(cell(new CellMeaning.Body(2, 1))).isEqualTo("0.90b");
    click(new CellMeaning.Body(0, 0), false);
    click("#note-3-tie");
    assertThat(cell(new CellMeaning.Body(0, 0))).isEqualTo("2.41");
    assertThat(cell(new CellMeaning.Body(2, 1))).isEqualTo("0.90b");
  }

  @Test
  public void aNoteIsRewordedInPlaceAndTakenOut() {
    tieTwo();
    click("#note-2");
    press(KeyCode.CONTROL, KeyCode.A);
    hand.write("Six hours");
    press(KeyCode.ENTER);
    assertThat(notes()).contains("a Six hours. b Slept on board.");
    click("#note-2-out");
    assertThat(notes()).contains("a Slept on board.");
    click("#note-1-out");
    assertThat(notes()).containsExactly("a Slept on board.");
  }

  @Test
  public void starsAndAbbreviationsSayWhatTheyMean() {
    click("#say-levels");
    assertThat(notes()).contains("*p < .05. **p < .01.");
    click("#levels");
    press(KeyCode.CONTROL, KeyCode.A);
    hand.write(".10 .05");
    press(KeyCode.ENTER);
    assertThat(notes()).contains("*p < .1. **p < .05.");
    click("#meaning-OTP");
    hand.write("on-time performance");
    press(KeyCode.ENTER);
    click("#say-abbreviations");
    assertThat(notes())
        .anyMatch(
            note -> note.contains("M = mean; SD = standard deviation; OTP = on-time performance."));
    assertThat(ask(() -> window.desk().document().wording().glossary()))
        .containsEntry("OTP", "on-time performance");
  }

  @Test
  public void theTitleFollowsAndIsSetInItsWords() {
    click("#word-follow");
    assertThat(texts(DressedRow.Band.ABOVE)).contains("M and SD by Measure");
    press(KeyCode.CONTROL, KeyCode.T);
    press(KeyCode.CONTROL, KeyCode.A);
    hand.write("Stress of ");
    press(KeyCode.CONTROL, KeyCode.B);
    hand.write("night");
    press(KeyCode.ENTER);
    assertThat(texts(DressedRow.Band.ABOVE)).contains("Stress of Night");
    assertThat(
            ask(
                () ->
                    window.desk().shownProperty().get().orElseThrow().dressed().rows().stream()
                        .flatMap(row -> row.cells().getFirst().runs().stream())
                        .anyMatch(run -> run.text().equals("Night") && run.bold())))
        .isTrue();
  }

  @Test
  public void numbersAreWrittenByAPattern() throws IOException {
    open("more.csv", "Route,Fares\nHale,12\nSkell,9\n");
    press(KeyCode.CONTROL, KeyCode.DIGIT5);
    click("#word-number");
    press(KeyCode.CONTROL, KeyCode.A);
    hand.write("{chapter}.{n}");
    press(KeyCode.ENTER);
    assertThat(ask(() -> window.desk().document().numeral(1))).isEqualTo("1.2");
    click("#word-chapter");
    assertThat(ask(() -> window.desk().document().numeral(1))).isEqualTo("2.1");
    press(KeyCode.CONTROL, KeyCode.Z);
    press(KeyCode.CONTROL, KeyCode.Z);
    assertThat(ask(() -> window.desk().document().numeral(1))).isEqualTo("2");
  }

  @Test
  public void theTextSaysWhichTablesItNeverCallsOut() throws IOException {
    open("more.csv", "Route,Fares\nHale,12\nSkell,9\n");
    press(KeyCode.CONTROL, KeyCode.DIGIT5);
    Path text =
        Files.writeString(
            folder.resolve("paper.md"),
            "As Table 2 shows, fares fell. See also Table 1 and Table 5.\n");
    answers.files.add(text);
    click("#manuscript-read");
    settle();
    assertThat(
            ask(
                () ->
                    window.scene().lookup("#bench-word").lookupAll(".finding-wrong .label").stream()
                        .map(node -> ((Label) node).getText())
                        .toList()))
        .containsExactly(
            "The text calls Table 1 out only after Table 2.",
            "The text calls Table 5 out, and there is none.");
    click("#manuscript-order");
    assertThat(
            ask(() -> window.desk().document().tables().stream().map(DocumentTable::id).toList()))
        .containsExactly("t2", "t1");
    press(KeyCode.CONTROL, KeyCode.Z);
    assertThat(
            ask(() -> window.desk().document().tables().stream().map(DocumentTable::id).toList()))
        .containsExactly("t1", "t2");
  }

  @Test
  public void allIsKeptInTheDocument() throws IOException {
    tieTwo();
    click("#say-levels");
    click("#word-number");
    press(KeyCode.CONTROL, KeyCode.A);
    hand.write("A{n}");
    press(KeyCode.ENTER);
    Path file = folder.resolve("diary.finish");
    var document = ask(() -> window.desk().document());
    DocumentFile.write(document, file);
    assertThat(DocumentFile.read(file)).isEqualTo(document);
    assertThat(document.numeral(0)).isEqualTo("A1");
    assertThat(ask(() -> ((TextField) window.scene().lookup("#word-number")).getText()))
        .isEqualTo("A{n}");
  }

  private List<String> heads() {
    settle();
    return ask(
        () ->
            window
                .desk()
                .shownProperty()
                .get()
                .orElseThrow()
                .arranged()
                .table()
                .across()
                .leaves()
                .stream()
                .map(leaf -> String.join("/", leaf.labels()))
                .toList());
  }

  @Test
  public void figuresAreJoinedAndTakenApart() {
    press(KeyCode.CONTROL, KeyCode.DIGIT2);
    click("#cells-1");
    assertThat(heads()).containsExactly("Morning watch/M (SD)", "Night watch/M (SD)");
    assertThat(cell(new CellMeaning.Body(0, 0))).isEqualTo("2.41 (0.62)");
    click("#cells-1");
    assertThat(heads())
        .containsExactly("Morning watch/M", "Morning watch/SD", "Night watch/M", "Night watch/SD");
    press(KeyCode.CONTROL, KeyCode.Z);
    press(KeyCode.CONTROL, KeyCode.Z);
    assertThat(cell(new CellMeaning.Body(0, 0))).isEqualTo("2.41");
  }

  @Test
  public void tabGoesFromNoteToNoteOfAParagraph() {
    tieTwo();
    settle();
    click(new CellMeaning.Word(PartName.NOTE, 1), false);
    press(KeyCode.F2);
    press(KeyCode.CONTROL, KeyCode.A);
    hand.write("Six hours");
    press(KeyCode.TAB);
    press(KeyCode.CONTROL, KeyCode.A);
    hand.write("Slept ashore");
    press(KeyCode.ENTER);
    assertThat(notes()).contains("a Six hours. b Slept ashore.");
  }

  private String typed(String query) {
    settle();
    return ask(
        () -> ((javafx.scene.control.TextInputControl) window.scene().lookup(query)).getText());
  }

  private void type(String query, String text) {
    click(query);
    press(KeyCode.CONTROL, KeyCode.A);
    hand.write(text);
    press(KeyCode.ENTER);
    settle();
  }

  @Test
  public void aNoteThatIsTakenOutTwiceAtOnceTakesNoOtherAlong() {
    tieTwo();
    settle();
    hand.interact(
        () -> {
          var line =
              window.desk().noting().lines().stream()
                  .filter(one -> one.typed().equals("From 04:00."))
                  .findFirst()
                  .orElseThrow();
          window.desk().noting().reword(line.origin(), "");
          window.desk().noting().reword(line.origin(), "");
        });
    assertThat(notes()).contains("a Slept on board.");
  }

  @Test
  public void unitsMoveFromTheTitleToTheirLine() {
    assertThat(shows("#word-move-units")).isFalse();
    type("#word-title", "Stress by watch (points of 5, in percent)");
    assertThat(shows("#word-move-units")).isFalse();
    type("#word-title", "Stress by watch, in thousands");
    assertThat(shows("#word-move-units")).isTrue();
    click("#word-move-units");
    settle();
    assertThat(texts(DressedRow.Band.ABOVE)).contains("Stress by Watch", "In thousands");
    assertThat(typed("#word-units")).isEqualTo("In thousands");
    assertThat(shows("#word-move-units")).isFalse();
    press(KeyCode.CONTROL, KeyCode.Z);
    settle();
    assertThat(texts(DressedRow.Band.ABOVE)).contains("Stress by Watch, in Thousands");
  }

  @Test
  public void aTableIsDescribedForThoseWhoCantSeeIt() {
    String offered = typed("#word-description");
    assertThat(offered).startsWith("Stress by watch. 3 rows of Measure");
    press(KeyCode.CONTROL, KeyCode.DIGIT5);
    type("#word-description", "Nights are more tiring.");
    assertThat(ask(() -> window.desk().table().orElseThrow().finish().description()))
        .isEqualTo("Nights are more tiring.");
    press(KeyCode.CONTROL, KeyCode.Z);
    assertThat(typed("#word-description")).isEqualTo(offered);
  }
}
