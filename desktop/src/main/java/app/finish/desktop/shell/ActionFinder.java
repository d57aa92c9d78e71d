package app.finish.desktop.shell;

import app.finish.desktop.kit.Texts;
import java.util.List;
import java.util.Locale;
import java.util.function.Supplier;
import javafx.geometry.Bounds;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.stage.Popup;

/// Every action by name, with its shortcut: a field, and a list of what fits.
public final class ActionFinder extends StackPane {
  private static final double CELL = 28;

  private final Supplier<List<Action>> actions;
  private final TextField field = new TextField();
  private final ListView<Action> list = new ListView<>();
  private final Popup popup = new Popup();

  public ActionFinder(Supplier<List<Action>> actions) {
    this.actions = actions;
    getStyleClass().add("finder");
    field.setId("finder");
    field.setPromptText(Texts.of("finder.prompt"));
    field.setAccessibleText(Texts.of("finder.name"));
    Label keys = new Label("Ctrl K");
    keys.getStyleClass().add("keys");
    keys.setMouseTransparent(true);
    StackPane.setAlignment(keys, Pos.CENTER_RIGHT);
    getChildren().addAll(field, keys);
    keys.visibleProperty().bind(field.textProperty().isEmpty());
    list.setId("finder-list");
    list.getStyleClass().add("finder-list");
    list.setCellFactory(view -> new ActionCell());
    list.setFixedCellSize(CELL);
    list.setPlaceholder(new Label(Texts.of("finder.none")));
    list.setFocusTraversable(false);
    list.setOnMouseClicked(event -> choose());
    popup.getContent().add(list);
    popup.setAutoHide(true);
    field.textProperty().addListener((p, before, now) -> show());
    field.focusedProperty().addListener((p, before, now) -> focused(now));
    field.setOnMouseClicked(event -> show());
    field.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
  }

  private static final class ActionCell extends ListCell<Action> {
    @Override
    protected void updateItem(Action action, boolean empty) {
      super.updateItem(action, empty);
      setText(null);
      if (empty || action == null) {
        setGraphic(null);
        return;
      }
      Region gap = new Region();
      HBox.setHgrow(gap, Priority.ALWAYS);
      Label keys = new Label(action.shortcut());
      keys.getStyleClass().add("keys");
      setGraphic(new HBox(12, new Label(action.name()), gap, keys));
      setDisable(!action.can().getAsBoolean());
      setAccessibleText(action.name());
    }
  }

  /// Begins to look for an action.
  public void begin() {
    field.clear();
    field.requestFocus();
    show();
  }

  private void focused(boolean now) {
    if (!now) {
      popup.hide();
    }
  }

  private void show() {
    String wanted = field.getText().strip().toLowerCase(Locale.ROOT);
    List<Action> fitting =
        actions.get().stream()
            .filter(action -> action.can().getAsBoolean())
            .filter(action -> fits(action.name().toLowerCase(Locale.ROOT), wanted))
            .toList();
    list.getItems().setAll(fitting);
    list.getSelectionModel().selectFirst();
    list.setPrefSize(Math.max(320, getWidth()), Math.clamp(fitting.size(), 1, 11) * CELL + 12);
    if (field.isFocused() && getScene() != null) {
      Bounds at = localToScreen(getBoundsInLocal());
      if (at != null) {
        popup.show(getScene().getWindow(), at.getMinX(), at.getMaxY() + 4);
      }
    }
  }

  /// Whether each word that was typed begins some word of the name.
  public static boolean fits(String name, String wanted) {
    for (String word : wanted.split("\\s+")) {
      boolean found = name.startsWith(word) || name.contains(" " + word);
      if (!found) {
        return false;
      }
    }
    return true;
  }

  private void key(KeyEvent event) {
    int at = list.getSelectionModel().getSelectedIndex();
    boolean known = true;
    switch (event.getCode()) {
      case DOWN -> select(at + 1);
      case UP -> select(at - 1);
      case ENTER -> choose();
      case ESCAPE -> leave();
      default -> known = false;
    }
    if (known) {
      event.consume();
    }
  }

  private void select(int at) {
    if (at >= 0 && at < list.getItems().size()) {
      list.getSelectionModel().select(at);
      list.scrollTo(at);
    }
  }

  private void choose() {
    Action action = list.getSelectionModel().getSelectedItem();
    leave();
    if (action != null) {
      action.run();
    }
  }

  private void leave() {
    field.clear();
    popup.hide();
    getScene().lookup("#proof").requestFocus();
  }
}
