package app.finish.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.dress.CellMeaning;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.table.Heading.Role;
import app.finish.core.table.MeasureKind;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import app.finish.formats.samples.Samples;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.control.CheckBox;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.apache.poi.ss.usermodel.Sheet;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.testng.annotations.Test;

/// Bringing tables in and correcting what was recognised, in the window.
public class BringInTest extends WindowTest {
  private static final String PIERS =
      "Pier,2025,2026,Both years\nNorth,12,14,27\nSouth,,9,16\nEast,3,4,7\n";

  private Table table() {
    return ask(() -> window.desk().shownProperty().get().orElseThrow().recognition().table());
  }

  private Corrections corrections() {
    return ask(() -> window.desk().table().orElseThrow().finish().corrections());
  }

  private void bringIn(String name, String text) throws Exception {
    Path file = folder.resolve(name);
    Files.writeString(file, text, StandardCharsets.UTF_8);
    answers.files.add(file);
    press(KeyCode.CONTROL, KeyCode.I);
  }

  @Test
  public void someOfTheTablesInAFileArePicked() throws Exception {
    answers.files.add(Samples.copy(Samples.SURVEY, folder));
    click("#empty-open");
    assertThat(textOf("#pick-title")).isEqualTo("survey-output.html holds 10 tables");
    click("#pick-none");
    assertThat(ask(() -> window.scene().lookup("#pick-take").isDisabled())).isTrue();
    click("#pick-4");
    hand.interact(() -> window.scene().lookup("#pick-8").requestFocus());
    press(KeyCode.SPACE);
    press(KeyCode.ENTER);
    assertThat(ask(() -> window.desk().document().tables()))
        .map(table -> table.source().grid().at(0, 0).text())
        .containsExactly("Residence by ticket", "Tests on all scales");
    assertThat(shows("#bench-bring-in")).isTrue();
    press(KeyCode.CONTROL, KeyCode.Z);
    assertThat(shows("#empty-board")).isTrue();
  }

  @Test
  public void goingBackBringsNothingIn() throws Exception {
    openDemo();
    answers.files.add(Samples.copy(Samples.SHAPES, folder));
    click("#bring-file");
    assertThat(shows("#pick-board")).isTrue();
    assertThat(shows("#galley")).isFalse();
    press(KeyCode.ESCAPE);
    assertThat(shows("#pick-board")).isFalse();
    assertThat(shows("#galley")).isTrue();
    assertThat(ask(() -> window.desk().document().tables())).hasSize(DEMO_TABLES);
    assertThat(ask(() -> window.desk().isEdited())).isFalse();
  }

  @Test
  public void whatIsHiddenIsOfferedAndOffByDefault() throws Exception {
    Path file = folder.resolve("hides.xlsx");
    try (XSSFWorkbook book = new XSSFWorkbook();
        OutputStream out = Files.newOutputStream(file)) {
      for (String name : new String[] {"Shown", "Hidden"}) {
        Sheet sheet = book.createSheet(name);
        sheet.createRow(0).createCell(0).setCellValue("Pier");
        sheet.getRow(0).createCell(1).setCellValue("Boats");
        sheet.createRow(1).createCell(0).setCellValue(name);
        sheet.getRow(1).createCell(1).setCellValue(7);
      }
      book.setSheetHidden(1, true);
      book.write(out);
    }
    answers.files.add(file);
    click("#empty-open");
    CheckBox hidden = ask(() -> (CheckBox) window.scene().lookup("#pick-hidden"));
    assertThat(hidden.isSelected()).isFalse();
    assertThat(hidden.getText()).isEqualTo("Show what is hidden: 1 sheet");
    assertThat(shows("#pick-2")).isFalse();
    click("#pick-hidden");
    waitFor(() -> window.scene().lookup("#pick-2") != null);
    assertThat(shows("#pick-2")).isTrue();
    click("#pick-take");
    assertThat(ask(() -> window.desk().document().tables())).hasSize(2);
  }

