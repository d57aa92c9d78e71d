package app.finish.desktop;

import app.finish.core.arrange.Arranged;
import app.finish.core.arrange.Move;
import app.finish.core.arrange.Side;
import app.finish.core.dress.Place;
import app.finish.core.table.Heading.Role;
import app.finish.core.table.Leaf;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/// What can be done with what is picked: a heading, or a figure with its row and column.
final class ArrangePanel {
  private static final String TEN = "10";

  private final Workbench bench;
  private final VBox box = new VBox();

  ArrangePanel(Workbench bench) {
    this.bench = bench;
  }

  Node build() {
    Benches.follow(bench.shownProperty(), this::show);
    Benches.follow(bench.pickProperty(), this::show);
    return box;
  }

  private void show() {
    List<Node> nodes = new ArrayList<>();
    Optional<Shown> shown = bench.shownProperty().get();
    Optional<Pick> pick = bench.pickProperty().get();
    if (shown.isPresent() && pick.isPresent()) {
      Arranged arranged = shown.get().arranged();
      switch (pick.get().place()) {
        case Place.Stub stub -> heading(nodes, arranged, Side.DOWN, stub.leaf(), stub.level());
        case Place.Head head -> heading(nodes, arranged, Side.ACROSS, head.first(), head.level());
        case Place.Body body -> figure(nodes, arranged, body);
        default -> {}
      }
    }
    Benches.replace(box, nodes);
  }

  private void make(Move move) {
    bench.arrange(MoveWords.of(move), bench.arrangement().with(move));
  }

  private Button button(String key, String id, Move move) {
    Button button = ArrangeBench.button(Texts.of(key), id);
    button.setOnAction(event -> make(move));
    return button;
  }

  private static List<Leaf> leaves(Arranged arranged, Side side) {
    return side == Side.DOWN
        ? arranged.table().down().leaves()
        : arranged.table().across().leaves();
  }

  /// A heading that was picked.
  private void heading(List<Node> nodes, Arranged arranged, Side side, int leaf, int level) {
    if (leaf >= arranged.paths(side).size() || level >= arranged.paths(side).get(leaf).size()) {
      return;
    }
    List<String> path = arranged.paths(side).get(leaf).subList(0, level + 1);
    Leaf at = leaves(arranged, side).get(leaf);
    String name = side == Side.DOWN ? "arrange.row" : "arrange.column";
    VBox section = Benches.section(Texts.of(name, MoveWords.path(path)));
    TextField rename =
        TallyPanel.field("rename", at.labels().get(level), Texts.of("arrange.rename"));
    rename.getStyleClass().add("well-words");
    rename.setOnAction(event -> make(new Move.Rename(side, path, rename.getText().strip())));
    FlowPane buttons = new FlowPane(6, 6);
    buttons
        .getChildren()
        .addAll(
            button("arrange.setAside", "set-aside", new Move.SetAside(side, path)),
            button("arrange.earlier", "earlier", new Move.Shift(side, path, -1)),
            button("arrange.later", "later", new Move.Shift(side, path, 1)));
    boolean isGroup = level < at.path().size() - 1 && at.path().getLast().measure().isEmpty();
    if (isGroup) {
      buttons.getChildren().add(button("arrange.fold", "fold", new Move.Fold(side, path)));
    }
    if (at.path().get(level).role() != Role.MEMBER) {
      buttons
          .getChildren()
          .add(button("arrange.dropTotals", "drop-totals", new Move.DropTotals(side, level)));
    }
    if (at.path().get(level).role() == Role.MEMBER && at.path().get(level).measure().isEmpty()) {
      Move hold = new Move.Hold(side, level, path.getLast());
      buttons.getChildren().add(button("arrange.hold", "hold-level", hold));
      Move add = new Move.AddTotals(side, level, Texts.of("arrange.total"), false);
      if (!hasTotals(arranged, side, level)) {
        buttons.getChildren().add(button("arrange.addTotals", "add-totals", add));
      }
    }
    if (at.path().get(level).measure().isEmpty()) {
      buttons.getChildren().add(button("arrange.turn", "turn-level", new Move.Turn(side, level)));
    }
    if (isGroup) {
      buttons
          .getChildren()
          .add(button("arrange.hideLevel", "hide-level", new Move.HideLevel(side, level)));
    }
    HBox labels =
        new HBox(
            6,
            button("arrange.az", "order-az", new Move.ByLabel(side, level, false)),
            button("arrange.za", "order-za", new Move.ByLabel(side, level, true)));
    section
        .getChildren()
        .addAll(
            Benches.caption(Texts.of("arrange.rename")),
            rename,
            buttons,
            Benches.caption(Texts.of("arrange.labels")),
            labels);
    nodes.add(section);
  }

  private static boolean hasTotals(Arranged arranged, Side side, int level) {
    return leaves(arranged, side).stream()
        .anyMatch(
            leaf -> leaf.path().size() > level && leaf.path().get(level).role() != Role.MEMBER);
  }

  /// A figure that was picked: its column orders the rows, its row the columns.
  private void figure(List<Node> nodes, Arranged arranged, Place.Body body) {
    boolean there =
        body.row() < arranged.downPaths().size() && body.column() < arranged.acrossPaths().size();
    if (there) {
      nodes.add(by(arranged, Side.DOWN, body.row(), arranged.acrossPaths().get(body.column())));
      nodes.add(by(arranged, Side.ACROSS, body.column(), arranged.downPaths().get(body.row())));
    }
  }

  private Node by(Arranged arranged, Side side, int leaf, List<String> at) {
    boolean down = side == Side.DOWN;
    String id = down ? "rows" : "columns";
    int level = level(leaves(arranged, side).get(leaf));
    HBox order =
        new HBox(
            6,
            button("arrange.largest", id + "-largest", new Move.ByFigure(side, level, at, true)),
            button(
                "arrange.smallest", id + "-smallest", new Move.ByFigure(side, level, at, false)));
    TextField count = TallyPanel.field(id + "-count", TEN, Texts.of("arrange.count"));
    count.getStyleClass().add("well-words");
    count.setPrefColumnCount(3);
    CheckBox gather = new CheckBox(Texts.of("arrange.gather"));
    gather.setId(id + "-gather");
    Button keep = ArrangeBench.button(Texts.of("arrange.keep"), id + "-keep");
    Runnable keeping =
        () -> {
          String text = count.getText().strip();
          int wanted = text.matches("[1-9]\\d{0,5}") ? Integer.parseInt(text) : 10;
          make(new Move.KeepTop(side, level, wanted, at, false, gather.isSelected()));
        };
    keep.setOnAction(event -> keeping.run());
    count.setOnAction(event -> keeping.run());
    HBox keeps = new HBox(6, count, keep, gather);
    keeps.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
    return Benches.section(
        Texts.of(down ? "arrange.column" : "arrange.row", MoveWords.path(at)),
        Benches.caption(Texts.of(down ? "arrange.orderRows" : "arrange.orderColumns")),
        order,
        Benches.caption(Texts.of(down ? "arrange.keepRows" : "arrange.keepColumns")),
        keeps);
  }

  /// The innermost level of members.
  private static int level(Leaf leaf) {
    int level = leaf.path().size() - 1;
    while (level > 0 && leaf.path().get(level).measure().isPresent()) {
      level--;
    }
    return level;
  }
}
