package app.finish.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.check.Finding;
import app.finish.core.dress.CellMeaning;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import org.testng.annotations.Test;

/// The step that checks, in the real window: findings are shown and pointed at, mended one by one
/// and together, left with a reason and taken up again.
public class CheckTest extends WindowTest {
  private static final String VARIANCE =
      """
      Landings by season.
      Source,SS,df,MS,F,p
      Season,12.40,2,6.20,3.10,.073
      Error,108.00,54,2.00,,
      Total,120.40,56,,,
      """;

  private void open(String name, String text) throws IOException {
    Path file = Files.writeString(folder.resolve(name), text);
    answers.files.add(file);
    press(KeyCode.CONTROL, KeyCode.O);
  }

  private void wearApa() {
    press(KeyCode.CONTROL, KeyCode.DIGIT3);
    click("#style-apa-7");
    press(KeyCode.CONTROL, KeyCode.DIGIT6);
    settle();
  }

  /// The checks that do not hold, once the table is looked at that was changed while it was looked
  /// at.
  private List<String> checks() {
    settle();
    settle();
    return ask(() -> window.desk().checking().open().stream().map(Finding::check).toList());
  }

  @Test
  public void aWrongProbabilityIsPointedAt() throws IOException {
    open("variance.csv", VARIANCE);
    wearApa();
    assertThat(checks()).contains("arithmetic.probability", "apa.title");
    String first = ask(() -> ((Button) window.scene().lookup("#finding-1")).getText());
    assertThat(first).isEqualTo("Season: p is .073, but F = 3.10 with df = 2 and 54 gives .053.");
    click("#finding-1");
    assertThat(ask(() -> window.desk().pickProperty().get().orElseThrow().place()))
        .isEqualTo(new CellMeaning.Body(0, 4));
    String step = ask(() -> ((Button) window.scene().lookup("#step-check")).getAccessibleText());
    assertThat(step).isEqualTo("Check " + checks().size());
    assertThat(shows("#galley-1")).isTrue();
  }

  @Test
  public void oneIsMendedAndTakenBack() throws IOException {
    open("variance.csv", VARIANCE);
    wearApa();
    int before = checks().size();
    int at = checks().indexOf("apa.title") + 1;
    click("#finding-" + at + "-mend-1");
    assertThat(checks()).hasSize(before - 1).doesNotContain("apa.title");
    press(KeyCode.CONTROL, KeyCode.Z);
    assertThat(checks()).hasSize(before);
  }

  @Test
  public void whatIsSafeIsMendedAtOnce() throws IOException {
    open("variance.csv", VARIANCE);
    wearApa();
    hand.interact(
        () -> {
          var looks = window.desk().dressing().looks();
          looks.change(
              app.finish.core.style.Selector.of(PartName.NUMBER), Property.WEIGHT, "regular");
          looks.change(
              app.finish.core.style.Selector.of(PartName.BODY), Property.FILL, "accent 20%");
          looks.change(
              app.finish.core.style.Selector.of(PartName.TABLE),
              Property.RULE_BETWEEN_COLUMNS,
              "0.5 pt ink");
        });
    assertThat(checks()).contains("apa.number", "apa.shading", "apa.rules");
    click("#mend-safe");
    assertThat(checks()).doesNotContain("apa.number", "apa.shading", "apa.rules");
    assertThat(checks()).contains("arithmetic.probability");
    press(KeyCode.CONTROL, KeyCode.Z);
    assertThat(checks()).contains("apa.number", "apa.shading", "apa.rules");
  }

  @Test
  public void oneIsLeftWithAReasonAndTakenUpAgain() throws IOException {
    open("variance.csv", VARIANCE);
    wearApa();
    int before = checks().size();
    click("#finding-1-leave");
    click("#finding-1-reason");
    hand.write("it is taken from the report");
    press(KeyCode.ENTER);
    assertThat(checks()).hasSize(before - 1).doesNotContain("arithmetic.probability");
    assertThat(ask(() -> window.desk().document().table(0).finish().left().values()))
        .containsExactly("it is taken from the report");
    press(KeyCode.CONTROL, KeyCode.DIGIT7);
    assertThat(textOf("#send-open")).endsWith("it is sent all the same.");
    press(KeyCode.CONTROL, KeyCode.DIGIT6);
    click("#left-1-again");
    assertThat(checks()).hasSize(before).contains("arithmetic.probability");
  }