  @Test
  public void aColumnIsCorrected() throws Exception {
    bringIn("piers.csv", PIERS);
    clickCell(new CellMeaning.Body(0, 2));
    assertThat(table().across().leaves().get(2).role()).isEqualTo(Role.MEMBER);
    click("#column-role-grand_total");
    assertThat(table().across().leaves().get(2).role()).isEqualTo(Role.GRAND_TOTAL);
    assertThat(corrections().columns()).hasSize(1);
    assertThat(shows(".finding")).isTrue();
    clickCell(new CellMeaning.Head(0, 0, 0));
    click("#column-role-left_out");
    assertThat(table().across().leaves()).hasSize(2);
    press(KeyCode.CONTROL, KeyCode.Z);
    press(KeyCode.CONTROL, KeyCode.Z);
    assertThat(corrections()).isEqualTo(Corrections.NONE);
  }

  @Test
  public void measuresAndBlanksAreCorrectedByKeyboard() throws Exception {
    bringIn("piers.csv", PIERS.replace("Both years", "Trust"));
    assertThat(table().body().at(1, 0)).isEqualTo(Value.BLANK);
    hand.interact(() -> window.scene().lookup("#blanks").requestFocus());
    chooseNext();
    assertThat(table().body().at(1, 0)).isEqualTo(Value.number(0, ""));
    MeasureKind before = table().measures().getFirst().kind();
    hand.interact(() -> window.scene().lookup("#kind-1").requestFocus());
    press(KeyCode.SPACE);
    press(KeyCode.UP);
    press(KeyCode.ENTER);
    MeasureKind after = table().measures().getFirst().kind();
    assertThat(after.ordinal()).isEqualTo(before.ordinal() - 1);
    assertThat(corrections().size()).isEqualTo(2);
    press(KeyCode.CONTROL, KeyCode.Z);
    assertThat(table().measures().getFirst().kind()).isEqualTo(before);
  }

  @Test
  public void whatIsInBracketsIsAskedAndATotalIsToldItsRows() throws Exception {
    bringIn("lets.csv", "Pier,Now,Then\nHale,(120),-5\nOrrin,33,(4)\nSkell,-7,12\nTotal,260,3\n");
    assertThat(textOf("#figure-count")).isEqualTo("8 figures: 8 in the table.");
    assertThat(table().body().at(0, 0)).isEqualTo(Value.text("(120)"));
    hand.interact(() -> window.scene().lookup("#brackets").requestFocus());
    press(KeyCode.SPACE);
    press(KeyCode.UP);
    press(KeyCode.UP);
    press(KeyCode.ENTER);
    assertThat(table().body().number(0, 0)).isEqualTo(-120);
    assertThat(shows(".finding")).isTrue();
    clickCell(new CellMeaning.Stub(0, 3));
    TextField from = ask(() -> (TextField) window.scene().lookup("#cover-from"));
    assertThat(from.getText()).isEqualTo("2");
    hand.interact(() -> from.setText("x"));
    click("#cover");
    assertThat(textOf("#notice-sentence")).contains("whole numbers");
    hand.interact(() -> ((TextField) window.scene().lookup("#cover-from")).setText("3"));
    click("#cover");
    assertThat(corrections().covers()).hasSize(1);
    assertThat(corrections().covers().values().iterator().next()).hasSize(2);
    press(KeyCode.CONTROL, KeyCode.Z);
    press(KeyCode.CONTROL, KeyCode.Z);
    assertThat(corrections()).isEqualTo(Corrections.NONE);
  }

