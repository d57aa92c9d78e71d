package app.finish.desktop.arrange;

import app.finish.core.arrange.move.Arrangement;
import app.finish.core.arrange.move.Move;
import app.finish.core.arrange.place.Aside;
import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Shown;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javafx.scene.Node;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/// What is out of the table, by the move that took it out: back with one click, or in the document
/// as a table of its own.
public final class AsidePanel {
  private static final int LISTED = 12;

  private final Desk desk;
  private final VBox box = Benches.section("");

  AsidePanel(Desk desk) {
    this.desk = desk;
  }

  Node build() {
    Benches.follow(desk.shownProperty(), this::show);
    return box;
  }

  private void show() {
    List<Node> nodes = new ArrayList<>();
    Map<Integer, Out> byMove = new LinkedHashMap<>();
    desk.shownProperty()
        .get()
        .map(shown -> shown.arranged().aside())
        .orElse(List.of())
        .forEach(one -> byMove.computeIfAbsent(one.move(), move -> new Out()).add(one));
    List<Arrangement.Entry> made =
        desk.table().map(table -> table.finish().arrangement().entries()).orElse(List.of());
    byMove.keySet().removeIf(place -> place >= made.size());
    if (!byMove.isEmpty()) {
      nodes.add(Benches.heading(Texts.of("arrange.aside")));
      nodes.add(Benches.caption(Texts.of("arrange.stillIn")));
    }
    byMove.forEach((place, out) -> nodes.add(row(made.get(place).move(), out, nodes.size() - 1)));
    Benches.replace(box, nodes);
    box.setVisible(!nodes.isEmpty());
    box.setManaged(!nodes.isEmpty());
  }

  /// What a move set aside: the first of it in words, and how much it is.
  private static final class Out {
    private final List<String> first = new ArrayList<>();
    private int count;

    void add(Aside one) {
      if (count++ < LISTED) {
        first.add(Shown.path(one.path()));
      }
    }
  }

  private Node row(Move move, Out out, int number) {
    String some = String.join(" · ", out.first);
    Label names =
        new Label(
            out.count > LISTED ? some + " " + Texts.of("arrange.more", out.count - LISTED) : some);
    names.setWrapText(true);
    Hyperlink back = new Hyperlink(Texts.of("arrange.back"));
    back.setId("aside-" + number);
    back.setAccessibleText(Texts.of("arrange.takeBack", some));
    back.setOnAction(event -> desk.arranging().takeBack(move));
    Hyperlink own = new Hyperlink(Texts.of("arrange.ownTable"));
    own.setId("own-table-" + number);
    own.setAccessibleText(Texts.of("arrange.ownTableOf", some));
    own.setOnAction(event -> desk.arranging().tableOfAside(move));
    return new VBox(2, names, new FlowPane(12, 0, back, own));
  }
}
