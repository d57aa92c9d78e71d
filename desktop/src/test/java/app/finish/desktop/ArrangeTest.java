package app.finish.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.dress.CellMeaning;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import app.finish.desktop.model.Step;
import app.finish.formats.finish.DocumentFile;
import java.nio.file.Path;
import java.util.List;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.testng.annotations.Test;

/// Moves are made on what is picked, listed, switched off and taken back.
public class ArrangeTest extends WindowTest {
  private Table table() {
    return ask(() -> window.desk().shownProperty().get().orElseThrow().arranged().table());
  }

  private List<String> rows() {
    return table().down().leaves().stream().map(leaf -> String.join("/", leaf.labels())).toList();
  }

  private void begin() {
    openDemo();
    press(KeyCode.CONTROL, KeyCode.DIGIT2);
  }

  @Test
  public void axesAreSwappedAndTheTableStartedOver() {
    begin();
    Table before = table();
    click("#swap-axes");
    assertThat(table().across()).isEqualTo(before.down());
    press(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.X);
    assertThat(table()).isEqualTo(before);
    assertThat(ask(() -> window.desk().arrangement().entries())).hasSize(2);
    click("#start-over");
    assertThat(ask(() -> window.desk().arrangement().isEmpty())).isTrue();
    press(KeyCode.CONTROL, KeyCode.Z);
    assertThat(ask(() -> window.desk().arrangement().entries())).hasSize(2);
  }

  @Test
  public void rowsAreOrderedByAColumnAndTheTopKept() {
    begin();
    clickCell(new CellMeaning.Body(0, 0));
    click("#rows-largest");
    assertThat(rows()).startsWith("Hale–Orrin/Summer").endsWith("All routes");
    clickCell(new CellMeaning.Body(0, 0));
    hand.interact(() -> ((TextField) window.scene().lookup("#rows-count")).setText("2"));
    click("#rows-keep");
    assertThat(rows()).hasSize(10);
    assertThat(shows("#aside-1")).isTrue();
    click("#move-1");
    assertThat(rows()).doesNotContain("Hale–Orrin/Winter").hasSize(10);
    click("#move-2-out");
    assertThat(rows()).hasSize(16).startsWith("Hale–Orrin/Winter");
  }

  @Test
  public void headingsAreSetAsideRenamedAndFolded() throws Exception {
    begin();
    clickCell(new CellMeaning.Stub(1, 1));
    hand.interact(() -> ((TextField) window.scene().lookup("#rename")).requestFocus());
    hand.interact(() -> ((TextField) window.scene().lookup("#rename")).setText("March to May"));
    press(KeyCode.ENTER);
    assertThat(rows().get(1)).isEqualTo("Hale–Orrin/March to May");
    clickCell(new CellMeaning.Stub(1, 0));
    click("#set-aside");
    assertThat(rows()).hasSize(15).startsWith("Hale–Orrin/March to May");
    clickCell(new CellMeaning.Stub(0, 4));
    click("#fold");
    assertThat(rows()).contains("Orrin–Skell").hasSize(11);
    Path file = folder.resolve("arranged.finish");
    answers.files.add(file);
    press(KeyCode.CONTROL, KeyCode.S);
    waitFor(() -> !window.desk().isEdited());
    assertThat(DocumentFile.read(file)).isEqualTo(ask(() -> window.desk().document()));
    press(KeyCode.CONTROL, KeyCode.DIGIT1);
    assertThat(dressed().rows().size()).isGreaterThan(16);
    assertThat(rows()).hasSize(16);
    press(KeyCode.CONTROL, KeyCode.DIGIT2);
    click("#aside-1");
    assertThat(rows()).hasSize(12).startsWith("Hale–Orrin/Winter");
  }

  @Test
  public void aLevelIsTurnedAndTotalsAreDroppedAndAdded() {
    begin();
    clickCell(new CellMeaning.Stub(1, 0));
    click("#turn-level");
    assertThat(rows()).containsExactly("Hale–Orrin", "Orrin–Skell", "Skell–Tamsay", "All routes");
    assertThat(dressed().rows()).isNotEmpty();
    clickCell(new CellMeaning.Stub(0, 3));
    click("#drop-totals");
    assertThat(rows()).hasSize(3);
    clickCell(new CellMeaning.Stub(0, 0));
    click("#add-totals");
    assertThat(rows()).endsWith("Total");
    press(KeyCode.CONTROL, KeyCode.Z);
    press(KeyCode.CONTROL, KeyCode.Z);
    press(KeyCode.CONTROL, KeyCode.Z);
    assertThat(rows()).hasSize(16);
  }

