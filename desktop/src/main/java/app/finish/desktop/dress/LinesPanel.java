package app.finish.desktop.dress;

import app.finish.core.style.Property;
import app.finish.core.style.RuleLine;
import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Dressing;
import app.finish.desktop.model.Heights;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/// Draws lines around and between the cells of a height in one gesture: a frame, lines between
/// rows, between columns, or both; all in one weight, ink and kind.
final class LinesPanel {
  private static final RuleLine FIRST = RuleLine.parse("0.5 pt rule");

  /// What lines are drawn together.
  private enum Lines {
    FRAME(Property.RULE_ABOVE, Property.RULE_BELOW, Property.RULE_LEFT, Property.RULE_RIGHT),
    INNER(Property.RULE_BETWEEN_ROWS, Property.RULE_BETWEEN_COLUMNS),
    ROWS(Property.RULE_BETWEEN_ROWS),
    COLUMNS(Property.RULE_BETWEEN_COLUMNS);

    private final List<Property> properties;

    Lines(Property... properties) {
      this.properties = List.of(properties);
    }
  }

  private final Dressing dressing;
  private RuleLine pen = FIRST;

  LinesPanel(Dressing dressing) {
    this.dressing = dressing;
  }

  /// The lines of a height.
  Node build(Heights height) {
    Map<Property, RuleLine> drawn = new EnumMap<>(Property.class);
    for (Lines lines : Lines.values()) {
      for (Property property : lines.properties) {
        drawn.put(property, dressing.looks().rule(height.selectors(), height.ways(), property));
      }
    }
    pen =
        drawn.values().stream()
            .filter(RuleLine::isDrawn)
            .findFirst()
            .map(one -> new RuleLine(one.weight(), one.ink(), one.kind(), RuleLine.Reach.FULL))
            .orElse(pen);
    FlowPane chips = new FlowPane(4, 4);
    for (Lines lines : Lines.values()) {
      ToggleButton chip =
          new ToggleButton(Texts.of("lines." + lines.name().toLowerCase(Locale.ROOT)));
      chip.setId("lines-" + lines.name().toLowerCase(Locale.ROOT));
      chip.getStyleClass().add("chip");
      chip.setSelected(
          lines.properties.stream()
              .allMatch(one -> drawn.getOrDefault(one, RuleLine.NONE).isDrawn()));
      chip.setOnAction(event -> draw(height, lines, chip.isSelected()));
      chips.getChildren().add(chip);
    }
    RuleEditor editor =
        RuleEditor.ofPen(
            "lines-pen",
            pen,
            dressing.cascade().palette(),
            wanted -> redraw(height, drawn, wanted));
    VBox panel = new VBox(8, Benches.caption(Texts.of("lines.hint")), chips, editor);
    panel.getStyleClass().add("property-row");
    return panel;
  }

  private void draw(Heights height, Lines lines, boolean on) {
    Map<Property, String> settings = new EnumMap<>(Property.class);
    lines.properties.forEach(one -> settings.put(one, on ? pen.toString() : "none"));
    dressing.looks().changeAll(height.selectors(), settings, Optional.of(Texts.of("lines.name")));
  }

  private void redraw(Heights height, Map<Property, RuleLine> drawn, String wanted) {
    Map<Property, String> settings = new EnumMap<>(Property.class);
    drawn.forEach(
        (property, rule) -> {
          if (rule.isDrawn()) {
            settings.put(property, wanted);
          }
        });
    Optional<String> name = Optional.of(Texts.of("lines.name"));
    boolean taken =
        settings.isEmpty()
            ? Property.RULE_ABOVE.accepts(wanted)
            : dressing.looks().changeAll(height.selectors(), settings, name);
    if (taken && RuleLine.parse(wanted).isDrawn()) {
      pen = RuleLine.parse(wanted);
    }
  }
}
