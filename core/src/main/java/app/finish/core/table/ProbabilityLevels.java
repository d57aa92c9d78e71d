package app.finish.core.table;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/// The levels of probability that stars stand for: one star for the largest (APA 7, 7.14).
///
/// ```java
/// new ProbabilityLevels(List.of(0.05, 0.01)).stars(0.003); // "**"
/// ```
///
/// @param levels the levels, the largest first
public record ProbabilityLevels(List<Double> levels) {
  /// Copies the list.
  public ProbabilityLevels {
    levels = List.copyOf(levels);
  }

  /// The stars of a probability; none for one that passes no level.
  public String stars(double p) {
    return "*".repeat((int) levels.stream().filter(level -> p < level).count());
  }

  /// The note on those levels whose stars stand in a table; the empty string if none does.
  public String note(Marks marks) {
    Set<String> there = new HashSet<>();
    marks.byPlace().values().forEach(mark -> there.addAll(List.of(mark.split("\\s*,\\s*"))));
    List<String> said = new ArrayList<>();
    for (int i = 0; i < levels.size(); i++) {
      String stars = "*".repeat(i + 1);
      if (there.contains(stars)) {
        said.add(stars + "p < " + written(levels.get(i)) + ".");
      }
    }
    return String.join(" ", said);
  }

  /// A level as journals write it: ".05".
  public static String written(double level) {
    return BigDecimal.valueOf(level).stripTrailingZeros().toPlainString().replaceFirst("^0", "");
  }
}
