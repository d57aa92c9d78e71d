package app.finish.desktop.shell;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.event.EventTarget;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Labeled;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.text.Text;
import javafx.util.StringConverter;

/// What all controls of the window do alike: boxes of choices open wherever they are clicked and
/// find a choice by its first letters; what is cut to an ellipsis is shown whole while the pointer
/// or the focus is on it.
public final class Habits {
  private static final long TYPED_TOGETHER = 900_000_000L;

  private final Tooltip whole = new Tooltip();
  private final StringBuilder typed = new StringBuilder();
  private long last;

  /// Takes the controls of a window.
  public void take(Scene scene) {
    whole.setWrapText(true);
    whole.setHideOnEscape(false);
    whole.setAutoHide(false);
    whole.setMaxWidth(360);
    scene.addEventFilter(MouseEvent.MOUSE_CLICKED, event -> open(event.getTarget()));
    scene.addEventHandler(KeyEvent.KEY_TYPED, event -> find(scene, event));
    scene.addEventFilter(MouseEvent.MOUSE_ENTERED_TARGET, event -> tell(event.getTarget()));
    scene.addEventFilter(MouseEvent.MOUSE_PRESSED, event -> whole.hide());
    scene
        .focusOwnerProperty()
        .addListener(
            (p, before, now) -> {
              whole.hide();
              if (now instanceof Node node) {
                tell(node);
              }
            });
  }

  private static void open(EventTarget target) {
    Node node = target instanceof Node one ? one : null;
    while (node != null && !(node instanceof ComboBox<?>)) {
      node = node.getParent();
    }
    if (node instanceof ComboBox<?> box && !box.isShowing() && !box.isDisabled()) {
      box.show();
    }
  }

  private void find(Scene scene, KeyEvent event) {
    String letter = event.getCharacter();
    boolean text = !letter.isBlank() && letter.codePointAt(0) > ' ';
    if (!text || event.isControlDown() || event.isMetaDown() || event.isAltDown()) {
      return;
    }
    if (event.getTarget() instanceof ChoiceBox<?> box) {
      choose(box, letter);
    } else if (event.getTarget() instanceof ComboBox<?> box && !box.isEditable()) {
      choose(box, letter);
    }
  }

  private <T> void choose(ChoiceBox<T> box, String letter) {
    found(box.getItems(), box.getConverter(), letter).ifPresent(box::setValue);
  }

  private <T> void choose(ComboBox<T> box, String letter) {
    found(box.getItems(), box.getConverter(), letter).ifPresent(box::setValue);
  }

  /// The first choice that begins with what is being typed.
  private <T> Optional<T> found(List<T> items, StringConverter<T> words, String letter) {
    String wanted = looked(letter);
    return items.stream().filter(item -> begins(item, words, wanted)).findFirst();
  }

  private String looked(String letter) {
    long now = System.nanoTime();
    if (now - last > TYPED_TOGETHER) {
      typed.setLength(0);
    }
    last = now;
    return typed.append(letter.toLowerCase(Locale.ROOT)).toString();
  }

  private static <T> boolean begins(T item, StringConverter<T> words, String wanted) {
    String name = words == null ? "" + item : words.toString(item);
    return name.toLowerCase(Locale.ROOT).startsWith(wanted);
  }

  /// Shows a text whole that is cut.
  private void tell(EventTarget target) {
    Node node =
        target instanceof Text text ? text.getParent() : target instanceof Node n ? n : null;
    if (!(node instanceof Labeled label) || label.getScene() == null) {
      return;
    }
    boolean cut =
        label.lookup(".text") instanceof Text shown
            && !label.isWrapText()
            && !shown.getText().equals(label.getText());
    boolean own = label.getTooltip() == whole;
    if (cut && (own || label.getTooltip() == null)) {
      whole.setText(label.getText());
      label.setTooltip(whole);
      showOnFocus(label);
    } else if (own) {
      label.setTooltip(null);
    }
  }

  private void showOnFocus(Labeled label) {
    Bounds at = label.localToScreen(label.getBoundsInLocal());
    if (label.isFocused() && at != null) {
      whole.show(label, at.getMinX(), at.getMaxY() + 4);
    }
  }
}
