package app.finish.desktop.shell;

import java.util.Optional;
import java.util.function.BooleanSupplier;
import javafx.scene.input.KeyCombination;

/// Something that can be done, by name.
///
/// @param name its name for people
/// @param keys its shortcut, if it has one
/// @param can whether it can be done now
/// @param work what it does
public record Action(
    String name, Optional<KeyCombination> keys, BooleanSupplier can, Runnable work) {
  static Action of(String name, String keys, BooleanSupplier can, Runnable work) {
    Optional<KeyCombination> combination =
        keys.isEmpty() ? Optional.empty() : Optional.of(KeyCombination.valueOf(keys));
    return new Action(name, combination, can, work);
  }

  /// Does it, if it can be done now.
  public void run() {
    if (can.getAsBoolean()) {
      work.run();
    }
  }

  /// Its shortcut as it is shown, or the empty string.
  String shortcut() {
    return keys.map(KeyCombination::getDisplayText).orElse("");
  }
}
