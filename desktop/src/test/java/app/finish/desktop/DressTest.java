package app.finish.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.document.Document;
import app.finish.core.document.Finish;
import app.finish.core.document.Wear;
import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.DressedCell;
import app.finish.core.layout.CellBox;
import app.finish.core.style.HouseStyle;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.RuleLine;
import app.finish.core.style.Selector;
import app.finish.core.style.colour.Colour;
import app.finish.core.style.colour.ColourVision;
import app.finish.desktop.model.Desk;
import app.finish.formats.finish.DocumentFile;
import app.finish.formats.style.StyleFile;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.event.ActionEvent;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.testng.annotations.Test;

/// Dresses tables in the real window, with keyboard and mouse.
public class DressTest extends WindowTest {
  private static final CellMeaning FIGURE = new CellMeaning.Body(4, 1);

  private void openParts(CellMeaning place) {
    openDemo();
    press(KeyCode.CONTROL, KeyCode.DIGIT3);
    click("#leaf-parts");
    clickCell(place);
    settle();
  }

  private Desk desk() {
    return window.desk();
  }

  private Finish finish() {
    return desk().table().orElseThrow().finish();
  }

  private DressedCell cell(CellMeaning place) {
    return scroll().boxOf(place).map(CellBox::cell).orElseThrow();
  }

  private void choose(String selector, String setting) {
    reveal(selector);
    @SuppressWarnings("unchecked")
    ChoiceBox<String> box = (ChoiceBox<String>) window.scene().lookup(selector);
    hand.interact(() -> box.setValue(setting));
    settle();
  }

  private void write(String selector, String text) {
    reveal(selector);
    Node field = window.scene().lookup(selector);
    Node editor =
        field instanceof ComboBox<?> box ? box.getEditor() : field.lookup(selector + "-text");
    hand.interact(editor::requestFocus);
    press(KeyCode.CONTROL, KeyCode.A);
    hand.write(text);
    press(KeyCode.ENTER);
    settle();
  }

  private void pickHeight(String label) {
    for (int i = 0; i < 14; i++) {
      String selector = "#height-" + i;
      var card = window.scene().lookup(selector);
      if (card != null && label.equals(card.getAccessibleText())) {
        click(selector);
        settle();
        return;
      }
    }
    throw new AssertionError("there is no height " + label);
  }

  @Test
  public void triesEachStyleOnWithTheArrowKeysAndKeepsOneWithEnter() {
    openDemo();
    press(KeyCode.CONTROL, KeyCode.DIGIT3);
    hand.interact(() -> window.scene().lookup("#style-plain").requestFocus());
    settle();
    List<String> seen = new ArrayList<>();
    seen.add(dressed().style());
    while (seen.size() < 8) {
      press(KeyCode.RIGHT);
      settle();
      seen.add(dressed().style());
    }
    assertThat(seen)
        .containsExactly(
            "Plain", "Marram house", "APA 7", "Hairline", "Ledger", "Watch", "Lectern", "Night");
    assertThat(finish().style()).isEqualTo("Plain");
    press(KeyCode.ENTER);
    settle();
    assertThat(finish().style()).isEqualTo("Night");
    assertThat(dressed().palette().colour("paper")).isEqualTo(Colour.parse("#151b26"));
    press(KeyCode.CONTROL, KeyCode.Z);
    settle();
    assertThat(finish().style()).isEqualTo("Plain");
  }

  @Test
  @SuppressWarnings("unchecked")
  public void aRuleIsChangedByItsFeatures() {
    openParts(FIGURE);
    pickHeight("Subtotal row");
    click("#chapter-2");
    reveal("#property-ruleBelow-weight");
    ChoiceBox<Double> weight =
        (ChoiceBox<Double>) window.scene().lookup("#property-ruleBelow-weight");
    hand.interact(() -> weight.setValue(1.5));
    settle();
    reveal("#property-ruleBelow-kind");
    ChoiceBox<RuleLine.Kind> kind =
        (ChoiceBox<RuleLine.Kind>) window.scene().lookup("#property-ruleBelow-kind");
    hand.interact(() -> kind.setValue(RuleLine.Kind.DOUBLE));
    settle();
    assertThat(cell(FIGURE).look().setting(Property.RULE_BELOW)).isEqualTo("1.5 pt ink double");
    click("#hand-back-ruleBelow");
    settle();
    assertThat(cell(FIGURE).look().ruleBelow().isDrawn()).isFalse();
  }

