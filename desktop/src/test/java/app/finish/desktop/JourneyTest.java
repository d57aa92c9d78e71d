package app.finish.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow.Band;
import app.finish.core.layout.CellBox;
import app.finish.core.layout.Paper;
import app.finish.core.layout.sheet.Scroll;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.style.PartName;
import app.finish.desktop.model.FilePicker;
import app.finish.desktop.model.LooksInWords;
import app.finish.desktop.model.Pick;
import app.finish.desktop.model.Step;
import app.finish.desktop.shell.EmptyBoard;
import app.finish.desktop.shell.InfoLine;
import app.finish.formats.OutputFormat;
import app.finish.formats.finish.DocumentFile;
import app.finish.formats.samples.Samples;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.zip.ZipFile;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import javax.imageio.ImageIO;
import org.testng.annotations.Test;

/// Whole journeys through the window.
public class JourneyTest extends WindowTest {
  @Test
  public void fromAWorkbookToAWordProcessor() throws Exception {
    assertThat(shows("#empty-board")).isTrue();
    assertThat(shows("#step-dress")).isFalse();
    answers.files.add(Samples.copy(Samples.PIVOTS, folder));
    click("#empty-open");
    settle();
    assertThat(textOf("#pick-title")).isEqualTo("marram-sound.xlsx holds 3 tables");
    press(KeyCode.ENTER);
    waitFor(() -> window.desk().document().items().size() == 3);
    settle();
    assertThat(shows("#bench-bring-in")).isTrue();
    assertThat(textOf("#head-rows")).isEqualTo("2");
    assertThat(textOf("#stub-columns")).isEqualTo("2");

    clickCell(new CellMeaning.Body(4, 0));
    assertThat(shows("#role-subtotal")).isTrue();
    assertThat(slug()).startsWith("Subtotal row").contains("bold", "Plain › all totals");

    press(KeyCode.CONTROL, KeyCode.DIGIT3);
    assertThat(shows("#bench-dress")).isTrue();
    click("#style-marram-house");
    assertThat(dressed().style()).isEqualTo("Marram house");
    clickCell(new CellMeaning.Body(15, 1));
    assertThat(slug()).startsWith("Grand total row").contains("Marram house › grand total row");
    click("#style-apa-7");
    assertThat(dressed().style()).isEqualTo("APA 7");
    assertThat(slug()).contains("APA 7 › grand total row");

    press(KeyCode.CONTROL, KeyCode.DIGIT7);
    Path out = folder.resolve("journey.docx");
    answers.files.add(out);
    click("#send-out");
    waitFor(() -> Files.exists(out));
    settle();
    assertThat(textOf("#notice-sentence")).contains("journey.docx");
    try (ZipFile zip = new ZipFile(out.toFile())) {
      String document =
          new String(zip.getInputStream(zip.getEntry("word/document.xml")).readAllBytes(), "UTF-8");
      assertThat(document)
          .contains("Fares, Running Cost and Cost Recovery by Route, Season and Year")
          .contains("w:tblHeader");
    }
  }

  @Test
  public void anActionIsFoundBeforeThereIsATable() {
    press(KeyCode.CONTROL, KeyCode.K);
    hand.write("connect");
    press(KeyCode.ENTER);
    settle();
    assertThat(ask(() -> window.tallies().connectingProperty().get())).isTrue();
    hand.interact(() -> window.tallies().connectingProperty().set(false));
  }

  @Test
  public void anEndingThatNoFormatHasIsSaidAndNothingIsWritten() {
    openDemo();
    press(KeyCode.CONTROL, KeyCode.DIGIT7);
    Path odd = folder.resolve("odd.doc");
    answers.files.add(odd);
    click("#send-out");
    settle();
    assertThat(textOf("#notice-sentence")).startsWith("Finish writes no .doc").contains(".docx");
    assertThat(odd).doesNotExist();
    assertThat(folder.resolve("odd.doc.docx")).doesNotExist();
  }

