package app.finish.desktop.dress;

import app.finish.core.dress.DressedCell;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.ProofPainter;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.kit.Thumbnail;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Dressing;
import app.finish.desktop.model.Heights;
import app.finish.desktop.model.LookScope;
import app.finish.desktop.model.Pick;
import app.finish.desktop.model.Shown;
import app.finish.desktop.model.Step;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/// The parts that a picked cell stands in, each with a picture of the table in which its cells are
/// lit, and the properties at the height that is chosen.
public final class PartsPanel {
  private static final double WIDTH = 78;
  private static final double HEIGHT = 48;

  private final Desk desk;
  private final Dressing dressing;
  private final ProofPainter painter;
  private final LinesPanel lines;
  private final DecimalsPanel decimals;
  private final FlowPane pictures = new FlowPane(8, 8);
  private final Label hint = Benches.caption("");
  private final VBox rows = new VBox();
  private final FlowPane chapters = new FlowPane(4, 4);
  private List<Heights> heights = List.of();
  private Selector chosen = Selector.of(PartName.TABLE);
  private Property.Chapter chapter = Property.Chapter.TYPE;
  private Optional<Pick> listed = Optional.empty();

  PartsPanel(Desk desk, ProofPainter painter) {
    this.desk = desk;
    this.dressing = desk.dressing();
    this.painter = painter;
    this.lines = new LinesPanel(desk.dressing());
    this.decimals = new DecimalsPanel(desk);
  }

  Node build() {
    pictures.setId("heights");
    rows.setId("properties");
    Benches.follow(desk.pickProperty(), this::show);
    Benches.follow(desk.alsoProperty(), this::show);
    Benches.follow(desk.shownProperty(), this::show);
    Benches.follow(dressing.leafProperty(), this::show);
    Benches.follow(dressing.looksGoProperty(), this::showRows);
    return new VBox(
        Benches.section(Texts.of("parts.name"), hint, pictures),
        Benches.section("", scope(), chapters, rows));
  }

  private Node scope() {
    HBox chips = new HBox();
    chips.getStyleClass().add("chips");
    ToggleGroup group = Benches.oneOf();
    for (LookScope scope : LookScope.values()) {
      String word = scope.name().toLowerCase(Locale.ROOT);
      ToggleButton chip = chip("scope-" + word, Texts.of("parts." + word, "…"), group);
      chip.setOnAction(event -> dressing.looksGoProperty().set(scope));
      Runnable mark =
          () -> {
            chip.setSelected(dressing.looksGoProperty().get() == scope);
            desk.table()
                .map(table -> Texts.of("parts." + word, table.finish().style()))
                .ifPresent(chip::setText);
          };
      Benches.follow(dressing.looksGoProperty(), mark);
      Benches.follow(desk.shownProperty(), mark);
      chips.getChildren().add(chip);
    }
    return chips;
  }

  private static ToggleButton chip(String id, String text, ToggleGroup group) {
    ToggleButton chip = new ToggleButton(text);
    chip.setId(id);
    chip.setToggleGroup(group);
    chip.getStyleClass().add("chip");
    return chip;
  }

  private void show() {
    boolean seen =
        desk.stepProperty().get() == Step.DRESS
            && dressing.leafProperty().get() == Dressing.Leaf.PARTS;
    Optional<Shown> shown = desk.shownProperty().get();
    if (!seen || shown.isEmpty()) {
      return;
    }
    Optional<Pick> pick = desk.pickProperty().get();
    List<DressedCell> cells = Pick.cells(desk);
    heights = cells.isEmpty() ? Heights.many() : Heights.of(shown.get(), cells);
    hint.setText(
        cells.size() > 1
            ? Texts.of("parts.several", cells.size())
            : cells.stream()
                .findFirst()
                .map(one -> Texts.of("parts.picked", one.part().label()))
                .orElse(Texts.of("parts.hint")));
    if (!pick.equals(listed)) {
      listed = pick;
      chosen = heights.get(reach(pick)).selector();
    }
    if (heights.stream().noneMatch(one -> one.selector().equals(chosen))) {
      chosen = heights.getFirst().selector();
    }
    List<Node> nodes = new ArrayList<>();
    ToggleGroup group = Benches.oneOf();
    double at =
        pick.flatMap(one -> shown.get().scroll().boxOf(one.place()))
            .map(box -> box.y())
            .orElse(0.0);
    for (int i = 0; i < heights.size(); i++) {
      nodes.add(picture(heights.get(i), i, group, shown.get(), at));
    }
    Benches.replace(pictures, nodes);
    showRows();
  }

