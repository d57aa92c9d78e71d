package app.finish.desktop.shell;

import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.ProofPainter;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.kit.Thumbnail;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Files;
import app.finish.desktop.model.Journal;
import app.finish.desktop.model.Tallies;
import app.finish.formats.draft.Draft;
import java.nio.file.Path;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/// What stands on the desk while there is no table: the ways to begin, each with a sentence, and
/// the documents worked on lately with their first tables.
public final class EmptyBoard extends VBox {
  private static final double WIDTH = 132;
  private static final double HEIGHT = 78;

  private final Desk desk;
  private final Files files;
  private final Journal journal;
  private final ProofPainter painter;
  private final VBox leftOpen = new VBox(8);
  private final Button open = Benches.button("empty-open", "empty.open", this::open);

  public EmptyBoard(
      Desk desk, Files files, Tallies tallies, Journal journal, ProofPainter painter) {
    super(12);
    this.desk = desk;
    this.files = files;
    this.journal = journal;
    this.painter = painter;
    getStyleClass().add("empty-board");
    setId("empty-board");
    setAlignment(Pos.CENTER_LEFT);
    setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
    Label title = new Label(Texts.of("empty.title"));
    title.getStyleClass().add("bench-name");
    open.getStyleClass().add("main-button");
    GridPane ways = new GridPane(14, 8);
    way(ways, open, "empty.open.how");
    way(ways, Benches.button("empty-paste", "empty.paste", files::paste), "empty.paste.how");
    way(
        ways,
        Benches.button("empty-records", "empty.records", files::bringInRecords),
        "empty.records.how");
    way(
        ways,
        Benches.button(
            "empty-connect", "empty.connect", () -> tallies.connectingProperty().set(true)),
        "empty.connect.how");
    way(ways, Benches.button("empty-type", "empty.type", desk.intake()::typeNew), "empty.type.how");
    way(ways, Benches.button("empty-demo", "empty.demo", files::demo), "empty.demo.how");
    getChildren().addAll(title, leftOpen, ways);
    leftOpen.setManaged(false);
    showLeft();
    if (!files.recent().isEmpty()) {
      FlowPane recent = new FlowPane(12, 8);
      files.recent().forEach(path -> recent.getChildren().add(recent(path)));
      recent.setPrefWrapLength(620);
      getChildren().addAll(Benches.heading(Texts.of("empty.recent")), recent);
    }
  }

  private static void way(GridPane ways, Button button, String how) {
    int row = ways.getRowCount();
    button.setMaxWidth(Double.MAX_VALUE);
    Label says = Benches.caption(Texts.of(how));
    says.setMaxWidth(440);
    ways.add(button, 0, row);
    ways.add(says, 1, row);
  }

  private void open() {
    files.open();
  }

  /// What a crash left open, if it did.
  private void showLeft() {
    journal.left(
        drafts -> {
          leftOpen.getChildren().clear();
          leftOpen.setManaged(!drafts.isEmpty());
          if (!drafts.isEmpty()) {
            FlowPane tiles = new FlowPane(12, 8);
            tiles.setPrefWrapLength(620);
            drafts.forEach(draft -> tiles.getChildren().add(left(draft)));
            Label how = Benches.caption(Texts.of("empty.left.how"));
            leftOpen.getChildren().setAll(Benches.heading(Texts.of("empty.left")), how, tiles);
          }
        });
  }

  private Node left(Draft draft) {
    String time =
        DateTimeFormatter.ofPattern("d MMMM, HH:mm", Locale.ENGLISH)
            .format(draft.time().atZone(ZoneId.systemDefault()));
    Thumbnail picture = new Thumbnail(painter, WIDTH, HEIGHT);
    Button tile = tile(picture, draft.name(), time);
    tile.setId("empty-left-" + draft.id());
    tile.setAccessibleText(Texts.of("empty.left.back", draft.name(), time));
    tile.setOnAction(event -> journal.bringBack(draft));
    desk.worker()
        .draw(
            () -> journal.firstTable(draft),
            shown -> shown.ifPresent(one -> picture.show(one.scroll())),
            failure -> {});
    Button away = new Button(Texts.of("empty.left.away"));
    away.setId("empty-away-" + draft.id());
    away.getStyleClass().add("quiet-button");
    away.setAccessibleText(Texts.of("empty.left.awayThis", draft.name()));
    away.setOnAction(event -> journal.putAway(draft, this::showLeft));
    return new VBox(2, tile, away);
  }

  private static Button tile(Thumbnail picture, String... lines) {
    StackPane frame = new StackPane(picture);
    frame.getStyleClass().add("picture");
    VBox all = new VBox(3, frame);
    for (String line : lines) {
      Label label = new Label(line);
      label.setMaxWidth(WIDTH);
      all.getChildren().add(label);
    }
    Button tile = new Button();
    tile.setGraphic(all);
    tile.getStyleClass().setAll("galley-tile");
    return tile;
  }

  /// A document with its first table small.
  private Node recent(Path path) {
    Thumbnail picture = new Thumbnail(painter, WIDTH, HEIGHT);
    String name = path.getFileName().toString();
    Button tile = tile(picture, name);
    tile.setAccessibleText(Texts.of("empty.again", name));
    tile.setOnAction(event -> files.bringIn(path));
    desk.worker()
        .draw(
            () -> files.firstTable(path),
            shown -> shown.ifPresent(one -> picture.show(one.scroll())),
            failure -> {});
    return tile;
  }

  /// Puts the focus on what to do first.
  public void focusFirst() {
    open.requestFocus();
  }
}
