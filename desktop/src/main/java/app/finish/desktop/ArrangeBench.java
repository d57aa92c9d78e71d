package app.finish.desktop;

import app.finish.core.arrange.Arranged;
import app.finish.core.arrange.Arrangement;
import app.finish.core.arrange.Move;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/// The second step: the order that makes the table's point. Moves are made on what is picked, and
/// listed; each can be switched off, put elsewhere in the list or taken back.
final class ArrangeBench {
  private final Workbench bench;
  private final VBox whole = Benches.section("");
  private final VBox moves = Benches.section("");
  private final VBox aside = Benches.section("");

  ArrangeBench(Workbench bench) {
    this.bench = bench;
  }

  Node build() {
    Node node =
        Benches.bench(Step.ARRANGE.label(), whole, new ArrangePanel(bench).build(), moves, aside);
    node.setId("bench-arrange");
    Benches.follow(bench.shownProperty(), this::show);
    return node;
  }

  private void show() {
    Button swap = button(Texts.of("arrange.swap"), "swap-axes");
    swap.setOnAction(event -> make(new Move.SwapAxes()));
    Button over = button(Texts.of("arrange.over"), "start-over");
    over.setDisable(bench.arrangement().isEmpty());
    over.setOnAction(event -> bench.arrange(Texts.of("change.startOver"), Arrangement.NONE));
    Benches.replace(
        whole, List.of(Benches.heading(Texts.of("arrange.table")), new HBox(8, swap, over)));
    showMoves();
    showAside();
  }

  private void make(Move move) {
    bench.arrange(MoveWords.of(move), bench.arrangement().with(move));
  }

  static Button button(String name, String id) {
    Button button = new Button(name);
    button.setId(id);
    return button;
  }

  private Optional<Arranged> arranged() {
    return bench.shownProperty().get().map(Shown::arranged);
  }

  private void showMoves() {
    List<Node> nodes = new ArrayList<>(List.of(Benches.heading(Texts.of("arrange.moves"))));
    List<Arrangement.Entry> entries = bench.arrangement().entries();
    for (int i = 0; i < entries.size(); i++) {
      nodes.add(row(entries, i));
      int place = i;
      arranged()
          .map(one -> one.unplaced().get(place))
          .ifPresent(
              reason -> {
                Label label = Benches.caption(Texts.of("arrange.unplaced", reason));
                label.getStyleClass().add("doubtful");
                nodes.add(label);
              });
    }
    if (entries.isEmpty()) {
      nodes.add(Benches.caption(Texts.of("arrange.none")));
    }
    Benches.replace(moves, nodes);
  }

  private Node row(List<Arrangement.Entry> entries, int place) {
    String words = MoveWords.of(entries.get(place).move());
    Arrangement now = bench.arrangement();
    CheckBox on = new CheckBox(words);
    on.setId("move-" + (place + 1));
    on.setSelected(entries.get(place).on());
    on.setAccessibleText(Texts.of("arrange.on", words));
    on.setWrapText(true);
    on.setMaxWidth(Double.MAX_VALUE);
    HBox.setHgrow(on, Priority.ALWAYS);
    on.setOnAction(
        event ->
            bench.arrange(
                Texts.of("change.switch", words), now.withSwitched(place, on.isSelected())));
    Button up = small("↑", "move-" + (place + 1) + "-up", Texts.of("arrange.up", words));
    up.setDisable(place == 0);
    up.setOnAction(
        event ->
            bench.arrange(Texts.of("change.moveOrder", words), now.withMoved(place, place - 1)));
    Button down = small("↓", "move-" + (place + 1) + "-down", Texts.of("arrange.down", words));
    down.setDisable(place == entries.size() - 1);
    down.setOnAction(
        event ->
            bench.arrange(Texts.of("change.moveOrder", words), now.withMoved(place, place + 1)));
    Button out = small("×", "move-" + (place + 1) + "-out", Texts.of("arrange.takeBack", words));
    out.setOnAction(event -> bench.arrange(Texts.of("change.moveOut", words), now.without(place)));
    HBox row = new HBox(4, on, up, down, out);
    row.setAlignment(Pos.TOP_LEFT);
    return row;
  }

  private static Button small(String sign, String id, String name) {
    Button button = button(sign, id);
    button.getStyleClass().add("count-button");
    button.setMinWidth(Button.USE_PREF_SIZE);
    button.setAccessibleText(name);
    return button;
  }

  private void showAside() {
    List<Node> nodes = new ArrayList<>();
    List<Arranged.Aside> out = arranged().map(Arranged::aside).orElse(List.of());
    if (!out.isEmpty()) {
      nodes.add(Benches.heading(Texts.of("arrange.aside")));
      nodes.add(Benches.caption(Texts.of("arrange.stillIn")));
    }
    for (int i = 0; i < out.size(); i++) {
      Arranged.Aside one = out.get(i);
      Hyperlink back = new Hyperlink(Texts.of("arrange.back"));
      back.setId("aside-" + (i + 1));
      back.setAccessibleText(Texts.of("arrange.takeBack", MoveWords.path(one.path())));
      back.setMinWidth(Hyperlink.USE_PREF_SIZE);
      back.setOnAction(
          event ->
              bench.arrange(
                  Texts.of("change.moveOut", MoveWords.path(one.path())),
                  bench.arrangement().without(one.move())));
      nodes.add(Benches.spread(new Label(MoveWords.path(one.path())), back));
    }
    Benches.replace(aside, nodes);
    aside.setVisible(!nodes.isEmpty());
    aside.setManaged(!nodes.isEmpty());
  }
}
