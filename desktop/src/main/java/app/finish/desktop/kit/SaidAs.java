package app.finish.desktop.kit;

import java.util.function.Function;
import javafx.util.StringConverter;

/// Says the choices of a box, which are chosen and never written.
///
/// ```java
/// sights.setConverter(new SaidAs<>(ColourVision::label));
/// ```
public final class SaidAs<T> extends StringConverter<T> {
  private final Function<T, String> words;

  /// @param words what a choice is called
  public SaidAs(Function<T, String> words) {
    this.words = words;
  }

  /// What a choice is called; nothing where nothing is chosen.
  @Override
  public String toString(T choice) {
    return choice == null ? "" : words.apply(choice);
  }

  /// Choices are not written, so nothing asks for this.
  @Override
  public T fromString(String text) {
    throw new UnsupportedOperationException("choices are not written");
  }
}
