package app.finish.desktop.dress;

import app.finish.core.style.Cascade;
import app.finish.core.style.Emphasis;
import app.finish.core.table.Heading;
import app.finish.core.table.Leaf;
import app.finish.core.table.Table;
import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Desk;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/// Switches for what stands out on this table.
public final class EmphasisPanel {
  private final Desk desk;
  private final FlowPane switches = new FlowPane(14, 6);

  EmphasisPanel(Desk desk) {
    this.desk = desk;
  }

  Node build() {
    switches.setId("emphasis");
    Benches.follow(desk.shownProperty(), this::show);
    VBox section =
        Benches.section(
            Texts.of("emphasis.name"), switches, Benches.caption(Texts.of("emphasis.hint")));
    return section;
  }

  private void show() {
    if (desk.shownProperty().get().isEmpty() || desk.table().isEmpty()) {
      return;
    }
    Cascade cascade = desk.dressing().cascade();
    List<Emphasis> all = Emphasis.all(levels(desk.shownProperty().get().get().arranged().table()));
    if (all.size() == switches.getChildren().size()) {
      for (int i = 0; i < all.size(); i++) {
        ((CheckBox) switches.getChildren().get(i)).setSelected(all.get(i).isOn(cascade));
      }
      return;
    }
    List<Node> nodes = new ArrayList<>();
    for (Emphasis emphasis : all) {
      CheckBox one = new CheckBox(emphasis.label());
      one.setId("emphasis-" + emphasis.label().toLowerCase(Locale.ROOT).replaceAll("[ ,]+", "-"));
      one.setSelected(emphasis.isOn(cascade));
      one.setOnAction(
          event ->
              desk.dressing()
                  .touch(
                      Texts.of("change.emphasis", emphasis.label()),
                      emphasis.switched(desk.dressing().cascade(), one.isSelected())));
      nodes.add(one);
    }
    Benches.replace(switches, nodes);
  }

  /// How many levels of subtotals a table has; not every row of a long one is looked at.
  private static int levels(Table table) {
    int levels = 0;
    List<Leaf> leaves = table.down().leaves();
    for (int i = 0; i < Math.min(leaves.size(), 2000); i++) {
      Leaf leaf = leaves.get(i);
      boolean total = leaf.role() == Heading.Role.SUBTOTAL;
      levels = total ? Math.max(levels, leaf.level()) : levels;
    }
    return levels;
  }
}
