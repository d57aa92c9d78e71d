package app.finish.desktop.shell;

import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Step;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/// The steps of the work. A step that has nothing to work on yet is not shown.
public final class StepStrip extends VBox {
  private final Desk desk;
  private List<Object> shown = List.of();

  public StepStrip(Desk desk) {
    this.desk = desk;
    getStyleClass().add("steps");
    setAccessibleText(Texts.of("steps.name"));
    Benches.follow(desk.historyProperty(), this::show);
    Benches.follow(desk.stepProperty(), this::show);
    Benches.follow(desk.checking().findingsProperty(), this::show);
    Benches.follow(desk.shownProperty(), this::show);
  }

  private void show() {
    int open = desk.checking().open().size();
    List<Object> now = List.of(desk.isEmpty(), desk.stepProperty().get(), open);
    if (now.equals(shown)) {
      return;
    }
    shown = now;
    List<Button> buttons = new ArrayList<>();
    for (Step step : Step.values()) {
      if (step == Step.BRING_IN || !desk.isEmpty()) {
        buttons.add(button(step));
      }
    }
    Benches.replace(this, buttons);
  }

  private Button button(Step step) {
    Label number = new Label("" + (step.ordinal() + 1));
    number.getStyleClass().add("step-number");
    int open = step == Step.CHECK ? desk.checking().open().size() : 0;
    Label name = new Label(open > 0 ? Texts.of("step.open", step.label(), open) : step.label());
    name.getStyleClass().add("step-name");
    Button button = new Button();
    button.setGraphic(new VBox(2, number, name));
    button.getStyleClass().setAll("step");
    button.setId("step-" + step.name().toLowerCase(Locale.ROOT).replace('_', '-'));
    button.setAccessibleText(name.getText());
    button.setMaxWidth(Double.MAX_VALUE);
    if (step == desk.stepProperty().get()) {
      button.getStyleClass().add("chosen");
    }
    button.setOnAction(event -> desk.stepProperty().set(step));
    return button;
  }
}
