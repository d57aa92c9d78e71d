package app.finish.core.recognise.found;

import java.util.ArrayList;
import java.util.List;

/// How many figures a source has, and where each went.
///
/// ```java
/// recognition.figures().sentence(); // "214 figures: 212 in the table, 2 in notes."
/// ```
///
/// @param table figures in the table's body
/// @param heads figures that head columns, such as years
/// @param stub figures that label rows, such as codes
/// @param words figures in the words above
/// @param notes figures in the notes below
/// @param leftOut figures that a person left out
/// @param placeless where figures stand that have no place, as the source counts
public record FigureCount(
    int table, int heads, int stub, int words, int notes, int leftOut, List<String> placeless) {
  /// No figure at all.
  public static final FigureCount NONE = new FigureCount(0, 0, 0, 0, 0, 0, List.of());

  /// Copies the list.
  public FigureCount {
    placeless = List.copyOf(placeless);
  }

  /// How many figures the source has.
  public int all() {
    return table + heads + stub + words + notes + leftOut + placeless.size();
  }

  /// Where they went, in words.
  public String sentence() {
    List<String> parts = new ArrayList<>();
    add(parts, table, "in the table");
    add(parts, heads, "in heads");
    add(parts, stub, "in the stub");
    add(parts, words, "in words above");
    add(parts, notes, "in notes");
    add(parts, leftOut, "left out by you");
    add(parts, placeless.size(), "without a place");
    String count = all() == 1 ? "1 figure" : all() + " figures";
    return parts.isEmpty() ? "No figures." : count + ": " + String.join(", ", parts) + ".";
  }

  private static void add(List<String> parts, int count, String where) {
    if (count > 0) {
      parts.add(count + " " + where);
    }
  }
}
