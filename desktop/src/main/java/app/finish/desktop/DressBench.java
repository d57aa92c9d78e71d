package app.finish.desktop;

import app.finish.core.document.Document;
import app.finish.core.document.DocumentTable;
import app.finish.core.dress.DressedCell;
import app.finish.core.layout.Paper;
import app.finish.core.style.HouseStyle;
import app.finish.core.style.Origin;
import app.finish.core.style.Palette;
import app.finish.core.style.Property;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/// The step that dresses: the styles shown on the person's own table, and why a picked part looks
/// as it does.
final class DressBench {
  private static final double WIDTH = 120;
  private static final double HEIGHT = 76;
  private static final List<Property> TOLD =
      List.of(
          Property.FACE,
          Property.SIZE,
          Property.WEIGHT,
          Property.SLANT,
          Property.INK,
          Property.FILL,
          Property.ALIGN,
          Property.RULE_ABOVE,
          Property.RULE_BELOW,
          Property.DECIMALS,
          Property.UNIT_PLACE,
          Property.MISSING);

  private final Workbench bench;
  private final ProofPainter painter;
  private final FlowPane cards = new FlowPane(10, 10);
  private final Label hint = Benches.caption(Texts.of("dress.hint"));
  private final HBox palette = new HBox();
  private final VBox why = Benches.section("");
  private final Map<String, Thumbnail> pictures = new HashMap<>();
  private Optional<DocumentTable> pictured = Optional.empty();

  DressBench(Workbench bench, ProofPainter painter) {
    this.bench = bench;
    this.painter = painter;
  }

  Node build() {
    cards.setId("styles");
    palette.getStyleClass().add("palette");
    Node node =
        Benches.bench(
            Step.DRESS.label(),
            Benches.section(Texts.of("dress.styles"), cards, hint),
            Benches.section(Texts.of("dress.palette"), palette),
            why);
    node.setId("bench-dress");
    Benches.follow(bench.shownProperty(), this::show);
    Benches.follow(bench.stepProperty(), this::show);
    Benches.follow(bench.pickProperty(), this::showWhy);
    Benches.follow(bench.tryingProperty(), this::mark);
    return node;
  }

  private void show() {
    Optional<DocumentTable> table = bench.table();
    if (table.isEmpty() || bench.stepProperty().get() != Step.DRESS) {
      return;
    }
    if (cards.getChildren().size() != bench.styles().styles().size()) {
      cards.getChildren().setAll(bench.styles().styles().stream().map(this::card).toList());
    }
    boolean samePicture =
        pictured.isPresent()
            && pictured.get().source() == table.get().source()
            && pictured.get().finish().withStyle("").equals(table.get().finish().withStyle(""));
    if (!samePicture) {
      pictured = table;
      drawPictures(table.get());
    }
    mark();
    showPalette();
    showWhy();
  }

  private Node card(HouseStyle style) {
    Thumbnail picture = new Thumbnail(painter, WIDTH, HEIGHT);
    pictures.put(style.name(), picture);
    StackPane frame = new StackPane(picture);
    frame.getStyleClass().add("picture");
    Label name = new Label(style.name());
    Button card = new Button();
    card.setGraphic(new VBox(4, frame, name));
    card.getStyleClass().setAll("style-card");
    card.setId("style-" + style.name().toLowerCase(Locale.ROOT).replace(' ', '-'));
    card.setAccessibleText(Texts.of("action.wear", style.name()));
    card.setUserData(style);
    card.setOnMouseEntered(event -> bench.tryingProperty().set(Optional.of(style.name())));
    card.setOnMouseExited(event -> bench.tryingProperty().set(Optional.empty()));
    card.focusedProperty()
        .addListener(
            (p, before, now) ->
                bench.tryingProperty().set(now ? Optional.of(style.name()) : Optional.empty()));
    card.setOnAction(event -> bench.wear(style));
    card.addEventFilter(KeyEvent.KEY_PRESSED, event -> key(event, card));
    return card;
  }

  private void key(KeyEvent event, Button card) {
    int at = cards.getChildren().indexOf(card);
    boolean known = true;
    switch (event.getCode()) {
      case RIGHT -> focus(at + 1);
      case LEFT -> focus(at - 1);
      case DOWN -> focus(at + 2);
      case UP -> focus(at - 2);
      case ENTER -> card.fire();
      case ESCAPE -> bench.tryingProperty().set(Optional.empty());
      default -> known = false;
    }
    if (known) {
      event.consume();
    }
  }

  private void focus(int at) {
    if (at >= 0 && at < cards.getChildren().size()) {
      cards.getChildren().get(at).requestFocus();
    }
  }

