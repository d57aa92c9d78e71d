package app.finish.desktop.dress;

import app.finish.core.style.colour.Colour;
import app.finish.core.style.colour.Palette;
import app.finish.desktop.kit.Inks;
import app.finish.desktop.kit.Texts;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.geometry.Side;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.CustomMenuItem;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;

/// An ink or a fill: typed, as a role of the palette, a tint or shade of one or any colour, or
/// picked among them. Colours are typed as `#0b3d2e`, `rgb(11, 61, 46)`, `hsl(…)` or by their names
/// in CSS.
///
/// ```java
/// new InkField("ink", "Ink", "accent 20%", false, palette, setting -> …);
/// ```
final class InkField extends HBox {
  private final TextField text = new TextField();
  private final Palette palette;
  private final Consumer<String> changed;

  /// @param none whether there may be no colour
  InkField(
      String id,
      String name,
      String setting,
      boolean none,
      Palette palette,
      Consumer<String> changed) {
    super(4);
    this.palette = palette;
    this.changed = TypedChoice.once(setting, changed);
    text.setText(setting);
    text.setId(id + "-text");
    text.setAccessibleText(name);
    text.setPrefColumnCount(8);
    HBox.setHgrow(text, Priority.ALWAYS);
    text.setOnAction(event -> take(text.getText()));
    text.focusedProperty()
        .addListener(
            (p, had, has) -> {
              if (had && !has) {
                TypedChoice.afterClick(() -> take(text.getText()));
              }
            });
    text.addEventFilter(
        KeyEvent.KEY_PRESSED,
        event -> {
          if (event.getCode() == KeyCode.ESCAPE && !text.getText().equals(setting)) {
            text.setText(setting);
            event.consume();
          }
        });
    Button open = new Button();
    open.setId(id + "-pick");
    open.setAccessibleText(Texts.of("ink.pick", name));
    Tooltip.install(open, new Tooltip(Texts.of("ink.pick", name)));
    open.getStyleClass().add("ink-button");
    open.setGraphic(swatch(setting));
    open.setOnAction(event -> open(open, none));
    setAlignment(Pos.CENTER_LEFT);
    getChildren().addAll(open, text);
    setId(id);
  }

  private Region swatch(String setting) {
    Region swatch = new Region();
    swatch.getStyleClass().add("swatch");
    boolean drawn = !setting.equals("none") && !setting.isEmpty() && !setting.equals("readable");
    swatch.setStyle(
        "-fx-background-color: " + (drawn ? palette.colour(setting) : "transparent") + ";");
    return swatch;
  }

  private void open(Button at, boolean none) {
    ContextMenu popup = new ContextMenu();
    InkChart chart =
        new InkChart(
            palette,
            none,
            picked -> {
              popup.hide();
              take(picked);
            });
    CustomMenuItem item = new CustomMenuItem(chart, false);
    item.getStyleClass().add("ink-chart-item");
    popup.getItems().add(item);
    popup.setOnShown(event -> chart.focusFirst());
    popup.show(at, Side.BOTTOM, 0, 2);
  }

  private void take(String typed) {
    changed.accept(setting(typed.strip(), palette));
  }

  /// What was typed as a setting: a role, a tint or a shade of the palette as it is, any other
  /// colour by its hex, anything else as it is, for the one who checks it.
  static String setting(String typed, Palette palette) {
    boolean known = palette.roles().containsKey(typed.split(" ")[0]);
    return known ? typed : colour(typed).map(Colour::toString).orElse(typed);
  }

  private static Optional<Colour> colour(String typed) {
    try {
      Color color = Color.web(typed.toLowerCase(Locale.ROOT));
      return Optional.of(Inks.of(color));
    } catch (IllegalArgumentException _) {
      return Optional.empty();
    }
  }
}