  @Test
  public void eachFormatIsSentFromTheWindow() {
    openDemo();
    press(KeyCode.CONTROL, KeyCode.DIGIT7);
    OutputFormat before = OutputFormat.DOCX;
    for (OutputFormat format : OutputFormat.values()) {
      if (format != before) {
        choose(format);
        choose(before);
      }
      before = format;
      Path out = folder.resolve("sent");
      answers.files.add(out);
      click("#send-out");
      settle();
      Path file = folder.resolve("sent." + format.extension());
      assertThat(file).exists();
      assertThat(shows("#paper-a4")).isEqualTo(format.isOnPaper());
    }
  }

  @Test
  public void aPictureGoesOutAsFineAndAsClearAsIsChosen() throws IOException {
    openDemo();
    press(KeyCode.CONTROL, KeyCode.DIGIT7);
    choose(OutputFormat.PNG);
    choose(OutputFormat.DOCX);
    List<BufferedImage> sent = new ArrayList<>();
    for (String dots : List.of("150", "300")) {
      click("#dots-" + dots);
      if (dots.equals("300")) {
        click("#picture-clear");
      }
      Path out = folder.resolve("dots" + dots + ".png");
      answers.files.add(out);
      click("#send-out");
      settle();
      sent.add(ImageIO.read(out.toFile()));
    }
    assertThat((double) sent.getLast().getWidth() / sent.getFirst().getWidth())
        .isBetween(1.98, 2.02);
    assertThat(sent.getFirst().getColorModel().hasAlpha()).isFalse();
    assertThat(sent.getLast().getColorModel().hasAlpha()).isTrue();
  }

  @Test
  public void printSaysHowManyPagesItTakes() {
    openDemo();
    press(KeyCode.CONTROL, KeyCode.DIGIT7);
    choose(OutputFormat.PDF);
    waitFor(() -> textOf("#send-pages").equals("One page in print."));
    click("#send-all");
    int tables = ask(() -> window.desk().document().items().size());
    waitFor(() -> textOf("#send-pages").matches("[0-9]+ pages in print\\."));
    assertThat(Integer.parseInt(textOf("#send-pages").split(" ")[0]))
        .isGreaterThanOrEqualTo(tables);
  }

  private void choose(OutputFormat format) {
    click("#format-" + format.extension().replace(".", "-"));
  }

  /// How many pictures a long table takes is known only when they are drawn: then those in the way
  /// are said, and nothing is written over them unless the person says so.
  @Test
  public void furtherPicturesLeaveOtherFilesAlone() throws IOException {
    StringBuilder rows = new StringBuilder("Quay,Landings\n");
    for (int row = 0; row < 300; row++) {
      rows.append("Quay ").append(row).append(',').append(row * 7919 % 1000).append('\n');
    }
    answers.files.add(Files.writeString(folder.resolve("landings.csv"), rows));
    click("#empty-open");
    waitFor(() -> window.desk().document().items().size() == 1);
    settle();
    press(KeyCode.CONTROL, KeyCode.DIGIT7);
    choose(OutputFormat.PNG);
    choose(OutputFormat.DOCX);
    Path other = Files.writeString(folder.resolve("landings-page-2.png"), "mine");
    answers.files.add(folder.resolve("landings.png"));
    click("#send-out");
    settle();
    assertThat(textOf("#notice-sentence")).contains("landings-page-2.png is there already");
    assertThat(other).hasContent("mine");
    assertThat(folder.resolve("landings.png")).doesNotExist();
    click("#notice-offer");
    settle();
    assertThat(ImageIO.read(other.toFile()).getWidth()).isGreaterThan(100);
    assertThat(folder.resolve("landings.png")).exists();
  }

