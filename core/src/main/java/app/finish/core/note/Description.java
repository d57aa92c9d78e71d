package app.finish.core.note;

import app.finish.core.table.Axis;
import app.finish.core.table.Heading;
import app.finish.core.table.Held;
import app.finish.core.table.Leaf;
import app.finish.core.table.Table;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/// What a table is, for those who can't see it: its title, what goes down and across, and how large
/// it is. Its figures are read in the table itself.
///
/// ```java
/// Description.of(table); // "Fares by route. 12 rows of Route and Season, 2 columns: Fares, Cost."
/// ```
public final class Description {
  private static final int MOST_NAMES = 8;

  private Description() {}

  /// The description in one or two sentences.
  public static String of(Table table) {
    List<String> parts = new ArrayList<>();
    String title = table.words().title().strip();
    if (!title.isEmpty()) {
      parts.add(title + (title.matches(".*[.!?]$") ? "" : "."));
    }
    parts.add(side(table.down(), "row") + ", " + side(table.across(), "column") + ".");
    String held =
        table.held().stream()
            .map(Held::member)
            .filter(one -> !one.isBlank())
            .collect(Collectors.joining(", "));
    if (!held.isEmpty()) {
      parts.add("All of it is for " + held + ".");
    }
    if (!table.words().units().isBlank()) {
      parts.add(table.words().units().replaceFirst("\\.$", "") + ".");
    }
    return String.join(" ", parts);
  }

  private static String side(Axis axis, String line) {
    int size = axis.leaves().size();
    String count = size + " " + line + (size == 1 ? "" : "s");
    String names =
        axis.dimensions().stream()
            .filter(name -> !name.isBlank())
            .collect(Collectors.joining(" and "));
    if (!names.isEmpty()) {
      return count + " of " + names;
    }
    List<String> labels = labels(axis);
    return labels.isEmpty() ? count : count + ": " + String.join(", ", labels);
  }

  /// The labels of a short side, each once.
  private static List<String> labels(Axis axis) {
    if (axis.leaves().size() > MOST_NAMES) {
      return List.of();
    }
    Set<String> seen = new TreeSet<>();
    return axis.leaves().stream()
        .map(Leaf::heading)
        .map(Heading::label)
        .filter(label -> !label.isBlank() && seen.add(label))
        .toList();
  }
}