  @Test
  public void aCellThatIsPickedIsShownWithItsParts() {
    openDemo();
    press(KeyCode.CONTROL, KeyCode.DIGIT3);
    assertThat(shows("#styles")).isTrue();
    clickCell(FIGURE);
    settle();
    assertThat(shows("#heights")).isTrue();
    assertThat(shows("#property-face")).isTrue();
  }

  @Test
  public void changesAPartOnThisTableAndHandsItBack() {
    openParts(FIGURE);
    pickHeight("Subtotal row");
    choose("#property-slant", "italic");
    assertThat(cell(FIGURE).look().italic()).isTrue();
    assertThat(cell(new CellMeaning.Body(3, 1)).look().italic()).isFalse();
    assertThat(finish().touches().count()).isEqualTo(1);
    click("#hand-back-slant");
    settle();
    assertThat(cell(FIGURE).look().italic()).isFalse();
    assertThat(finish().touches().isEmpty()).isTrue();
  }

  @Test
  public void aTouchOnOneCellFollowsTheTableThroughASwapAndIsLifted() {
    openParts(FIGURE);
    pickHeight("This cell");
    write("#property-fill", "ink 20%");
    assertThat(cell(FIGURE).look().fill()).isPresent();
    long filled = filled();
    assertThat(filled).isEqualTo(1);
    press(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.X);
    settle();
    assertThat(filled()).isEqualTo(1);
    assertThat(cell(new CellMeaning.Body(1, 4)).look().fill()).isPresent();
    click("#leaf-try-on");
    click("#style-marram-house");
    settle();
    assertThat(finish().touches().count()).isEqualTo(1);
    assertThat(desk().noticeProperty().get().orElseThrow().sentence()).contains("1 touch stays");
    click("#lift-touches");
    settle();
    assertThat(finish().touches().isEmpty()).isTrue();
    assertThat(cell(new CellMeaning.Body(1, 4)).look().setting(Property.FILL))
        .isNotEqualTo("ink 20%");
  }

  private long filled() {
    return scroll().between(0, 2000).boxes().stream()
        .filter(box -> box.cell().look().fill().isPresent())
        .count();
  }

  @Test
  public void aChangeInAShippedStyleMakesOneOfTheDocumentsOwn() {
    openParts(FIGURE);
    click("#scope-style");
    pickHeight("Everything");
    write("#property-face", "Times New Roman");
    HouseStyle own = desk().document().styles().getFirst();
    assertThat(own.name()).isEqualTo("Plain, own");
    assertThat(finish().style()).isEqualTo("Plain, own");
    assertThat(finish().touches().isEmpty()).isTrue();
    assertThat(dressed().rows())
        .allSatisfy(
            row ->
                assertThat(row.cells())
                    .allSatisfy(one -> assertThat(one.look().face()).isEqualTo("Times New Roman")));
    write("#property-size", "8 pt");
    assertThat(desk().document().styles()).hasSize(1);
    assertThat(dressed().root().size()).isEqualTo(8);
  }

  /// What is set for boards holds there alone: the table is shown so while it is set, and is on
  /// paper what it was.
  @Test
  public void aStyleIsOtherwiseOnABoard() {
    openDemo();
    press(KeyCode.CONTROL, KeyCode.DIGIT3);
    click("#leaf-parts");
    click("#scope-board");
    click("#chapter-" + Property.Chapter.BOARD.ordinal());
    choose("#property-narrow", "cards");
    click("#chapter-" + Property.Chapter.TYPE.ordinal());
    write("#property-size", "14 pt");
    HouseStyle own = desk().dressing().worn();
    assertThat(own.shipped()).isFalse();
    Selector all = Selector.of(PartName.TABLE);
    assertThat(own.of(all)).isEmpty();
    assertThat(own.board().get(all))
        .containsEntry(Property.NARROW, "cards")
        .containsEntry(Property.SIZE, "14 pt");
    assertThat(cell(FIGURE).look().size()).isEqualTo(14);
    click("#scope-style");
    settle();
    assertThat(cell(FIGURE).look().size()).isLessThan(14);
    assertThat(shows("#property-narrow")).isFalse();
    click("#scope-board");
    settle();
    click("#hand-back-size");
    settle();
    assertThat(cell(FIGURE).look().size()).isLessThan(14);
    press(KeyCode.CONTROL, KeyCode.Z);
    settle();
    assertThat(cell(FIGURE).look().size()).isEqualTo(14);
  }

