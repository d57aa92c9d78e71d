package app.finish.desktop;

import app.finish.core.arrange.Arranged;
import app.finish.core.arrange.Arrangement;
import app.finish.core.arrange.Arranger;
import app.finish.core.arrange.Move;
import app.finish.core.arrange.Side;
import app.finish.core.table.Heading.Role;
import app.finish.core.table.Leaf;
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
    if (entries.get(place).move() instanceof Move.Hold hold) {
      row.getChildren().add(1, step(place, hold, -1));
      row.getChildren().add(2, step(place, hold, 1));
    }
    row.setAlignment(Pos.TOP_LEFT);
    return row;
  }

  /// Steps from the member that is held to its neighbour.
  private Button step(int place, Move.Hold hold, int by) {
    String key = by > 0 ? "arrange.next" : "arrange.previous";
    String id = "move-" + (place + 1) + (by > 0 ? "-next" : "-previous");
    Button button = small(by > 0 ? "›" : "‹", id, Texts.of(key, hold.member()));
    List<String> members = members(place, hold);
    int to = members.indexOf(hold.member()) + by;
    button.setDisable(to < 0 || to >= members.size());
    button.setOnAction(
        event -> {
          Move other = new Move.Hold(hold.side(), hold.level(), members.get(to));
          bench.arrange(MoveWords.of(other), bench.arrangement().withReplaced(place, other));
        });
    return button;
  }

  /// The members of the level that is held, as they stand before it is.
  private List<String> members(int place, Move.Hold hold) {
    return bench
        .shownProperty()
        .get()
        .map(
            shown -> {
              Arrangement before = bench.arrangement().before(place);
              Arranged then = Arranger.arrange(shown.recognition().table(), before);
              List<Leaf> leaves =
                  hold.side() == Side.DOWN
                      ? then.table().down().leaves()
                      : then.table().across().leaves();
              List<String> members = new ArrayList<>();
              for (Leaf leaf : leaves) {
                List<String> path = then.paths(hold.side()).get(leaf.index());
                boolean member =
                    hold.level() < path.size()
                        && leaf.path().get(hold.level()).role() == Role.MEMBER;
                if (member && !members.contains(path.get(hold.level()))) {
                  members.add(path.get(hold.level()));
                }
              }
              return members;
            })
        .orElse(List.of());
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
