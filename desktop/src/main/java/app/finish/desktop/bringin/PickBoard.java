package app.finish.desktop.bringin;

import app.finish.core.document.Document;
import app.finish.core.document.Finish;
import app.finish.core.document.Source;
import app.finish.core.layout.Paper;
import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.ProofPainter;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.kit.Thumbnail;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.TablesToPick;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/// What stands on the desk when a file holds several tables: a small picture of each, to pick some
/// or all. Enter brings them in, Esc goes back.
public final class PickBoard extends VBox {
  private static final double WIDTH = 206;
  private static final double HEIGHT = 118;

  private final Desk desk;
  private final ProofPainter painter;
  private final TablesToPick offer;
  private final Consumer<Boolean> showHidden;
  private final List<ToggleButton> tiles = new ArrayList<>();
  private final Button take = new Button();

  /// @param showHidden reads the file again, with or without what it hides
  public PickBoard(
      Desk desk, ProofPainter painter, TablesToPick offer, Consumer<Boolean> showHidden) {
    super(12);
    this.desk = desk;
    this.painter = painter;
    this.offer = offer;
    this.showHidden = showHidden;
    getStyleClass().add("pick-board");
    setId("pick-board");
    FlowPane pictures = new FlowPane(14, 14);
    List<Source> sources = offer.tables().tables();
    for (int i = 0; i < sources.size(); i++) {
      pictures.getChildren().add(tile(sources.get(i), i));
    }
    ScrollPane scroll = new ScrollPane(pictures);
    scroll.getStyleClass().add("pick-scroll");
    scroll.setFitToWidth(true);
    scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
    scroll.setFocusTraversable(false);
    VBox.setVgrow(scroll, Priority.ALWAYS);
    getChildren().addAll(head(), scroll, foot());
    addEventFilter(KeyEvent.KEY_PRESSED, this::key);
    count();
  }

  private Node head() {
    Label title = new Label(Texts.of("pick.title", offer.name(), offer.tables().tables().size()));
    title.getStyleClass().add("bench-name");
    title.setId("pick-title");
    Hyperlink all = link("pick.all", "pick-all", true);
    Hyperlink none = link("pick.none", "pick-none", false);
    HBox hint = new HBox(8, Benches.caption(Texts.of("pick.how")), all, none);
    hint.setAlignment(Pos.CENTER_LEFT);
    return new VBox(4, title, hint);
  }

  private Hyperlink link(String key, String id, boolean picks) {
    Hyperlink link = new Hyperlink(Texts.of(key));
    link.setId(id);
    link.getStyleClass().add("origin");
    link.setOnAction(
        event -> {
          tiles.forEach(tile -> tile.setSelected(picks));
          count();
        });
    return link;
  }

  private Node foot() {
    take.setId("pick-take");
    take.getStyleClass().add("main-button");
    take.setOnAction(event -> take());
    Button back = new Button(Texts.of("pick.back"));
    back.setId("pick-back");
    back.setOnAction(event -> desk.offerProperty().set(Optional.empty()));
    HBox buttons = new HBox(8, take, back);
    if (!offer.tables().hides() || offer.file().isEmpty()) {
      return buttons;
    }
    CheckBox hidden =
        new CheckBox(
            Texts.of(
                "pick.hidden",
                offer.tables().hidden().sheets(),
                offer.tables().hidden().rows(),
                offer.tables().hidden().columns(),
                offer.tables().hidden().texts()));
    hidden.setId("pick-hidden");
    hidden.setSelected(offer.hidden());
    hidden.setOnAction(event -> showHidden.accept(hidden.isSelected()));
    return Benches.spread(buttons, hidden);
  }

  private Node tile(Source source, int index) {
    Thumbnail picture = new Thumbnail(painter, WIDTH, HEIGHT);
    StackPane frame = new StackPane(picture);
    frame.getStyleClass().add("picture");
    Label title = new Label(source.grid().name());
    title.getStyleClass().add("pick-name");
    title.setMaxWidth(WIDTH);
    Label size = new Label(size(source));
    size.getStyleClass().add("caption");
    ToggleButton tile = new ToggleButton();
    tile.setId("pick-" + (index + 1));
    tile.setGraphic(new VBox(3, frame, title, size));
    tile.getStyleClass().setAll("pick-tile");
    tile.setSelected(true);
    tile.setAccessibleText(Texts.of("pick.table", index + 1, source.grid().name()));
    tile.setOnAction(event -> count());
    tiles.add(tile);
    draw(index, picture, title, tile);
    return tile;
  }

  private static String size(Source source) {
    return Texts.of("bring.size", source.grid().rows(), source.grid().columns());
  }

  private void draw(int index, Thumbnail picture, Label title, ToggleButton tile) {
    Document offered = desk.intake().preview(offer.tables().tables());
    Finish finish = offered.table(index).finish();
    desk.worker()
        .behind(
            () -> desk.proofs().shown(offered, index, finish, Paper.A4.unpaged()),
            shown -> {
              picture.show(shown.scroll());
              String words = shown.recognition().table().words().title();
              if (!words.isEmpty()) {
                title.setText(words);
                tile.setAccessibleText(Texts.of("pick.table", index + 1, words));
              }
            },
            failure -> {});
  }

  private void count() {
    long picked = tiles.stream().filter(ToggleButton::isSelected).count();
    take.setText(Texts.of("pick.take", picked));
    take.setDisable(picked == 0);
  }

  private void key(KeyEvent event) {
    if (event.getCode() == KeyCode.ESCAPE) {
      desk.offerProperty().set(Optional.empty());
      event.consume();
    } else if (event.getCode() == KeyCode.ENTER && !take.isDisabled() && isOnATile(event)) {
      take();
      event.consume();
    }
  }

  private boolean isOnATile(KeyEvent event) {
    return event.getTarget() instanceof ToggleButton;
  }

  private void take() {
    List<Source> picked = new ArrayList<>();
    for (int i = 0; i < tiles.size(); i++) {
      if (tiles.get(i).isSelected()) {
        picked.add(offer.tables().tables().get(i));
      }
    }
    desk.offerProperty().set(Optional.empty());
    desk.intake().add(picked);
  }

  /// Puts the focus on bringing them in.
  public void focusFirst() {
    take.requestFocus();
  }
}
