package app.finish.core.check.arithmetic;

import app.finish.core.check.Finding;
import java.util.List;

/// No figure is beyond what its kind can be: a probability is from 0 to 1, a deviation is not below
/// zero.
public final class FiguresPossible extends ResultCheck {
  @Override
  public String id() {
    return "arithmetic.possible";
  }

  @Override
  public String asks() {
    return "No figure is beyond what its kind can be";
  }

  @Override
  public String why() {
    return "A probability, a share of variance or a correlation can't pass 1; deviations, errors,"
        + " sums of squares, F and χ² are never below zero.";
  }

  @Override
  void look(ResultLine line, ResultLines lines, List<Finding> findings) {
    line.figures()
        .forEach(
            (quantity, figure) -> {
              double low = low(quantity);
              double high = high(quantity);
              if (figure.number() < low || figure.number() > high) {
                findings.add(
                    wrong(
                        line,
                        quantity,
                        bounds(low, high),
                        quantity.sign()
                            + " is "
                            + figure.written()
                            + ", but "
                            + words(low, high)
                            + "."));
              }
            });
  }

  private static double low(Quantity quantity) {
    return switch (quantity) {
      case PROBABILITY,
          DEVIATION,
          STANDARD_ERROR,
          F,
          CHI_SQUARE,
          WALD,
          SQUARES,
          MEAN_SQUARE,
          ETA,
          PARTIAL_ETA,
          DETERMINATION,
          COUNT,
          FREEDOM,
          FREEDOM_EFFECT,
          FREEDOM_ERROR,
          RATIO ->
          0;
      case CORRELATION, SHARE -> -1;
      default -> Double.NEGATIVE_INFINITY;
    };
  }

  private static double high(Quantity quantity) {
    return switch (quantity) {
      case PROBABILITY, ETA, PARTIAL_ETA, DETERMINATION, ADJUSTED, CORRELATION, SHARE -> 1;
      default -> Double.POSITIVE_INFINITY;
    };
  }

  private static String bounds(double low, double high) {
    return Double.isInfinite(low)
        ? "at most 1"
        : Double.isInfinite(high) ? "0 or more" : (int) low + " to 1";
  }

  private static String words(double low, double high) {
    return Double.isInfinite(low)
        ? "it can't pass 1"
        : Double.isInfinite(high)
            ? "it can't be below zero"
            : "it lies from " + (int) low + " to 1";
  }
}
