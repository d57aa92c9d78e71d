package app.finish.core.recognise.line;

import java.util.List;

/// A row or a column of figures with its labels, one a level, empty where it has none.
///
/// @param index its row or column in the grid, or its number among its like
/// @param labels a label a level, from the outermost; empty strings where there is none
/// @param values the figures along it, NaN where there is none
/// @param decimals the decimals that the figures were written with
/// @param emphasised whether its label is set in bold
public record Line(
    int index, List<String> labels, double[] values, int[] decimals, boolean emphasised) {
  /// The same line under other labels.
  Line withLabels(List<String> others) {
    return new Line(index, List.copyOf(others), values, decimals, emphasised);
  }

  /// The last label that is not empty, or the empty string.
  public String label() {
    for (int level = labels.size() - 1; level >= 0; level--) {
      if (!labels.get(level).isEmpty()) {
        return labels.get(level);
      }
    }
    return "";
  }

  /// How many labels from the outermost are the same as the other's and not empty.
  public int sharedLevels(Line other) {
    int shared = 0;
    while (shared < labels.size()
        && shared < other.labels.size()
        && !labels.get(shared).isEmpty()
        && labels.get(shared).equals(other.labels.get(shared))) {
      shared++;
    }
    return shared;
  }

  /// How deep its labels go.
  public int depth() {
    int depth = labels.size();
    while (depth > 0 && labels.get(depth - 1).isEmpty()) {
      depth--;
    }
    return depth;
  }
}