  @Test
  public void aTableIsCutBetweenColumnsAndJoinedAgain() throws Exception {
    bringIn("beside.csv", "Pier,2025,2026,Berths,Boats\nNorth,12,14,3,8\nSouth,7,9,2,5\n");
    clickCell(new CellMeaning.Body(0, 2));
    click("#cut-before");
    assertThat(ask(() -> window.desk().document().tables())).hasSize(2);
    assertThat(table().across().leaves()).hasSize(2);
    click("#join-next");
    assertThat(ask(() -> window.desk().document().tables())).hasSize(1);
    assertThat(table().across().leaves()).hasSize(4);
    assertThat(corrections()).isEqualTo(Corrections.NONE);
  }

  @Test
  public void aHeadThatNamesTheLevelBelowIsToldSo() throws Exception {
    bringIn("paid.csv", ",Paid with fares,\nPlace,Coin,Card\nHale,3,5\nOrrin,4,8\n");
    assertThat(table().across().leaves().getFirst().labels()).hasSize(2);
    clickCell(new CellMeaning.Head(0, 0, 1));
    click("#is-name");
    assertThat(table().across().leaves().getFirst().labels()).containsExactly("Coin");
    assertThat(table().across().dimensions()).containsExactly("Paid with fares");
    press(KeyCode.CONTROL, KeyCode.Z);
    assertThat(table().across().leaves().getFirst().labels()).hasSize(2);
  }

  private void chooseNext() {
    press(KeyCode.SPACE);
    press(KeyCode.DOWN);
    press(KeyCode.ENTER);
  }

  @Test
  public void aTableIsCutInTwoAndJoinedAgain() throws Exception {
    bringIn("two.csv", "Pier,2025,2026\nNorth,12,14\nSouth,7,9\nMate,3,8\nDeckhand,1,20\n");
    clickCell(new CellMeaning.Body(2, 0));
    click("#cut-here");
    assertThat(ask(() -> window.desk().document().tables())).hasSize(2);
    assertThat(table().down().leaves()).hasSize(2);
    assertThat(shows("#join-next")).isTrue();
    click("#join-next");
    assertThat(ask(() -> window.desk().document().tables())).hasSize(1);
    assertThat(table().down().leaves()).hasSize(4);
    assertThat(corrections()).isEqualTo(Corrections.NONE);
    press(KeyCode.CONTROL, KeyCode.Z);
    assertThat(ask(() -> window.desk().document().tables())).hasSize(2);
  }

  @Test
  public void aFileThatIsDroppedIsBroughtIn() throws Exception {
    Path file = folder.resolve("dropped.csv");
    Files.writeString(file, PIERS);
    hand.interact(() -> window.files().drop(List.of(file.toFile())));
    settle();
    assertThat(table().down().leaves()).hasSize(3);
    hand.interact(() -> window.files().drop(List.of()));
    assertThat(textOf("#notice-sentence")).contains("is no file");
  }

  @Test
  public void theSlugTellsTheNoteThatAMarkCallsFor() throws Exception {
    openDemo();
    hand.interact(() -> window.desk().show(4));
    settle();
    clickCell(new CellMeaning.Body(0, 1));
    assertThat(slug()).contains("note **: p < .01, two-sided");
  }

  @Test
  public void aLongReadIsStoppedAndTheNextOneGoesOn() throws Exception {
    StringBuilder text = new StringBuilder("Key,A,B,C,D,E,F,G,H\n");
    for (int i = 0; i < 400_000; i++) {
      text.append("k").append(i).append(",1,2,3,4,5,6,7,8\n");
    }
    Path large = folder.resolve("large.csv");
    Files.writeString(large, text);
    hand.interact(() -> window.files().bringIn(large));
    waitFor(() -> !window.desk().worker().busyProperty().get().isEmpty());
    waitFor(() -> shows("#progress"));
    hand.clickOn("#notice-button");
    Path small = folder.resolve("small.csv");
    Files.writeString(small, PIERS);
    hand.interact(() -> window.files().bringIn(small));
    waitFor(() -> window.desk().document().items().size() == 1);
    settle();
    assertThat(table().down().leaves()).hasSize(3);
  }
}
