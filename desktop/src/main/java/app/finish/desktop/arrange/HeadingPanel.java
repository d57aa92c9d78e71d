package app.finish.desktop.arrange;

import app.finish.core.arrange.Arranged;
import app.finish.core.arrange.move.Arrangement;
import app.finish.core.arrange.move.Move;
import app.finish.core.arrange.place.Side;
import app.finish.core.table.Heading;
import app.finish.core.table.Heading.Role;
import app.finish.core.table.Leaf;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.Buttons;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.HeadingMoves;
import app.finish.desktop.model.PickedHeading;
import app.finish.desktop.model.Renaming;
import app.finish.desktop.model.Shown;
import app.finish.desktop.model.Tag;
import app.finish.desktop.tally.TallyPanel;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/// What can be done with a heading that is picked.
public final class HeadingPanel {
  private static final int MOST_LOOKED = 20_000;

  private final Desk desk;
  private final Arranged arranged;
  private final Side side;
  private final int level;
  private final Leaf at;
  private final Heading heading;
  private final List<String> path;
  private final List<PickedHeading> picked;
  private final HeadingMoves moves;

  HeadingPanel(Desk desk, Arranged arranged, Side side, int leaf, int level) {
    this.desk = desk;
    this.arranged = arranged;
    this.side = side;
    this.level = level;
    this.at = side.of(arranged.table()).leaves().get(leaf);
    this.heading = at.path().get(level);
    this.path = arranged.paths(side).get(leaf).subList(0, level + 1);
    List<PickedHeading> all = PickedHeading.all(desk);
    this.picked = all.isEmpty() ? List.of(new PickedHeading(side, path)) : all;
    this.moves = desk.arranging().on(picked);
  }

  private static Button button(String key, String id, Runnable work) {
    Button button = Buttons.button(Texts.of(key), id);
    button.setOnAction(event -> work.run());
    return button;
  }

  Node build() {
    String name = side == Side.DOWN ? "arrange.row" : "arrange.column";
    boolean one = picked.size() == 1;
    VBox section =
        Benches.section(
            one ? Texts.of(name, Shown.path(path)) : Texts.of("arrange.headings", picked.size()));
    String caption = Texts.of(one ? "arrange.rename" : "arrange.renameAll");
    TextField rename = TallyPanel.field("rename", one ? at.labels().get(level) : "*", caption);
    rename.getStyleClass().add("well-words");
    rename.setOnAction(
        event -> {
          String text = rename.getText().strip();
          if (one) {
            new Renaming(desk).heading(side, path, at.labels().get(level), text);
          } else {
            moves.rename(text);
          }
        });
    section.getChildren().addAll(Benches.caption(caption), rename, buttons());
    gather().ifPresent(nodes -> section.getChildren().addAll(nodes));
    if (heading.measure().isEmpty()) {
      section.getChildren().addAll(Benches.caption(Texts.of("arrange.labels")), labels());
    }
    section.getChildren().addAll(fill());
    return section;
  }

  private boolean isTotal() {
    return heading.role() != Role.MEMBER;
  }

  private boolean isMeasure() {
    return heading.measure().isPresent();
  }

  private Node buttons() {
    List<Node> all = new ArrayList<>();
    all.add(button("arrange.setAside", "set-aside", moves::setAside));
    if (arranged.isEverywhere(side, level, path.getLast())) {
      all.add(button("arrange.setAllAside", "set-all-aside", moves::setAsideEverywhere));
    }
    all.add(shift("arrange.earlier", "earlier", -1));
    all.add(shift("arrange.later", "later", 1));
    boolean isGroup = level < at.path().size() - 1 && at.path().getLast().measure().isEmpty();
    if (isGroup) {
      all.add(button("arrange.fold", "fold", moves::fold));
      all.add(button("arrange.foldAll", "fold-level", moves::foldLevel));
    }
    unfold().ifPresent(all::add);
    if (isTotal()) {
      all.add(button("arrange.dropTotals", "drop-totals", moves::dropTotals));
      all.add(button("arrange.totalsFirst", "totals-first", () -> moves.placeTotals(true)));
      all.add(button("arrange.totalsLast", "totals-last", () -> moves.placeTotals(false)));
      String label = at.labels().get(level);
      all.add(button("arrange.totalsAlike", "totals-alike", () -> moves.nameTotals(label)));
    } else if (!isMeasure()) {
      if (levels() == picked.size()) {
        all.add(button("arrange.hold", "hold-level", moves::hold));
      }
      if (!hasTotals()) {
        all.add(button("arrange.addTotals", "add-totals", moves::addTotals));
      }
    }
    if (!isMeasure() && picked.size() == 1) {
      int depth = Tag.innermost(arranged, side.other());
      all.add(button("arrange.turn", "turn-level", () -> moves.turn(depth)));
    }
    if (isGroup) {
      all.add(button("arrange.hideLevel", "hide-level", moves::hideLevel));
    }
    FlowPane flow = new FlowPane(6, 6);
    flow.getChildren().addAll(all);
    return flow;
  }

