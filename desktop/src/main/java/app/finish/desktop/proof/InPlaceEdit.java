package app.finish.desktop.proof;

import app.finish.desktop.kit.WordField;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Bounds;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/// A field over words of the proof. Enter and going elsewhere keep what was written, Esc goes back.
public final class InPlaceEdit {
  private final ProofView proof;
  private final TextField field;
  private final String before;
  private final Consumer<String> keep;
  private final Optional<Runnable> next;

  private InPlaceEdit(
      ProofView proof,
      TextField field,
      String before,
      Consumer<String> keep,
      Optional<Runnable> next) {
    this.next = next;
    this.proof = proof;
    this.field = field;
    this.before = before;
    this.keep = keep;
  }

  /// Begins to edit.
  ///
  /// @param name what is edited
  /// @param text what they are
  /// @param at where they stand in the view
  /// @param size the size of their text in pixels
  /// @param keep what to do with what was written
  /// @param next what Tab goes on to, when what was written is kept
  static void begin(
      ProofView proof,
      String name,
      String text,
      Bounds at,
      double size,
      Consumer<String> keep,
      Optional<Runnable> next) {
    proof.getChildren().removeIf(node -> node instanceof TextField);
    TextField field = new TextField(text);
    field.setId("edit-in-place");
    WordField.takeKeys(field);
    field.getStyleClass().add("edit-in-place");
    field.setAccessibleText(name);
    field.setPromptText(name);
    field.setManaged(false);
    field.resizeRelocate(
        Math.round(at.getMinX()) - 6,
        Math.round(at.getMinY()) - 4,
        at.getWidth() + 12,
        Math.max(26, at.getHeight()));
    field.setStyle("-fx-font-size: " + Math.max(11, size) + "px");
    new InPlaceEdit(proof, field, text, keep, next).listen();
    proof.getChildren().add(field);
    field.requestFocus();
    field.selectAll();
  }

  private void listen() {
    field.setOnAction(
        event -> {
          end();
          keep.accept(field.getText().strip());
        });
    field.addEventFilter(KeyEvent.KEY_PRESSED, this::goOn);
    field.setOnKeyPressed(
        event -> {
          if (event.getCode() == KeyCode.ESCAPE) {
            end();
            event.consume();
          }
        });
    field.focusedProperty().addListener((p, was, now) -> leave(now));
  }

  /// Tab keeps what was written and goes on, where there is something to go on to.
  private void goOn(KeyEvent event) {
    if (event.getCode() != KeyCode.TAB || event.isShiftDown() || next.isEmpty()) {
      return;
    }
    event.consume();
    end();
    String written = field.getText().strip();
    if (!written.equals(before)) {
      keep.accept(written);
    }
    if (!written.isEmpty()) {
      next.get().run();
    }
  }

  private void end() {
    proof.getChildren().remove(field);
    proof.requestFocus();
  }

  private void leave(boolean focused) {
    if (!focused && proof.getChildren().remove(field) && !field.getText().strip().equals(before)) {
      keep.accept(field.getText().strip());
    }
  }
}
