package app.finish.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.dress.Place;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import app.finish.formats.DocumentFile;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.testng.annotations.Test;

/// Moves are made on what is picked, listed, switched off and taken back.
public class ArrangeTest extends WindowTest {
  private Table table() {
    return ask(() -> window.bench().shownProperty().get().orElseThrow().arranged().table());
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
    assertThat(ask(() -> window.bench().arrangement().entries())).hasSize(2);
    click("#start-over");
    assertThat(ask(() -> window.bench().arrangement().isEmpty())).isTrue();
    press(KeyCode.CONTROL, KeyCode.Z);
    assertThat(ask(() -> window.bench().arrangement().entries())).hasSize(2);
  }

  @Test
  public void rowsAreOrderedByAColumnAndTheTopKept() {
    begin();
    clickCell(new Place.Body(0, 0));
    click("#rows-largest");
    assertThat(rows()).startsWith("Hale–Orrin/Summer").endsWith("All routes");
    clickCell(new Place.Body(0, 0));
    robot.interact(() -> ((TextField) window.scene().lookup("#rows-count")).setText("2"));
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
    clickCell(new Place.Stub(1, 1));
    robot.interact(() -> ((TextField) window.scene().lookup("#rename")).requestFocus());
    robot.interact(() -> ((TextField) window.scene().lookup("#rename")).setText("March to May"));
    press(KeyCode.ENTER);
    assertThat(rows().get(1)).isEqualTo("Hale–Orrin/March to May");
    clickCell(new Place.Stub(1, 0));
    click("#set-aside");
    assertThat(rows()).hasSize(15).startsWith("Hale–Orrin/March to May");
    clickCell(new Place.Stub(0, 4));
    click("#fold");
    assertThat(rows()).contains("Orrin–Skell").hasSize(11);
    Path file = folder.resolve("arranged.finish");
    answers.files.add(file);
    press(KeyCode.CONTROL, KeyCode.S);
    waitFor(() -> !window.bench().isEdited());
    assertThat(DocumentFile.read(file)).isEqualTo(ask(() -> window.bench().document()));
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
    clickCell(new Place.Stub(1, 0));
    click("#turn-level");
    assertThat(rows()).containsExactly("Hale–Orrin", "Orrin–Skell", "Skell–Tamsay", "All routes");
    assertThat(dressed().rows()).isNotEmpty();
    clickCell(new Place.Stub(0, 3));
    click("#drop-totals");
    assertThat(rows()).hasSize(3);
    clickCell(new Place.Stub(0, 0));
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
    clickCell(new Place.Stub(1, 0));
    click("#hold-level");
    assertThat(rows()).containsExactly("Hale–Orrin", "Orrin–Skell", "Skell–Tamsay");
    assertThat(table().held().toString()).contains("Winter");
    double winter = first();
    click("#move-1-next");
    assertThat(table().held().toString()).contains("Spring");
    assertThat(first()).isNotEqualTo(winter);
    click("#move-1-previous");
    assertThat(first()).isEqualTo(winter);
    assertThat(ask(() -> window.bench().arrangement().entries())).hasSize(1);
  }

  private double first() {
    return ((Value.Numeric) table().body().at(0, 0)).number();
  }
}
