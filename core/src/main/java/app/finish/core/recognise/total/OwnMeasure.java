package app.finish.core.recognise.total;

import app.finish.core.recognise.line.Line;
import java.util.List;

/// Tells a column that says total and is a measure of its own, as “Total cost” beside “Total crew”
/// or a country's total beside its share, from the total of the columns beside it.
public final class OwnMeasure {
  private OwnMeasure() {}

  /// Whether a line is no sum of others, and its figures do not lie between theirs.
  public static boolean isOne(List<Line> lines, int line) {
    double[] claimed = lines.get(line).values();
    int compared = 0;
    int sums = 0;
    int within = 0;
    for (int i = 0; i < claimed.length; i++) {
      if (Double.isNaN(claimed[i])) {
        continue;
      }
      double run = 0;
      double least = Double.POSITIVE_INFINITY;
      double most = Double.NEGATIVE_INFINITY;
      int count = 0;
      boolean sum = false;
      for (int other = line - 1; other >= 0; other--) {
        double one = lines.get(other).values()[i];
        if (!Double.isNaN(one)) {
          run += one;
          count++;
          least = Math.min(least, one);
          most = Math.max(most, one);
          sum |= count > 1 && isNear(run, claimed[i], count);
        }
      }
      run = 0;
      for (int other = line + 1; other < lines.size(); other++) {
        double one = lines.get(other).values()[i];
        if (!Double.isNaN(one)) {
          run += one;
          count++;
          least = Math.min(least, one);
          most = Math.max(most, one);
          sum |= count > 1 && isNear(run, claimed[i], count);
        }
      }
      compared += count > 0 ? 1 : 0;
      sums += sum ? 1 : 0;
      within += count > 1 && claimed[i] >= least && claimed[i] <= most ? 1 : 0;
    }
    return compared > 1 && sums * 4 < compared && within * 2 < compared;
  }

  private static boolean isNear(double sum, double claimed, int count) {
    return Math.abs(sum - claimed) <= count * 0.5 + 0.005 * Math.abs(claimed);
  }
}
