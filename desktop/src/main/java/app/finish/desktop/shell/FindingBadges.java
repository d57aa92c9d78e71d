package app.finish.desktop.shell;

import app.finish.core.document.DocumentTable;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Desk;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.StackPane;

/// How many findings of each table are open, for the pictures of the galley.
final class FindingBadges {
  private final Desk desk;
  private final Map<String, Label> badges = new HashMap<>();

  FindingBadges(Desk desk) {
    this.desk = desk;
    desk.checking().findingsProperty().addListener((p, before, now) -> countAll());
  }

  /// The badge of a table, for the corner of its picture.
  Label of(DocumentTable table) {
    Label open = new Label();
    open.getStyleClass().add("galley-open");
    StackPane.setAlignment(open, Pos.TOP_RIGHT);
    badges.put(table.id(), open);
    count(table, open);
    return open;
  }

  private void countAll() {
    for (DocumentTable table : desk.document().tables()) {
      Optional.ofNullable(badges.get(table.id())).ifPresent(open -> count(table, open));
    }
  }

  private void count(DocumentTable table, Label open) {
    int count = desk.checking().open(table);
    open.setText("" + count);
    open.setAccessibleText(Texts.of("galley.open", count));
    open.setVisible(count > 0);
  }
}