  /// Several formats are written beside each other, none over a file that is there, and the same
  /// again by a key.
  @Test
  public void severalFormatsGoOutAtOnceAndAgain() throws IOException {
    openDemo();
    press(KeyCode.CONTROL, KeyCode.DIGIT7);
    choose(OutputFormat.DOCX);
    assertThat(((CheckBox) window.scene().lookup("#format-docx")).isSelected()).isTrue();
    choose(OutputFormat.HTML);
    choose(OutputFormat.PNG);
    click("#send-all");
    Path taken = Files.writeString(folder.resolve("several.html"), "mine");
    answers.files.add(folder.resolve("several.docx"));
    click("#send-out");
    settle();
    assertThat(textOf("#notice-sentence")).contains("several.html is there already");
    assertThat(taken).hasContent("mine");
    assertThat(folder.resolve("several.docx")).doesNotExist();
    click("#notice-offer");
    settle();
    assertThat(taken).content().contains("<html");
    int tables = ask(() -> window.desk().document().items().size());
    assertThat(folder.resolve("several.docx")).exists();
    assertThat(taken).exists();
    assertThat(folder.resolve("several-" + tables + ".png")).exists();
    Files.delete(taken);
    press(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.E);
    settle();
    assertThat(taken).exists();
  }

  /// What a document was before it was saved over is brought back, and undo takes it away again.
  @Test
  public void anEarlierVersionIsBroughtBack() {
    openDemo();
    Path file = folder.resolve("versions-" + System.nanoTime() + ".finish");
    answers.files.add(file);
    press(KeyCode.CONTROL, KeyCode.S);
    settle();
    String before = title();
    hand.interact(() -> window.desk().word(PartName.TITLE, "Another title"));
    press(KeyCode.CONTROL, KeyCode.S);
    settle();
    press(KeyCode.CONTROL, KeyCode.K);
    hand.write("earlier versions");
    press(KeyCode.ENTER);
    settle();
    assertThat(shows("#versions-board")).isTrue();
    assertThat(ask(() -> window.scene().getFocusOwner().getId())).isEqualTo("version-1");
    press(KeyCode.ENTER);
    settle();
    assertThat(title()).isEqualTo(before);
    assertThat(ask(() -> window.desk().isEdited())).isTrue();
    press(KeyCode.CONTROL, KeyCode.Z);
    assertThat(title()).isEqualTo("Another title");
  }

  @Test
  public void pointingTriesAStyleOnAndLeavingGoesBack() {
    openDemo();
    press(KeyCode.CONTROL, KeyCode.DIGIT3);
    hand.moveTo("#style-apa-7");
    settle();
    assertThat(dressed().style()).isEqualTo("APA 7");
    assertThat(ask(() -> window.desk().isEdited())).isFalse();
    hand.moveTo("#proof");
    settle();
    assertThat(dressed().style()).isEqualTo("Plain");
    assertThat(slug()).doesNotContain("APA 7");
    hand.moveTo("#style-marram-house");
    settle();
    press(KeyCode.ENTER);
    assertThat(ask(() -> window.desk().table().orElseThrow().finish().style()))
        .isEqualTo("Marram house");
    hand.moveTo("#style-apa-7");
    settle();
    press(KeyCode.ESCAPE);
    assertThat(dressed().style()).isEqualTo("Marram house");
  }

  @Test
  public void arrowKeysTryStylesOnEnterKeepsEscGoesBack() {
    openDemo();
    press(KeyCode.CONTROL, KeyCode.DIGIT3);
    hand.interact(() -> window.scene().lookup("#style-plain").requestFocus());
    press(KeyCode.RIGHT);
    assertThat(dressed().style()).isEqualTo("Marram house");
    press(KeyCode.RIGHT);
    assertThat(dressed().style()).isEqualTo("APA 7");
    press(KeyCode.ESCAPE);
    assertThat(dressed().style()).isEqualTo("Plain");
    press(KeyCode.LEFT);
    press(KeyCode.ENTER);
    assertThat(ask(() -> window.desk().table().orElseThrow().finish().style()))
        .isEqualTo("Marram house");
  }

