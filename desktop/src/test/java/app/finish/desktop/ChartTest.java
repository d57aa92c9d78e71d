package app.finish.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.chart.Chart;
import app.finish.core.chart.ChartKind;
import app.finish.core.document.DocumentChart;
import app.finish.core.dress.CellMeaning;
import app.finish.core.style.PartName;
import app.finish.desktop.model.Step;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import org.testng.annotations.Test;

/// A chart of a table is made by one action, changed beside small pictures of the real data, and
/// follows its table.
public class ChartTest extends WindowTest {
  private static final String FARES =
      "Fares by route\nRoute,2024,2025,2026\nHale,120,140,155\nOrrin,80,75,60\nSkell,30,45,52\n";

  private void open(String name, String text) {
    try {
      answers.files.add(Files.writeString(folder.resolve(name), text));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    press(KeyCode.CONTROL, KeyCode.O);
    settle();
  }

  private DocumentChart item() {
    return ask(() -> window.desk().charting().chart().orElseThrow());
  }

  private Chart chart() {
    return item().chart();
  }

  private void draw() {
    press(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.G);
    settle();
  }

  private String says() {
    return ask(() -> ((Label) window.scene().lookup("#chart-says")).getText());
  }

  private String description() {
    return ask(() -> window.desk().charting().drawnProperty().get().orElseThrow().description());
  }

  @Test
  public void oneActionDrawsWhatSuits() {
    open("fares.csv", FARES);
    draw();
    assertThat(chart().kind()).isEqualTo(ChartKind.LINES);
    assertThat(ask(() -> window.desk().stepProperty().get())).isEqualTo(Step.ARRANGE);
    assertThat(ask(() -> ((Label) window.scene().lookup("#chart-why")).getText()))
        .startsWith("Periods run across");
    assertThat(ask(() -> window.scene().lookup("#galley-2").getAccessibleText()))
        .isEqualTo("Figure 1, Fares by route");
    press(KeyCode.CONTROL, KeyCode.Z);
    settle();
    assertThat(ask(() -> window.desk().document().items().size())).isEqualTo(1);
    assertThat(ask(() -> window.scene().lookup("#chart-view").isVisible())).isFalse();
  }

  @Test
  public void theArrowsSayFigureAfterFigure() {
    open("fares.csv", FARES);
    draw();
    hand.interact(() -> window.scene().lookup("#chart-view").requestFocus());
    press(KeyCode.RIGHT);
    assertThat(says()).isEqualTo("2024, Hale, Fares: 120");
    press(KeyCode.RIGHT);
    assertThat(says()).isEqualTo("2025, Hale, Fares: 140");
    press(KeyCode.END);
    assertThat(says()).isEqualTo("2026, Skell, Fares: 52");
    press(KeyCode.ESCAPE);
    assertThat(says()).isEmpty();
  }

  @Test
  public void kindSidesTitleAndSizeAreChangedAndUndone() {
    open("fares.csv", FARES);
    draw();
    int bars =
        ask(
            () -> {
              int at = 1;
              while (!((ToggleButton) window.scene().lookup("#chart-kind-" + at))
                  .getAccessibleText()
                  .startsWith("Bars.")) {
                at++;
              }
              return at;
            });
    click("#chart-kind-" + bars);
    assertThat(chart().kind()).isEqualTo(ChartKind.BARS);
    click("#chart-columns");
    assertThat(chart().turned()).isTrue();
    write("#chart-title", "Who pays *what*");
    assertThat(description()).startsWith("Bars: Who pays what.");
    write("#chart-note", "Before tax.");
    assertThat(chart().texts().note()).isEqualTo("Before tax.");
    write("#chart-description", "Hale pays most.");
    assertThat(description()).isEqualTo("Hale pays most.");
    write("#chart-height", "300 pt");
    assertThat(chart().height()).isEqualTo(300);
    write("#chart-height", "tall");
    assertThat(chart().height()).isEqualTo(300);
    assertThat(ask(() -> window.desk().noticeProperty().get().orElseThrow().sentence()))
        .contains("“tall” is no size.");
    for (int i = 0; i < 6; i++) {
      press(KeyCode.CONTROL, KeyCode.Z);
      settle();
    }
    assertThat(chart().kind()).isEqualTo(ChartKind.LINES);
  }

  private void write(String field, String text) {
    hand.interact(
        () -> {
          TextField box = (TextField) window.scene().lookup(field);
          box.requestFocus();
          box.setText(text);
          box.getOnAction().handle(null);
        });
    settle();
  }

  /// The chart has the figures and the style of its table, whatever becomes of them.
  @Test
  public void itFollowsItsTable() {
    open("fares.csv", FARES);
    draw();
    hand.interact(() -> window.desk().charting().toTable());
    settle();
    clickCell(new CellMeaning.Stub(0, 0));
    hand.interact(() -> window.desk().arranging().swapAxes());
    settle();
    press(KeyCode.CONTROL, KeyCode.PAGE_DOWN);
    settle();
    assertThat(description()).contains("Hale, 2024, Fares: 120");
    hand.interact(
        () ->
            window
                .desk()
                .change(
                    "other numbers",
                    window
                        .desk()
                        .document()
                        .withFinish(
                            1,
                            window
                                .desk()
                                .document()
                                .table(1)
                                .finish()
                                .withWord(PartName.SOURCE, "Logs"))));
    settle();
    assertThat(ask(() -> window.desk().document().table(0).finish().words()))
        .containsEntry(PartName.SOURCE, "Logs");
    hand.interact(() -> window.desk().removeTable());
    settle();
    assertThat(ask(() -> window.desk().document().items().size())).isEqualTo(1);
  }

  @Test
  public void whatIsPickedAloneIsDrawn() {
    open("fares.csv", FARES);
    clickCell(new CellMeaning.Stub(0, 1));
    click(new CellMeaning.Stub(0, 2), true);
    draw();
    assertThat(description()).contains("Orrin").contains("Skell").doesNotContain("Hale");
    click("#chart-whole");
    assertThat(description()).contains("Hale");
  }

  @Test
  public void anotherMeasureIsChosen() {
    openDemo();
    draw();
    @SuppressWarnings("unchecked")
    ComboBox<String> measures =
        (ComboBox<String>) ask(() -> window.scene().lookup("#chart-measure"));
    hand.interact(() -> measures.setValue("Passengers"));
    settle();
    assertThat(description()).contains("Passengers by route and season");
  }

  @Test
  public void aTableWithoutFiguresIsToldOf() {
    open("crew.csv", "Vessel,Master\nMarram,A. Skell\nSamphire,B. Orrin\n");
    draw();
    assertThat(ask(() -> window.desk().noticeProperty().get().orElseThrow().sentence()))
        .contains("no figures of its own");
    assertThat(ask(() -> window.desk().document().items().size())).isEqualTo(1);
  }
}
