package app.finish.desktop.kit;

import javafx.scene.control.Button;
import javafx.scene.control.Tooltip;

/// Buttons of benches.
///
/// ```java
/// Buttons.small("×", "season-out", "Let go of Season");
/// ```
public final class Buttons {
  private Buttons() {}

  /// A button with its name on it.
  public static Button button(String name, String id) {
    Button button = new Button(name);
    button.setId(id);
    return button;
  }

  /// A small button with a sign on it, and a name for those who don't see it.
  public static Button small(String sign, String id, String name) {
    Button button = button(sign, id);
    button.getStyleClass().add("count-button");
    button.setMinWidth(Button.USE_PREF_SIZE);
    button.setAccessibleText(name);
    button.setTooltip(new Tooltip(name));
    return button;
  }
}
