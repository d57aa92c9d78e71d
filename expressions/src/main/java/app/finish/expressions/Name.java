package app.finish.expressions;

/// A name that expressions may use.
///
/// @param name the name of a column or measure, as the person knows it
/// @param kind what it stands for
public record Name(String name, Kind kind) {
  /// What a name stands for.
  public enum Kind {
    /// A number.
    NUMBER,
    /// A text.
    TEXT,
    /// A date or a time.
    DATE,
    /// Yes or no.
    TRUTH
  }

  /// A name for a number.
  public static Name number(String name) {
    return new Name(name, Kind.NUMBER);
  }

  /// A name for a text.
  public static Name text(String name) {
    return new Name(name, Kind.TEXT);
  }
}
