package app.finish.desktop.shell;

import app.finish.core.document.Document;
import app.finish.core.document.DocumentChart;
import app.finish.core.document.DocumentTable;
import app.finish.core.document.Finish;
import app.finish.core.document.Item;
import app.finish.core.layout.Paper;
import app.finish.core.table.Leaf;
import app.finish.desktop.kit.ProofPainter;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.kit.Thumbnail;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Shown;
import app.finish.desktop.model.Step;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.geometry.Bounds;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/// The document's tables, small, in order. They number themselves; they can be dragged, or moved
/// with Alt and the arrow keys.
public final class Galley extends HBox {
  /// A table as its picture was drawn. What was drawn last.
  ///
  /// @param inks what the styles and the palette of the document made of it
  private record Drawn(DocumentTable table, int index, List<Object> inks, String title) {}

  /// A picture that the proof is about to give.
  private record Waiting(DocumentTable table, Consumer<Shown> take) {}

  private static final double WIDTH = 116;
  private static final int HEADS = 6;
  private static final double HEIGHT = 56;

  private final Desk desk;
  private final ProofPainter painter;
  private final Runnable bringIn;
  private final Label count = new Label();
  private final FindingBadges badges;
  private final HBox row = new HBox(14);
  private final ScrollPane scroll = new ScrollPane();
  private final Map<String, Thumbnail> pictures = new HashMap<>();
  private final Map<String, Drawn> drawn = new HashMap<>();
  private Optional<Waiting> waiting = Optional.empty();
  private double grip = -1;
  private Optional<MouseEvent> pressed = Optional.empty();

  public Galley(Desk desk, ProofPainter painter, Runnable bringIn) {
    this.badges = new FindingBadges(desk);
    this.desk = desk;
    this.painter = painter;
    this.bringIn = bringIn;
    getStyleClass().add("galley");
    setId("galley");
    Label name = new Label(Texts.of("galley.name"));
    name.getStyleClass().add("galley-name");
    VBox head = new VBox(2, name, count);
    head.getStyleClass().add("galley-head");
    row.setAlignment(Pos.TOP_LEFT);
    scroll.setContent(row);
    scroll.getStyleClass().add("galley-scroll");
    scroll.setFitToHeight(true);
    scroll.setVbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
    scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
    scroll.setOnScroll(
        event -> scroll.setHvalue(scroll.getHvalue() - event.getDeltaY() / row.getWidth()));
    scroll.setFocusTraversable(false);
    HBox.setHgrow(scroll, Priority.ALWAYS);
    getChildren().addAll(head, scroll, bringInTile());
    desk.historyProperty().addListener((p, before, now) -> show());
    desk.indexProperty().addListener((p, before, now) -> show());
    desk.shownProperty().addListener((p, before, now) -> take(now));
    desk.pickedTables().alsoProperty().addListener((p, before, now) -> show());
    desk.tryingProperty().addListener((p, before, now) -> tryOn());
    show();
  }

  private void show() {
    Document document = desk.document();
    int tables = document.tables().size();
    int charts = document.items().size() - tables;
    String said = Texts.of("galley.count", tables);
    count.setText(charts == 0 ? said : said + "\n" + Texts.of("galley.charts", charts));
    count.getStyleClass().setAll("label", "caption");
    boolean focused = row.getChildren().stream().anyMatch(Node::isFocused);
    List<Node> tiles = new ArrayList<>();
    for (int i = 0; i < document.items().size(); i++) {
      tiles.add(tile(document, i));
    }
    row.getChildren().setAll(tiles);
    reveal();
    pictures.keySet().removeIf(id -> document.indexOf(id) < 0);
    if (focused && desk.indexProperty().get() < tiles.size()) {
      tiles.get(desk.indexProperty().get()).requestFocus();
    }
  }

  /// Shows the style that is tried on, if it would be put on several tables.
  private void tryOn() {
    if (desk.dressing().wearers().size() > 1) {
      show();
    }
  }

  /// Scrolls so far that the table at hand is in sight.
  private void reveal() {
    Platform.runLater(
        () -> {
          double most = row.getWidth() - scroll.getViewportBounds().getWidth();
          int index = desk.indexProperty().get();
          if (most > 0 && index < row.getChildren().size()) {
            Bounds tile = row.getChildren().get(index).getBoundsInParent();
            double left = scroll.getHvalue() * most;
            double right = left + scroll.getViewportBounds().getWidth();
            double to = tile.getMinX() < left ? tile.getMinX() : left;
            to = tile.getMaxX() > right ? left + tile.getMaxX() - right : to;
            scroll.setHvalue(Math.clamp(to / most, 0, 1));
          }
        });
  }

