package app.finish.desktop.shell;

import app.finish.desktop.kit.Texts;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.geometry.Bounds;
import javafx.geometry.Pos;
import javafx.scene.Node;
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
  private static final int MOST = 60;

  private final Supplier<List<Action>> actions;
  private final TextField field = new TextField();
  private final ListView<Action> list = new ListView<>();
  private final Popup popup = new Popup();
  private Optional<Action.Missing> asked = Optional.empty();
  private List<Action> known = List.of();

  /// What each action is found by, worked out once.
  private final Map<Action, String> sought = new IdentityHashMap<>();

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
    popup.setHideOnEscape(false);
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
      setAccessibleText(action.name());
    }
  }

  /// Begins to look for an action.
  public void begin() {
    if (field.isFocused()) {
      known = actions.get();
      sought.clear();
      askNoMore();
    }
    field.clear();
    field.requestFocus();
    show();
  }

  private void focused(boolean now) {
    if (now) {
      known = actions.get();
      sought.clear();
    } else {
      popup.hide();
      askNoMore();
    }
  }

  private void askNoMore() {
    asked = Optional.empty();
    field.setPromptText(Texts.of("finder.prompt"));
    field.setAccessibleText(Texts.of("finder.name"));
  }

  /// What can be chosen now: actions, or answers to what was asked.
  private List<Action> offered() {
    return asked
        .map(
            missing ->
                missing.choices().stream()
                    .map(
                        choice ->
                            Action.of(
                                choice, "", () -> true, () -> missing.answered().accept(choice)))
                    .toList())
        .orElse(known);
  }

  private void show() {
    String wanted = field.getText().strip().toLowerCase(Locale.ROOT);
    List<Action> fitting =
        offered().stream()
            .filter(action -> action.can().getAsBoolean())
            .flatMap(action -> fitting(action, wanted))
            .sorted(Comparator.comparing(action -> !fits(lower(action.name()), wanted)))
            .limit(MOST)
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

  /// An action that is called what was typed, behind those of its answers that were typed with it,
  /// so that "bold all heads" does at once what would be asked.
  private Stream<Action> fitting(Action action, String wanted) {
    String sought = this.sought.computeIfAbsent(action, ActionFinder::sought);
    boolean own = fits(lower(action.name()), wanted);
    List<String> choices = action.missing().map(Action.Missing::choices).orElse(List.of());
    Stream<Action> answers =
        own || wanted.isEmpty()
            ? Stream.empty()
            : choices.stream()
                .filter(choice -> begun(lower(choice), wanted))
                .filter(choice -> fits(sought + " " + lower(choice), wanted))
                .map(choice -> answered(action, choice));
    return Stream.concat(answers, fits(sought, wanted) ? Stream.of(action) : Stream.empty());
  }

  /// Whether some word that was typed begins a choice.
  private static boolean begun(String choice, String wanted) {
    return Stream.of(wanted.split("\\s+")).anyMatch(word -> fits(choice, word));
  }

  private static Action answered(Action action, String choice) {
    Action.Missing missing = action.missing().orElseThrow();
    String name = Texts.of("finder.answer", action.name(), choice);
    return Action.of(name, "", () -> true, () -> missing.answered().accept(choice));
  }

  private static String lower(String text) {
    return text.toLowerCase(Locale.ROOT);
  }

  private static String sought(Action action) {
    return lower(action.name() + " " + action.words());
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
    Optional<Action> action = Optional.ofNullable(list.getSelectionModel().getSelectedItem());
    if (asked.isPresent() && action.isEmpty()) {
      answer(field.getText().strip());
    } else if (action.flatMap(Action::missing).isPresent()) {
      ask(action.get().missing().get());
    } else {
      leave();
      action.ifPresent(Action::run);
    }
  }

  /// Asks for the one thing that is missing, in the place of the actions.
  private void ask(Action.Missing missing) {
    asked = Optional.of(missing);
    field.clear();
    field.setPromptText(missing.question());
    field.setAccessibleText(missing.question());
    show();
  }

  private void answer(String text) {
    if (!text.isEmpty()) {
      Action.Missing missing = asked.orElseThrow();
      leave();
      missing.answered().accept(text);
    }
  }

  private void leave() {
    askNoMore();
    field.clear();
    popup.hide();
    Optional.ofNullable(getScene().lookup("#proof"))
        .or(() -> Optional.ofNullable(getScene().lookup("#empty-open")))
        .ifPresent(Node::requestFocus);
  }
}
