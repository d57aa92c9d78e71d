package app.finish.desktop.dress;

import app.finish.core.style.colour.Colour;
import app.finish.core.style.colour.Palette;
import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.Inks;
import app.finish.desktop.kit.Texts;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;

/// Colours to pick: the paper's own roles first, each with its shades and tints, then a chart of
/// hues. Arrow keys go from one to the next.
final class InkChart extends VBox {
  private static final List<String> STEPS =
      List.of(" shade 50%", " shade 25%", "", " 60%", " 40%", " 20%", " 10%");
  private static final int HUES = 12;

  private final Consumer<String> picked;
  private final List<List<Button>> rows = new ArrayList<>();

  /// @param none whether there may be no colour
  InkChart(Palette palette, boolean none, Consumer<String> picked) {
    super(8);
    this.picked = picked;
    getStyleClass().add("ink-chart");
    GridPane roles = new GridPane(3, 3);
    int row = 0;
    for (String role : palette.roles().keySet()) {
      roles.add(Benches.caption(role), 0, row);
      List<Button> buttons = new ArrayList<>();
      for (int i = 0; i < STEPS.size(); i++) {
        String setting = role + STEPS.get(i);
        Button button = button(setting, palette.colour(setting));
        buttons.add(button);
        roles.add(button, i + 1, row);
      }
      rows.add(buttons);
      row++;
    }
    FlowPane plain = new FlowPane(6, 6);
    for (String word : none ? List.of("none") : List.of("readable")) {
      Button button = new Button(Texts.of("ink." + word));
      button.setId("ink-" + word);
      button.getStyleClass().add("quiet-button");
      button.setOnAction(event -> picked.accept(word));
      plain.getChildren().add(button);
      rows.add(List.of(button));
    }
    getChildren()
        .addAll(
            Benches.caption(Texts.of("ink.roles")),
            roles,
            plain,
            Benches.caption(Texts.of("ink.any")),
            hues());
    addEventFilter(KeyEvent.KEY_PRESSED, this::walk);
  }

  private Node hues() {
    GridPane grid = new GridPane(3, 3);
    double[][] kinds = {{0.35, 0.95}, {0.6, 0.85}, {0.85, 0.7}, {0.9, 0.5}, {0.7, 0.35}};
    for (int kind = 0; kind < kinds.length; kind++) {
      List<Button> buttons = new ArrayList<>();
      for (int hue = 0; hue < HUES; hue++) {
        Color color = Color.hsb(hue * 360.0 / HUES, kinds[kind][0], kinds[kind][1]);
        Colour colour = Inks.of(color);
        Button button = button(colour.toString(), colour);
        buttons.add(button);
        grid.add(button, hue, kind);
      }
      rows.add(buttons);
    }
    return grid;
  }

  private Button button(String setting, Colour colour) {
    Button button = new Button();
    button.setId("ink-" + setting.replaceAll("[ %#]+", "-"));
    button.setAccessibleText(setting);
    button.getStyleClass().setAll("ink-swatch");
    button.setStyle("-fx-background-color: rgba(128, 128, 128, 0.5), " + colour + ";");
    Tooltip.install(button, new Tooltip(setting));
    button.setOnAction(event -> picked.accept(setting));
    return button;
  }

  void focusFirst() {
    rows.getFirst().get(Math.min(2, rows.getFirst().size() - 1)).requestFocus();
  }

  private void walk(KeyEvent event) {
    int dx = event.getCode() == KeyCode.RIGHT ? 1 : event.getCode() == KeyCode.LEFT ? -1 : 0;
    int dy = event.getCode() == KeyCode.DOWN ? 1 : event.getCode() == KeyCode.UP ? -1 : 0;
    if (dx == 0 && dy == 0) {
      return;
    }
    event.consume();
    for (int row = 0; row < rows.size(); row++) {
      int column = focused(rows.get(row));
      if (column >= 0) {
        List<Button> to = rows.get(Math.clamp(row + dy, 0, rows.size() - 1));
        to.get(Math.clamp(column + dx, 0, to.size() - 1)).requestFocus();
        return;
      }
    }
  }

  private static int focused(List<Button> buttons) {
    for (int i = 0; i < buttons.size(); i++) {
      if (buttons.get(i).isFocused()) {
        return i;
      }
    }
    return -1;
  }
}
