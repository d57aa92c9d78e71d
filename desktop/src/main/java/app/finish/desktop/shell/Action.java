package app.finish.desktop.shell;

import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import javafx.scene.input.KeyCombination;

/// Something that can be done, by name.
///
/// @param name its name for people
/// @param words other words that people look for it by
/// @param keys its shortcut, if it has one
/// @param can whether it can be done now
/// @param work what it does
/// @param missing what has to be said before it can be done, if anything
public record Action(
    String name,
    String words,
    Optional<KeyCombination> keys,
    BooleanSupplier can,
    Runnable work,
    Optional<Missing> missing) {

  /// What a person has to say before an action can be done.
  ///
  /// @param question what is asked
  /// @param choices what can be chosen, where it can be listed; anything else may be typed
  /// @param answered takes the answer
  public record Missing(String question, List<String> choices, Consumer<String> answered) {}

  static Action of(String name, String keys, BooleanSupplier can, Runnable work) {
    Optional<KeyCombination> combination =
        keys.isEmpty() ? Optional.empty() : Optional.of(KeyCombination.valueOf(keys));
    return new Action(name, "", combination, can, work, Optional.empty());
  }

  /// An action that asks for something first.
  static Action asking(String name, String words, Missing missing) {
    return new Action(name, words, Optional.empty(), () -> true, () -> {}, Optional.of(missing));
  }

  /// The same action, also found by other words.
  Action alsoCalled(String others) {
    return new Action(name, others, keys, can, work, missing);
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
