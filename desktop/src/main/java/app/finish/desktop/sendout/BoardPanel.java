package app.finish.desktop.sendout;

import app.finish.core.document.BoardPlan;
import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.kit.WordField;
import app.finish.desktop.model.Boarding;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.SendingOut;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/// A small plan of the board: a tile for each table, chart and text. Tiles are dragged beside and
/// between each other, or moved with Alt and the arrows; Delete takes one off.
final class BoardPanel {
  private final Desk desk;
  private final Boarding boarding;
  private final SendingOut sending;
  private final VBox node = Benches.section(Texts.of("board.plan"));
  private final VBox bands = new VBox(4);
  private Optional<MouseEvent> pressed = Optional.empty();

  BoardPanel(Desk desk, SendingOut sending) {
    this.desk = desk;
    this.sending = sending;
    this.boarding = desk.boarding();
    bands.setId("board-bands");
    bands.getStyleClass().add("board-bands");
    Benches.follow(desk.historyProperty(), this::show);
  }

  VBox node() {
    return node;
  }

  private void show() {
    if (desk.isEmpty()) {
      return;
    }
    BoardPlan plan = boarding.plan();
    TextField title =
        WordField.of(
            "board-title",
            Texts.of("board.title"),
            plan.title(),
            typed -> boarding.change(before -> before.withTitle(typed)));
    List<Node> rows = new ArrayList<>();
    for (List<BoardPlan.Tile> band : plan.bands()) {
      HBox row = new HBox(4);
      band.forEach(tile -> row.getChildren().add(tile(tile)));
      rows.add(row);
    }
    Benches.replace(bands, rows);
    List<Node> all = new ArrayList<>();
    all.add(Benches.heading(Texts.of("board.plan")));
    all.add(title);
    all.add(bands);
    all.add(Benches.caption(Texts.of("board.help")));
    Button passage =
        Benches.button(
            "board-passage",
            "board.addPassage",
            () -> boarding.change(before -> before.withPassage(Texts.of("board.passage"))));
    Button look = Benches.button("board-look", "board.look", sending::lookAtBoard);
    all.add(new HBox(6, passage, look));
    passages(plan, all);
    held(all);
    off(all);
    Benches.replace(node, all);
  }

  private Node tile(BoardPlan.Tile tile) {
    String name =
        switch (tile) {
          case BoardPlan.Tile.Placed placed -> boarding.name(placed.id());
          case BoardPlan.Tile.Passage passage -> passage.text();
        };
    Button button = new Button(name);
    button.setId("tile-" + tile.id());
    button.getStyleClass().setAll("board-tile");
    if (tile instanceof BoardPlan.Tile.Passage) {
      button.getStyleClass().add("board-passage");
    }
    button.setMaxWidth(Double.MAX_VALUE);
    button.setAccessibleText(Texts.of("board.tile", name));
    HBox.setHgrow(button, Priority.ALWAYS);
    button.addEventFilter(KeyEvent.KEY_PRESSED, event -> key(event, tile));
    button.setOnMousePressed(event -> pressed = Optional.of(event));
    button.setOnMouseDragged(
        event ->
            pressed.ifPresent(
                from -> {
                  button.setTranslateX(event.getSceneX() - from.getSceneX());
                  button.setTranslateY(event.getSceneY() - from.getSceneY());
                }));
    button.setOnMouseReleased(event -> drop(event, button, tile));
    return button;
  }

  private void key(KeyEvent event, BoardPlan.Tile tile) {
    Optional<BoardPlan.Way> way =
        switch (event.getCode()) {
          case LEFT -> Optional.of(BoardPlan.Way.LEFT);
          case RIGHT -> Optional.of(BoardPlan.Way.RIGHT);
          case UP -> Optional.of(BoardPlan.Way.UP);
          case DOWN -> Optional.of(BoardPlan.Way.DOWN);
          default -> Optional.empty();
        };
    if (event.isAltDown() && way.isPresent()) {
      boarding.change(plan -> plan.moved(tile.id(), way.get()));
      event.consume();
    } else if (switch (event.getCode()) {
      case DELETE, BACK_SPACE -> true;
      default -> false;
    }) {
      boarding.change(plan -> plan.without(tile.id()));
      event.consume();
    }
  }

  /// Puts a tile where it is let go: on a band beside what lies there, between bands on its own.
  private void drop(MouseEvent event, Button button, BoardPlan.Tile tile) {
    button.setTranslateX(0);
    button.setTranslateY(0);
    boolean dragged =
        pressed
            .filter(
                from ->
                    Math.abs(from.getSceneX() - event.getSceneX()) > 6
                        || Math.abs(from.getSceneY() - event.getSceneY()) > 6)
            .isPresent();
    pressed = Optional.empty();
    if (!dragged) {
      return;
    }
    double y = event.getSceneY();
    for (int i = 0; i < bands.getChildren().size(); i++) {
      HBox band = (HBox) bands.getChildren().get(i);
      Bounds at = band.localToScene(band.getBoundsInLocal());
      double edge = at.getHeight() * 0.22;
      int place = i;
      if (y < at.getMinY() + edge) {
        boarding.change(plan -> plan.alone(tile.id(), place));
        return;
      }
      if (y < at.getMaxY() - edge) {
        int before = 0;
        for (Node other : band.getChildren()) {
          Bounds one = other.localToScene(other.getLayoutBounds());
          before += other != button && one.getCenterX() < event.getSceneX() ? 1 : 0;
        }
        int to = before;
        boarding.change(plan -> plan.movedTo(tile.id(), place, to));
        return;
      }
    }
    int last = bands.getChildren().size();
    boarding.change(plan -> plan.alone(tile.id(), last));
  }

  private void passages(BoardPlan plan, List<Node> all) {
    for (List<BoardPlan.Tile> band : plan.bands()) {
      for (BoardPlan.Tile tile : band) {
        if (tile instanceof BoardPlan.Tile.Passage passage) {
          all.add(
              WordField.of(
                  "passage-" + passage.id(),
                  Texts.of("board.passageText"),
                  passage.text(),
                  typed -> boarding.change(before -> before.reworded(passage.id(), typed))));
        }
      }
    }
  }

  /// Tables that are held at a member stand there with a list of the members, or once for each.
  private void held(List<Node> all) {
    for (BoardPlan.Tile.Placed tile : boarding.held()) {
      CheckBox apart = new CheckBox(Texts.of("board.apart", boarding.name(tile.id())));
      apart.setId("apart-" + tile.id());
      apart.setSelected(tile.apart());
      apart.setOnAction(
          event -> boarding.change(before -> before.apart(tile.id(), apart.isSelected())));
      all.add(apart);
    }
  }

  private void off(List<Node> all) {
    List<String> off = boarding.off();
    if (!off.isEmpty()) {
      Label name = Benches.caption(Texts.of("board.off"));
      FlowPane chips = new FlowPane(4, 4);
      for (String id : off) {
        Button chip = new Button(boarding.name(id));
        chip.setId("put-" + id);
        chip.setAccessibleText(Texts.of("board.put", boarding.name(id)));
        chip.setOnAction(event -> boarding.change(plan -> plan.with(id)));
        chips.getChildren().add(chip);
      }
      all.add(name);
      all.add(chips);
    }
  }
}
