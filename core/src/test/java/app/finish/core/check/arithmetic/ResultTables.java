package app.finish.core.check.arithmetic;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.Set;
import org.apache.commons.statistics.distribution.ChiSquaredDistribution;
import org.apache.commons.statistics.distribution.FDistribution;
import org.apache.commons.statistics.distribution.TDistribution;

/// Correct tables of results, computed from made-up data and rounded as journals print them, for
/// tests.
///
/// ```java
/// ResultTables.Made made = ResultTables.random(new Random(1));
/// made.lines(); // "Vessel | M | SD | …"
/// ```
final class ResultTables {
  private static final List<String> NAMES =
      List.of("Comfort", "Trust", "Crowding", "Waiting", "Fares", "Sea state");

  /// A table.
  ///
  /// @param kind of which analysis it is
  /// @param cells its cells, the heads first
  /// @param after what stands below it
  /// @param determined the columns in which each figure follows from the others
  record Made(String kind, List<List<String>> cells, List<String> after, Set<String> determined) {
    String[] lines() {
      List<String> lines = new ArrayList<>();
      cells.forEach(row -> lines.add(String.join(" | ", row)));
      lines.addAll(after);
      return lines.toArray(String[]::new);
    }
  }

  private ResultTables() {}

  static Made random(Random random) {
    return switch (random.nextInt(7)) {
      case 0 -> differences(random);
      case 1 -> variance(random);
      case 2 -> regression(random);
      case 3 -> counts(random);
      case 4 -> correlations(random);
      case 5 -> descriptives(random);
      default -> frequencies(random);
    };
  }

  static String number(double number, int decimals) {
    return String.format(Locale.ROOT, "%." + decimals + "f", number);
  }

  /// Without the zero before the point.
  static String bare(double number, int decimals) {
    return number(number, decimals).replaceFirst("^(-?)0\\.", "$1.");
  }

  static String p(double p) {
    return p < 0.001 ? "<.001" : bare(p, 3);
  }

  private static double[] normal(Random random, int n, double mean, double deviation) {
    double[] data = new double[n];
    for (int i = 0; i < n; i++) {
      data[i] = mean + deviation * random.nextGaussian();
    }
    return data;
  }

  private static double mean(double[] data) {
    double sum = 0;
    for (double one : data) {
      sum += one;
    }
    return sum / data.length;
  }

  private static double squares(double[] data) {
    double mean = mean(data);
    double sum = 0;
    for (double one : data) {
      sum += (one - mean) * (one - mean);
    }
    return sum;
  }

  /// Student's test of two groups, with the difference and its interval.
  private static Made differences(Random random) {
    List<List<String>> cells = new ArrayList<>();
    cells.add(List.of("Scale", "Mean difference", "SE", "t", "df", "p", "95% CI LL", "95% CI UL"));
    for (String name : NAMES.subList(0, 3 + random.nextInt(3))) {
      int n = 12 + random.nextInt(60);
      int m = 12 + random.nextInt(60);
      double[] one = normal(random, n, 3 + random.nextDouble(), 1.1);
      double[] other = normal(random, m, 3, 1.1);
      double df = n + m - 2;
      double pooled = (squares(one) + squares(other)) / df;
      double error = Math.sqrt(pooled * (1.0 / n + 1.0 / m));
      double difference = mean(one) - mean(other);
      double t = difference / error;
      double reach = Tails.critical(0.95, df) * error;
      cells.add(
          List.of(
              name,
              number(difference, 2),
              number(error, 3),
              number(t, 2),
              number(df, 0),
              p(2 * TDistribution.of(df).survivalProbability(Math.abs(t))),
              number(difference - reach, 2),
              number(difference + reach, 2)));
    }
    return new Made("differences", cells, List.of(), Set.of("t", "p", "95% CI LL", "95% CI UL"));
  }

  /// A one-way analysis of variance.
  private static Made variance(Random random) {
    int groups = 2 + random.nextInt(4);
    double within = 0;
    int all = 0;
    double sum = 0;
    double[] means = new double[groups];
    int[] sizes = new int[groups];
    for (int g = 0; g < groups; g++) {
      sizes[g] = 8 + random.nextInt(30);
      double[] data = normal(random, sizes[g], 20 + 4 * random.nextDouble(), 5);
      means[g] = mean(data);
      within += squares(data);
      all += sizes[g];
      sum += means[g] * sizes[g];
    }
    double between = 0;
    for (int g = 0; g < groups; g++) {
      between += sizes[g] * Math.pow(means[g] - sum / all, 2);
    }
    double effect = groups - 1;
    double error = all - groups;
    double f = between / effect / (within / error);
    List<List<String>> cells = new ArrayList<>();
    cells.add(List.of("Source", "SS", "df", "MS", "F", "p", "η²"));
    cells.add(
        List.of(
            "Season",
            number(between, 2),
            number(effect, 0),
            number(between / effect, 2),
            number(f, 2),
            p(FDistribution.of(effect, error).survivalProbability(f)),
            bare(between / (between + within), 2)));
    cells.add(
        List.of(
            "Error", number(within, 2), number(error, 0), number(within / error, 2), "", "", ""));
    cells.add(List.of("Total", number(between + within, 2), number(all - 1, 0), "", "", "", ""));
    return new Made("variance", cells, List.of(), Set.of("df", "MS", "F", "p", "η²"));
  }

