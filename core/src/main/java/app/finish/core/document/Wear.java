package app.finish.core.document;

import app.finish.core.table.Measure;
import app.finish.core.table.MeasureKind;
import app.finish.core.table.Table;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

/// Which style a new table wears, by its kind.
///
/// ```java
/// Wear wear = Wear.NONE.with(Wear.Kind.STATISTICS, "APA 7");
/// wear.style(Wear.Kind.of(table)); // APA 7 for a table of means
/// ```
///
/// @param styles the name of a style for kinds of tables
public record Wear(Map<Kind, String> styles) {
  /// Nothing is said.
  public static final Wear NONE = new Wear(Map.of());

  /// Kinds of tables.
  public enum Kind {
    /// Counts, sums and shares: crosstabs and pivots.
    COUNTS,
    /// Means, tests, correlations: statistical output.
    STATISTICS;

    /// The kind of a table: one with a statistic among its measures is statistical output.
    public static Kind of(Table table) {
      return table.measures().stream().map(Measure::kind).anyMatch(Kind::isStatistic)
          ? STATISTICS
          : COUNTS;
    }

    private static boolean isStatistic(MeasureKind kind) {
      return switch (kind) {
        case SUM, COUNT, PERCENT, RATIO, VALUE -> false;
        default -> true;
      };
    }
  }

  /// Copies the names.
  public Wear {
    Map<Kind, String> copy = new EnumMap<>(Kind.class);
    copy.putAll(styles);
    styles = Collections.unmodifiableMap(copy);
  }

  /// The same, with a style for a kind.
  public Wear with(Kind kind, String style) {
    Map<Kind, String> more = new EnumMap<>(Kind.class);
    more.putAll(styles);
    more.put(kind, style);
    return new Wear(more);
  }

  /// The same, with nothing said for a kind.
  public Wear without(Kind kind) {
    Map<Kind, String> fewer = new EnumMap<>(Kind.class);
    fewer.putAll(styles);
    fewer.remove(kind);
    return new Wear(fewer);
  }

  /// The style for a kind, if one is said.
  public Optional<String> style(Kind kind) {
    return Optional.ofNullable(styles.get(kind));
  }
}