  /// On how many levels the picked headings stand: of each level one member can be held.
  private long levels() {
    return picked.stream().map(one -> one.side() + " " + one.level()).distinct().count();
  }

  private Button shift(String key, String id, int by) {
    return button(key, id, () -> moves.shift(by));
  }

  /// Takes back the move that folded this heading, if one did.
  private Optional<Button> unfold() {
    List<Arrangement.Entry> entries = desk.arrangement().entries();
    for (int i = entries.size() - 1; i >= 0; i--) {
      Move move = entries.get(i).move();
      if (HeadingMoves.folds(move, side, path)
          && entries.get(i).on()
          && level == at.path().size() - 1) {
        Button unfold = Buttons.button(Texts.of("arrange.unfold"), "unfold");
        unfold.setOnAction(event -> desk.arranging().takeBack(move));
        return Optional.of(unfold);
      }
    }
    return Optional.empty();
  }

  private boolean hasTotals() {
    return side.of(arranged.table()).leaves().stream()
        .anyMatch(
            leaf -> leaf.path().size() > level && leaf.path().get(level).role() != Role.MEMBER);
  }

  private Node labels() {
    CheckBox overAll = new CheckBox(Texts.of("edit.overAll"));
    overAll.setId("labels-over-all");
    overAll.setVisible(level > 0);
    overAll.setManaged(level > 0);
    Button az = Buttons.button(Texts.of("arrange.az"), "order-az");
    az.setOnAction(event -> moves.orderByLabel(false, overAll.isSelected()));
    Button za = Buttons.button(Texts.of("arrange.za"), "order-za");
    za.setOnAction(event -> moves.orderByLabel(true, overAll.isSelected()));
    Button reverse = button("arrange.reverse", "reverse", moves::reverse);
    return new FlowPane(6, 6, az, za, reverse, overAll);
  }

  /// Gathers all headings that are picked under a new one.
  private Optional<List<Node>> gather() {
    List<List<String>> paths =
        new ArrayList<>(
            picked.stream()
                .filter(one -> one.side() == side && one.level() == level)
                .map(PickedHeading::path)
                .toList());
    if (isTotal() || isMeasure()) {
      return Optional.empty();
    }
    if (paths.size() < 2) {
      return Optional.of(List.of(Benches.caption(Texts.of("arrange.gatherHow"))));
    }
    paths.sort((one, other) -> Integer.compare(firstLeaf(one), firstLeaf(other)));
    TextField name = TallyPanel.field("gather-name", "", Texts.of("arrange.gatherName"));
    name.getStyleClass().add("well-words");
    name.setOnAction(event -> moves.gather(paths, name.getText().strip()));
    return Optional.of(
        List.of(Benches.caption(Texts.of("arrange.gatherUnder", paths.size())), name));
  }

  private int firstLeaf(List<String> heading) {
    return arranged.leaves(side, heading).map(Arranged.Range::first).orElse(Integer.MAX_VALUE);
  }

  /// Empty places and texts under the heading, where there are any.
  private List<Node> fill() {
    boolean empty = under(value -> value.equals(Value.BLANK));
    boolean texts = under(value -> value instanceof Value.Text);
    List<Node> nodes = new ArrayList<>();
    if (empty) {
      TextField with = TallyPanel.field("fill-with", "0", Texts.of("arrange.fillWith"));
      with.getStyleClass().add("well-words");
      with.setOnAction(event -> moves.fillEmpty(with.getText().strip()));
      Button fill = Buttons.button(Texts.of("arrange.fillHere"), "fill");
      fill.setOnAction(event -> moves.fillEmpty(with.getText().strip()));
      Button all = Buttons.button(Texts.of("arrange.fillAll"), "fill-all");
      all.setOnAction(event -> moves.fillEmptyEverywhere(with.getText().strip()));
      nodes.addAll(
          List.of(
              Benches.caption(Texts.of("arrange.fillWith")), with, new FlowPane(6, 6, fill, all)));
    }
    if (texts) {
      nodes.add(button("arrange.readNumbers", "read-numbers", moves::readNumbers));
    }
    return nodes;
  }

  private boolean under(java.util.function.Predicate<Value> wanted) {
    Table table = arranged.table();
    int others = side.other().of(table).leaves().size();
    Arranged.Range leaves = arranged.leaves(side, path).orElse(new Arranged.Range(0, -1));
    int looked = 0;
    for (int i = leaves.first(); i <= leaves.last(); i++) {
      for (int j = 0; j < others && looked++ < MOST_LOOKED; j++) {
        Value value = side == Side.DOWN ? table.body().at(i, j) : table.body().at(j, i);
        if (wanted.test(value)) {
          return true;
        }
      }
    }
    return false;
  }
}