  private static Made regression(Random random) {
    List<List<String>> cells = new ArrayList<>();
    cells.add(List.of("Predictor", "b", "SE", "t", "df", "p", "95 % CI"));
    double df = 40 + random.nextInt(200);
    for (String name : NAMES) {
      double estimate = 3 * random.nextGaussian();
      double error = 0.3 + random.nextDouble();
      double t = estimate / error;
      double reach = Tails.critical(0.95, df) * error;
      cells.add(
          List.of(
              name,
              number(estimate, 2),
              number(error, 2),
              number(t, 2),
              number(df, 0),
              p(2 * TDistribution.of(df).survivalProbability(Math.abs(t))),
              "[" + number(estimate - reach, 2) + ", " + number(estimate + reach, 2) + "]"));
    }
    return new Made("regression", cells, List.of(), Set.of("t", "p"));
  }

  /// A crosstab with its χ² below.
  private static Made counts(Random random) {
    int[][] counts = new int[2 + random.nextInt(3)][2];
    double[] rows = new double[counts.length];
    double[] columns = new double[2];
    double all = 0;
    for (int i = 0; i < counts.length; i++) {
      for (int j = 0; j < 2; j++) {
        counts[i][j] = 9 + random.nextInt(60);
        rows[i] += counts[i][j];
        columns[j] += counts[i][j];
        all += counts[i][j];
      }
    }
    double square = 0;
    for (int i = 0; i < counts.length; i++) {
      for (int j = 0; j < 2; j++) {
        double expected = rows[i] * columns[j] / all;
        square += Math.pow(counts[i][j] - expected, 2) / expected;
      }
    }
    List<List<String>> cells = new ArrayList<>();
    cells.add(List.of("Ticket", "Island", "Mainland", "Total"));
    for (int i = 0; i < counts.length; i++) {
      cells.add(
          List.of(
              List.of("Single", "Return", "Season", "Ten trips").get(i),
              "" + counts[i][0],
              "" + counts[i][1],
              number(rows[i], 0)));
    }
    cells.add(List.of("Total", number(columns[0], 0), number(columns[1], 0), number(all, 0)));
    double df = counts.length - 1;
    double p = ChiSquaredDistribution.of(df).survivalProbability(square);
    String note =
        "Note. χ²("
            + (int) df
            + ", N = "
            + (int) all
            + ") = "
            + number(square, 2)
            + (p < 0.001 ? ", p < .001." : ", p = " + bare(p, 3) + ".");
    return new Made("counts", cells, List.of(note), Set.of("Island", "Mainland", "Total"));
  }

  private static Made correlations(Random random) {
    List<List<String>> cells = new ArrayList<>();
    cells.add(List.of("Pair", "r", "n", "p"));
    for (int i = 0; i < NAMES.size() - 1; i++) {
      int n = 15 + random.nextInt(120);
      double r = Math.tanh(0.5 * random.nextGaussian());
      double rounded = Math.rint(r * 1000) / 1000;
      double t = Math.abs(rounded) * Math.sqrt((n - 2) / (1 - rounded * rounded));
      cells.add(
          List.of(
              NAMES.get(i) + " with " + NAMES.get(i + 1),
              bare(rounded, 3),
              "" + n,
              p(2 * TDistribution.of(n - 2).survivalProbability(t))));
    }
    return new Made("correlations", cells, List.of(), Set.of("p"));
  }

  /// Answers on a scale from 1 to 5.
  private static Made descriptives(Random random) {
    List<List<String>> cells = new ArrayList<>();
    cells.add(List.of("Scale", "n", "M", "SD", "Min", "Max"));
    for (String name : NAMES) {
      double[] data = new double[8 + random.nextInt(30)];
      double least = 5;
      double most = 1;
      for (int i = 0; i < data.length; i++) {
        data[i] = 1 + random.nextInt(5);
        least = Math.min(least, data[i]);
        most = Math.max(most, data[i]);
      }
      cells.add(
          List.of(
              name,
              "" + data.length,
              number(mean(data), 2),
              number(Math.sqrt(squares(data) / (data.length - 1)), 2),
              number(least, 0),
              number(most, 0)));
    }
    return new Made("descriptives", cells, List.of(), Set.of());
  }

  private static Made frequencies(Random random) {
    int[] counts = new int[4 + random.nextInt(3)];
    int all = 0;
    for (int i = 0; i < counts.length; i++) {
      counts[i] = 3 + random.nextInt(200);
      all += counts[i];
    }
    List<List<String>> cells = new ArrayList<>();
    cells.add(List.of("Quay", "n", "%"));
    for (int i = 0; i < counts.length; i++) {
      cells.add(List.of(NAMES.get(i), "" + counts[i], number(100.0 * counts[i] / all, 1)));
    }
    cells.add(List.of("Total", "" + all, "100.0"));
    return new Made("frequencies", cells, List.of(), Set.of("%", "n"));
  }
}
