package app.finish.desktop;

import java.util.Arrays;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.BooleanSupplier;
import javafx.application.Platform;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.robot.Robot;
import javafx.scene.text.Text;
import javafx.stage.Window;

/// A person's hand on keyboard and mouse, over the toolkit's own robot. It waits for what it did to
/// be taken in and for nothing else, so a journey takes as long as the window needs.
///
/// ```java
/// hand.clickOn("#undo");
/// hand.write("Cost recovery");
/// ```
final class Hand {
  private static final int SECONDS = 20;

  private static final int STEPS = 3;

  /// What is dragged must stay under the pointer, or the headless platform gives the rest to what
  /// is under it then.
  private static final double SHORT = 4;

  private static final double NEAR = 40;
  private static final long DOUBLE_CLICK = TimeUnit.MILLISECONDS.toNanos(600);

  private final Robot robot;
  private boolean held;
  private Point2D clicked = Point2D.ZERO;
  private long clickedAt;

  /// A hand at a toolkit that runs and shows no window yet.
  Hand() {
    this.robot = ask(Robot::new);
  }

  /// Does something on the toolkit's thread and waits for it.
  void interact(Runnable action) {
    ask(
        () -> {
          action.run();
          return true;
        });
    breathe();
  }

  /// Asks the window something on the toolkit's thread.
  static <T> T ask(Callable<T> question) {
    FutureTask<T> task = new FutureTask<>(question);
    if (Platform.isFxApplicationThread()) {
      task.run();
    } else {
      Platform.runLater(task);
    }
    try {
      return task.get(SECONDS, TimeUnit.SECONDS);
    } catch (ExecutionException e) {
      if (e.getCause() instanceof Error error) {
        throw error;
      }
      throw new AssertionError(e.getCause());
    } catch (InterruptedException | TimeoutException e) {
      throw new AssertionError("the window does not answer; it is at " + whereItIs(), e);
    }
  }

  /// What the toolkit's thread is busy with.
  private static String whereItIs() {
    return Thread.getAllStackTraces().entrySet().stream()
        .filter(one -> one.getKey().getName().startsWith("JavaFX Application"))
        .map(one -> Arrays.stream(one.getValue()).limit(40).map(String::valueOf).toList())
        .map(frames -> String.join("\n  ", frames))
        .findFirst()
        .orElse("its end");
  }

  /// Waits until the window has taken in what was done, and what follows from that.
  static void breathe() {
    ask(() -> true);
    ask(() -> true);
  }

  /// Waits for the window's next pulse: then everything is laid out.
  static void pulse() {
    CountDownLatch laidOut = new CountDownLatch(1);
    Scene scene =
        ask(
            () -> {
              Scene first = Window.getWindows().getFirst().getScene();
              first.addPostLayoutPulseListener(
                  new Runnable() {
                    @Override
                    public void run() {
                      first.removePostLayoutPulseListener(this);
                      laidOut.countDown();
                    }
                  });
              Platform.requestNextPulse();
              return first;
            });
    try {
      if (!laidOut.await(SECONDS, TimeUnit.SECONDS)) {
        throw new AssertionError("no pulse in " + scene + "; it is at " + whereItIs());
      }
    } catch (InterruptedException e) {
      throw new AssertionError(e);
    }
  }

  /// Waits until something holds, asked on the toolkit's thread.
  static void waitFor(BooleanSupplier condition) {
    long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(SECONDS);
    while (!ask(condition::getAsBoolean)) {
      if (System.nanoTime() > end) {
        throw new AssertionError("it did not happen in time");
      }
      pause(4);
    }
  }

  private static void pause(long milliseconds) {
    try {
      Thread.sleep(milliseconds);
    } catch (InterruptedException e) {
      throw new AssertionError(e);
    }
  }

  /// Lets time pass, for what happens after a while.
  void sleep(long milliseconds) {
    pause(milliseconds);
  }

  /// Moves the mouse to the middle of what is found.
  void moveTo(String query) {
    moveTo(middleOf(query));
  }