  @Test
  public void aLevelIsHeldAndItsMembersSteppedThrough() {
    begin();
    clickCell(new CellMeaning.Stub(1, 0));
    click("#hold-level");
    assertThat(rows()).containsExactly("Hale–Orrin", "Orrin–Skell", "Skell–Tamsay");
    assertThat(table().held().toString()).contains("Winter");
    double winter = first();
    click("#held-1-next");
    assertThat(table().held().toString()).contains("Spring");
    assertThat(first()).isNotEqualTo(winter);
    click("#held-1-previous");
    assertThat(first()).isEqualTo(winter);
    assertThat(ask(() -> window.desk().arrangement().entries())).hasSize(1);
  }

  private void type(String selector, String text) {
    hand.interact(
        () -> {
          TextField field = (TextField) window.scene().lookup(selector);
          field.requestFocus();
          field.setText(text);
        });
    settle();
  }

  /// Drags from one point of the screen to another, with a stop on the way.
  private void drag(Point2D from, Point2D to) {
    hand.moveTo(from);
    hand.press(MouseButton.PRIMARY);
    hand.moveTo(from.midpoint(to));
    hand.moveTo(to);
    hand.release(MouseButton.PRIMARY);
    settle();
  }

  private Point2D middle(String selector) {
    return ask(
        () -> {
          Node node = window.scene().lookup(selector);
          Bounds at = node.localToScreen(node.getBoundsInLocal());
          return new Point2D(at.getCenterX(), at.getCenterY());
        });
  }

  @Test
  public void aTagIsDraggedToAnotherEdgeAndMovedByKeyboard() {
    begin();
    assertThat(ask(() -> window.proof().tags().getChildren().size())).isEqualTo(5);
    drag(middle("#tag-2"), middle("#tag-3").subtract(30, 0));
    assertThat(rows()).containsExactly("Hale–Orrin", "Orrin–Skell", "Skell–Tamsay", "All routes");
    assertThat(table().across().leaves().getFirst().labels()).startsWith("Winter", "2025");
    hand.interact(() -> window.scene().lookup("#tag-2").requestFocus());
    press(KeyCode.RIGHT);
    assertThat(table().across().leaves().getFirst().labels()).startsWith("2025", "Winter");
    press(KeyCode.DOWN);
    assertThat(rows()).startsWith("Hale–Orrin/Winter", "Hale–Orrin/Spring");
    press(KeyCode.H);
    assertThat(table().held().toString()).contains("Winter");
    press(KeyCode.CONTROL, KeyCode.Z);
    assertThat(table().held().toString()).doesNotContain("Winter");
    click("#across-2-over");
    assertThat(rows()).startsWith("Hale–Orrin/Winter/Fares", "Hale–Orrin/Winter/Running cost");
  }

  @Test
  public void headingsAreDraggedMovedByKeyboardAndRenamedInPlace() {
    begin();
    Point2D winter = where(new CellMeaning.Stub(1, 0));
    Point2D autumn = where(new CellMeaning.Stub(1, 3));
    drag(winter, autumn.add(0, -3));
    assertThat(rows()).startsWith("Hale–Orrin/Spring", "Hale–Orrin/Summer", "Hale–Orrin/Winter");
    clickCell(new CellMeaning.Stub(1, 0));
    press(KeyCode.ALT, KeyCode.DOWN);
    assertThat(rows()).startsWith("Hale–Orrin/Summer", "Hale–Orrin/Spring");
    assertThat(ask(() -> window.desk().pickProperty().get().orElseThrow().place()))
        .isEqualTo(new CellMeaning.Stub(1, 1));
    press(KeyCode.F2);
    type("#edit-in-place", "March to May");
    press(KeyCode.ENTER);
    assertThat(rows().get(1)).isEqualTo("Hale–Orrin/March to May");
    clickCell(new CellMeaning.Stub(1, 1));
    assertThat(slug()).contains("called “Spring” by the source");
    press(KeyCode.DELETE);
    assertThat(rows()).startsWith("Hale–Orrin/Summer", "Hale–Orrin/Winter");
    clickCell(new CellMeaning.StubHead(0));
    press(KeyCode.F2);
    type("#edit-in-place", "Crossing");
    press(KeyCode.ENTER);
    assertThat(table().down().dimensions()).startsWith("Crossing");
  }

  @Test
  public void aMeasureIsCalculatedAndWrongExpressionsAreExplained() {
    begin();
    type("#calculate-name", "Share");
    type("#calculate-expression", "share_of_colum");
    assertThat(textOf("#calculate-expression-wrong")).contains("share_of_colum");
    press(KeyCode.END);
    press(KeyCode.TAB);
    assertThat(ask(() -> ((TextField) window.scene().lookup("#calculate-expression")).getText()))
        .isEqualTo("share_of_column()");
    type("#calculate-expression", "share_of_column(Fares)");
    assertThat(shows("#calculate-expression-wrong")).isFalse();
    click("#calculate");
    assertThat(table().across().leaves()).hasSize(10);
    assertThat(table().across().leaves().get(4).labels()).containsExactly("2025", "Share");
    assertThat(table().body().number(15, 4)).isEqualTo(100);
    assertThat(table().measures().getLast().unit()).isEqualTo("%");
    click("#move-1-edit");
    type("#move-1-field-2", "rank(Fares)");
    press(KeyCode.ENTER);
    assertThat(table().body().number(0, 4)).isEqualTo(4);
  }

