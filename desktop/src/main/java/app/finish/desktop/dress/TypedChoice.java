package app.finish.desktop.dress;

import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.scene.control.ComboBox;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.util.Duration;

/// Takes what is chosen in a box or typed into it: at once when it is chosen, with Enter or on
/// leaving when it is typed; Escape puts back what was there.
final class TypedChoice {
  private static final Duration CLICK = Duration.millis(250);

  private TypedChoice() {}

  /// @param before what is set now
  static void take(ComboBox<String> box, String before, Consumer<String> changed) {
    Consumer<String> once = once(before, changed);
    box.setOnAction(event -> once.accept(box.getEditor().getText()));
    box.getEditor()
        .addEventFilter(
            KeyEvent.KEY_PRESSED,
            event -> {
              if (event.getCode() == KeyCode.ENTER) {
                once.accept(box.getEditor().getText());
                event.consume();
              } else if (event.getCode() == KeyCode.ESCAPE
                  && !before.equals(box.getEditor().getText())) {
                box.getEditor().setText(before);
                event.consume();
              }
            });
    box.getEditor()
        .focusedProperty()
        .addListener(
            (p, had, has) -> {
              if (had && !has) {
                afterClick(() -> once.accept(box.getEditor().getText()));
              }
            });
    box.getEditor().setId(box.getId() + "-text");
    box.getEditor().setAccessibleText(box.getAccessibleText());
  }

  /// Does something once the click that took the focus away has ended, so that what was clicked
  /// does not move away under the pointer.
  static void afterClick(Runnable work) {
    PauseTransition pause = new PauseTransition(CLICK);
    pause.setOnFinished(event -> work.run());
    pause.play();
  }

  /// Takes a setting that differs from what was set last.
  static Consumer<String> once(String before, Consumer<String> changed) {
    AtomicReference<String> last = new AtomicReference<>(before);
    return wanted -> {
      String setting = wanted == null ? "" : wanted.strip();
      if (!setting.equals(last.getAndSet(setting))) {
        Platform.runLater(() -> changed.accept(setting));
      }
    };
  }
}
