package app.finish.desktop.shell;

import app.finish.core.style.HouseStyle;
import app.finish.desktop.kit.WordField;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Step;
import app.finish.desktop.proof.ProofView;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/// What keys do wherever the focus is: the shortcuts of the actions, the way into a bench and back.
public final class WindowKeys {
  private final Desk desk;
  private final Actions actions;
  private final ProofView proof;
  private final Supplier<Optional<Node>> bench;
  private final Map<Step, Node> focused = new EnumMap<>(Step.class);
  private final Scene scene;

  /// @param bench the bench that is shown, if one is
  public WindowKeys(
      Scene scene, Desk desk, Actions actions, ProofView proof, Supplier<Optional<Node>> bench) {
    this.scene = scene;
    this.desk = desk;
    this.actions = actions;
    this.proof = proof;
    this.bench = bench;
  }

  /// Listens to the window.
  public void take() {
    scene.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
    scene.addEventHandler(KeyEvent.KEY_PRESSED, this::back);
  }

  private void key(KeyEvent event) {
    if (settlesTryOn(event)) {
      event.consume();
      return;
    }
    boolean typing = scene.getFocusOwner() instanceof TextInputControl;
    if (!typing && handled(event)) {
      event.consume();
    } else if (typing && !isForText(event) && handled(event)) {
      event.consume();
    }
  }

  /// While a style is tried on, Enter keeps it and Esc goes back, wherever the focus is.
  private boolean settlesTryOn(KeyEvent event) {
    Optional<HouseStyle> tried =
        desk.tryingProperty().get().flatMap(name -> desk.styles().named(name));
    if (tried.isPresent() && event.getCode() == KeyCode.ENTER) {
      desk.wear(tried.get());
      return true;
    }
    if (tried.isPresent() && event.getCode() == KeyCode.ESCAPE) {
      desk.tryingProperty().set(Optional.empty());
      return true;
    }
    return false;
  }

  /// Whether a key belongs to the text field that has the focus. Undo does only while there is
  /// something to undo in it.
  private boolean isForText(KeyEvent event) {
    return switch (event.getCode()) {
      case C, V, X, A -> !event.isShiftDown();
      case I, B, PERIOD, COMMA ->
          WordField.isForWords(event)
              && scene.getFocusOwner().getStyleClass().contains(WordField.RICH);
      case Z ->
          scene.getFocusOwner() instanceof TextInputControl text
              && (event.isShiftDown() ? text.isRedoable() : text.isUndoable());
      default -> false;
    };
  }

  /// Escape goes back from a bench to the proof.
  private void back(KeyEvent event) {
    boolean board = proof.getScene() != scene;
    if (event.getCode() == KeyCode.ESCAPE && !board && scene.getFocusOwner() != proof) {
      proof.requestFocus();
      event.consume();
    }
  }

  /// After a change of step by key the focus is where it was in that step, or on the first control
  /// of its bench.
  private void focusBench(Step before, Optional<Node> owner) {
    Step now = desk.stepProperty().get();
    if (now == before) {
      return;
    }
    owner.ifPresent(node -> focused.put(before, node));
    Optional<Node> known =
        Optional.ofNullable(focused.get(now)).filter(node -> node.getScene() == scene);
    Platform.runLater(
        () ->
            known
                .or(() -> bench.get().flatMap(WindowKeys::first))
                .filter(node -> desk.stepProperty().get() == now)
                .ifPresent(Node::requestFocus));
  }

  private static Optional<Node> first(Node node) {
    if (!node.isVisible() || node.isDisabled()) {
      return Optional.empty();
    }
    if (node.isFocusTraversable()) {
      return Optional.of(node);
    }
    List<? extends Node> inside =
        node instanceof ScrollPane scroll
            ? List.of(scroll.getContent())
            : node instanceof Parent parent ? parent.getChildrenUnmodifiable() : List.of();
    return inside.stream().flatMap(one -> first(one).stream()).findFirst();
  }

  private boolean handled(KeyEvent event) {
    Step before = desk.stepProperty().get();
    Optional<Node> owner = Optional.ofNullable(scene.getFocusOwner());
    Optional<Action> fitting =
        actions.all().stream()
            .filter(action -> action.keys().map(keys -> keys.match(event)).orElse(false))
            .filter(action -> action.can().getAsBoolean())
            .findFirst();
    fitting.ifPresent(Action::run);
    focusBench(before, owner);
    return fitting.isPresent();
  }
}
