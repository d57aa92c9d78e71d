package app.finish.core.table;

/// A dimension that is held at one member for the whole table.
///
/// ```java
/// new Held("Year", "2025").toString(); // "Year: 2025"
/// ```
///
/// @param dimension the dimension's name, or the empty string if the source only gives the member
/// @param member the member that it is held at
public record Held(String dimension, String member) {
  @Override
  public String toString() {
    return dimension.isEmpty() ? member : dimension + ": " + member;
  }
}
