package app.finish.desktop.dress;

import app.finish.core.style.Cascade;
import app.finish.core.style.Look;
import app.finish.core.style.Origin;
import app.finish.core.style.Property;
import app.finish.core.style.RuleLine;
import app.finish.core.style.Selector;
import app.finish.core.style.colour.Colour;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Dressing;
import app.finish.desktop.model.Heights;
import app.finish.desktop.model.LookEdits;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/// One property at one height: its value, where that comes from, and a way to change it or to hand
/// it back.
public final class PropertyRow {
  private static final double NAME = 92;

  private final Dressing dressing;
  private final Heights height;
  private final Property property;

  PropertyRow(Dressing dressing, Heights height, Property property) {
    this.dressing = dressing;
    this.height = height;
    this.property = property;
  }

  Node build() {
    Value value = value();
    Label name = new Label(isEdge() ? Texts.of("rule.outer", lower()) : property.label());
    name.getStyleClass().add("property-name");
    name.setMinWidth(NAME);
    name.setMaxWidth(NAME);
    name.setWrapText(true);
    Region editor = editor(value.setting);
    editor.setId("property-" + property.word());
    editor.setAccessibleText(property.label());
    editor.setMaxWidth(Double.MAX_VALUE);
    HBox.setHgrow(editor, Priority.ALWAYS);
    HBox first = new HBox(8, name, editor);
    first.setAlignment(property.isRule() ? Pos.TOP_LEFT : Pos.CENTER_LEFT);
    Label from = new Label(value.origin);
    from.getStyleClass().add(value.isSet ? "property-origin" : "caption");
    HBox second = new HBox(8, spacer(), from);
    second.setAlignment(Pos.CENTER_LEFT);
    if (dressing.looks().isSetHere(height.selectors(), property)) {
      Button back = new Button(Texts.of("parts.handBack"));
      back.setId("hand-back-" + property.word());
      back.getStyleClass().add("quiet-link");
      back.setOnAction(event -> dressing.looks().handBack(height.selectors(), property));
      second.getChildren().add(back);
    }
    VBox row = new VBox(1, first, second);
    if (value.setting.startsWith("#")) {
      row.getChildren().add(newRole(Colour.parse(value.setting)));
    }
    List<Selector> own = dressing.looks().outweighing(height.selector(), property);
    if (!own.isEmpty()) {
      row.getChildren().add(outweighed(own, value.setting));
    }
    row.getStyleClass().add("property-row");
    return row;
  }

  /// Offers to make a colour a role of the palette, so that other palettes re-ink it.
  private Node newRole(Colour colour) {
    TextField name = new TextField();
    name.setId("role-name-" + property.word());
    name.setPromptText(Texts.of("ink.roleName"));
    name.setAccessibleText(Texts.of("ink.roleName"));
    name.setPrefColumnCount(8);
    Button make = new Button(Texts.of("ink.makeRole"));
    make.setId("make-role-" + property.word());
    make.getStyleClass().add("quiet-link");
    Runnable work =
        () ->
            dressing.looks().makeRole(name.getText().strip(), colour, height.selectors(), property);
    make.setOnAction(event -> work.run());
    name.setOnAction(event -> work.run());
    HBox row = new HBox(8, spacer(), name, make);
    row.setAlignment(Pos.CENTER_LEFT);
    return row;
  }

  /// Says which parts a base sets otherwise, and offers to set it for them too.
  private Node outweighed(List<Selector> own, String setting) {
    String names = own.stream().map(Selector::label).collect(Collectors.joining(", "));
    Label says = new Label(Texts.of("parts.outweighed", names));
    says.getStyleClass().add("caption");
    says.setWrapText(true);
    Button too = new Button(Texts.of("parts.overrule"));
    too.setId("overrule-" + property.word());
    too.getStyleClass().add("quiet-link");
    too.setMinWidth(Region.USE_PREF_SIZE);
    too.setOnAction(event -> dressing.looks().change(own, property, setting));
    HBox.setHgrow(says, Priority.ALWAYS);
    HBox row = new HBox(8, spacer(), says, too);
    row.setAlignment(Pos.CENTER_LEFT);
    return row;
  }

  private static Node spacer() {
    Label spacer = new Label();
    spacer.setMinWidth(NAME);
    return spacer;
  }

  private record Value(String setting, String origin, boolean isSet) {}

  /// A rule of a family of parts is not in a look: it stands at the edge of the family.
  private Value value() {
    Look look = dressing.cascade().look(height.way());
    if (isEdge()) {
      return dressing
          .cascade()
          .edge(height.selector(), property)
          .map(set -> new Value(set.getKey().toString(), told(set.getValue()), true))
          .orElse(new Value("none", Texts.of("dress.unset"), false));
    }
    boolean alike =
        height.ways().stream()
            .allMatch(
                way ->
                    dressing.cascade().look(way).setting(property).equals(look.setting(property)));
    if (!alike) {
      return new Value("", Texts.of("dress.several"), true);
    }
    Optional<Origin> origin = look.origin(property);
    return new Value(
        look.setting(property),
        origin.map(this::told).orElse(Texts.of("dress.unset")),
        origin.isPresent());
  }

  private boolean isEdge() {
    return Cascade.isEdge(height.selector(), property);
  }

  private String lower() {
    String label = property.label();
    return label.substring(0, 1).toLowerCase(Locale.ROOT) + label.substring(1);
  }

  private String told(Origin origin) {
    boolean worn = origin.style().equals(dressing.worn().name());
    return Texts.of("dress.from", worn ? origin.selector().label() : origin.toString());
  }

  private Region editor(String setting) {
    if (property.isRule()) {
      return new RuleEditor(
          "property-" + property.word(),
          RuleLine.parse(setting.isEmpty() ? "none" : setting),
          dressing.cascade().palette(),
          wanted -> change(wanted, setting));
    }
    if (property == Property.INK || property == Property.FILL) {
      return new InkField(
          "property-" + property.word(),
          property.label(),
          setting,
          property == Property.FILL,
          dressing.cascade().palette(),
          wanted -> change(wanted, setting));
    }
    List<String> choices = property.choices();
    boolean typed = property == Property.DECIMALS;
    if (!typed && !choices.isEmpty() && choices.contains(setting)) {
      ChoiceBox<String> box = new ChoiceBox<>();
      box.getItems().setAll(choices);
      box.setValue(setting);
      box.setOnAction(event -> change(box.getValue(), setting));
      return box;
    }
    ComboBox<String> box = new ComboBox<>();
    box.setEditable(true);
    box.getItems().setAll(LookEdits.suggestions(property));
    box.setValue(setting);
    box.setId("property-" + property.word());
    box.setAccessibleText(property.label());
    TypedChoice.take(
        box, setting, wanted -> dressing.looks().change(height.selectors(), property, wanted));
    return box;
  }

  private void change(String wanted, String before) {
    String setting = wanted == null ? "" : wanted.strip();
    if (!setting.equals(before)) {
      Platform.runLater(() -> dressing.looks().change(height.selectors(), property, setting));
    }
  }
}
