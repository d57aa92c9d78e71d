package app.finish.core.check.arithmetic;

import app.finish.core.check.Finding;
import java.util.List;
import java.util.Optional;

/// Shares of variance follow from the sums of squares or from *F*: η², partial η², *R*² and what it
/// is when adjusted.
public final class EffectsFollow extends ResultCheck {
  @Override
  public String id() {
    return "arithmetic.effect";
  }

  @Override
  public String asks() {
    return "η² and R² follow from the sums of squares, or from F and its degrees of freedom";
  }

  @Override
  void look(ResultLine line, ResultLines lines, List<Finding> findings) {
    if (line.has(Quantity.PARTIAL_ETA) && !SquaresFollow.isError(line)) {
      partial(line, lines, findings);
    }
    if (line.has(Quantity.ETA, Quantity.SQUARES) && !SquaresFollow.isError(line)) {
      Optional<ResultLine> total = total(line, lines);
      total
          .filter(one -> one != line)
          .ifPresent(
              one -> {
                Range share =
                    line.at(Quantity.SQUARES).range().over(one.at(Quantity.SQUARES).range());
                Optional<Range> own = ofItsOwn(line, lines);
                boolean partial = own.isPresent() && line.at(Quantity.ETA).range().meets(own.get());
                if (!partial) {
                  compare(line, Quantity.ETA, share, "its SS over the total’s", findings);
                }
              });
    }
    if (line.has(Quantity.DETERMINATION, Quantity.CORRELATION)) {
      Range square = line.at(Quantity.CORRELATION).range().squared();
      compare(line, Quantity.DETERMINATION, square, said(line, Quantity.CORRELATION), findings);
    }
    if (line.has(Quantity.DETERMINATION, Quantity.FREEDOM_EFFECT, Quantity.FREEDOM_ERROR)) {
      determination(line, findings);
    }
  }

  private static Optional<ResultLine> total(ResultLine line, ResultLines lines) {
    return lines.lines().stream()
        .filter(one -> one.group().equals(line.group()) && one.has(Quantity.SQUARES))
        .filter(one -> !one.label().isEmpty())
        .filter(one -> one.label().getLast().strip().matches("(?i)(\\p{L}+ )?total"))
        .reduce((first, second) -> second);
  }

  /// The share of its own squares and the error's.
  private static Optional<Range> ofItsOwn(ResultLine line, ResultLines lines) {
    Optional<ResultLine> error = SquaresFollow.errorOf(line, lines);
    if (line.has(Quantity.SQUARES) && error.filter(one -> one.has(Quantity.SQUARES)).isPresent()) {
      Range own = line.at(Quantity.SQUARES).range();
      Range other = error.get().at(Quantity.SQUARES).range();
      return Optional.of(
          new Range(
              own.low() / (own.low() + other.high()), own.high() / (own.high() + other.low())));
    }
    return Optional.empty();
  }

  private void partial(ResultLine line, ResultLines lines, List<Finding> findings) {
    Optional<Range> squares = ofItsOwn(line, lines);
    if (squares.isPresent()) {
      compare(line, Quantity.PARTIAL_ETA, squares.get(), "its SS and the error’s", findings);
      return;
    }
    Optional<Double> effect =
        line.get(Quantity.FREEDOM_EFFECT)
            .or(() -> line.get(Quantity.FREEDOM))
            .map(Reported::number);
    Optional<Double> error =
        line.get(Quantity.FREEDOM_ERROR)
            .or(() -> SquaresFollow.errorOf(line, lines).flatMap(one -> one.get(Quantity.FREEDOM)))
            .map(Reported::number);
    if (line.has(Quantity.F) && effect.isPresent() && error.isPresent() && error.get() > 0) {
      Range f = line.at(Quantity.F).range();
      Range share =
          new Range(
              share(Math.max(0, f.low()), effect.get(), error.get()),
              share(f.high(), effect.get(), error.get()));
      String how = said(line, Quantity.F) + " with its degrees of freedom";
      compare(line, Quantity.PARTIAL_ETA, share, how, findings);
    }
  }

  private static double share(double f, double effect, double error) {
    return f * effect / (f * effect + error);
  }

  /// *F* = (R² / df1) / ((1 − R²) / df2); adjusted, R² is 1 − (1 − R²)(df1 + df2) / df2.
  private void determination(ResultLine line, List<Finding> findings) {
    double effect = line.at(Quantity.FREEDOM_EFFECT).number();
    double error = line.at(Quantity.FREEDOM_ERROR).number();
    Range r = line.at(Quantity.DETERMINATION).range();
    if (effect <= 0 || error <= 0 || r.low() < 0 || r.high() >= 1) {
      return;
    }
    String how = said(line, Quantity.DETERMINATION) + " with its degrees of freedom";
    if (line.has(Quantity.F)) {
      Range f =
          new Range(
              r.low() / effect / ((1 - r.low()) / error),
              r.high() / effect / ((1 - r.high()) / error));
      compare(line, Quantity.F, f, how, findings);
    }
    if (line.has(Quantity.ADJUSTED)) {
      Range adjusted =
          new Range(
              1 - (1 - r.low()) * (effect + error) / error,
              1 - (1 - r.high()) * (effect + error) / error);
      compare(line, Quantity.ADJUSTED, adjusted, how, findings);
    }
  }
}