  @Test
  public void aSecondClickPicksThePartAndSoOutward() {
    openDemo();
    CellMeaning cell = new CellMeaning.Body(15, 2);
    clickCell(cell);
    assertThat(ask(() -> window.desk().pickProperty().get().orElseThrow().reach())).isZero();
    hand.sleep(600);
    clickCell(cell);
    assertThat(ask(() -> window.desk().pickProperty().get().orElseThrow().reach())).isEqualTo(1);
    press(KeyCode.ENTER);
    press(KeyCode.ENTER);
    Pick pick = ask(() -> window.desk().pickProperty().get().orElseThrow());
    assertThat(pick.circles().get(pick.reach())).isEqualTo("table");
    press(KeyCode.ESCAPE);
    assertThat(ask(() -> window.desk().pickProperty().get())).isEmpty();
  }

  @Test
  public void arrowKeysWalkOverTheCells() {
    openDemo();
    clickCell(new CellMeaning.Body(0, 0));
    press(KeyCode.RIGHT);
    press(KeyCode.DOWN);
    assertThat(ask(() -> window.desk().pickProperty().get().orElseThrow().place()))
        .isEqualTo(new CellMeaning.Body(1, 1));
    press(KeyCode.UP);
    press(KeyCode.UP);
    assertThat(ask(() -> window.desk().pickProperty().get().orElseThrow().place()))
        .isEqualTo(new CellMeaning.Head(1, 1, 1));
  }

  @Test
  public void theTitleIsEditedInPlaceAndUndone() {
    openDemo();
    hand.doubleClickOn(where(new CellMeaning.Word(PartName.TITLE, 0)));
    settle();
    assertThat(shows("#edit-in-place")).isTrue();
    TextInputControl field = (TextInputControl) window.scene().lookup("#edit-in-place");
    hand.interact(() -> field.setText("Sailings of the year"));
    press(KeyCode.ENTER);
    assertThat(title()).isEqualTo("Sailings of the year");
    assertThat(textOf("#document-edited")).isEqualTo("edited");
    press(KeyCode.CONTROL, KeyCode.Z);
    assertThat(title()).startsWith("Fares, running cost");
    press(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.Z);
    assertThat(title()).isEqualTo("Sailings of the year");
  }

  @Test
  public void escLeavesTheTitleAsItWas() {
    openDemo();
    press(KeyCode.CONTROL, KeyCode.T);
    hand.write("something else");
    press(KeyCode.ESCAPE);
    assertThat(shows("#edit-in-place")).isFalse();
    assertThat(title()).startsWith("Fares, running cost");
    assertThat(ask(() -> window.desk().isEdited())).isFalse();
  }

  private String title() {
    return dressed().band(Band.ABOVE).stream()
        .filter(row -> row.part().name() == PartName.TITLE)
        .map(row -> row.cells().getFirst().text())
        .findFirst()
        .orElse("");
  }

  @Test
  public void aRowIsCorrectedByHandAndTheCorrectionLifted() {
    openDemo();
    clickCell(new CellMeaning.Body(0, 0));
    click("#role-left_out");
    assertThat(dressed().band(Band.BODY)).hasSize(15);
    assertThat(shows("#lift-corrections")).isTrue();
    press(KeyCode.CONTROL, KeyCode.Z);
    assertThat(dressed().band(Band.BODY)).hasSize(16);
    clickCell(new CellMeaning.Body(0, 0));
    click("#role-subtotal");
    assertThat(parts()).contains("Subtotal row");
    assertThat(ask(() -> window.desk().table().orElseThrow().finish().corrections().size()))
        .isEqualTo(1);
    click("#lift-corrections");
    assertThat(ask(() -> window.desk().table().orElseThrow().finish().corrections()))
        .isEqualTo(Corrections.NONE);
  }

  private List<String> parts() {
    return dressed().band(Band.BODY).stream().map(row -> row.part().name().label()).toList();
  }

