package app.finish.core.table;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// The levels of probability that stars stand for: one star for the largest (APA 7, 7.14).
///
/// ```java
/// new ProbabilityLevels(List.of(0.05, 0.01)).stars(0.003); // "**"
/// ```
///
/// @param levels the levels, the largest first
public record ProbabilityLevels(List<Double> levels) {
  private static final Pattern LIMIT = Pattern.compile("[<≤]\\s*(0?[.,][0-9]+)");

  /// Copies the list.
  public ProbabilityLevels {
    levels = List.copyOf(levels);
  }

  /// The probability that a cell tells; one that is told by a limit, "< .001", lies below it.
  public static OptionalDouble probability(Value value) {
    if (value instanceof Value.Numeric number) {
      return OptionalDouble.of(number.number());
    }
    Matcher limit = LIMIT.matcher(value.written().strip());
    return limit.find()
        ? OptionalDouble.of(Math.nextDown(Double.parseDouble(limit.group(1).replace(',', '.'))))
        : OptionalDouble.empty();
  }

  /// The stars of a probability; none for one that passes no level.
  public String stars(double p) {
    return "*".repeat((int) levels.stream().filter(level -> p < level).count());
  }

  /// The note on those levels whose stars stand in a table; the empty string if none does.
  public String note(Marks marks) {
    Set<String> there = marks.all();
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