  @Test
  public void movesAreHeldUntilTheyAreRedrawn() {
    begin();
    Table before = table();
    click("#hold-moves");
    click("#swap-axes");
    clickCell(new CellMeaning.Stub(1, 0));
    click("#set-aside");
    assertThat(table()).isEqualTo(before);
    assertThat(ask(() -> window.desk().arrangement().entries())).hasSize(2);
    click("#redraw-moves");
    assertThat(ask(() -> window.desk().table().orElseThrow().finish().arrangement().entries()))
        .hasSize(2);
    assertThat(table().across().leaves()).hasSize(15);
    assertThat(ask(() -> window.desk().shownProperty().get().orElseThrow().arranged().unplaced()))
        .isEmpty();
    press(KeyCode.CONTROL, KeyCode.Z);
    assertThat(table()).isEqualTo(before);
  }

  @Test
  public void threeSlowRedrawsInARowMakeMovesWaitUntilAPersonEndsIt() {
    begin();
    hand.interact(() -> window.desk().arranging().redraws().slowFrom(0));
    click("#swap-axes");
    click("#swap-axes");
    assertThat(waits()).isFalse();
    click("#swap-axes");
    assertThat(waits()).isTrue();
    assertThat(ask(() -> window.desk().noticeProperty().get().orElseThrow().sentence()))
        .contains("longer than 300 ms");
    click("#hold-moves");
    assertThat(ask(() -> window.desk().noticeProperty().get())).isEmpty();
    for (int i = 0; i < 4; i++) {
      click("#swap-axes");
    }
    assertThat(waits()).isFalse();
  }

  private boolean waits() {
    return ask(() -> window.desk().arranging().redraws().waitingProperty().get());
  }

  @Test
  public void tablesComeOfMembersAndOfWhatWasSetAside() {
    begin();
    clickCell(new CellMeaning.Stub(1, 0));
    click("#hold-level");
    click("#move-1-edit");
    click("#move-1-each");
    assertThat(ask(() -> window.desk().document().tables())).hasSize(DEMO_TABLES + 3);
    press(KeyCode.CONTROL, KeyCode.PAGE_DOWN);
    assertThat(table().held().toString()).contains("Spring");
    press(KeyCode.CONTROL, KeyCode.Z);
    hand.interact(() -> window.desk().show(0));
    click("#held-1-out");
    clickCell(new CellMeaning.Body(0, 0));
    type("#rows-count", "a few");
    click("#rows-keep");
    assertThat(ask(() -> window.desk().noticeProperty().get().orElseThrow().sentence()))
        .contains("“a few” says neither");
    type("#rows-count", "60 %");
    click("#rows-over-all");
    click("#rows-keep");
    assertThat(rows()).hasSizeLessThan(12);
    int kept = rows().size();
    click("#own-table-1");
    assertThat(ask(() -> window.desk().document().tables())).hasSize(DEMO_TABLES + 1);
    press(KeyCode.CONTROL, KeyCode.PAGE_DOWN);
    assertThat(rows()).hasSize(16 - kept - (kept > 9 ? 0 : 1)).doesNotContain("All routes");
  }

  @Test
  public void aLongTableIsScrolledAndSearched() throws Exception {
    StringBuilder csv = new StringBuilder("Fares by day\n\nDay,Sailing,Fares,Passengers\n");
    for (int day = 1; day <= 400; day++) {
      for (int sailing = 1; sailing <= 50; sailing++) {
        csv.append("Day ").append(day).append(",Sailing ").append(day * 100 + sailing);
        csv.append(',').append(day * 7 % 53).append(',').append(sailing).append('\n');
      }
    }
    Path file = java.nio.file.Files.writeString(folder.resolve("long.csv"), csv);
    hand.interact(() -> window.files().bringIn(file));
    waitFor(() -> window.desk().shownProperty().get().isPresent());
    settle();
    press(KeyCode.CONTROL, KeyCode.DIGIT2);
    int rows = table().body().rows();
    assertThat(rows).isGreaterThanOrEqualTo(20_000);
    press(KeyCode.CONTROL, KeyCode.F);
    type("#find", "sailing 39950");
    press(KeyCode.ENTER);
    assertThat(ask(() -> window.desk().pickProperty().get().orElseThrow().place()))
        .isInstanceOf(CellMeaning.Stub.class);
    CellMeaning found = ask(() -> window.desk().pickProperty().get().orElseThrow().place());
    Point2D at = where(found);
    assertThat(ask(() -> window.proof().localToScreen(window.proof().getLayoutBounds())))
        .matches(bounds -> bounds.contains(at));
    type("#find", "no such sailing");
    press(KeyCode.ENTER);
    assertThat(textOf("#find-said")).isEqualTo("not there");
    press(KeyCode.ESCAPE);
    press(KeyCode.HOME);
    press(KeyCode.END);
    press(KeyCode.DOWN);
    assertThat(ask(() -> window.desk().pickProperty().get())).isPresent();
  }

