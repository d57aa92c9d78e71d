package app.finish.desktop.shell;

import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Files;
import app.finish.desktop.proof.ProofView;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/// The document's name, the action finder, undo and redo, and how much the proof is magnified.
public final class TopBar extends HBox {
  private final Desk desk;
  private final Files files;
  private final Label name = new Label();
  private final Label edited = new Label(Texts.of("document.edited"));
  private final Button undo = new Button();
  private final Button redo = new Button();

  public TopBar(Desk desk, Files files, ActionFinder finder, ProofView proof) {
    this.desk = desk;
    this.files = files;
    getStyleClass().add("top-bar");
    name.setId("document-name");
    name.getStyleClass().add("document-name");
    edited.setId("document-edited");
    edited.getStyleClass().add("caption");
    icon(undo, Feather.CORNER_UP_LEFT, "undo", Texts.of("undo.name"), desk::undo);
    icon(redo, Feather.CORNER_UP_RIGHT, "redo", Texts.of("redo.name"), desk::redo);
    Region gap = new Region();
    HBox.setHgrow(gap, Priority.ALWAYS);
    getChildren().addAll(name, edited, gap, finder, undo, redo, zoom(proof));
    setAlignment(Pos.CENTER_LEFT);
    Benches.follow(desk.historyProperty(), this::show);
    Benches.follow(desk.savedProperty(), this::show);
    Benches.follow(files.fileProperty(), this::show);
  }

  private static void icon(Button button, Feather icon, String id, String name, Runnable work) {
    FontIcon picture = new FontIcon(icon);
    button.setGraphic(picture);
    button.setId(id);
    button.setAccessibleText(name);
    button.getStyleClass().setAll("icon-button");
    button.setOnAction(event -> work.run());
  }

  private HBox zoom(ProofView proof) {
    Button smaller = new Button("−");
    Button larger = new Button("+");
    Button size = new Button();
    smaller.setAccessibleText(Texts.of("zoom.out"));
    larger.setAccessibleText(Texts.of("zoom.in"));
    size.setAccessibleText(Texts.of("zoom.fit"));
    smaller.setId("zoom-out");
    larger.setId("zoom-in");
    size.setId("zoom");
    size.setTooltip(new Tooltip(Texts.of("zoom.fit")));
    smaller.getStyleClass().setAll("icon-button");
    larger.getStyleClass().setAll("icon-button");
    size.getStyleClass().setAll("zoom");
    smaller.setOnAction(event -> proof.magnify(1 / 1.2));
    larger.setOnAction(event -> proof.magnify(1.2));
    size.setOnAction(event -> proof.fit());
    Benches.follow(
        proof.zoomProperty(),
        () -> size.setText(Math.round(proof.zoomProperty().get() * 100) + " %"));
    HBox zoom = new HBox(smaller, size, larger);
    zoom.setAlignment(Pos.CENTER);
    zoom.visibleProperty().bind(desk.shownProperty().map(Optional::isPresent));
    zoom.managedProperty().bind(zoom.visibleProperty());
    return zoom;
  }

  private void show() {
    name.setText(files.documentName());
    edited.setVisible(desk.isEdited());
    Optional<String> undone = desk.historyProperty().get().undoLabel();
    Optional<String> redone = desk.historyProperty().get().redoLabel();
    undo.setDisable(undone.isEmpty());
    redo.setDisable(redone.isEmpty());
    undo.setTooltip(
        undone
            .map(what -> new Tooltip(Texts.of("undo.what", what)))
            .orElse(new Tooltip(Texts.of("undo.name"))));
    redo.setTooltip(
        redone
            .map(what -> new Tooltip(Texts.of("redo.what", what)))
            .orElse(new Tooltip(Texts.of("redo.name"))));
  }
}
