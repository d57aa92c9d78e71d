package app.finish.formats.corpus;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/// How many facts of each class were found, of how many.
final class Facts {
  /// A class of fact.
  enum Of {
    /// How many tables a file holds.
    TABLES,
    /// Title, line of units, notes, source, held members.
    WORDS,
    /// The labels that lead to a row.
    ROW_LABELS,
    /// The labels that lead to a column.
    COLUMN_LABELS,
    /// The names of the dimensions.
    DIMENSIONS,
    /// Which lines are totals.
    TOTALS,
    /// What kind of figure each is.
    KINDS,
    /// Units.
    UNITS,
    /// A row of figures in its place.
    FIGURES
  }

  private final Map<Of, int[]> counts = new EnumMap<>(Of.class);
  private final List<String> wrong = new ArrayList<>();

  /// Counts a fact.
  ///
  /// @param missed says what is wrong if it was not found
  void count(Of kind, boolean found, String missed) {
    int[] count = counts.computeIfAbsent(kind, one -> new int[2]);
    count[0] += found ? 1 : 0;
    count[1]++;
    if (!found) {
      wrong.add(kind + ": " + missed);
    }
  }

  /// What was not found, a line each.
  List<String> wrong() {
    return wrong;
  }

  /// The share that was found of a class, from 0 to 1; 1 if there is no such fact.
  double share(Of kind) {
    int[] count = counts.get(kind);
    return count == null ? 1 : (double) count[0] / count[1];
  }

  /// How many facts of a class there are.
  int size(Of kind) {
    return counts.containsKey(kind) ? counts.get(kind)[1] : 0;
  }

  /// The share of all facts that was found.
  double share() {
    int found = 0;
    int all = 0;
    for (int[] count : counts.values()) {
      found += count[0];
      all += count[1];
    }
    return all == 0 ? 1 : (double) found / all;
  }

  /// Adds what was counted elsewhere, so that a table counts as one whatever its size.
  void addShares(Facts table) {
    for (Of kind : table.counts.keySet()) {
      int[] count = counts.computeIfAbsent(kind, one -> new int[2]);
      count[0] += (int) Math.round(1000 * table.share(kind));
      count[1] += 1000;
    }
  }
}
