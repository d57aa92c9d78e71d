package app.finish.core.style;

/// A part of a table, with its level where it has one.
///
/// ```java
/// new Part(PartName.SUBTOTAL_ROW, 1).label(); // "Subtotal row, level 1"
/// ```
///
/// @param name which part
/// @param level 1 for the outermost, 0 where the part has no levels
public record Part(PartName name, int level) {
  /// A part without a level.
  public static Part of(PartName name) {
    return new Part(name, 0);
  }

  /// Its name for people.
  public String label() {
    return level > 1 ? name.label() + ", level " + level : name.label();
  }
}
