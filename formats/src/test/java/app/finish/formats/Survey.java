package app.finish.formats;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;
import org.apache.commons.math3.distribution.ChiSquaredDistribution;
import org.apache.commons.math3.distribution.FDistribution;
import org.apache.commons.math3.distribution.TDistribution;
import org.apache.commons.math3.linear.LUDecomposition;
import org.apache.commons.math3.linear.MatrixUtils;
import org.apache.commons.math3.linear.RealMatrix;

/// A made-up survey of Marram Sound's passengers from a seeded generator, and the statistics that
/// the samples print.
public final class Survey {
  public static final String[] AGES = {"18–24", "25–39", "40–64", "65+"};
  static final String[] HOMES = {"Islander", "Visitor"};
  static final String[] TICKETS = {"Single", "Return", "Islander pass"};

  /// One passenger's answers; scales from 1 to 5, NaN where no answer was given.
  ///
  /// @param ticket the place of the ticket, or −1 for no answer
  public record Answer(
      int age, int home, int ticket, double comfort, double trust, double crowding) {}

  final List<Answer> answers = new ArrayList<>();

  public Survey() {
    Random random = new Random(960);
    for (int i = 0; i < 960; i++) {
      int age = pick(random, 0.14, 0.29, 0.38, 0.19);
      int home = random.nextDouble() < 0.42 ? 0 : 1;
      int ticket =
          random.nextDouble() < 0.05
              ? -1
              : home == 0 ? pick(random, 0.2, 0.35, 0.45) : pick(random, 0.45, 0.5, 0.05);
      double crowding = scale(3.1 + 0.25 * home + 0.9 * random.nextGaussian());
      double trust =
          scale(3.6 - 0.35 * (1 - home) - 0.2 * (crowding - 3) + 0.8 * random.nextGaussian());
      double comfort =
          scale(
              1.6
                  + 0.45 * trust
                  - 0.3 * (crowding - 3)
                  + 0.08 * age
                  + 0.15 * Math.max(0, ticket)
                  + 0.7 * random.nextGaussian());
      answers.add(
          new Answer(
              age,
              home,
              ticket,
              random.nextDouble() < 0.04 ? Double.NaN : comfort,
              random.nextDouble() < 0.06 ? Double.NaN : trust,
              random.nextDouble() < 0.03 ? Double.NaN : crowding));
    }
  }

  private static int pick(Random random, double... shares) {
    double at = random.nextDouble();
    for (int i = 0; i < shares.length - 1; i++) {
      at -= shares[i];
      if (at < 0) {
        return i;
      }
    }
    return shares.length - 1;
  }

  private static double scale(double value) {
    return Math.max(1, Math.min(5, Math.round(value * 4) / 4.0));
  }

  public double[] values(ToDoubleFunction<Answer> of, Predicate<Answer> where) {
    return answers.stream()
        .filter(where)
        .mapToDouble(of)
        .filter(value -> !Double.isNaN(value))
        .toArray();
  }

  long count(Predicate<Answer> where) {
    return answers.stream().filter(where).count();
  }

  public static double mean(double[] values) {
    return Arrays.stream(values).average().orElse(Double.NaN);
  }

  static double deviation(double[] values) {
    double mean = mean(values);
    double sum = Arrays.stream(values).map(value -> (value - mean) * (value - mean)).sum();
    return Math.sqrt(sum / (values.length - 1));
  }

  static double error(double[] values) {
    return deviation(values) / Math.sqrt(values.length);
  }

  static double p(double t, double df) {
    return 2 * new TDistribution(df).cumulativeProbability(-Math.abs(t));
  }

  static double critical(double df) {
    return new TDistribution(df).inverseCumulativeProbability(0.975);
  }

  static double pOfF(double f, double df1, double df2) {
    return 1 - new FDistribution(df1, df2).cumulativeProbability(f);
  }

  static double pOfChi(double chi, double df) {
    return 1 - new ChiSquaredDistribution(df).cumulativeProbability(chi);
  }

  /// A correlation of pairs.
  record Correlation(double r, double p, int n) {}

  Correlation correlation(ToDoubleFunction<Answer> x, ToDoubleFunction<Answer> y) {
    double[][] pairs =
        answers.stream()
            .map(answer -> new double[] {x.applyAsDouble(answer), y.applyAsDouble(answer)})
            .filter(pair -> !Double.isNaN(pair[0] + pair[1]))
            .toArray(double[][]::new);
    double[] xs = Arrays.stream(pairs).mapToDouble(pair -> pair[0]).toArray();
    double[] ys = Arrays.stream(pairs).mapToDouble(pair -> pair[1]).toArray();
    double mx = mean(xs);
    double my = mean(ys);
    double sum = 0;
    for (double[] pair : pairs) {
      sum += (pair[0] - mx) * (pair[1] - my);
    }
    double r = sum / (pairs.length - 1) / deviation(xs) / deviation(ys);
    double t = r * Math.sqrt((pairs.length - 2) / (1 - r * r));
    return new Correlation(r, p(t, pairs.length - 2), pairs.length);
  }

  /// A least-squares fit.
  ///
  /// @param b coefficients, the constant first
  /// @param se their standard errors
  /// @param beta coefficients of the variables in standard deviations, of no use for the constant
  /// @param sse residual sum of squares
  /// @param sst total sum of squares about the mean
  record Fit(double[] b, double[] se, double[] beta, double sse, double sst, int n) {
    double df() {
      return n - b.length;
    }
  }

  static Fit fit(double[] y, double[]... predictors) {
    int n = y.length;
    double[][] x = new double[n][predictors.length + 1];
    for (int i = 0; i < n; i++) {
      x[i][0] = 1;
      for (int k = 0; k < predictors.length; k++) {
        x[i][k + 1] = predictors[k][i];
      }
    }
    RealMatrix design = MatrixUtils.createRealMatrix(x);
    RealMatrix inverse =
        new LUDecomposition(design.transpose().multiply(design)).getSolver().getInverse();
    double[] b = inverse.operate(design.transpose().operate(y));
    double[] fitted = design.operate(b);
    double sse = 0;
    double sst = 0;
    double mean = mean(y);
    for (int i = 0; i < n; i++) {
      sse += (y[i] - fitted[i]) * (y[i] - fitted[i]);
      sst += (y[i] - mean) * (y[i] - mean);
    }
    double[] se = new double[b.length];
    double[] beta = new double[b.length];
    for (int k = 0; k < b.length; k++) {
      se[k] = Math.sqrt(sse / (n - b.length) * inverse.getEntry(k, k));
      beta[k] = k == 0 ? 0 : b[k] * deviation(predictors[k - 1]) / deviation(y);
    }
    return new Fit(b, se, beta, sse, sst, n);
  }
}