  @Test
  public void whatIsWrongWithASettingIsSaidAndNothingChanges() {
    openParts(FIGURE);
    pickHeight("Subtotal row");
    write("#property-size", "huge");
    assertThat(desk().noticeProperty().get().orElseThrow().sentence())
        .contains("Size can't be “huge”")
        .contains("9.5 pt");
    assertThat(finish().touches().isEmpty()).isTrue();
  }

  @Test
  public void makesTheTouchesAStyleAndSharesItThroughTheLibrary() throws Exception {
    openParts(FIGURE);
    pickHeight("Subtotal row");
    choose("#property-weight", "regular");
    click("#leaf-try-on");
    reveal("#new-style-name");
    hand.interact(
        () -> ((TextField) window.scene().lookup("#new-style-name")).setText("Quiet totals"));
    click("#make-touches");
    settle();
    assertThat(finish().style()).isEqualTo("Quiet totals");
    assertThat(finish().touches().isEmpty()).isTrue();
    assertThat(cell(FIGURE).look().bold()).isFalse();
    click("#to-library");
    settle();
    Path file = folder.resolve("library").resolve("quiet-totals.json");
    waitFor(() -> Files.exists(file));
    assertThat(StyleFile.read(file).name()).isEqualTo("Quiet totals");
    Path out = folder.resolve("shared.finish");
    DocumentFile.write(desk().document(), out);
    assertThat(DocumentFile.read(out)).isEqualTo(desk().document());
    hand.interact(() -> window.begin(Document.EMPTY, "another"));
    openDemo();
    press(KeyCode.CONTROL, KeyCode.DIGIT3);
    waitFor(() -> window.scene().lookup("#style-quiet-totals") != null);
    click("#style-quiet-totals");
    settle();
    assertThat(desk().document().styles()).extracting(HouseStyle::name).contains("Quiet totals");
  }

  /// A folder that is not told whole would lie wherever the program was started.
  @Test
  public void aLibraryIsToldByItsWholePath() {
    openDemo();
    press(KeyCode.CONTROL, KeyCode.DIGIT3);
    Path before = ask(() -> desk().dressing().habits().library());
    for (String typed : List.of("Winter", folder.resolve("shelf").toString())) {
      reveal("#library-folder");
      hand.interact(
          () -> {
            TextField field = (TextField) window.scene().lookup("#library-folder");
            field.setText(typed);
            field.getOnAction().handle(new ActionEvent());
          });
      settle();
      Path now = ask(() -> desk().dressing().habits().library());
      assertThat(now).isEqualTo(typed.equals("Winter") ? before : Path.of(typed));
    }
    assertThat(Path.of("Winter")).doesNotExist();
  }

  @Test
  public void importsAStyleUnderAnotherNameIfItIsAnother() throws Exception {
    openDemo();
    press(KeyCode.CONTROL, KeyCode.DIGIT3);
    Path file = folder.resolve("ledger-own.json");
    Files.writeString(
        file,
        "{\"name\": \"Ledger\", \"basedOn\": \"Plain\", \"looks\": {\"table\": {\"size\": \"13"
            + " pt\"}, \"gutter\": {\"size\": \"1 pt\"}}}");
    answers.files.add(file);
    click("#import-style");
    settle();
    waitFor(() -> finish().style().equals("Ledger 2"));
    settle();
    assertThat(dressed().root().size()).isEqualTo(13);
    String said = desk().noticeProperty().get().orElseThrow().sentence();
    assertThat(said).contains("Ledger 2").contains("gutter");
    assertThat(StyleFile.write(desk().document().styles().getFirst())).contains("gutter");
  }

