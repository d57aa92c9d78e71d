package app.finish.desktop;

import app.finish.core.document.Document;
import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.Dressed;
import app.finish.core.layout.font.Fonts;
import app.finish.core.layout.sheet.Scroll;
import app.finish.desktop.model.FilePicker;
import app.finish.desktop.model.LastingChoices;
import app.finish.desktop.model.Proofs;
import app.finish.desktop.model.Recent;
import app.finish.desktop.model.Worker;
import app.finish.desktop.shell.InfoLine;
import app.finish.expressions.MeasureFormulas;
import app.finish.formats.Sending;
import app.finish.formats.samples.Samples;
import app.finish.formats.style.StyleFile;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import java.util.prefs.Preferences;
import javafx.application.Platform;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.PickResult;
import javafx.stage.Stage;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.BeforeMethod;

/// The real window, driven with keyboard and mouse.
abstract class WindowTest {
  /// How many tables the demo holds.
  static final int DEMO_TABLES = 15;

  /// Answers questions about files without asking anybody.
  static final class Answers implements FilePicker {
    final Deque<Path> files = new ArrayDeque<>();
    final Deque<Answer> unsaved = new ArrayDeque<>();
    final Deque<Path> browsed = new ArrayDeque<>();

    @Override
    public Optional<Path> toRead(String kind, String... endings) {
      return Optional.ofNullable(files.poll());
    }

    @Override
    public Optional<Path> toWrite(String name, String kind, String ending) {
      return Optional.ofNullable(files.poll());
    }

    @Override
    public void browse(Path page) {
      browsed.add(page);
    }

    @Override
    public Answer aboutUnsaved(String documentName) {
      return unsaved.isEmpty() ? Answer.GO_BACK : unsaved.poll();
    }
  }

  private static Optional<Hand> only = Optional.empty();

  Hand hand;
  Answers answers = new Answers();
  Path folder;
  Stage stage;
  MainWindow window;
  boolean ended;

  @BeforeClass
  public void startToolkit() throws Exception {
    folder = Files.createTempDirectory("finish-window");
    hand = hand();
    hand.interact(
        () -> {
          Platform.setImplicitExit(false);
          stage = new Stage();
        });
  }

  /// One hand for all: the toolkit begins with it.
  private static synchronized Hand hand() throws InterruptedException {
    if (only.isEmpty()) {
      CountDownLatch running = new CountDownLatch(1);
      Platform.startup(running::countDown);
      running.await(20, TimeUnit.SECONDS);
      only = Optional.of(new Hand());
    }
    return only.get();
  }

  @BeforeMethod
  public void openWindow() throws Exception {
    answers = new Answers();
    ended = false;
    hand.interact(
        () -> {
          FinishApplication.useTheme();
          if (window != null) {
            window.close();
          }
          Fonts fonts = new Fonts();
          Sending sending = new Sending(fonts, StyleFile.shipped(), new MeasureFormulas());
          window =
              new MainWindow(
                  fonts,
                  new Proofs(fonts, sending),
                  sending,
                  answers,
                  new Recent(Preferences.userRoot().node("app/finish/test" + System.nanoTime())),
                  habits(),
                  () -> ended = true);
          window.desk().arranging().redraws().slowFrom(Long.MAX_VALUE);
          stage.setScene(window.scene());
          stage.setWidth(1280);
          stage.setHeight(800);
          stage.show();
        });
    settle();
  }

  /// Habits of nobody yet, with a style library of their own.
  private LastingChoices habits() {
    LastingChoices habits =
        new LastingChoices(Preferences.userRoot().node("app/finish/test" + System.nanoTime()));
    habits.keepLibrary(folder.resolve("library"));
    habits.keepDrafts(folder.resolve("drafts"));
    return habits;
  }

  @AfterClass
  public void closeWindow() throws Exception {
    hand.interact(
        () -> {
          if (window != null) {
            window.close();
          }
          stage.close();
        });
  }

  /// Waits until nothing is going on.
  void settle() {
    Hand.breathe();
    waitFor(() -> window.desk().worker().busyProperty().get().isEmpty());
    CountDownLatch idle = new CountDownLatch(2);
    hand.interact(
        () -> {
          Worker worker = window.desk().worker();
          worker.behind(() -> true, done -> idle.countDown(), failed -> idle.countDown());
          worker.draw(() -> true, done -> idle.countDown(), failed -> idle.countDown());
        });
    try {
      idle.await(10, TimeUnit.SECONDS);
    } catch (InterruptedException e) {
      throw new AssertionError(e);
    }
    Hand.pulse();
    Hand.breathe();
  }

  static void waitFor(BooleanSupplier condition) {
    Hand.waitFor(condition);
  }

  <T> T ask(Callable<T> question) {
    return Hand.ask(question);
  }