  @Test
  public void theShapeIsCorrectedWithItsButtons() {
    openDemo();
    click("#stub-columns-less");
    assertThat(textOf("#stub-columns")).isEqualTo("1");
    click("#stub-columns-more");
    click("#head-rows-less");
    assertThat(textOf("#head-rows")).isEqualTo("1");
    press(KeyCode.CONTROL, KeyCode.Z);
    assertThat(textOf("#head-rows")).isEqualTo("2");
  }

  @Test
  public void pastedCellsBecomeATable() {
    hand.interact(
        () -> {
          ClipboardContent content = new ClipboardContent();
          content.putString(
              "Pier\tBoats\tPassengers\nNorth\t12\t340\nSouth\t7\t115\nTotal\t19\t455\n");
          Clipboard.getSystemClipboard().setContent(content);
        });
    press(KeyCode.CONTROL, KeyCode.V);
    waitFor(() -> window.desk().document().items().size() == 1);
    settle();
    assertThat(parts()).containsExactly("Body", "Body", "Grand total row");
  }

  /// A copy is there in the forms that word processors, mail programs, sheets and painters take.
  @Test
  public void aCopyHoldsEachForm() {
    openDemo();
    press(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.C);
    settle();
    Clipboard clipboard = ask(Clipboard::getSystemClipboard);
    assertThat(ask(clipboard::getHtml)).contains("<table").contains("Hale–Orrin");
    assertThat(ask(clipboard::getString)).contains("Hale–Orrin\tWinter\t414.0");
    assertThat(ask(clipboard::getRtf)).startsWith("{\\rtf1").contains("414.0");
    assertThat(ask(() -> clipboard.getImage().getWidth())).isGreaterThan(500);
  }

  /// A fault of Finish is one sentence, and what happened can be copied without a figure in it.
  @Test
  public void aFaultIsSaidAndCanBeSent() {
    openDemo();
    hand.interact(
        () -> window.desk().tellUncaught(new IllegalStateException("the 4,568.1 of all routes")));
    assertThat(textOf("#notice-sentence")).startsWith("Finish made a mistake");
    click("#notice-offer");
    String happened = ask(() -> Clipboard.getSystemClipboard().getString());
    assertThat(happened).contains("IllegalStateException", "JourneyTest").doesNotContain("4,568");
  }

  @Test
  public void newNumbersTakeTheWholeFinish() throws Exception {
    Path first = folder.resolve("piers.csv");
    Files.writeString(first, "Pier,Boats,Passengers\nNorth,12,340\nSouth,7,115\nTotal,19,455\n");
    answers.files.add(first);
    press(KeyCode.CONTROL, KeyCode.I);
    waitFor(() -> window.desk().document().items().size() == 1);
    settle();
    press(KeyCode.CONTROL, KeyCode.DIGIT3);
    click("#style-apa-7");
    hand.interact(() -> window.desk().word(PartName.TITLE, "boats at the piers"));
    settle();
    Path second = folder.resolve("piers-new.csv");
    Files.writeString(
        second, "Pier,Boats,Passengers\nNorth,14,360\nEast,3,44\nSouth,8,120\nTotal,25,524\n");
    answers.files.add(second);
    press(KeyCode.CONTROL, KeyCode.R);
    waitFor(
        () ->
            window
                .desk()
                .noticeProperty()
                .get()
                .map(n -> n.sentence().contains("new numbers"))
                .orElse(false));
    settle();
    assertThat(textOf("#notice-sentence")).contains("1 row more");
    assertThat(dressed().style()).isEqualTo("APA 7");
    assertThat(title()).isEqualTo("Boats at the Piers");
    assertThat(parts()).containsExactly("Body", "Body", "Body", "Grand total row");
    press(KeyCode.CONTROL, KeyCode.Z);
    assertThat(parts()).hasSize(3);
  }

