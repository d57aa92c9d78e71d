package app.finish.desktop.dress;

import app.finish.core.style.Cascade;
import app.finish.core.style.Look;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Bands;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Dressing;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/// Bands of rows or of columns in a tint and an ink: on or off, how many together, from which on,
/// whether totals count.
final class BandsPanel {
  private final Desk desk;
  private final Dressing dressing;
  private final VBox rows = new VBox(6);

  BandsPanel(Desk desk) {
    this.desk = desk;
    this.dressing = desk.dressing();
  }

  Node build() {
    rows.setId("bands");
    Benches.follow(desk.shownProperty(), this::show);
    return Benches.section(Texts.of("bands.name"), rows);
  }

  private void show() {
    if (desk.table().isEmpty()) {
      return;
    }
    List<Node> nodes = new ArrayList<>();
    for (Bands bands : Bands.ALL) {
      add(nodes, bands, dressing.cascade());
    }
    Benches.replace(rows, nodes);
  }

  private void add(List<Node> nodes, Bands bands, Cascade cascade) {
    CheckBox box = new CheckBox(bands.label());
    box.setId("bands-" + bands.word());
    box.setSelected(bands.isOn(cascade));
    box.setOnAction(event -> bands.turn(dressing, box.isSelected()));
    nodes.add(box);
    if (bands.isOn(cascade)) {
      Look look = bands.look(cascade);
      nodes.add(inks(bands.word(), bands.selector(), look, cascade));
      nodes.add(counted(bands.word(), bands.selector(), look));
    }
  }

  private Node inks(String word, Selector bands, Look look, Cascade cascade) {
    VBox box = new VBox(4);
    for (Property property : List.of(Property.FILL, Property.INK)) {
      InkField field =
          new InkField(
              "bands-" + word + "-" + property.word(),
              Texts.of("bands." + word) + ", " + property.label(),
              look.setting(property),
              property == Property.FILL,
              cascade.palette(),
              wanted -> dressing.looks().change(bands, property, wanted));
      box.getChildren().add(named(property.label(), field));
    }
    return box;
  }

  private Node counted(String word, Selector bands, Look look) {
    VBox box = new VBox(4);
    for (Property property :
        List.of(
            Property.TOGETHER, Property.FROM, Property.EVERY, Property.COUNTED, Property.OVER)) {
      ChoiceBox<String> choice = new ChoiceBox<>();
      choice.setId("bands-" + word + "-" + property.word());
      choice.setAccessibleText(Texts.of("bands." + word) + ", " + property.label());
      choice.getItems().setAll(property.choices());
      choice.setValue(look.setting(property));
      choice.setOnAction(event -> dressing.looks().change(bands, property, choice.getValue()));
      choice.setMaxWidth(Double.MAX_VALUE);
      box.getChildren().add(named(property.label(), choice));
    }
    return box;
  }

  private static Node named(String name, Region control) {
    Label label = Benches.caption(name);
    label.setMinWidth(92);
    return Benches.beside(label, control);
  }
}