  /// Lets the arrow keys try styles on at once.
  void focusFirst() {
    String worn = bench.table().map(table -> table.finish().style()).orElse("");
    for (Node card : cards.getChildren()) {
      if (card.getUserData() instanceof HouseStyle style && style.name().equals(worn)) {
        card.requestFocus();
      }
    }
  }

  private void mark() {
    String worn = bench.table().map(table -> table.finish().style()).orElse("");
    for (Node card : cards.getChildren()) {
      boolean chosen = card.getUserData() instanceof HouseStyle style && style.name().equals(worn);
      card.getStyleClass().remove("chosen");
      if (chosen) {
        card.getStyleClass().add("chosen");
      }
    }
    Optional<String> trying = bench.tryingProperty().get().filter(name -> !name.equals(worn));
    hint.setText(trying.map(name -> Texts.of("dress.trying", name)).orElse(Texts.of("dress.hint")));
  }

  private void drawPictures(DocumentTable table) {
    Document document = bench.document();
    int place = bench.placeProperty().get();
    for (HouseStyle style : bench.styles().styles()) {
      bench
          .worker()
          .behind(
              () ->
                  bench
                      .proofs()
                      .shown(
                          document,
                          place,
                          table.finish().withStyle(style.name()),
                          Paper.A4.unpaged()),
              made -> pictures.get(style.name()).show(made.scroll()),
              bench::tell);
    }
  }

  private void showPalette() {
    Palette colours =
        bench.shownProperty().get().map(shown -> shown.dressed().palette()).orElse(Palette.PLAIN);
    List<Node> swatches = new ArrayList<>();
    colours
        .roles()
        .forEach(
            (role, colour) -> {
              Region swatch = new Region();
              swatch.getStyleClass().add("swatch");
              swatch.setStyle("-fx-background-color: " + colour);
              Tooltip.install(swatch, new Tooltip(role + " " + colour));
              Label name = Benches.caption(role);
              VBox one = new VBox(3, swatch, name);
              swatches.add(one);
            });
    palette.getChildren().setAll(swatches);
  }

  private void showWhy() {
    Optional<Pick> pick = bench.pickProperty().get();
    Optional<DressedCell> cell =
        pick.flatMap(
            one ->
                bench
                    .shownProperty()
                    .get()
                    .flatMap(shown -> Explained.cell(shown.scroll(), one.place())));
    if (cell.isEmpty()) {
      why.getChildren()
          .setAll(Benches.heading(Texts.of("dress.why")), Benches.caption(Texts.of("dress.pick")));
      return;
    }
    List<Node> nodes = new ArrayList<>();
    nodes.add(Benches.heading(cell.get().part().label()));
    nodes.add(circles(pick.get()));
    VBox rows = new VBox();
    String worn = bench.shownProperty().get().map(shown -> shown.dressed().style()).orElse("");
    for (Property property : TOLD) {
      rows.getChildren().add(row(property, cell.get(), worn));
    }
    nodes.add(rows);
    why.getChildren().setAll(nodes);
  }

  private Node circles(Pick pick) {
    HBox chips = new HBox();
    chips.getStyleClass().add("chips");
    ToggleGroup group = new ToggleGroup();
    List<String> names = pick.circles();
    for (int i = 0; i < names.size(); i++) {
      int reach = i;
      ToggleButton chip = new ToggleButton(names.get(i));
      chip.setToggleGroup(group);
      chip.getStyleClass().add("chip");
      chip.setSelected(i == pick.reach());
      chip.setOnAction(event -> bench.pickProperty().set(Optional.of(pick.withReach(reach))));
      chips.getChildren().add(chip);
    }
    return chips;
  }

  /// Where a setting comes from; the style is named if it is not the one that is worn.
  private static String from(Origin origin, String worn) {
    return Texts.of(
        "dress.from", origin.style().equals(worn) ? origin.selector().label() : origin.toString());
  }

  private static Node row(Property property, DressedCell cell, String worn) {
    Label name = new Label(property.label());
    name.getStyleClass().add("property-name");
    String setting = cell.look().setting(property);
    Label value = new Label(setting.isEmpty() ? "–" : setting);
    value.getStyleClass().add("property-value");
    Optional<Origin> origin = cell.look().origin(property);
    Label from = new Label(origin.map(one -> from(one, worn)).orElse(Texts.of("dress.unset")));
    value.setMinWidth(Region.USE_PREF_SIZE);
    from.getStyleClass().add(origin.isPresent() ? "property-origin" : "caption");
    HBox left = new HBox(name, value);
    HBox row = Benches.spread(left, from);
    row.getStyleClass().add("property-row");
    return row;
  }
}
