package app.finish.desktop.bringin;

import app.finish.core.grid.TypedGrid;
import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Clip;
import app.finish.desktop.model.Intake;
import app.finish.desktop.model.Typing;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/// A small grid in which a table is typed, or one that is there is extended. Enter goes down, Tab
/// to the right, Ctrl+Enter takes the table.
public final class TypeBoard extends VBox {
  private final Intake intake;
  private final Typing typing;
  private final Clip clip;
  private final GridPane fields = new GridPane();
  private TypedGrid grid;
  private int row;
  private int column;

  public TypeBoard(Intake intake, Typing typing, Clip clip) {
    super(10);
    this.intake = intake;
    this.typing = typing;
    this.clip = clip;
    this.grid = typing.grid();
    setId("type-board");
    getStyleClass().add("type-board");
    Label title = new Label(Texts.of(typing.index().isPresent() ? "type.extend" : "type.title"));
    title.getStyleClass().add("bench-name");
    Label how = Benches.caption(Texts.of("type.how"));
    FlowPane changes = new FlowPane(6, 6);
    changes
        .getChildren()
        .addAll(
            Benches.button("type-row", "type.row", () -> put(grid.withRowAfter(row), 1, 0)),
            Benches.button(
                "type-column", "type.column", () -> put(grid.withColumnAfter(column), 0, 1)),
            Benches.button("type-no-row", "type.noRow", () -> put(grid.withoutRow(row), 0, 0)),
            Benches.button(
                "type-no-column", "type.noColumn", () -> put(grid.withoutColumn(column), 0, 0)));
    Button take = Benches.button("type-take", "type.take", this::take);
    take.getStyleClass().add("main-button");
    Button leave = Benches.button("type-leave", "type.leave", intake::leaveTyping);
    ScrollPane scroll = new ScrollPane(fields);
    scroll.getStyleClass().add("type-scroll");
    VBox.setVgrow(scroll, Priority.ALWAYS);
    getChildren().addAll(title, how, changes, scroll, new HBox(8, take, leave));
    addEventFilter(KeyEvent.KEY_PRESSED, this::key);
    show();
  }

  /// Puts the focus on the cell at hand.
  public void focusFirst() {
    Platform.runLater(this::focus);
  }

  private void put(TypedGrid other, int down, int right) {
    boolean same = other.equals(grid);
    grid = other;
    row = Math.clamp(row + down, 0, grid.rows().size() - 1);
    column = Math.clamp(column + right, 0, grid.columns() - 1);
    if (!same) {
      show();
    }
    focus();
  }

  private void show() {
    fields.getChildren().clear();
    for (int i = 0; i < grid.rows().size(); i++) {
      for (int j = 0; j < grid.columns(); j++) {
        fields.add(field(i, j), j, i);
      }
    }
  }

  private Node field(int at, int in) {
    TextField field = new TextField(grid.text(at, in));
    field.setId("type-" + (at + 1) + "-" + (in + 1));
    field.setAccessibleText(Texts.of("type.cell", at + 1, in + 1));
    field.getStyleClass().add("type-cell");
    field.setPrefColumnCount(in == 0 ? 12 : 8);
    field.textProperty().addListener((p, before, now) -> grid = grid.with(at, in, now));
    field
        .focusedProperty()
        .addListener(
            (p, before, now) -> {
              if (now) {
                row = at;
                column = in;
              }
            });
    return field;
  }

  private void focus() {
    Node field = fields.lookup("#type-" + (row + 1) + "-" + (column + 1));
    if (field != null) {
      field.requestFocus();
    }
  }

  private void key(KeyEvent event) {
    boolean cell = event.getTarget() instanceof TextField;
    boolean known = true;
    if (event.getCode() == KeyCode.ESCAPE) {
      intake.leaveTyping();
    } else if (event.isShortcutDown() && event.getCode() == KeyCode.ENTER) {
      take();
    } else if (cell && event.isShortcutDown() && event.getCode() == KeyCode.V && isSeveral()) {
      put(grid.pasted(row, column, clip.text()), 0, 0);
    } else if (cell && (event.getCode() == KeyCode.ENTER || event.getCode() == KeyCode.DOWN)) {
      boolean last = row == grid.rows().size() - 1;
      put(last && event.getCode() == KeyCode.ENTER ? grid.withRowAfter(row) : grid, 1, 0);
    } else if (cell && event.getCode() == KeyCode.UP) {
      put(grid, -1, 0);
    } else {
      known = false;
    }
    if (known) {
      event.consume();
    }
  }

  private boolean isSeveral() {
    String text = clip.text().strip();
    return text.contains("\t") || text.contains("\n");
  }

  private void take() {
    intake.takeTyped(grid, typing.index());
  }
}
