package app.finish.desktop.shell;

import app.finish.desktop.model.Showing;
import java.util.ArrayDeque;
import java.util.Optional;
import java.util.Queue;
import javafx.application.Platform;
import javafx.event.Event;
import javafx.event.EventTarget;
import javafx.scene.Scene;
import javafx.scene.input.InputEvent;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;

/// What is clicked and typed while only what is in sight of a table is there waits until the rest
/// of it is: cells, tags and panels then say what the person means.
public final class LaterInput {
  private record Waiting(EventTarget target, Event event) {}

  private final Showing showing;
  private final Queue<Waiting> waiting = new ArrayDeque<>();
  private boolean replaying;

  public LaterInput(Showing showing) {
    this.showing = showing;
  }

  /// Takes what the person does in a window.
  public void take(Scene scene) {
    scene.addEventFilter(KeyEvent.ANY, this::hold);
    scene.addEventFilter(MouseEvent.MOUSE_PRESSED, this::hold);
    scene.addEventFilter(MouseEvent.MOUSE_DRAGGED, this::hold);
    scene.addEventFilter(MouseEvent.MOUSE_RELEASED, this::hold);
    scene.addEventFilter(MouseEvent.MOUSE_CLICKED, this::hold);
    showing.glimpseProperty().addListener((p, before, now) -> release(now));
  }

  private void hold(InputEvent event) {
    boolean holds = showing.glimpse().isPresent() || !waiting.isEmpty();
    if (holds && !replaying) {
      waiting.add(
          new Waiting(event.getTarget(), event.copyFor(event.getSource(), event.getTarget())));
      event.consume();
    }
  }

  private void release(Optional<?> glimpse) {
    if (glimpse.isEmpty() && !waiting.isEmpty()) {
      Platform.runLater(this::replay);
    }
  }

  private void replay() {
    replaying = true;
    try {
      while (!waiting.isEmpty()) {
        Waiting next = waiting.remove();
        Event.fireEvent(next.target, next.event);
      }
    } finally {
      replaying = false;
    }
  }
}
