package app.finish.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.arrange.make.Reverse;
import app.finish.core.arrange.place.Side;
import app.finish.core.dress.CellMeaning;
import app.finish.desktop.model.Pick;
import app.finish.desktop.model.Showing;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import javafx.application.Platform;
import javafx.event.Event;
import javafx.event.EventType;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.TextField;
import javafx.scene.image.Image;
import javafx.scene.image.PixelReader;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import org.testng.annotations.Test;

/// A table of some thousand rows is arranged; what is in sight of it is there before the rest.
public class LongTableTest extends WindowTest {
  private final List<Image> glimpses = new ArrayList<>();

  private void open(int rows) throws Exception {
    Random random = new Random(7);
    StringBuilder lines = new StringBuilder("Sailing,Fares,Passengers\n");
    for (int row = 0; row < rows; row++) {
      lines.append("Sailing ").append(row).append(',');
      lines.append(random.nextInt(20_000)).append(',').append(random.nextInt(900)).append('\n');
    }
    Path file = folder.resolve("long.csv");
    Files.writeString(file, lines);
    answers.files.add(file);
    press(KeyCode.CONTROL, KeyCode.I);
    waitFor(() -> window.desk().document().items().size() == 1);
    settle();
    press(KeyCode.CONTROL, KeyCode.DIGIT2);
    glimpses.clear();
    hand.interact(
        () ->
            window
                .desk()
                .showing()
                .glimpseProperty()
                .addListener(
                    (p, before, now) ->
                        now.ifPresent(top -> Platform.runLater(() -> glimpses.add(painted())))));
  }

  /// The table as it is drawn with nothing picked.
  private Image painted() {
    window.desk().pickProperty().set(Optional.empty());
    Pane proof = (Pane) window.scene().lookup("#proof");
    Node canvas =
        proof.getChildren().stream().filter(Canvas.class::isInstance).findFirst().orElseThrow();
    return canvas.snapshot(null, null);
  }

  private static long differences(Image one, Image other) {
    PixelReader left = one.getPixelReader();
    PixelReader right = other.getPixelReader();
    long different = 0;
    for (int y = 0; y < (int) one.getHeight(); y++) {
      for (int x = 0; x < (int) one.getWidth(); x++) {
        different += left.getArgb(x, y) == right.getArgb(x, y) ? 0 : 1;
      }
    }
    return different;
  }

  private List<String> rows() {
    return ask(
        () ->
            window
                .desk()
                .shownProperty()
                .get()
                .orElseThrow()
                .arranged()
                .table()
                .down()
                .leaves()
                .stream()
                .limit(8)
                .map(leaf -> leaf.heading().label())
                .toList());
  }

  @Test
  public void whatIsInSightIsThereFirstAndStays() throws Exception {
    open(40_000);
    Image before = ask(this::painted);
    List<String> asItCame = rows();
    clickCell(new CellMeaning.Body(0, 0));
    click("#rows-largest");
    assertThat(glimpses).hasSize(1);
    assertThat(differences(glimpses.getFirst(), ask(this::painted))).isZero();
    assertThat(differences(glimpses.getFirst(), before)).isPositive();
    List<String> ordered = rows();
    clickCell(new CellMeaning.Stub(0, 3));
    click("#set-aside");
    assertThat(glimpses).hasSize(2);
    assertThat(differences(glimpses.get(1), ask(this::painted))).isZero();
    assertThat(rows()).startsWith(ordered.get(0), ordered.get(1), ordered.get(2), ordered.get(4));
    clickCell(new CellMeaning.Stub(0, 3));
    hand.interact(() -> ((TextField) window.scene().lookup("#rename")).setText("Regatta"));
    hand.interact(() -> ((TextField) window.scene().lookup("#rename")).requestFocus());
    press(KeyCode.ENTER);
    assertThat(glimpses).hasSize(3);
    assertThat(rows().get(3)).isEqualTo("Regatta");
    for (int i = 0; i < 3; i++) {
      press(KeyCode.CONTROL, KeyCode.Z);
    }
    assertThat(rows()).isEqualTo(asItCame);
  }

  /// A click on what is in sight waits for the rest, and then picks the row that was clicked.
  @Test
  public void aClickOnWhatIsInSightPicksTheRowThatIsSeen() throws Exception {
    open(40_000);
    Point2D third = where(new CellMeaning.Stub(0, 2));
    List<Optional<Pick>> atOnce = new ArrayList<>();
    hand.interact(
        () -> {
          Showing showing = window.desk().showing();
          showing
              .glimpseProperty()
              .addListener(
                  (p, before, now) -> {
                    if (now.isPresent() && atOnce.isEmpty()) {
                      clickOn(window.proof(), third);
                      atOnce.add(window.desk().pickProperty().get());
                    }
                  });
          window.desk().arranging().make(new Reverse(Side.DOWN, 0));
        });
    settle();
    Hand.breathe();
    assertThat(atOnce).containsExactly(Optional.empty());
    assertThat(ask(() -> window.desk().pickProperty().get().map(Pick::place)))
        .contains(new CellMeaning.Stub(0, 2));
    press(KeyCode.DELETE);
    assertThat(rows()).startsWith("Sailing 39999", "Sailing 39998", "Sailing 39996");
  }

  private static void clickOn(Node node, Point2D onScreen) {
    Point2D at = node.screenToLocal(onScreen);
    for (EventType<MouseEvent> type :
        List.of(MouseEvent.MOUSE_PRESSED, MouseEvent.MOUSE_RELEASED)) {
      Point2D inScene = node.localToScene(at);
      Event.fireEvent(
          node,
          new MouseEvent(
              type,
              inScene.getX(),
              inScene.getY(),
              onScreen.getX(),
              onScreen.getY(),
              MouseButton.PRIMARY,
              1,
              false,
              false,
              false,
              false,
              true,
              false,
              false,
              false,
              false,
              true,
              null));
    }
  }

  /// Moves that follow one another quickly end in the table that they make together.
  @Test
  public void quickMovesEndInTheLastOfThem() throws Exception {
    open(6000);
    hand.interact(
        () -> {
          for (int i = 0; i < 9; i++) {
            window.desk().arranging().make(new Reverse(Side.DOWN, 0));
          }
        });
    settle();
    assertThat(rows()).startsWith("Sailing 5999", "Sailing 5998");
    assertThat(ask(() -> window.desk().showing().glimpse().isPresent())).isFalse();
  }
}
