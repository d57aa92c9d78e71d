package app.finish.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.document.BoardPlan;
import app.finish.core.document.BoardPlan.Tile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/// The plan of a board is made with keyboard and mouse, undone, kept and sent.
public class BoardTest extends WindowTest {
  @BeforeMethod
  public void openThePlan() {
    openDemo();
    press(KeyCode.CONTROL, KeyCode.DIGIT7);
    settle();
    click("#format-board-html");
    click("#send-all");
    settle();
  }

  private BoardPlan plan() {
    return ask(() -> window.desk().boarding().plan());
  }

  private List<List<String>> names() {
    return plan().bands().stream().map(band -> band.stream().map(Tile::id).toList()).toList();
  }

  private void alt(String tile, KeyCode arrow) {
    hand.interact(() -> window.scene().lookup("#tile-" + tile).requestFocus());
    press(KeyCode.ALT, arrow);
    settle();
  }

  @Test
  public void tilesAreMovedByTheArrows() {
    List<List<String>> before = names();
    String last = before.getLast().getFirst();
    alt(last, KeyCode.UP);
    assertThat(names().getLast()).endsWith(last).hasSizeGreaterThan(1);
    assertThat(ask(() -> window.scene().getFocusOwner().getId())).isEqualTo("tile-" + last);
    press(KeyCode.CONTROL, KeyCode.Z);
    settle();
    assertThat(names()).isEqualTo(before);
  }

  @Test
  public void aTileIsTakenOffAndPutBack() {
    String first = names().get(1).getFirst();
    hand.interact(() -> window.scene().lookup("#tile-" + first).requestFocus());
    press(KeyCode.DELETE);
    settle();
    assertThat(plan().items()).doesNotContain(first);
    click("#put-" + first);
    assertThat(plan().items()).endsWith(first);
  }

  @Test
  public void aTileIsDraggedOntoABand() {
    String from = names().getLast().getFirst();
    String to = names().get(names().size() - 2).getFirst();
    Node tile = ask(() -> window.scene().lookup("#tile-" + from));
    Node other = ask(() -> window.scene().lookup("#tile-" + to));
    hand.interact(
        () -> {
          var start = tile.localToScene(tile.getLayoutBounds());
          var end = other.localToScene(other.getLayoutBounds());
          fire(
              tile,
              javafx.scene.input.MouseEvent.MOUSE_PRESSED,
              start.getCenterX(),
              start.getCenterY());
          fire(
              tile,
              javafx.scene.input.MouseEvent.MOUSE_DRAGGED,
              end.getCenterX(),
              end.getCenterY());
          fire(
              tile,
              javafx.scene.input.MouseEvent.MOUSE_RELEASED,
              end.getCenterX(),
              end.getCenterY());
        });
    settle();
    assertThat(names()).anyMatch(band -> band.contains(from) && band.contains(to));
  }

  private static void fire(
      Node node, javafx.event.EventType<javafx.scene.input.MouseEvent> type, double x, double y) {
    node.fireEvent(
        new javafx.scene.input.MouseEvent(
            type,
            x,
            y,
            x,
            y,
            javafx.scene.input.MouseButton.PRIMARY,
            1,
            false,
            false,
            false,
            false,
            true,
            false,
            false,
            true,
            false,
            true,
            new javafx.scene.input.PickResult(node, x, y)));
  }

  @Test
  public void itIsLookedAtInTheBrowser() throws IOException {
    click("#board-look");
    settle();
    assertThat(answers.browsed).hasSize(1);
    assertThat(Jsoup.parse(Files.readString(answers.browsed.getFirst())).select("figure.chart"))
        .hasSize(3);
  }

  @Test
  public void titleAndTextAreWrittenAndSent() throws IOException {
    write("#board-title", "Two years");
    click("#board-passage");
    String passage = names().getFirst().getFirst();
    write("#passage-" + passage, "All *is* well");
    Path out = folder.resolve("board.board.html");
    answers.files.add(out);
    click("#send-out");
    settle();
    Document page = Jsoup.parse(Files.readString(out));
    assertThat(page.title()).isEqualTo("Two years");
    assertThat(page.select("p.passage").first().html()).isEqualTo("All <i>is</i> well");
    assertThat(page.select("figure.chart")).hasSize(3);
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
}
