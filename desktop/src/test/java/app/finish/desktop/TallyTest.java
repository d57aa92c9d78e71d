package app.finish.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.tally.Bins;
import app.finish.core.tally.DatePart;
import app.finish.core.tally.Plan;
import app.finish.core.tally.Question;
import app.finish.core.tally.Tally;
import app.finish.desktop.model.Notice;
import app.finish.formats.finish.DocumentFile;
import app.finish.formats.samples.Samples;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.testng.annotations.Test;

/// Records are brought in and tallied with mouse and keyboard.
public class TallyTest extends WindowTest {
  private Path answers() throws IOException {
    return Samples.copy(Samples.ANSWERS, folder);
  }

  private Tally tally() {
    return ask(() -> window.desk().table().flatMap(t -> t.source().tally()).orElseThrow());
  }

  private Plan plan() {
    return tally().plan();
  }

  private String notice() {
    return ask(() -> window.desk().noticeProperty().get().map(Notice::sentence).orElse(""));
  }

  private void clickRevealed(String selector) {
    click(selector);
  }

  private void bringInAnswers() throws IOException {
    window.tallies().redraws().slowFrom(60_000_000_000L);
    answers.files.add(answers());
    press(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.I);
    waitFor(() -> !window.desk().isEmpty());
    settle();
  }

  private void write(String selector, String words) {
    reveal(selector);
    hand.interact(() -> ((TextField) window.scene().lookup(selector)).requestFocus());
    hand.interact(() -> ((TextField) window.scene().lookup(selector)).setText(words));
    press(KeyCode.ENTER);
  }

  @Test
  public void aCrosstabIsBuiltColumnByColumn() throws IOException {
    bringInAnswers();
    assertThat(plan()).isEqualTo(Plan.EMPTY);
    assertThat(tally().table().words().generalNote()).isEqualTo("The first 20 of 1,184 records.");
    assertThat(notice()).contains("1,184 records of survey-answers.csv");
    clickRevealed("#column-4-down");
    clickRevealed("#column-3-across");
    assertThat(plan().down().getFirst().column()).isEqualTo("Ticket");
    assertThat(tally().table().across().leaves()).hasSize(3);
    clickRevealed("#missing-left-out");
    clickRevealed("#test-chisquare");
    assertThat(tally().table().words().generalNote()).contains("χ²(2, N = 1,117)");
    assertThat(dressed().rows()).isNotEmpty();
    press(KeyCode.CONTROL, KeyCode.Z);
    assertThat(plan().tests()).isEmpty();
    clickRevealed("#column-6-measure");
    hand.clickOn("Mean");
    settle();
    assertThat(plan().measures()).hasSize(1);
    assertThat(plan().measures().getFirst().name()).isEqualTo("Mean Waiting comfort");
    clickRevealed("#question-description");
    assertThat(notice()).contains("one dimension down at most");
    assertThat(plan().question()).isEqualTo(Question.TALLY);
    assertThat(ask(() -> window.tallies().redraws().waitingProperty().get())).isFalse();
  }

  @Test
  public void whatIsInTheWellsIsRewrittenInWords() throws IOException {
    bringInAnswers();
    clickRevealed("#column-2-down");
    write("#down-1", "Age at 25, 45, 65 as Age band");
    assertThat(plan().down().getFirst().name()).isEqualTo("Age band");
    assertThat(tally().table().down().leaves().getFirst().heading().label()).isEqualTo("Under 25");
    write("#measure-new", "mean Crowding as M");
    write("#measure-new", "M / 5 as Share");
    assertThat(tally().table().across().leaves()).hasSize(2);
    Plan before = plan();
    write("#measure-new", "mean Crowd");
    assertThat(notice()).contains("has no column “Crowd”");
    write("#where", "Age = 3");
    assertThat(notice()).contains("Write ==");
    assertThat(plan()).isEqualTo(before);
    write("#where", "Age >= 30");
    assertThat(tally().table().words().generalNote())
        .isEqualTo("Only records for which Age is at least 30.");
    clickRevealed("#down-1-more");
    hand.clickOn("Take out");
    settle();
    assertThat(plan().down()).isEmpty();
  }

  @Test
  public void movesAreHeldAndCarriedOutAtOnce() throws IOException {
    bringInAnswers();
    press(KeyCode.CONTROL, KeyCode.H);
    clickRevealed("#column-3-down");
    clickRevealed("#column-4-down");
    assertThat(plan()).isEqualTo(Plan.EMPTY);
    assertThat(ask(() -> window.scene().lookup("#down-2") != null)).isTrue();
    int edits = ask(() -> window.desk().historyProperty().get().undoLabel().isPresent() ? 1 : 0);
    press(KeyCode.CONTROL, KeyCode.ENTER);
    assertThat(plan().down()).hasSize(2);
    assertThat(edits).isEqualTo(1);
    press(KeyCode.CONTROL, KeyCode.Z);
    assertThat(plan()).isEqualTo(Plan.EMPTY);
  }

  @Test
  public void aTableOfAMillionCellsIsAskedAbout() throws IOException {
    StringBuilder text = new StringBuilder("A,B,C\n");
    for (int i = 0; i < 1_100; i++) {
      text.append(i).append(',').append(i).append(",x\n");
    }
    window.tallies().redraws().slowFrom(60_000_000_000L);
    answers.files.add(Files.writeString(folder.resolve("many.csv"), text));
    press(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.I);
    waitFor(() -> window.scene().lookup("#column-1-down") != null);
    settle();
    clickRevealed("#column-1-down");
    clickRevealed("#column-2-across");
    assertThat(notice()).startsWith("This makes a table of more than 1,000,000 cells");
    assertThat(plan().across()).isEmpty();
    assertThat(shows("#notice-offer")).isTrue();
    click("#notice-button");
    assertThat(notice()).isEmpty();
  }