  @Test
  public void anotherInkReInksEveryTableAndIsChecked() {
    openDemo();
    press(KeyCode.CONTROL, KeyCode.DIGIT3);
    click("#style-marram-house");
    settle();
    click("#leaf-palette");
    settle();
    TextField accent = (TextField) window.scene().lookup("#role-accent");
    hand.interact(accent::requestFocus);
    hand.interact(() -> accent.setText("#9fd0c8"));
    press(KeyCode.ENTER);
    settle();
    assertThat(dressed().palette().colour("accent")).isEqualTo(Colour.parse("#9fd0c8"));
    assertThat(shows("#take-accent-on-paper")).isTrue();
    click("#take-accent-on-paper");
    settle();
    assertThat(shows("#take-accent-on-paper")).isFalse();
    hand.interact(() -> desk().show(1));
    settle();
    assertThat(dressed().palette().colour("accent")).isNotEqualTo(Colour.parse("#4a4a4a"));
    click("#palette-back");
    settle();
    assertThat(dressed().palette().colour("accent")).isEqualTo(Colour.parse("#4a4a4a"));
  }

  @Test
  public void comparesTwoLooksWithADivider() {
    openDemo();
    press(KeyCode.CONTROL, KeyCode.DIGIT3);
    choose("#compare-with", "Night");
    waitFor(() -> shows("#compare-slider"));
    double before = window.scene().lookup("#compare-slider").getLayoutX();
    hand.interact(() -> window.scene().lookup("#compare-slider").requestFocus());
    press(KeyCode.RIGHT);
    assertThat(window.scene().lookup("#compare-slider").getLayoutX()).isGreaterThan(before);
    hand.drag("#compare-slider", -200, 0);
    assertThat(window.scene().lookup("#compare-slider").getLayoutX()).isLessThan(before);
    press(KeyCode.ESCAPE);
    assertThat(desk().dressing().againstProperty().get()).isEqualTo(Optional.empty());
    assertThat(finish().style()).isEqualTo("Plain");
  }

  @Test
  public void showsTheTableOnItsPageAndMakesItFit() {
    openDemo();
    press(KeyCode.CONTROL, KeyCode.DIGIT3);
    click("#leaf-paper");
    settle();
    waitFor(() -> shows("#mend-smaller"));
    click("#mend-smaller");
    settle();
    waitFor(() -> !shows("#mend-smaller"));
    assertThat(finish().touches().count()).isEqualTo(1);
    press(KeyCode.CONTROL, KeyCode.Z);
    settle();
    waitFor(() -> shows("#mend-turned"));
    click("#mend-turned");
    waitFor(() -> !shows("#mend-turned"));
    @SuppressWarnings("unchecked")
    ChoiceBox<ColourVision> sights =
        (ChoiceBox<ColourVision>) window.scene().lookup("#paper-sight");
    hand.interact(() -> sights.setValue(ColourVision.DEUTAN));
    settle();
    click("#leaf-try-on");
    assertThat(window.scene().lookup("#paper-view").isVisible()).isFalse();
  }

  @Test
  public void switchesAnEmphasisOffAndOn() {
    openDemo();
    press(KeyCode.CONTROL, KeyCode.DIGIT3);
    reveal("#emphasis-subtotals");
    assertThat(((CheckBox) window.scene().lookup("#emphasis-subtotals")).isSelected()).isTrue();
    click("#emphasis-subtotals");
    settle();
    assertThat(cell(FIGURE).look().bold()).isFalse();
    click("#emphasis-subtotals");
    settle();
    assertThat(cell(FIGURE).look().bold()).isTrue();
    assertThat(finish().touches().isEmpty()).isTrue();
  }

  @Test
  public void newTablesComeInDressedByTheirKind() {
    openDemo();
    press(KeyCode.CONTROL, KeyCode.DIGIT3);
    choose("#wear-counts", "Marram house");
    choose("#wear-statistics", "APA 7");
    assertThat(desk().document().wear().style(Wear.Kind.STATISTICS)).contains("APA 7");
    var sources = desk().document().tables();
    hand.interact(
        () -> desk().intake().add(List.of(sources.get(0).source(), sources.get(2).source())));
    settle();
    int last = desk().document().items().size() - 1;
    assertThat(desk().document().table(last - 1).finish().style()).isEqualTo("Marram house");
    assertThat(desk().document().table(last).finish().style()).isEqualTo("APA 7");
  }

