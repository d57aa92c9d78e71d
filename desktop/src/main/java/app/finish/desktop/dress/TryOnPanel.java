package app.finish.desktop.dress;

import app.finish.core.document.Document;
import app.finish.core.document.DocumentTable;
import app.finish.core.document.Finish;
import app.finish.core.layout.Paper;
import app.finish.core.style.HouseStyle;
import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.ProofPainter;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.kit.Thumbnail;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Dressing;
import app.finish.desktop.model.Step;
import app.finish.desktop.model.WearScope;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/// Every style at hand, shown on the person's own table: shipped ones, those of the library, those
/// of the document. Pointing or the arrow keys try one on.
public final class TryOnPanel {
  private static final double WIDTH = 120;
  private static final double HEIGHT = 76;

  private record Drawn(Document document, int index, Finish finish) {}

  private final Desk desk;
  private final Dressing dressing;
  private final ProofPainter painter;
  private final VBox groups = new VBox(10);
  private final List<Button> cards = new ArrayList<>();
  private final Label hint = Benches.caption(Texts.of("dress.hint"));
  private final Map<String, Thumbnail> pictures = new HashMap<>();
  private final Map<String, Drawn> drawn = new HashMap<>();
  private List<HouseStyle> listed = List.of();

  TryOnPanel(Desk desk, ProofPainter painter) {
    this.desk = desk;
    this.dressing = desk.dressing();
    this.painter = painter;
  }

  Node build() {
    groups.setId("styles");
    Benches.follow(desk.shownProperty(), this::show);
    Benches.follow(desk.stepProperty(), this::show);
    Benches.follow(dressing.shelfProperty(), this::show);
    Benches.follow(desk.tryingProperty(), this::mark);
    return Benches.section("", scope(), groups, hint, compare());
  }

  /// On which tables a style is put.
  private Node scope() {
    FlowPane chips = new FlowPane(4, 4);
    chips.setId("wear-scope");
    ToggleGroup group = Benches.oneOf();
    Runnable fill =
        () -> {
          if (desk.table().isEmpty() || desk.stepProperty().get() != Step.DRESS) {
            return;
          }
          List<String> labels = new ArrayList<>();
          for (WearScope scope : WearScope.values()) {
            labels.add(scope.label(dressing.wearers(scope).size()));
          }
          if (labels.equals(chips.getUserData())) {
            return;
          }
          chips.setUserData(labels);
          List<Node> nodes = new ArrayList<>();
          for (WearScope scope : WearScope.values()) {
            ToggleButton chip = new ToggleButton(scope.label(dressing.wearers(scope).size()));
            chip.setId("scope-" + scope.name().toLowerCase(Locale.ROOT));
            chip.getStyleClass().add("chip");
            chip.setToggleGroup(group);
            chip.setSelected(scope == dressing.scopeProperty().get());
            chip.setOnAction(
                event -> {
                  dressing.scopeProperty().set(scope);
                  chip.setSelected(true);
                });
            nodes.add(chip);
          }
          Benches.replace(chips, nodes);
        };
    Benches.follow(desk.shownProperty(), fill);
    Benches.follow(desk.stepProperty(), fill);
    Benches.follow(desk.pickedTables().alsoProperty(), fill);
    chips.setPadding(new Insets(0, 0, 8, 0));
    return new VBox(4, Benches.caption(Texts.of("scope.name")), chips);
  }

  private void show() {
    if (desk.table().isEmpty() || desk.stepProperty().get() != Step.DRESS) {
      return;
    }
    List<HouseStyle> styles = dressing.styles().styles();
    List<String> names = styles.stream().map(HouseStyle::name).toList();
    if (!names.equals(listed.stream().map(HouseStyle::name).toList())) {
      list(styles);
    }
    listed = styles;
    draw(desk.table().get());
    mark();
  }

  private void list(List<HouseStyle> styles) {
    cards.clear();
    drawn.clear();
    List<HouseStyle> own = desk.document().styles();
    List<Node> nodes = new ArrayList<>();
    List<HouseStyle> shipped = styles.stream().filter(HouseStyle::shipped).toList();
    List<HouseStyle> ofDocument = styles.stream().filter(own::contains).toList();
    List<HouseStyle> ofLibrary =
        styles.stream().filter(one -> !one.shipped() && !own.contains(one)).toList();
    group(nodes, "dress.group.document", ofDocument);
    group(nodes, "dress.group.library", ofLibrary);
    group(nodes, "dress.group.shipped", shipped);
    Benches.replace(groups, nodes);
  }

  private void group(List<Node> nodes, String name, List<HouseStyle> styles) {
    if (styles.isEmpty()) {
      return;
    }
    FlowPane flow = new FlowPane(10, 10);
    for (HouseStyle style : styles) {
      Button card = card(style);
      cards.add(card);
      flow.getChildren().add(card);
    }
    nodes.add(new VBox(6, Benches.heading(Texts.of(name)), flow));
  }