  @Test
  public void whatIsFoundAtACellIsSpoken() throws IOException {
    open("variance.csv", VARIANCE);
    wearApa();
    clickCell(new CellMeaning.Body(0, 4));
    Object item =
        ask(
            () ->
                window
                    .proof()
                    .queryAccessibleAttribute(javafx.scene.AccessibleAttribute.FOCUS_ITEM));
    assertThat(((javafx.scene.Node) item).getAccessibleText()).contains("gives .053");
  }

  @Test
  public void aSoundTableSaysSo() {
    openDemo();
    wearApa();
    assertThat(checks()).containsExactly("page.holds-table");
    click("#finding-1-mend-1");
    assertThat(checks()).as("on a page that lies on its side").containsExactly("apa.one-page");
    click("#finding-1-mend-1");
    assertThat(checks()).isEmpty();
    assertThat(ask(() -> ((Label) window.scene().lookup("#check-count")).getText()))
        .isEqualTo("Everything holds that APA 7 asks for.");
  }

  @Test
  public void aStyleOfOnesOwnAsksInASentence() throws IOException {
    open("variance.csv", VARIANCE);
    press(KeyCode.CONTROL, KeyCode.DIGIT6);
    settle();
    click("#demand-new");
    hand.write("be nice");
    press(KeyCode.ENTER);
    assertThat(ask(() -> window.desk().noticeProperty().get().orElseThrow().sentence()))
        .startsWith("“be nice” is no demand.");
    click("#demand-new");
    press(KeyCode.CONTROL, KeyCode.A);
    hand.write("at most 4 columns");
    press(KeyCode.ENTER);
    assertThat(checks()).contains("house.columns");
    click("#demand-1-out");
    assertThat(checks()).doesNotContain("house.columns");
  }

  @Test
  public void tablesAreHeldAgainstEachOther() throws IOException {
    open("one.csv", "Group,n,M\nDeck,84,3.1\nEngine,62,2.9\n");
    hand.interact(() -> window.proof().requestFocus());
    answers.files.add(
        Files.writeString(folder.resolve("two.csv"), "Group,n,M\nDeck,84,4.1\nEngine,61,3.7\n"));
    press(KeyCode.CONTROL, KeyCode.I);
    press(KeyCode.CONTROL, KeyCode.DIGIT6);
    waitFor(
        () ->
            window.desk().checking().open().stream()
                .anyMatch(one -> one.check().equals("across.figures")));
    assertThat(checks()).contains("across.figures");
  }

  private List<Integer> places(List<String> sentences) {
    return ask(
        () ->
            window.desk().checking().open().stream()
                .map(Finding::sentence)
                .map(sentences::indexOf)
                .toList());
  }

  private List<String> listed() {
    settle();
    return ask(
        () -> {
          List<String> sentences = new java.util.ArrayList<>();
          for (int i = 1; window.scene().lookup("#finding-" + i) instanceof Button one; i++) {
            sentences.add(one.getText());
          }
          return sentences;
        });
  }

  @Test
  public void findingsStandByWeightOrInTheOrderOfTheTable() throws IOException {
    open("variance.csv", VARIANCE);
    wearApa();
    List<String> byWeight = listed();
    assertThat(places(byWeight)).isSorted();
    click("#check-by-place");
    List<String> byPlace = listed();
    assertThat(byPlace).containsExactlyInAnyOrderElementsOf(byWeight);
    int title = byPlace.indexOf("The title ends with a full stop.");
    int probability = byPlace.indexOf(byWeight.getFirst());
    assertThat(title).isNotNegative().isLessThan(probability);
    click("#finding-" + (probability + 1));
    assertThat(ask(() -> window.desk().pickProperty().get().orElseThrow().place()))
        .isEqualTo(new CellMeaning.Body(0, 4));
    click("#check-by-weight");
    assertThat(listed()).isEqualTo(byWeight);
  }
}
