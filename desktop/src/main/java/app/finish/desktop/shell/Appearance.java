package app.finish.desktop.shell;

import app.finish.desktop.model.LastingChoices;
import java.util.List;
import java.util.Optional;
import javafx.application.ColorScheme;
import javafx.application.Platform;
import javafx.beans.value.ChangeListener;
import javafx.beans.value.WeakChangeListener;
import javafx.scene.Parent;
import javafx.scene.Scene;

/// How the window itself looks: its text size, from 90 to 150 percent, and whether it is light or
/// dark, or as the system is. The paper keeps the colours of its style.
public final class Appearance {
  /// Light or dark.
  public enum Shade {
    SYSTEM,
    LIGHT,
    DARK
  }

  private static final List<Integer> SIZES = List.of(90, 100, 110, 120, 130, 140, 150);
  private static final double PLAIN = 12;

  private final LastingChoices habits;
  private Optional<Scene> scene = Optional.empty();

  /// The system outlives the window, and must not keep it.
  private final ChangeListener<ColorScheme> system = (p, before, now) -> show();

  public Appearance(LastingChoices habits) {
    this.habits = habits;
  }

  /// Takes a window, and follows the system.
  public void take(Scene window) {
    scene = Optional.of(window);
    Platform.getPreferences().colorSchemeProperty().addListener(new WeakChangeListener<>(system));
    show();
  }

  /// The text one step larger.
  public void larger() {
    step(1);
  }

  /// The text one step smaller.
  public void smaller() {
    step(-1);
  }

  private void step(int by) {
    int now = Math.max(0, SIZES.indexOf(habits.textSize()));
    habits.keepTextSize(SIZES.get(Math.clamp(now + by, 0, SIZES.size() - 1)));
    show();
  }

  /// Light, dark, or as the system is.
  public void wear(Shade shade) {
    habits.keepShade(shade.name());
    show();
  }

  private void show() {
    Shade shade = Shade.valueOf(habits.shade());
    boolean dark =
        shade == Shade.DARK
            || shade == Shade.SYSTEM
                && Platform.getPreferences().getColorScheme() == ColorScheme.DARK;
    scene.map(Scene::getRoot).ifPresent(root -> show(root, dark));
  }

  private void show(Parent root, boolean dark) {
    root.getStyleClass().remove("dark");
    if (dark) {
      root.getStyleClass().add("dark");
    }
    root.setStyle("-fx-font-size: " + PLAIN * habits.textSize() / 100 + "px;");
  }
}
