package app.finish.desktop.shell;

import app.finish.core.dress.CellMeaning;
import app.finish.core.layout.sheet.Scroll;
import app.finish.desktop.kit.Buttons;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Pick;
import app.finish.desktop.proof.ProofView;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;

/// Finds a text in the table: Enter goes to the next cell that holds it, Shift and Enter to the one
/// before, Esc shuts the bar. What is found is picked and in sight.
public final class FindBar extends HBox {
  private final Desk desk;
  private final ProofView proof;
  private final TextField field = new TextField();
  private final Label said = new Label();
  private int asked;

  public FindBar(Desk desk, ProofView proof) {
    super(6);
    this.desk = desk;
    this.proof = proof;
    getStyleClass().add("find-bar");
    setId("find-bar");
    setAlignment(Pos.CENTER_LEFT);
    setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
    field.setId("find");
    field.setPromptText(Texts.of("find.prompt"));
    field.setAccessibleText(Texts.of("find.prompt"));
    field.setPrefColumnCount(16);
    said.setId("find-said");
    said.getStyleClass().add("caption");
    Button before = Buttons.small("↑", "find-previous", Texts.of("find.previous"));
    before.setOnAction(event -> find(true));
    Button after = Buttons.small("↓", "find-next", Texts.of("find.next"));
    after.setOnAction(event -> find(false));
    Button shut = Buttons.small("×", "find-shut", Texts.of("find.shut"));
    shut.setOnAction(event -> shut());
    getChildren().addAll(field, said, before, after, shut);
    field.textProperty().addListener((p, was, now) -> said.setText(""));
    addEventFilter(KeyEvent.KEY_PRESSED, this::key);
    setVisible(false);
    setManaged(false);
  }

  private void key(KeyEvent event) {
    if (event.getCode() == KeyCode.ESCAPE) {
      shut();
      event.consume();
    } else if (event.getCode() == KeyCode.ENTER && event.getTarget() == field) {
      find(event.isShiftDown());
      event.consume();
    }
  }

  /// Opens the bar, or goes to it.
  void open() {
    setVisible(true);
    setManaged(true);
    field.requestFocus();
    field.selectAll();
  }

  private void shut() {
    setVisible(false);
    setManaged(false);
    proof.requestFocus();
  }

  /// Goes to the next cell that holds the text; without a text it opens the bar.
  void find(boolean backwards) {
    Optional<Scroll> scroll = proof.scroll();
    String text = field.getText().strip();
    if (scroll.isEmpty() || text.isEmpty()) {
      open();
      return;
    }
    int own = ++asked;
    Optional<CellMeaning> from = desk.pickProperty().get().map(Pick::place);
    desk.worker()
        .behind(
            () -> scroll.get().find(text, from, backwards),
            found -> {
              if (own == asked) {
                show(scroll.get(), found);
              }
            },
            desk::tell);
  }

  private void show(Scroll scroll, Optional<CellMeaning> found) {
    said.setText(found.isPresent() ? "" : Texts.of("find.nothing"));
    found
        .flatMap(scroll::boxOf)
        .ifPresent(
            box -> {
              Pick pick = new Pick(box.cell().place(), box.cell().part(), 0);
              desk.pickProperty().set(Optional.of(pick));
              proof.reveal(box);
            });
  }
}
