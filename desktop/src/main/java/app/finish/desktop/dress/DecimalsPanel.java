package app.finish.desktop.dress;

import app.finish.core.style.Cascade;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import app.finish.core.table.Measure;
import app.finish.core.table.Table;
import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Shown;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/// The decimals of each kind of measure and of each measure of a table, side by side: one gesture
/// each, without picking a figure first.
final class DecimalsPanel {
  private final Desk desk;

  DecimalsPanel(Desk desk) {
    this.desk = desk;
  }

  Optional<Node> build() {
    Optional<Shown> shown = desk.shownProperty().get();
    if (shown.isEmpty()) {
      return Optional.empty();
    }
    Table table = shown.get().arranged().table();
    VBox box = new VBox(4, Benches.caption(Texts.of("decimals.name")));
    box.setId("decimals");
    Set<String> kinds = new LinkedHashSet<>();
    for (Measure measure : table.measures()) {
      if (kinds.add(measure.kind().word())) {
        Selector kind = new Selector.OfKind(measure.kind());
        box.getChildren().add(field("kind-" + measure.kind().word(), kind.label(), List.of(kind)));
      }
    }
    for (Measure measure : table.measures()) {
      if (!measure.name().isEmpty() && table.measures().size() > 1) {
        Selector kind = new Selector.OfKind(measure.kind());
        Selector own = new Selector.OfMeasure(measure.name());
        String id = "measure-" + table.measures().indexOf(measure);
        box.getChildren().add(field(id, measure.name(), List.of(kind, own)));
      }
    }
    box.getStyleClass().add("property-row");
    return Optional.of(box);
  }

  /// @param way the kind, and the measure if it is one's own
  private Node field(String id, String name, List<Selector> way) {
    List<Selector> whole = new ArrayList<>();
    whole.add(Selector.of(PartName.TABLE));
    whole.add(Selector.of(PartName.BODY));
    whole.addAll(way);
    Cascade cascade = desk.dressing().cascade();
    String now = cascade.look(whole).setting(Property.DECIMALS);
    ComboBox<String> box = new ComboBox<>();
    box.setId("decimals-" + id);
    box.setEditable(true);
    box.setAccessibleText(Texts.of("decimals.of", name));
    box.getItems().setAll(Property.DECIMALS.choices());
    box.setValue(now);
    box.setPrefWidth(110);
    box.setMinWidth(110);
    TypedChoice.take(
        box,
        now,
        wanted ->
            desk.dressing().looks().change(List.of(way.getLast()), Property.DECIMALS, wanted));
    Label label = Benches.caption(name);
    return Benches.spread(label, box);
  }
}
