package app.finish.desktop;

import app.finish.core.arrange.Arranged;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/// What is out of the table: back with one click, or in the document as a table of its own.
final class AsidePanel {
  private static final int LISTED = 40;

  private final Workbench bench;
  private final VBox box = Benches.section("");

  AsidePanel(Workbench bench) {
    this.bench = bench;
  }

  Node build() {
    Benches.follow(bench.shownProperty(), this::show);
    return box;
  }

  private void show() {
    List<Arranged.Aside> out =
        bench.shownProperty().get().map(shown -> shown.arranged().aside()).orElse(List.of());
    List<Node> nodes = new ArrayList<>();
    if (!out.isEmpty()) {
      nodes.add(Benches.heading(Texts.of("arrange.aside")));
      nodes.add(Benches.caption(Texts.of("arrange.stillIn")));
    }
    Set<Integer> moves = new LinkedHashSet<>();
    for (int i = 0; i < Math.min(out.size(), LISTED); i++) {
      nodes.add(row(out.get(i), i));
    }
    out.forEach(one -> moves.add(one.move()));
    if (out.size() > LISTED) {
      nodes.add(Benches.caption(Texts.of("arrange.more", out.size() - LISTED)));
    }
    moves.removeIf(move -> move >= bench.arrangement().entries().size());
    for (int move : moves) {
      nodes.add(own(move));
    }
    Benches.replace(box, nodes);
    box.setVisible(!nodes.isEmpty());
    box.setManaged(!nodes.isEmpty());
  }

  private Node row(Arranged.Aside one, int place) {
    Hyperlink back = new Hyperlink(Texts.of("arrange.back"));
    back.setId("aside-" + (place + 1));
    back.setAccessibleText(Texts.of("arrange.takeBack", MoveWords.path(one.path())));
    back.setMinWidth(Hyperlink.USE_PREF_SIZE);
    back.setOnAction(
        event ->
            bench.arrange(
                Texts.of("change.moveOut", MoveWords.path(one.path())),
                bench.arrangement().without(one.move())));
    return Benches.spread(new Label(MoveWords.path(one.path())), back);
  }

  private Node own(int move) {
    Hyperlink own = new Hyperlink(Texts.of("arrange.ownTable", bench.arranging().words(move)));
    own.setId("own-table-" + (move + 1));
    own.setWrapText(true);
    own.setOnAction(event -> bench.arranging().tableOfAside(move));
    return own;
  }
}