  @Test
  public void threeSlowCountsInARowMakeRedrawsWaitAndSaySo() throws IOException {
    bringInAnswers();
    window.tallies().redraws().slowFrom(-1);
    clickRevealed("#column-3-down");
    clickRevealed("#column-4-down");
    assertThat(ask(() -> window.tallies().redraws().waitingProperty().get())).isFalse();
    clickRevealed("#column-5-down");
    assertThat(plan().down()).hasSize(3);
    assertThat(ask(() -> window.tallies().redraws().waitingProperty().get())).isTrue();
    assertThat(notice()).contains("so redraws are paused");
    clickRevealed("#column-6-across");
    assertThat(plan().across()).isEmpty();
    clickRevealed("#hold-redraw");
    assertThat(plan().across()).hasSize(1);
  }

  @Test
  public void aDocumentIsOpenedLaterAndCountedFurther() throws IOException {
    bringInAnswers();
    clickRevealed("#column-3-down");
    Path file = folder.resolve("later.finish");
    answers.files.add(file);
    press(KeyCode.CONTROL, KeyCode.S);
    waitFor(() -> !window.desk().isEdited());
    assertThat(DocumentFile.read(file).tables().getFirst().source().tally()).contains(tally());
    answers.files.add(file);
    press(KeyCode.CONTROL, KeyCode.O);
    waitFor(() -> window.scene().lookup("#column-4-down") != null);
    clickRevealed("#column-4-down");
    assertThat(plan().down()).hasSize(2);
  }

  @Test
  public void aFileOfRecordsIsKnownForOneAndBrokenLinesAreLeftOutIfSaid() throws IOException {
    StringBuilder text = new StringBuilder("Route,Vessel,Fares\n");
    for (int i = 0; i < 300; i++) {
      text.append("Hale–Orrin,Marram,").append(i).append(i == 150 ? ",7,8,9\n" : "\n");
    }
    Path file = Files.writeString(folder.resolve("broken.csv"), text);
    hand.interact(() -> window.files().bringIn(file));
    settle();
    waitFor(() -> window.desk().noticeProperty().get().isPresent());
    assertThat(notice()).contains("line 152 (too many values)");
    assertThat(ask(() -> window.desk().isEmpty())).isTrue();
    click("#notice-offer");
    waitFor(() -> !window.desk().isEmpty());
    settle();
    assertThat(tally().table().words().generalNote()).isEqualTo("The first 20 of 299 records.");
  }

  @Test
  public void aDatabaseIsConnectedTo() throws Exception {
    Path file = folder.resolve("sound.db");
    Files.deleteIfExists(file);
    try (Connection connection = DriverManager.getConnection("jdbc:duckdb:" + file);
        Statement statement = connection.createStatement()) {
      statement.execute(
          "CREATE TABLE sailings AS SELECT DATE '2025-01-01' + CAST(i AS INT) AS day, i AS people"
              + " FROM range(365) AS r(i)");
    }
    hand.interact(() -> window.tallies().connectingProperty().set(true));
    settle();
    fill("#connect-name", "sound");
    fill("#connect-url", "jdbc:duckdb:" + file + "?password=tide");
    fill("#connect-table", "sailings");
    click("#connect-connect");
    assertThat(notice()).contains("There is a password in the address");
    fill("#connect-url", "jdbc:duckdb:" + file);
    fill("#connect-secret", "tide");
    click("#connect-connect");
    waitFor(() -> !window.desk().isEmpty());
    settle();
    clickRevealed("#column-1-down");
    assertThat(plan().down().getFirst().bins()).isEqualTo(new Bins.Dates(DatePart.MONTH));
    assertThat(tally().table().down().leaves()).hasSize(13);
    Path saved = folder.resolve("sound.finish");
    answers.files.add(saved);
    press(KeyCode.CONTROL, KeyCode.S);
    waitFor(() -> !window.desk().isEdited());
    try (java.util.zip.ZipFile zip = new java.util.zip.ZipFile(saved.toFile())) {
      String all =
          new String(zip.getInputStream(zip.getEntry("tables/t1/tally.json")).readAllBytes());
      assertThat(all).contains("\"connection\" : \"sound\"").doesNotContain("tide", "jdbc:");
    }
  }

  private void fill(String selector, String text) {
    hand.interact(() -> ((TextField) window.scene().lookup(selector)).setText(text));
  }

  @Test
  public void aTallyOfTheDemoCanBeChangedFurther() {
    window.tallies().redraws().slowFrom(60_000_000_000L);
    openDemo();
    hand.interact(() -> window.desk().show(6));
    settle();
    waitFor(() -> window.scene().lookup("#column-1") != null);
    assertThat(shows("#head-rows")).isFalse();
    clickRevealed("#down-2-more");
    hand.clickOn("By year");
    settle();
    assertThat(tally().table().down().leaves().getFirst().labels())
        .containsExactly("Hale–Orrin", "2024");
    hand.interact(() -> window.desk().show(0));
    settle();
    assertThat(shows("#head-rows")).isTrue();
  }
}