  @Test
  public void badFilesGiveASentenceAndLeaveTheDocumentAlone() throws Exception {
    openDemo();
    Path bad = folder.resolve("bad.xlsx");
    Files.writeString(bad, "no workbook");
    answers.files.add(bad);
    press(KeyCode.CONTROL, KeyCode.I);
    waitFor(() -> window.desk().noticeProperty().get().isPresent());
    assertThat(textOf("#notice-sentence")).startsWith("bad.xlsx is not an XLSX workbook");
    assertThat(ask(() -> window.desk().document().tables().size())).isEqualTo(DEMO_TABLES);
    assertThat(ask(() -> window.desk().isEdited())).isFalse();
    click("#notice-button");
    assertThat(shows("#notice-sentence")).isFalse();
  }

  @Test
  public void documentsAreSavedAndOpenedAgain() throws Exception {
    openDemo();
    press(KeyCode.CONTROL, KeyCode.DIGIT3);
    click("#style-apa-7");
    Path file = folder.resolve("year two.finish");
    answers.files.add(file);
    press(KeyCode.CONTROL, KeyCode.S);
    waitFor(() -> Files.exists(file) && !window.desk().isEdited());
    assertThat(textOf("#document-name")).isEqualTo("year two");
    assertThat(DocumentFile.read(file)).isEqualTo(ask(() -> window.desk().document()));

    press(KeyCode.CONTROL, KeyCode.N);
    assertThat(shows("#empty-board")).isTrue();
    answers.files.add(file);
    press(KeyCode.CONTROL, KeyCode.O);
    waitFor(() -> window.desk().document().tables().size() == DEMO_TABLES);
    settle();
    assertThat(dressed().style()).isEqualTo("APA 7");
    press(KeyCode.CONTROL, KeyCode.N);
    assertThat(ask(() -> ((EmptyBoard) window.scene().lookup("#empty-board")).getChildren().size()))
        .isGreaterThan(3);
  }

  @Test
  public void unsavedChangesAreAskedAbout() throws Exception {
    openDemo();
    press(KeyCode.CONTROL, KeyCode.DIGIT3);
    click("#style-apa-7");
    answers.unsaved.add(FilePicker.Answer.GO_BACK);
    press(KeyCode.CONTROL, KeyCode.N);
    assertThat(ask(() -> window.desk().document().tables().size())).isEqualTo(DEMO_TABLES);
    Path file = folder.resolve("kept.finish");
    answers.unsaved.add(FilePicker.Answer.SAVE);
    answers.files.add(file);
    press(KeyCode.CONTROL, KeyCode.N);
    waitFor(() -> window.desk().isEmpty());
    assertThat(DocumentFile.read(file).tables()).hasSize(DEMO_TABLES);
  }

  @Test
  public void theActionFinderDoesAnythingByName() {
    openDemo();
    press(KeyCode.CONTROL, KeyCode.K);
    hand.write("put apa");
    settle();
    press(KeyCode.ENTER);
    assertThat(dressed().style()).isEqualTo("APA 7");
    press(KeyCode.CONTROL, KeyCode.K);
    hand.write("go to send");
    press(KeyCode.ENTER);
    assertThat(shows("#bench-send-out")).isTrue();
    press(KeyCode.CONTROL, KeyCode.K);
    hand.write("quit");
    press(KeyCode.ENTER);
    assertThat(ended).isTrue();
  }

  @Test
  public void tablesAreDraggedAndMovedByKeyAndNumberThemselves() {
    openDemo();
    List<String> ids = ids();
    hand.drag("#galley-1", 150, 0);
    settle();
    assertThat(ids()).startsWith(ids.get(1), ids.get(0), ids.get(2));
    hand.interact(() -> window.scene().lookup("#galley-2").requestFocus());
    press(KeyCode.ALT, KeyCode.RIGHT);
    assertThat(ids()).startsWith(ids.get(1), ids.get(2), ids.get(0));
    assertThat(dressed().band(Band.ABOVE).getFirst().cells().getFirst().text())
        .isEqualTo("Table 3");
    press(KeyCode.CONTROL, KeyCode.Z);
    press(KeyCode.CONTROL, KeyCode.Z);
    assertThat(ids()).isEqualTo(ids);
  }