  @Test
  public void aTalliedTableIsCountedAgainFromHereAndKeepsItsMoves() {
    openDemo();
    hand.interact(() -> window.desk().show(6));
    settle();
    press(KeyCode.CONTROL, KeyCode.DIGIT2);
    click("#swap-axes");
    int measures = table().down().leaves().size();
    hand.interact(() -> window.tallies().redraws().slowFrom(60_000_000_000L));
    waitFor(() -> window.tallies().askedProperty().get().orElseThrow().records().isPresent());
    hand.interact(
        () ->
            window
                .tallies()
                .ask(
                    "more",
                    window
                        .tallies()
                        .askedProperty()
                        .get()
                        .orElseThrow()
                        .plan()
                        .withMeasuresDown(false)
                        .withDown(List.of(app.finish.core.tally.TallyDimension.of("Vessel")))));
    waitFor(() -> table().across().dimensions().contains("Vessel"));
    assertThat(table().down().leaves()).hasSize(measures);
    assertThat(ask(() -> window.desk().arrangement().entries())).hasSize(1);
    assertThat(ask(() -> window.desk().stepProperty().get())).isEqualTo(Step.ARRANGE);
    assertThat(shows("#bench-arrange .tally")).isTrue();
  }

  @Test
  public void pickedHeadingsAreGatheredUnderANewOne() {
    begin();
    clickCell(new CellMeaning.Stub(1, 0));
    press(KeyCode.SHIFT, KeyCode.DOWN);
    type("#gather-name", "First half");
    press(KeyCode.ENTER);
    assertThat(rows()).startsWith("Hale–Orrin/First half/Winter", "Hale–Orrin/First half/Spring");
    clickCell(new CellMeaning.Stub(1, 0));
    click("#fold");
    assertThat(rows()).startsWith("Hale–Orrin/First half", "Hale–Orrin/Summer");
    clickCell(new CellMeaning.Stub(1, 0));
    click("#unfold");
    assertThat(rows()).startsWith("Hale–Orrin/First half/Winter");
  }

  private double first() {
    return ((Value.Numeric) table().body().at(0, 0)).number();
  }

  /// What is done to several picked headings is done to all of them, in one step.
  @Test
  public void severalPickedHeadingsAreOnePick() {
    begin();
    List<String> before = rows();
    clickCell(new CellMeaning.Stub(1, 0));
    press(KeyCode.SHIFT, KeyCode.DOWN);
    type("#rename", "* (est.)");
    press(KeyCode.ENTER);
    assertThat(rows()).startsWith("Hale–Orrin/Winter (est.)", "Hale–Orrin/Spring (est.)");
    press(KeyCode.CONTROL, KeyCode.Z);
    assertThat(rows()).isEqualTo(before);
    clickCell(new CellMeaning.Stub(1, 0));
    press(KeyCode.SHIFT, KeyCode.DOWN);
    press(KeyCode.ALT, KeyCode.DOWN);
    assertThat(rows())
        .startsWith(
            "Hale–Orrin/Summer", "Hale–Orrin/Winter", "Hale–Orrin/Spring", "Hale–Orrin/Autumn");
    press(KeyCode.ALT, KeyCode.DOWN);
    assertThat(rows()).startsWith("Hale–Orrin/Summer", "Hale–Orrin/Autumn", "Hale–Orrin/Winter");
    press(KeyCode.DELETE);
    assertThat(rows()).hasSize(before.size() - 2).doesNotContain("Hale–Orrin/Winter");
    press(KeyCode.CONTROL, KeyCode.Z);
    press(KeyCode.CONTROL, KeyCode.Z);
    press(KeyCode.CONTROL, KeyCode.Z);
    assertThat(rows()).isEqualTo(before);
    clickCell(new CellMeaning.Stub(0, 0));
    clickMore(new CellMeaning.Stub(0, 5));
    click("#fold");
    assertThat(rows()).startsWith("Hale–Orrin", "Orrin–Skell", "Skell–Tamsay/Winter");
    press(KeyCode.CONTROL, KeyCode.Z);
    assertThat(rows()).isEqualTo(before);
  }
}