  private Button card(HouseStyle style) {
    Thumbnail picture = new Thumbnail(painter, WIDTH, HEIGHT);
    pictures.put(style.name(), picture);
    StackPane frame = new StackPane(picture);
    frame.getStyleClass().add("picture");
    Label name = new Label(style.name());
    name.setMaxWidth(WIDTH);
    Button card = new Button();
    card.setGraphic(new VBox(4, frame, name));
    card.getStyleClass().setAll("style-card");
    card.setId("style-" + style.name().toLowerCase(Locale.ROOT).replace(' ', '-'));
    card.setAccessibleText(Texts.of("action.wear", style.name()));
    card.setUserData(style.name());
    card.setOnMouseEntered(event -> desk.tryingProperty().set(Optional.of(style.name())));
    card.setOnMouseExited(event -> desk.tryingProperty().set(Optional.empty()));
    card.focusedProperty()
        .addListener(
            (p, before, now) ->
                desk.tryingProperty().set(now ? Optional.of(style.name()) : Optional.empty()));
    card.setOnAction(event -> wear(style.name()));
    card.addEventFilter(KeyEvent.KEY_PRESSED, event -> key(event, card));
    return card;
  }

  private void wear(String name) {
    dressing.styles().named(name).ifPresent(desk::wear);
  }

  private void key(KeyEvent event, Button card) {
    int at = cards.indexOf(card);
    boolean known = true;
    switch (event.getCode()) {
      case RIGHT -> focus(at + 1);
      case LEFT -> focus(at - 1);
      case DOWN -> focus(at + 2);
      case UP -> focus(at - 2);
      case ENTER -> card.fire();
      case ESCAPE -> desk.tryingProperty().set(Optional.empty());
      default -> known = false;
    }
    if (known) {
      event.consume();
    }
  }

  private void focus(int at) {
    if (at >= 0 && at < cards.size()) {
      cards.get(at).requestFocus();
    }
  }

  private void mark() {
    String worn = desk.table().map(table -> table.finish().style()).orElse("");
    for (Button card : cards) {
      card.getStyleClass().remove("chosen");
      if (worn.equals(card.getUserData())) {
        card.getStyleClass().add("chosen");
      }
    }
    Optional<String> trying = desk.tryingProperty().get().filter(name -> !name.equals(worn));
    hint.setText(trying.map(name -> Texts.of("dress.trying", name)).orElse(Texts.of("dress.hint")));
  }

  /// Draws the pictures that are not drawn yet, behind the window's back; those of styles that did
  /// not change, on a table that did not, stay.
  private void draw(DocumentTable table) {
    int index = desk.indexProperty().get();
    for (HouseStyle style : dressing.styles().styles()) {
      Document document = dressing.holding(desk.document(), style.name());
      Finish finish = table.finish().withStyle(style.name());
      Drawn wanted = new Drawn(document, index, finish);
      Drawn before = drawn.get(style.name());
      if (before != null && same(before, wanted)) {
        continue;
      }
      drawn.put(style.name(), wanted);
      desk.worker()
          .draw(
              () -> desk.proofs().picture(document, index, finish, Paper.A4.unpaged()),
              made -> Objects.requireNonNull(pictures.get(style.name())).showNear(made.scroll()),
              desk::tell);
    }
  }

  private static boolean same(Drawn one, Drawn other) {
    List<DocumentTable> tables = one.document.tables();
    List<DocumentTable> others = other.document.tables();
    return one.index == other.index
        && one.finish.equals(other.finish)
        && one.document.styles().equals(other.document.styles())
        && one.document.palette().equals(other.document.palette())
        && one.index < tables.size()
        && tables.get(one.index).source() == others.get(other.index).source();
  }

  /// What the table is compared with on the proof.
  private Node compare() {
    ChoiceBox<String> with = new ChoiceBox<>();
    with.setId("compare-with");
    with.setAccessibleText(Texts.of("dress.compare"));
    String none = Texts.of("dress.compare.none");
    String came = Texts.of("dress.compare.came");
    Runnable fill =
        () -> {
          List<String> items = new ArrayList<>(List.of(none, came));
          dressing.styles().styles().forEach(style -> items.add(style.name()));
          if (!items.equals(with.getItems())) {
            with.getItems().setAll(items);
          }
          String now = dressing.againstProperty().get().orElse(none);
          with.setValue(now.isEmpty() ? came : now);
        };
    Benches.follow(desk.shownProperty(), fill);
    Benches.follow(dressing.againstProperty(), fill);
    with.setOnAction(
        event -> {
          String chosen = with.getValue();
          if (chosen != null) {
            dressing
                .againstProperty()
                .set(
                    chosen.equals(none)
                        ? Optional.empty()
                        : Optional.of(chosen.equals(came) ? "" : chosen));
          }
        });
    Label name = new Label(Texts.of("dress.compare"));
    name.setMinWidth(Label.USE_PREF_SIZE);
    return Benches.spread(name, with);
  }
}