  private Node tile(Document document, int index) {
    Item item = document.items().get(index);
    Thumbnail picture =
        pictures.computeIfAbsent(item.id(), id -> new Thumbnail(painter, WIDTH, HEIGHT));
    StackPane frame = new StackPane(picture);
    frame.getStyleClass().add("picture");
    if (item instanceof DocumentTable table) {
      frame.getChildren().add(badges.of(table));
    }
    String numeral =
        item instanceof DocumentChart
            ? Texts.of("galley.figure", document.number(index))
            : "" + document.number(index);
    Label number = new Label(numeral);
    number.setMinWidth(USE_PREF_SIZE);
    number.getStyleClass().add("galley-number");
    Label title = new Label();
    title.getStyleClass().add("galley-title");
    title.setMaxWidth(WIDTH - (item instanceof DocumentChart ? 40 : 14));
    Button tile = new Button();
    tile.setGraphic(new VBox(3, frame, new HBox(4, number, title)));
    tile.getStyleClass().setAll("galley-tile");
    tile.setId("galley-" + (index + 1));
    if (index == desk.indexProperty().get()) {
      tile.getStyleClass().add("chosen");
    }
    if (desk.pickedTables().alsoProperty().get().contains(item.id())) {
      tile.getStyleClass().add("picked");
    }
    tile.addEventFilter(MouseEvent.MOUSE_PRESSED, event -> pressed = Optional.of(event));
    tile.setOnAction(event -> act(index));
    tile.addEventFilter(KeyEvent.KEY_PRESSED, event -> key(event, index));
    tile.setOnMousePressed(event -> grip = event.getSceneX());
    tile.setOnMouseDragged(event -> tile.setTranslateX(event.getSceneX() - grip));
    tile.setOnMouseReleased(
        event -> {
          double dragged = event.getSceneX() - grip;
          tile.setTranslateX(0);
          int by = (int) Math.round(dragged / (WIDTH + 26));
          int last = document.items().size() - 1;
          desk.move(index, Math.clamp(index + by, 0, last));
        });
    switch (item) {
      case DocumentTable _ -> draw(document, index, picture, title, tile);
      case DocumentChart chart -> draw(document, index, chart, picture, title, tile);
    }
    return tile;
  }

  /// Shows a table; with Ctrl or Shift it is picked beside the one at hand.
  private void act(int index) {
    Optional<MouseEvent> by = pressed;
    pressed = Optional.empty();
    if (by.filter(MouseEvent::isShortcutDown).isPresent()) {
      desk.pickedTables().toggle(index);
    } else if (by.filter(MouseEvent::isShiftDown).isPresent()) {
      desk.pickedTables().upTo(index);
    } else {
      desk.show(index);
    }
  }

  /// The finish of a table as it would be in the style that is tried on.
  private Finish finish(DocumentTable table, int index) {
    return desk.tryingProperty()
        .get()
        .filter(style -> desk.dressing().wearers().size() > 1)
        .filter(style -> desk.dressing().wearers().contains(index))
        .map(table.finish()::withStyle)
        .orElse(table.finish());
  }

  /// Draws a chart's picture, if it or its table is not as it was drawn before.
  private void draw(
      Document document,
      int index,
      DocumentChart chart,
      Thumbnail picture,
      Label title,
      Button tile) {
    String number = document.numeral(index);
    DocumentTable table = document.table(index);
    List<Object> looks =
        List.of(
            chart,
            number,
            desk.styles().cascade(table.finish().style()).chain(),
            document.palette());
    Optional<Drawn> known =
        Optional.ofNullable(drawn.get(chart.id()))
            .filter(one -> one.table == table && one.inks.equals(looks));
    if (known.isPresent()) {
      nameChart(title, tile, number, known.get().title);
      return;
    }
    desk.charting()
        .picture(
            document,
            index,
            sent -> {
              drawn.put(chart.id(), new Drawn(table, index, looks, sent.title()));
              nameChart(title, tile, number, sent.title());
              picture.show(sent.page(), sent.dressed().palette().colour("paper"));
            });
  }

  private static void nameChart(Label title, Button tile, String number, String name) {
    title.setText(name);
    tile.setAccessibleText(Texts.of("galley.chart", number, name));
  }