  void openDemo() {
    hand.interact(() -> window.begin(Demo.DOCUMENT, "Marram Sound"));
    settle();
  }

  /// The document of the demo, which never changes: read once for all tests.
  private static final class Demo {
    static final Document DOCUMENT = read();

    private static Document read() {
      try {
        return Samples.demo();
      } catch (java.io.IOException e) {
        throw new java.io.UncheckedIOException(e);
      }
    }
  }

  void press(KeyCode... keys) {
    hand.press(keys);
    for (int i = keys.length - 1; i >= 0; i--) {
      hand.release(keys[i]);
    }
    settle();
  }

  void click(String selector) {
    reveal(selector);
    awaitRest(selector);
    hand.clickOn(selector);
    settle();
  }

  /// Scrolls the bench so that a node is in sight, as one does with the wheel.
  void reveal(String selector) {
    hand.interact(
        () -> {
          Node node = window.scene().lookup(selector);
          Node at = node;
          while (at != null && !(at instanceof ScrollPane)) {
            at = at.getParent();
          }
          if (at instanceof ScrollPane pane && pane.getContent() != null) {
            double y =
                pane.getContent()
                    .sceneToLocal(node.localToScene(node.getBoundsInLocal()))
                    .getMinY();
            double over = pane.getContent().getBoundsInLocal().getHeight() - pane.getHeight();
            if (over > 0) {
              pane.setVvalue(Math.clamp((y - pane.getHeight() / 2) / over, 0, 1));
            }
          }
        });
    settle();
  }

  /// Waits until a node stands where it stood a moment ago: what has just been laid out anew may
  /// move once more, and a click would fall beside it.
  private void awaitRest(String selector) {
    Bounds[] last = {null};
    int[] same = {0};
    while (same[0] < 2) {
      Hand.pulse();
      waitFor(
          () -> {
            Node node = window.scene().lookup(selector);
            Bounds now = node == null ? null : node.localToScreen(node.getBoundsInLocal());
            same[0] = now != null && now.equals(last[0]) ? same[0] + 1 : 0;
            last[0] = now;
            return now != null;
          });
    }
  }

  /// Points at the middle of a cell of the proof and clicks there.
  void clickCell(CellMeaning place) {
    hand.clickOn(where(place));
    settle();
  }

  /// Clicks a cell of the proof with Ctrl held: one more, or one less. The headless platform gives
  /// clicks no keys, so the view is told itself.
  void clickMore(CellMeaning place) {
    click(place, true);
    settle();
  }

  /// Clicks a cell of the proof, perhaps with Ctrl held, without the robot.
  void click(CellMeaning place, boolean more) {
    hand.interact(
        () -> {
          Node proof = (Node) window.proof();
          Optional<Point2D> found = window.proof().middleOf(place);
          if (found.isEmpty()) {
            return;
          }
          Point2D middle = found.get();
          Point2D at = proof.localToScene(middle);
          Point2D screen = proof.localToScreen(middle);
          for (var type : List.of(MouseEvent.MOUSE_PRESSED, MouseEvent.MOUSE_RELEASED)) {
            PickResult hit = new PickResult(proof, at.getX(), at.getY());
            proof.fireEvent(
                new MouseEvent(
                    type,
                    at.getX(),
                    at.getY(),
                    screen.getX(),
                    screen.getY(),
                    MouseButton.PRIMARY,
                    1,
                    false,
                    more,
                    false,
                    false,
                    type == MouseEvent.MOUSE_PRESSED,
                    false,
                    false,
                    false,
                    false,
                    true,
                    hit));
          }
        });
  }

  Point2D where(CellMeaning place) {
    return ask(
        () -> {
          Point2D middle =
              window
                  .proof()
                  .middleOf(place)
                  .orElseThrow(() -> new AssertionError("no such cell: " + place));
          return window.proof().localToScreen(middle);
        });
  }

  boolean shows(String selector) {
    return ask(
        () -> {
          Node node = window.scene().lookup(selector);
          Node at = node;
          while (at != null && at.isVisible()) {
            at = at.getParent();
          }
          return node != null && at == null;
        });
  }

  String textOf(String selector) {
    return ask(() -> ((Label) window.scene().lookup(selector)).getText());
  }

  /// All that the slug says.
  String slug() {
    return ask(
        () -> {
          StringBuilder text = new StringBuilder();
          for (Node node : ((InfoLine) window.scene().lookup("#slug")).getChildren()) {
            text.append(((javafx.scene.control.Labeled) node).getText()).append(' ');
          }
          return text.toString().strip();
        });
  }

  Scroll scroll() {
    return ask(() -> window.desk().shownProperty().get().orElseThrow().scroll());
  }

  Dressed dressed() {
    return ask(() -> window.desk().shownProperty().get().orElseThrow().dressed());
  }
}