  /// Moves the mouse to a point of the screen, in a few steps.
  void moveTo(Point2D to) {
    Point2D from = ask(robot::getMousePosition);
    int steps = held ? (int) Math.ceil(from.distance(to) / SHORT) : STEPS;
    for (int step = 1; step <= steps; step++) {
      Point2D at = from.interpolate(to, (double) step / steps);
      interact(() -> robot.mouseMove(at));
    }
    pulse();
  }

  /// Clicks in the middle of what is found: a selector that begins with # or a dot, or a text.
  void clickOn(String query) {
    clickOn(middleOf(query));
  }

  /// Clicks on a node.
  void clickOn(Node node) {
    clickOn(ask(() -> middle(node)));
  }

  /// Clicks at a point of the screen; long enough after the click before to be no double click.
  void clickOn(Point2D point) {
    moveTo(point);
    while (point.distance(clicked) < NEAR && System.nanoTime() - clickedAt < DOUBLE_CLICK) {
      pause(10);
    }
    click();
    clicked = point;
    clickedAt = System.nanoTime();
  }

  /// Clicks twice at a point of the screen.
  void doubleClickOn(Point2D point) {
    moveTo(point);
    click();
    click();
  }

  private void click() {
    press(MouseButton.PRIMARY);
    release(MouseButton.PRIMARY);
  }

  void press(MouseButton button) {
    held = true;
    interact(() -> robot.mousePress(button));
  }

  void release(MouseButton button) {
    held = false;
    interact(() -> robot.mouseRelease(button));
  }

  void press(KeyCode... keys) {
    for (KeyCode key : keys) {
      interact(() -> robot.keyPress(key));
    }
  }

  void release(KeyCode... keys) {
    for (KeyCode key : keys) {
      interact(() -> robot.keyRelease(key));
    }
  }

  /// Drags what is found by so many points to the right and down.
  void drag(String query, double right, double down) {
    Point2D from = middleOf(query);
    drag(from, from.add(right, down));
  }

  /// Drags from one point of the screen to another.
  void drag(Point2D from, Point2D to) {
    moveTo(from);
    press(MouseButton.PRIMARY);
    moveTo(from.interpolate(to, 1.0 / 3));
    moveTo(to);
    release(MouseButton.PRIMARY);
  }

  /// Types a text where the cursor is.
  void write(String text) {
    for (char letter : text.toCharArray()) {
      interact(
          () -> {
            Scene scene = focused();
            Node owner = scene.getFocusOwner();
            KeyEvent typed =
                new KeyEvent(
                    KeyEvent.KEY_TYPED,
                    Character.toString(letter),
                    Character.toString(letter),
                    KeyCode.UNDEFINED,
                    false,
                    false,
                    false,
                    false);
            (owner == null ? scene.getRoot() : owner).fireEvent(typed);
          });
    }
  }

  private static Scene focused() {
    return Window.getWindows().stream()
        .filter(Window::isFocused)
        .findFirst()
        .orElse(Window.getWindows().getFirst())
        .getScene();
  }

  private static Point2D middleOf(String query) {
    pulse();
    return ask(() -> middle(find(query)));
  }

  private static Point2D middle(Node node) {
    Bounds bounds = node.localToScreen(node.getBoundsInLocal());
    return new Point2D(bounds.getCenterX(), bounds.getCenterY());
  }

  /// The node of a selector, or the one that shows a text, in whichever window it is.
  private static Node find(String query) {
    List<Window> windows = Window.getWindows().reversed();
    boolean selector = query.startsWith("#") || query.startsWith(".");
    for (Window window : windows) {
      for (Node node : window.getScene().getRoot().lookupAll(selector ? query : "*")) {
        boolean shows =
            selector
                || node instanceof Labeled labeled && query.equals(labeled.getText())
                || node instanceof Text text && query.equals(text.getText());
        if (shows && isShown(node)) {
          return node;
        }
      }
    }
    throw new AssertionError("nothing is found: " + query);
  }

  private static boolean isShown(Node node) {
    Node at = node;
    while (at != null && at.isVisible()) {
      at = at.getParent();
    }
    return at == null;
  }
}