  @Test
  public void manyPartsAreSetAtOnce() {
    openDemo();
    press(KeyCode.CONTROL, KeyCode.DIGIT3);
    click("#leaf-parts");
    settle();
    pickHeight("All totals");
    choose("#property-underline", "double");
    assertThat(finish().touches().of(Selector.of(PartName.TOTALS))).hasSize(1);
    assertThat(cell(FIGURE).look().underline().name()).isEqualTo("DOUBLE");
    pickHeight("Alternate rows");
    click("#chapter-0");
    write("#property-fill", "mist");
    assertThat(cell(new CellMeaning.Body(1, 0)).look().fill()).isPresent();
    assertThat(cell(new CellMeaning.Body(2, 0)).look().fill()).isEmpty();
    click("#chapter-5");
    choose("#property-every", "3");
    assertThat(cell(new CellMeaning.Body(2, 0)).look().fill()).isEmpty();
  }

  /// What is set for several picked cells is set for all of them, in one step.
  @Test
  public void severalPickedCellsAreOnePick() {
    openDemo();
    press(KeyCode.CONTROL, KeyCode.DIGIT3);
    click("#leaf-parts");
    CellMeaning.Body first = new CellMeaning.Body(0, 1);
    CellMeaning.Body second = new CellMeaning.Body(2, 3);
    clickCell(first);
    clickMore(second);
    choose("#property-weight", "bold");
    for (CellMeaning.Body one : List.of(first, second)) {
      assertThat(scroll().boxOf(one).orElseThrow().cell().look().bold()).isTrue();
    }
    assertThat(scroll().boxOf(new CellMeaning.Body(1, 1)).orElseThrow().cell().look().bold())
        .isFalse();
    assertThat(finish().touches().each()).hasSize(2);
    press(KeyCode.CONTROL, KeyCode.Z);
    assertThat(finish().touches().each()).isEmpty();
  }

  /// A style goes onto the tables picked in the galley, those of a kind, or all: one step each.
  @Test
  public void aStyleIsPutOnManyTables() {
    openDemo();
    press(KeyCode.CONTROL, KeyCode.DIGIT3);
    hand.interact(() -> window.scene().lookup("#galley-1").requestFocus());
    press(KeyCode.SHIFT, KeyCode.RIGHT);
    press(KeyCode.SHIFT, KeyCode.RIGHT);
    assertThat(ask(() -> window.desk().pickedTables().indexes())).containsExactly(0, 1, 2);
    click("#style-ledger");
    assertThat(wearing("Ledger")).containsExactly(0, 1, 2);
    press(KeyCode.CONTROL, KeyCode.Z);
    assertThat(wearing("Ledger")).isEmpty();
    click("#scope-kind");
    List<Integer> kind = ask(() -> window.desk().dressing().wearers());
    assertThat(kind).contains(0).hasSizeBetween(2, DEMO_TABLES - 1);
    click("#style-ledger");
    assertThat(wearing("Ledger")).isEqualTo(kind);
    hand.interact(() -> desk().pickedTables().upTo(3));
    press(KeyCode.CONTROL, KeyCode.DIGIT2);
    assertThat(ask(() -> desk().pickedTables().indexes())).as("moves are for one").hasSize(1);
    press(KeyCode.CONTROL, KeyCode.DIGIT3);
    click("#scope-all");
    click("#style-apa-7");
    assertThat(wearing("APA 7")).hasSize(DEMO_TABLES);
    press(KeyCode.CONTROL, KeyCode.Z);
    assertThat(wearing("Ledger")).isEqualTo(kind);
  }

  private List<Integer> wearing(String style) {
    return ask(
        () -> {
          List<Integer> found = new java.util.ArrayList<>();
          for (int i : window.desk().document().tablePlaces()) {
            if (window.desk().document().table(i).finish().style().equals(style)) {
              found.add(i);
            }
          }
          return found;
        });
  }

  /// Ticking “In all documents” before or after choosing comes to the same, and a style of the
  /// document is in the library then.
  @Test
  public void aDefaultForAllDocumentsHolds() {
    openDemo();
    press(KeyCode.CONTROL, KeyCode.DIGIT3);
    hand.interact(
        () ->
            window
                .desk()
                .dressing()
                .make("own", desk().dressing().worn().derived("Client " + System.nanoTime())));
    settle();
    String own = finish().style();
    choose("#wear-counts", own);
    assertThat(ask(() -> desk().dressing().habits().wear().styles())).isEmpty();
    click("#wear-always");
    assertThat(ask(() -> desk().dressing().habits().wear().style(Wear.Kind.COUNTS))).contains(own);
    waitFor(
        () ->
            desk().dressing().shelfProperty().get().styles().stream()
                .anyMatch(style -> style.name().equals(own)));
  }
}