  private List<String> ids() {
    return ask(() -> window.desk().document().tables().stream().map(table -> table.id()).toList());
  }

  @Test
  public void theProofIsMagnifiedAndFitted() {
    openDemo();
    double fitted = ask(() -> window.proof().zoomProperty().get());
    press(KeyCode.CONTROL, KeyCode.EQUALS);
    assertThat(ask(() -> window.proof().zoomProperty().get())).isGreaterThan(fitted * 1.15);
    press(KeyCode.CONTROL, KeyCode.DIGIT0);
    assertThat(ask(() -> window.proof().zoomProperty().get())).isEqualTo(fitted);
    click("#zoom-in");
    click("#zoom");
    assertThat(ask(() -> window.proof().zoomProperty().get())).isEqualTo(fitted);
  }

  @Test
  public void theOriginInTheSlugLeadsToWhereItIsSet() {
    openDemo();
    clickCell(new CellMeaning.Body(15, 0));
    hand.moveTo("#slug");
    settle();
    Node origin =
        ask(
            () ->
                ((InfoLine) window.scene().lookup("#slug"))
                    .getChildren().stream()
                        .filter(
                            node ->
                                node instanceof javafx.scene.control.Hyperlink link
                                    && link.getText().contains("all totals"))
                        .findFirst()
                        .orElseThrow());
    hand.clickOn(origin);
    settle();
    assertThat(ask(() -> window.desk().stepProperty().get())).isEqualTo(Step.DRESS);
    Pick pick = ask(() -> window.desk().pickProperty().get().orElseThrow());
    assertThat(pick.circles().get(pick.reach())).isEqualTo("all totals");
  }

  @Test
  public void everyControlHasANameForThoseWhoDontSeeIt() {
    openDemo();
    for (Step step : Step.values()) {
      hand.interact(() -> window.desk().stepProperty().set(step));
      settle();
      List<Node> unnamed =
          ask(
              () ->
                  window.scene().getRoot().lookupAll(".button").stream()
                      .filter(node -> node instanceof javafx.scene.control.ButtonBase)
                      .map(node -> (javafx.scene.control.ButtonBase) node)
                      .filter(
                          button ->
                              (button.getText() == null || button.getText().isBlank())
                                  && button.getAccessibleText() == null)
                      .map(button -> (Node) button)
                      .toList());
      assertThat(unnamed).isEmpty();
    }
  }

  @Test
  public void whatIsShownIsWhatIsSentOut() {
    openDemo();
    press(KeyCode.CONTROL, KeyCode.DIGIT3);
    click("#style-marram-house");
    Scroll shown = scroll();
    var sent = ask(() -> window.desk().sending().proof(window.desk().document(), 0, Paper.A4));
    Optional<DressedCell> one = LooksInWords.cell(shown, new CellMeaning.Body(3, 3));
    Optional<DressedCell> other =
        sent.pages().getFirst().boxes().stream()
            .map(CellBox::cell)
            .filter(cell -> cell.place().equals(new CellMeaning.Body(3, 3)))
            .findFirst();
    assertThat(one).isPresent().isEqualTo(other);
    assertThat(shown.columns()).isEqualTo(sent.columns());
  }

  @Test
  public void theLastTableRemovedLeavesAnEmptyDesk() {
    openDemo();
    for (int i = 0; i < DEMO_TABLES; i++) {
      hand.interact(() -> window.scene().lookup("#galley-1").requestFocus());
      press(KeyCode.DELETE);
    }
    assertThat(shows("#empty-board")).isTrue();
    press(KeyCode.CONTROL, KeyCode.Z);
    assertThat(ask(() -> window.desk().document().items().size())).isEqualTo(1);
  }
}