  /// Draws a table's picture, if it is not the one that was drawn before.
  private void draw(Document document, int index, Thumbnail picture, Label title, Button tile) {
    DocumentTable table = document.table(index);
    Finish finish = finish(table, index);
    Document holding = desk.dressing().holding(document, finish.style());
    List<Object> inks = List.of(desk.styles().cascade(finish.style()).chain(), document.palette());
    Optional<Drawn> known =
        Optional.ofNullable(drawn.get(table.id()))
            .filter(one -> one.table == table && one.index == index && one.inks.equals(inks));
    if (known.isPresent()) {
      call(title, tile, index, known.get().title);
      return;
    }
    Consumer<Shown> take =
        shown -> {
          String words = shown.worded().table().words().title();
          String name = words.isEmpty() ? heads(shown, table.source().name()) : words;
          drawn.put(table.id(), new Drawn(table, index, inks, name));
          call(title, tile, index, name);
          picture.show(shown.scroll());
        };
    Optional<Drawn> before = Optional.ofNullable(drawn.get(table.id()));
    if (index == desk.indexProperty().get() && before.isPresent() && isOnItsWay(table)) {
      waiting = Optional.of(new Waiting(table, take));
      call(title, tile, index, before.get().title);
      return;
    }
    desk.worker()
        .draw(
            () -> desk.proofs().picture(holding, index, finish, Paper.A4),
            take,
            failure -> title.setText(table.source().name()));
  }

  /// Whether the proof is about to show a table just as its picture does.
  private boolean isOnItsWay(DocumentTable table) {
    boolean asItCame =
        desk.stepProperty().get() == Step.BRING_IN && !table.finish().arrangement().isEmpty();
    return !asItCame && desk.tryingProperty().get().isEmpty();
  }

  /// Takes the picture of the table at hand from the proof.
  private void take(Optional<Shown> now) {
    Optional<Shown> awaited =
        now.filter(shown -> waiting.filter(one -> one.table == shown.table()).isPresent())
            .filter(shown -> shown.finish().equals(shown.table().finish()));
    awaited.ifPresent(
        shown -> {
          waiting.get().take.accept(shown);
          waiting = Optional.empty();
        });
  }

  /// A table without a title by its heads, and where it is from.
  private static String heads(Shown shown, String source) {
    Set<String> heads = new LinkedHashSet<>();
    shown.arranged().table().down().dimensions().forEach(heads::add);
    List<Leaf> leaves = shown.arranged().table().across().leaves();
    leaves.stream().limit(HEADS).forEach(leaf -> heads.add(leaf.labels().getLast()));
    heads.remove("");
    String all = String.join(" · ", heads);
    return all.isEmpty() ? source : all + " (" + source + ")";
  }

  private void call(Label title, Button tile, int index, String name) {
    int number = desk.document().number(index);
    title.setText(name);
    tile.setAccessibleText(Texts.of("galley.table", number, name));
  }

  private void key(KeyEvent event, int index) {
    pressed = Optional.empty();
    if (event.isShiftDown() && event.getCode() == KeyCode.LEFT) {
      desk.pickedTables().upTo(desk.pickedTables().indexes().getFirst() - 1);
      event.consume();
    } else if (event.isShiftDown() && event.getCode() == KeyCode.RIGHT) {
      desk.pickedTables().upTo(desk.pickedTables().indexes().getLast() + 1);
      event.consume();
    } else if (event.isShortcutDown() && event.getCode() == KeyCode.SPACE) {
      desk.pickedTables().toggle(index);
      event.consume();
    } else if (event.isAltDown() && event.getCode() == KeyCode.LEFT) {
      desk.move(index, index - 1);
      event.consume();
    } else if (event.isAltDown() && event.getCode() == KeyCode.RIGHT) {
      desk.move(index, index + 1);
      event.consume();
    } else if (event.getCode() == KeyCode.DELETE) {
      if (!desk.pickedTables().indexes().contains(index)) {
        desk.show(index);
      }
      desk.removeTable();
      event.consume();
    }
  }

  private Node bringInTile() {
    Label plus = new Label("+");
    plus.getStyleClass().add("galley-plus");
    VBox content = new VBox(2, plus, new Label(Texts.of("galley.bringIn")));
    content.setAlignment(Pos.CENTER);
    content.setPrefSize(70, HEIGHT);
    content.setMinWidth(70);
    Button tile = new Button();
    tile.setGraphic(content);
    tile.setId("galley-bring-in");
    tile.setAccessibleText(Texts.of("action.bringIn"));
    tile.getStyleClass().setAll("galley-more");
    tile.setOnAction(event -> bringIn.run());
    return tile;
  }
}
