package app.finish.desktop.shell;

import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.ProofPainter;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.kit.Thumbnail;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.EarlierVersions;
import app.finish.formats.draft.Version;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/// What stands on the desk while a person looks for what a document was before: each version with
/// its time and its first table. Enter brings one back, Esc goes back.
public final class VersionsBoard extends VBox {
  private static final double WIDTH = 186;
  private static final double HEIGHT = 106;

  private final Desk desk;
  private final EarlierVersions versions;
  private final ProofPainter painter;
  private final FlowPane tiles = new FlowPane(14, 14);

  public VersionsBoard(Desk desk, EarlierVersions versions, ProofPainter painter) {
    super(12);
    this.desk = desk;
    this.versions = versions;
    this.painter = painter;
    getStyleClass().add("pick-board");
    setId("versions-board");
    Label title = new Label(Texts.of("versions.title"));
    title.getStyleClass().add("bench-name");
    List<Version> all = versions.offeredProperty().get();
    for (int i = 0; i < all.size(); i++) {
      tiles.getChildren().add(tile(all.get(i), i + 1));
    }
    ScrollPane scroll = new ScrollPane(tiles);
    scroll.getStyleClass().add("pick-scroll");
    scroll.setFitToWidth(true);
    scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
    scroll.setFocusTraversable(false);
    VBox.setVgrow(scroll, Priority.ALWAYS);
    Button back = Benches.button("versions-back", "pick.back", versions::close);
    getChildren().addAll(title, Benches.caption(Texts.of("versions.how")), scroll, back);
    setAlignment(Pos.TOP_LEFT);
    addEventFilter(KeyEvent.KEY_PRESSED, this::key);
  }

  private void key(KeyEvent event) {
    if (event.getCode() == KeyCode.ESCAPE) {
      versions.close();
      event.consume();
    } else if (event.getCode() == KeyCode.ENTER && event.getTarget() instanceof Button button) {
      button.fire();
      event.consume();
    }
  }

  private Node tile(Version version, int place) {
    Thumbnail picture = new Thumbnail(painter, WIDTH, HEIGHT);
    StackPane frame = new StackPane(picture);
    frame.getStyleClass().add("picture");
    String time = versions.time(version);
    Button tile = new Button();
    tile.setId("version-" + place);
    tile.setGraphic(new VBox(3, frame, new Label(time)));
    tile.getStyleClass().setAll("galley-tile");
    tile.setAccessibleText(Texts.of("versions.bringBack", time));
    tile.setOnAction(event -> versions.bringBack(version));
    desk.worker()
        .draw(
            () -> versions.firstTable(version),
            shown -> shown.ifPresent(one -> picture.show(one.scroll())),
            failure -> {});
    return tile;
  }

  /// Puts the focus on the newest version.
  public void focusFirst() {
    if (!tiles.getChildren().isEmpty()) {
      // What is in a scroll pane is in no scene before it has its skin.
      applyCss();
      tiles.getChildren().getFirst().requestFocus();
    }
  }
}