  /// The height that a pick means: one cell, its part, the parts around it, the table.
  private int reach(Optional<Pick> pick) {
    if (pick.isEmpty() || pick.get().reach() == 0) {
      return 0;
    }
    String wanted = pick.get().circles().get(pick.get().reach());
    for (int i = 0; i < heights.size(); i++) {
      if (heights.get(i).selector().label().equals(wanted)) {
        return i;
      }
    }
    return heights.size() - 1;
  }

  private Node picture(Heights height, int index, ToggleGroup group, Shown shown, double at) {
    Thumbnail picture = new Thumbnail(painter, WIDTH, HEIGHT);
    picture.show(shown.scroll(), height.covers(), at);
    StackPane frame = new StackPane(picture);
    frame.getStyleClass().add("picture");
    Label name = Benches.caption(height.label());
    name.getStyleClass().add("height-name");
    ToggleButton card = new ToggleButton();
    card.setGraphic(new VBox(2, frame, name));
    card.setToggleGroup(group);
    Tooltip.install(card, new Tooltip(height.label()));
    card.getStyleClass().setAll("height-card");
    card.setId("height-" + index);
    card.setAccessibleText(height.label());
    card.setSelected(height.selector().equals(chosen));
    card.setOnAction(
        event -> {
          chosen = height.selector();
          card.setSelected(true);
          showRows();
        });
    return card;
  }

  private void showRows() {
    Optional<Heights> height =
        heights.stream().filter(one -> one.selector().equals(chosen)).findFirst();
    if (height.isEmpty() || desk.table().isEmpty()) {
      return;
    }
    boolean onBoard = dressing.looksGoProperty().get() == LookScope.BOARD;
    List<Property> properties =
        height.get().offered().stream()
            .filter(one -> onBoard || one.chapter() != Property.Chapter.BOARD)
            .toList();
    if (properties.stream().noneMatch(one -> one.chapter() == chapter)) {
      chapter = properties.getFirst().chapter();
    }
    List<Node> chips = new ArrayList<>();
    ToggleGroup group = Benches.oneOf();
    for (Property.Chapter one : Property.Chapter.values()) {
      if (properties.stream().anyMatch(property -> property.chapter() == one)) {
        ToggleButton chip = chip("chapter-" + one.ordinal(), one.label(), group);
        chip.setSelected(one == chapter);
        chip.setOnAction(
            event -> {
              chapter = one;
              showRows();
            });
        chips.add(chip);
      }
    }
    Benches.replace(chapters, chips);
    List<Node> nodes = new ArrayList<>();
    if (chapter == Property.Chapter.RULES) {
      nodes.add(lines.build(height.get()));
    }
    for (Property property : properties) {
      if (property.chapter() == chapter) {
        nodes.add(new PropertyRow(dressing, height.get(), property).build());
      }
    }
    boolean figures =
        chosen.equals(Selector.of(PartName.TABLE)) || chosen.equals(Selector.of(PartName.BODY));
    if (chapter == Property.Chapter.NUMBERS && figures) {
      decimals.build().ifPresent(panel -> nodes.add(0, panel));
    }
    boolean only =
        dressing.looksGoProperty().get() != LookScope.TABLE && chosen instanceof Selector.OfPlace;
    if (only) {
      nodes.addFirst(Benches.caption(Texts.of("parts.onlyHere")));
    }
    if (onBoard) {
      nodes.addFirst(Benches.caption(Texts.of("parts.boardHelp")));
    }
    if (dressing.looks().isAnySetHere(height.get().selectors())) {
      Heights here = height.get();
      Button back = new Button(Texts.of("parts.allBack", here.label()));
      back.setId("hand-all-back");
      back.getStyleClass().add("quiet-link");
      back.setOnAction(event -> dressing.looks().handAllBack(here.selectors(), here.label()));
      nodes.add(back);
    }
    Benches.replace(rows, nodes);
  }
}
