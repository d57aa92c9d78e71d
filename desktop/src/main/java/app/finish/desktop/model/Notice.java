package app.finish.desktop.model;

import java.util.Optional;

/// A sentence for the person.
///
/// @param sentence what to say
/// @param error whether something went wrong
/// @param offer what can be done about it
public record Notice(String sentence, boolean error, Optional<Offered> offer) {
  /// Something that can be done about what was said.
  ///
  /// @param label what the button says
  /// @param work what it does
  public record Offered(String label, Runnable work) {}

  /// A sentence alone.
  Notice(String sentence, boolean error) {
    this(sentence, error, Optional.empty());
  }

  /// The same sentence with something that can be done about it.
  Notice offering(String label, Runnable work) {
    return new Notice(sentence, error, Optional.of(new Offered(label, work)));
  }
}
