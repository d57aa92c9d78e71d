package app.finish.desktop.arrange;

import app.finish.core.arrange.place.Side;
import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.Buttons;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Tag;
import app.finish.desktop.proof.TagMoves;
import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/// The dimensions of the table in a list, the same as the tags on the paper's edges: those that run
/// down, those that run across, those that are held.
public final class DimensionPanel {
  private final Desk desk;
  private final TagMoves moves;
  private final VBox box = Benches.section("");

  DimensionPanel(Desk desk) {
    this.desk = desk;
    this.moves = new TagMoves(desk);
  }

  Node build() {
    Benches.follow(desk.shownProperty(), this::show);
    Benches.follow(desk.arranging().redraws().pendingProperty(), this::show);
    return box;
  }

  private void show() {
    List<Node> nodes = new ArrayList<>();
    nodes.add(Benches.heading(Texts.of("arrange.dimensions")));
    List<Tag> tags = moves.tags();
    for (Side side : Side.values()) {
      boolean down = side == Side.DOWN;
      List<Tag> own = tags.stream().filter(tag -> !tag.isHeld() && tag.side() == side).toList();
      if (!own.isEmpty()) {
        nodes.add(Benches.caption(Texts.of(down ? "arrange.down.side" : "arrange.across.side")));
      }
      own.forEach(tag -> nodes.add(running(tag)));
    }
    List<Tag> held = tags.stream().filter(Tag::isHeld).toList();
    if (!held.isEmpty()) {
      nodes.add(Benches.caption(Texts.of("arrange.held.side")));
    }
    for (int i = 0; i < held.size(); i++) {
      nodes.add(held(held.get(i), "held-" + (i + 1)));
    }
    Benches.replace(box, nodes);
  }

  private static Label name(Tag tag) {
    Label name = new Label(tag.name());
    name.setMaxWidth(Double.MAX_VALUE);
    HBox.setHgrow(name, Priority.ALWAYS);
    return name;
  }

  private static String id(Tag tag) {
    return (tag.side() == Side.DOWN ? "down-" : "across-") + (tag.level() + 1);
  }

  private Node running(Tag tag) {
    Side other = tag.side().other();
    Button outer = Buttons.small("←", id(tag) + "-outer", Texts.of("arrange.outer", tag.name()));
    outer.setDisable(tag.level() == 0);
    outer.setOnAction(event -> moves.place(tag, tag.side(), tag.level() - 1));
    Button inner = Buttons.small("→", id(tag) + "-inner", Texts.of("arrange.inner", tag.name()));
    inner.setDisable(tag.level() >= tag.levels() - 1);
    inner.setOnAction(event -> moves.place(tag, tag.side(), tag.level() + 1));
    int side = tag.side() == Side.DOWN ? 1 : 0;
    Button over =
        Buttons.small(
            tag.side() == Side.DOWN ? "↗" : "↙",
            id(tag) + "-over",
            Texts.of("arrange.over.side", tag.name(), side));
    over.setOnAction(
        event ->
            moves.place(
                tag, other, moves.arranged().map(now -> Tag.innermost(now, other)).orElse(0)));
    Button hold =
        Buttons.small(
            Texts.of("arrange.hold.word"),
            id(tag) + "-hold",
            Texts.of("arrange.hold.one", tag.name()));
    hold.setOnAction(event -> moves.hold(tag));
    HBox row = new HBox(4, name(tag), outer, inner, over, hold);
    if (desk.arranging().over().isMoved(tag)) {
      Button anew =
          Buttons.small("↺", id(tag) + "-anew", Texts.of("change.startOverWith", tag.name()));
      anew.setOnAction(event -> desk.arranging().over().with(tag));
      row.getChildren().add(anew);
    }
    row.setAlignment(Pos.CENTER_LEFT);
    return row;
  }

  private Node held(Tag tag, String id) {
    Button before =
        Buttons.small("‹", id + "-previous", Texts.of("arrange.previous", tag.member()));
    before.setOnAction(event -> moves.step(tag, -1));
    Button after = Buttons.small("›", id + "-next", Texts.of("arrange.next", tag.member()));
    after.setOnAction(event -> moves.step(tag, 1));
    Button out = Buttons.small("×", id + "-out", Texts.of("arrange.release", tag.member()));
    out.setOnAction(event -> moves.release(tag));
    HBox row = new HBox(4, name(tag), before, after, out);
    row.setAlignment(Pos.CENTER_LEFT);
    return row;
  }
}
