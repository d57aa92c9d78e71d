package app.finish.desktop.kit;

import java.util.function.Consumer;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/// A field for words that are set: Ctrl with I, B, point or comma puts the marks for italic, bold,
/// raised or lowered around what is chosen. Enter and going elsewhere keep what is written, Esc
/// goes back to what stood there.
///
/// ```java
/// TextField field = WordField.of("title", "Title", "Fares by *route*", desk::title);
/// ```
public final class WordField {
  /// The style class of fields whose keys are for words that are set.
  public static final String RICH = "rich-words";

  private WordField() {}

  /// The field.
  ///
  /// @param name what is written, for those who can't see it
  /// @param text what stands there
  /// @param keep takes what was written
  public static TextField of(String id, String name, String text, Consumer<String> keep) {
    TextField field = new TextField(text);
    field.setId(id);
    field.setAccessibleText(name);
    field.setPromptText(name);
    field.setMaxWidth(Double.MAX_VALUE);
    takeKeys(field);
    String[] kept = {text};
    Runnable done =
        () -> {
          String now = field.getText().strip();
          if (!now.equals(kept[0])) {
            kept[0] = now;
            keep.accept(now);
          }
        };
    field.setOnAction(event -> done.run());
    field
        .focusedProperty()
        .addListener(
            (p, was, now) -> {
              if (!now && field.getScene() != null) {
                done.run();
              }
            });
    field.addEventHandler(
        KeyEvent.KEY_PRESSED,
        event -> {
          if (event.getCode() == KeyCode.ESCAPE) {
            field.setText(kept[0]);
          }
        });
    return field;
  }

  /// Gives a field the keys that set words.
  public static void takeKeys(TextField field) {
    field.getStyleClass().add(RICH);
    field.addEventFilter(KeyEvent.KEY_PRESSED, event -> key(field, event));
  }

  /// Whether a key is one of those that set words.
  public static boolean isForWords(KeyEvent event) {
    return event.isShortcutDown()
        && !event.isShiftDown()
        && !event.isAltDown()
        && !mark(event).isEmpty();
  }

  private static String mark(KeyEvent event) {
    return switch (event.getCode()) {
      case I -> "*";
      case B -> "**";
      case PERIOD -> "^";
      case COMMA -> "~";
      default -> "";
    };
  }

  private static void key(TextField field, KeyEvent event) {
    if (!isForWords(event)) {
      return;
    }
    String mark = mark(event);
    int from = field.getSelection().getStart();
    int to = field.getSelection().getEnd();
    String chosen = field.getText().substring(from, to);
    String blank = chosen.substring(chosen.stripTrailing().length());
    field.replaceText(from, to, mark + chosen.stripTrailing() + mark + blank);
    int caret = from + mark.length() + chosen.stripTrailing().length();
    field.positionCaret(chosen.isEmpty() ? caret : caret + mark.length());
    event.consume();
  }
}
