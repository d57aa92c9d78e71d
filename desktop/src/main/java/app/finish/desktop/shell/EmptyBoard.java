package app.finish.desktop.shell;

import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Files;
import java.nio.file.Path;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/// What stands on the desk while there is no table: what to do first.
public final class EmptyBoard extends VBox {
  private final Button open = new Button(Texts.of("empty.open"));

  public EmptyBoard(Files files) {
    super(12);
    getStyleClass().add("empty-board");
    setId("empty-board");
    setAlignment(Pos.CENTER_LEFT);
    setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
    Label title = new Label(Texts.of("empty.title"));
    title.getStyleClass().add("bench-name");
    Label how = new Label(Texts.of("empty.how"));
    how.setWrapText(true);
    how.setMaxWidth(380);
    open.setId("empty-open");
    open.getStyleClass().add("main-button");
    open.setOnAction(event -> files.bringIn());
    Button paste = new Button(Texts.of("empty.paste"));
    paste.setId("empty-paste");
    paste.setOnAction(event -> files.paste());
    getChildren().addAll(title, how, new HBox(8, open, paste));
    if (!files.recent().isEmpty()) {
      getChildren().add(Benches.heading(Texts.of("empty.recent")));
      for (Path path : files.recent()) {
        Hyperlink link = new Hyperlink(path.getFileName().toString());
        link.getStyleClass().add("origin");
        link.setOnAction(event -> files.open(path));
        getChildren().add(link);
      }
    }
  }

  /// Puts the focus on what to do first.
  public void focusFirst() {
    open.requestFocus();
  }
}
