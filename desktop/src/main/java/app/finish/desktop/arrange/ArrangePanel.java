package app.finish.desktop.arrange;

import app.finish.core.arrange.Arranged;
import app.finish.core.arrange.move.Move;
import app.finish.core.arrange.place.Side;
import app.finish.core.dress.CellMeaning;
import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.Buttons;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.HeadingMoves;
import app.finish.desktop.model.Pick;
import app.finish.desktop.model.Shown;
import app.finish.desktop.tally.TallyPanel;
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
public final class ArrangePanel {
  private static final String TEN = "10";

  private final Desk desk;
  private final VBox box = new VBox();

  ArrangePanel(Desk desk) {
    this.desk = desk;
  }

  Node build() {
    Benches.follow(desk.shownProperty(), this::show);
    Benches.follow(desk.pickProperty(), this::show);
    Benches.follow(desk.alsoProperty(), this::show);
    return box;
  }

  private void show() {
    List<Node> nodes = new ArrayList<>();
    Optional<Shown> shown = desk.shownProperty().get();
    Optional<Pick> pick = desk.pickProperty().get();
    if (shown.isPresent() && pick.isPresent()) {
      Arranged arranged = shown.get().arranged();
      switch (pick.get().place()) {
        case CellMeaning.Stub stub ->
            heading(nodes, arranged, Side.DOWN, stub.leaf(), stub.level());
        case CellMeaning.Head head ->
            heading(nodes, arranged, Side.ACROSS, head.first(), head.level());
        case CellMeaning.Body body -> figure(nodes, arranged, body);
        case CellMeaning.StubHead head -> level(nodes, arranged, head.level());
        default -> {}
      }
    }
    Benches.replace(box, nodes);
  }

  private void heading(List<Node> nodes, Arranged arranged, Side side, int leaf, int level) {
    boolean there =
        leaf < arranged.paths(side).size() && level < arranged.paths(side).get(leaf).size();
    if (there) {
      nodes.add(new HeadingPanel(desk, arranged, side, leaf, level).build());
    }
  }

  /// A head of the stub was picked: its level as a whole.
  private void level(List<Node> nodes, Arranged arranged, int level) {
    List<List<String>> paths = arranged.paths(Side.DOWN);
    if (paths.isEmpty() || paths.getFirst().size() <= level) {
      return;
    }
    HeadingMoves moves = desk.arranging().on(Side.DOWN, paths.getFirst().subList(0, level + 1));
    String name = arranged.table().down().dimensions().get(level);
    FlowPane all =
        new FlowPane(
            6,
            6,
            button("arrange.hideLevel", "hide-level", moves::hideLevel),
            button("arrange.turn", "turn-level", () -> moves.turn(0)),
            button("arrange.az", "order-az", () -> moves.orderByLabel(false, false)),
            button("arrange.za", "order-za", () -> moves.orderByLabel(true, false)),
            button("arrange.reverse", "reverse", moves::reverse));
    nodes.add(
        Benches.section(Texts.of("arrange.level", name.isEmpty() ? "" + (level + 1) : name), all));
  }

  private void make(Move move) {
    desk.arranging().make(move);
  }

  private Button button(String key, String id, Runnable work) {
    Button button = Buttons.button(Texts.of(key), id);
    button.setOnAction(event -> work.run());
    return button;
  }

  /// A figure that was picked: its column orders the rows, its row the columns.
  private void figure(List<Node> nodes, Arranged arranged, CellMeaning.Body body) {
    boolean there =
        body.row() < arranged.down().paths().size()
            && body.column() < arranged.across().paths().size();
    if (there) {
      nodes.add(by(arranged, Side.DOWN, body.row(), arranged.across().paths().get(body.column())));
      nodes.add(by(arranged, Side.ACROSS, body.column(), arranged.down().paths().get(body.row())));
    }
  }

  private Node by(Arranged arranged, Side side, int leaf, List<String> at) {
    boolean down = side == Side.DOWN;
    String id = down ? "rows" : "columns";
    HeadingMoves moves = desk.arranging().onMembers(arranged, side, leaf);
    int level = moves.level();
    CheckBox overAll = new CheckBox(Texts.of("edit.overAll"));
    overAll.setId(id + "-over-all");
    overAll.setVisible(level > 0);
    overAll.setManaged(level > 0);
    FlowPane order =
        new FlowPane(
            6,
            6,
            button(
                "arrange.largest",
                id + "-largest",
                () -> moves.orderByFigure(at, true, overAll.isSelected())),
            button(
                "arrange.smallest",
                id + "-smallest",
                () -> moves.orderByFigure(at, false, overAll.isSelected())));
    if (desk.arranging().isOrdered(side, level)) {
      order
          .getChildren()
          .addAll(
              button(
                  "arrange.thenLargest", id + "-then-largest", () -> moves.thenByFigure(at, true)),
              button(
                  "arrange.thenSmallest",
                  id + "-then-smallest",
                  () -> moves.thenByFigure(at, false)));
    }
    TextField count = TallyPanel.field(id + "-count", TEN, Texts.of("arrange.count"));
    count.getStyleClass().add("well-words");
    count.setPrefColumnCount(4);
    CheckBox gather = new CheckBox(Texts.of("arrange.gather"));
    gather.setId(id + "-gather");
    Runnable keep =
        () -> moves.keepTop(count.getText(), at, overAll.isSelected(), gather.isSelected());
    count.setOnAction(event -> keep.run());
    HBox keeps = new HBox(6, count, button("arrange.keep", id + "-keep", keep), gather);
    keeps.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
    return Benches.section(
        Texts.of(down ? "arrange.column" : "arrange.row", Shown.path(at)),
        Benches.caption(Texts.of(down ? "arrange.orderRows" : "arrange.orderColumns")),
        order,
        Benches.caption(Texts.of(down ? "arrange.keepRows" : "arrange.keepColumns")),
        keeps,
        overAll);
  }
}
