package app.finish.core.arrange.make;

import app.finish.core.table.Leaf;
import app.finish.core.table.Measure;
import app.finish.core.table.MeasureKind;
import app.finish.core.table.ProbabilityLevels;
import app.finish.core.table.Table;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// What a table of pairwise comparisons says: which groups were compared, and which differ.
///
/// ```java
/// Comparisons.of(table, 0.05).orElseThrow().differ(); // [Hale ≠ Skell]
/// ```
///
/// @param groups the groups, in the order in which they are compared first
/// @param differ the pairs that differ, each two groups
public record Comparisons(List<String> groups, List<List<String>> differ) {
  private static final Pattern PAIR =
      Pattern.compile("(.+?)\\s*(?:\\s[-–—−]\\s|\\svs\\.?\\s|\\s×\\s|\\sand\\s|[–—−])\\s*(.+)");

  /// Copies the lists.
  public Comparisons {
    groups = List.copyOf(groups);
    differ = List.copyOf(differ);
  }

  /// What a table says, if it compares groups in pairs and tells probabilities.
  ///
  /// @param level the level below which groups differ
  public static Optional<Comparisons> of(Table table, double level) {
    Set<String> groups = new LinkedHashSet<>();
    List<List<String>> differ = new ArrayList<>();
    int column = probabilities(table);
    int compared = 0;
    for (Leaf leaf : column < 0 ? List.<Leaf>of() : table.down().leaves()) {
      Optional<List<String>> pair = pair(leaf);
      OptionalDouble p = ProbabilityLevels.probability(table.body().at(leaf.index(), column));
      if (pair.isPresent() && p.isPresent()) {
        compared++;
        groups.addAll(pair.get());
        boolean known = differ.contains(pair.get().reversed()) || differ.contains(pair.get());
        if (p.getAsDouble() < level && !known) {
          differ.add(pair.get());
        }
      }
    }
    int size = groups.size();
    boolean all = size > 2 && compared >= size * (size - 1) / 2;
    return all ? Optional.of(new Comparisons(List.copyOf(groups), differ)) : Optional.empty();
  }

  private static int probabilities(Table table) {
    for (int column = 0; table.body().rows() > 0 && column < table.body().columns(); column++) {
      Measure measure = table.measureAt(0, column);
      if (measure.kind() == MeasureKind.P) {
        return column;
      }
    }
    return -1;
  }

  /// Two names in one label, or in the two innermost levels.
  private static Optional<List<String>> pair(Leaf leaf) {
    Matcher both = PAIR.matcher(leaf.heading().label().strip());
    if (both.matches()) {
      return Optional.of(List.of(both.group(1).strip(), both.group(2).strip()));
    }
    int depth = leaf.path().size();
    return depth < 2
        ? Optional.empty()
        : Optional.of(List.of(leaf.path().get(depth - 2).label(), leaf.heading().label()));
  }
}
