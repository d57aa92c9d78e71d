package app.finish.desktop.dress;

import app.finish.core.style.Touches;
import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Dressing;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/// The touches of the table at hand: each can be lifted alone, or all at once.
public final class TouchesPanel {
  private final Desk desk;
  private final Dressing dressing;
  private Optional<Touches> listed = Optional.empty();
  private final VBox section = Benches.section("");

  TouchesPanel(Desk desk) {
    this.desk = desk;
    this.dressing = desk.dressing();
  }

  Node build() {
    section.setId("touches");
    Benches.follow(desk.shownProperty(), this::show);
    return section;
  }

  private void show() {
    Touches touches = dressing.touches();
    if (Optional.of(touches).equals(listed)) {
      return;
    }
    listed = Optional.of(touches);
    section.setVisible(!touches.isEmpty());
    section.setManaged(!touches.isEmpty());
    List<Node> nodes = new ArrayList<>();
    Button lift = new Button(Texts.of("touches.lift"));
    lift.setId("lift-touches");
    lift.getStyleClass().add("quiet-button");
    lift.setOnAction(event -> dressing.touch(Texts.of("touches.lift"), Touches.NONE));
    Label count = Benches.heading(Texts.of("touches.count", touches.count()));
    nodes.add(Benches.spread(count, lift));
    for (Touches.Touch touch : touches.each()) {
      nodes.add(row(touch));
    }
    CheckBox lifts = new CheckBox(Texts.of("touches.lifts"));
    lifts.setId("lifts-touches");
    lifts.setSelected(dressing.habits().lifts());
    lifts.setOnAction(event -> dressing.habits().keepLifts(lifts.isSelected()));
    nodes.add(lifts);
    Benches.replace(section, nodes);
  }

  private Node row(Touches.Touch touch) {
    Label words =
        new Label(
            Texts.of(
                "touches.one",
                touch.selector().label(),
                touch.property().label().toLowerCase(Locale.ROOT),
                touch.setting()));
    words.setWrapText(true);
    Button lift = new Button(Texts.of("touches.liftOne"));
    lift.getStyleClass().add("quiet-link");
    lift.setMinWidth(Button.USE_PREF_SIZE);
    lift.setAccessibleText(Texts.of("touches.liftOne") + ": " + words.getText());
    lift.setOnAction(
        event ->
            dressing.touch(
                Texts.of("change.liftTouch", touch.property().label()),
                dressing.touches().without(touch.selector(), touch.property())));
    return Benches.spread(words, lift);
  }
}
