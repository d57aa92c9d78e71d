package app.finish.core.check.arithmetic;

import app.finish.core.check.Finding;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;

/// An interval holds its estimate and reaches as many standard errors to each side as its level
/// asks for: estimate ± *t* × *SE*. The normal distribution's reach is taken too, since it is used
/// for large samples. Where no degrees of freedom are told, it reaches no farther than that of
/// three.
public final class IntervalsFollow extends ResultCheck {
  private static final Pattern OTHERWISE =
      Pattern.compile(
          ".*\\b(bootstrap\\w*|bias[- ]corrected|bca|profile|bayes\\w*|credible|hdi|robust)\\b.*");

  @Override
  public String id() {
    return "arithmetic.interval";
  }

  @Override
  public String asks() {
    return "An interval holds its estimate, and follows from its standard error";
  }

  @Override
  void look(ResultLine line, ResultLines lines, List<Finding> findings) {
    if (!line.has(Quantity.LOWER, Quantity.UPPER)) {
      return;
    }
    Reported lower = line.at(Quantity.LOWER);
    Reported upper = line.at(Quantity.UPPER);
    if (lower.isLimit() || upper.isLimit()) {
      return;
    }
    if (lower.range().low() > upper.range().high()) {
      findings.add(
          wrong(
              line,
              Quantity.LOWER,
              "at most " + upper.written(),
              "the lower limit, "
                  + lower.written()
                  + ", is above the upper one, "
                  + upper.written()
                  + "."));
      return;
    }
    Optional<Quantity> estimate =
        line.firstOf(Quantity.RATIO, Quantity.ESTIMATE, Quantity.MEAN, Quantity.CORRELATION);
    if (estimate.isEmpty() || line.at(estimate.get()).isLimit()) {
      return;
    }
    if (!holds(line, estimate.get())) {
      findings.add(outside(line, estimate.get()));
    } else if (estimate.get() == Quantity.ESTIMATE || estimate.get() == Quantity.MEAN) {
      reaches(line, estimate.get(), lines, findings);
    }
  }

  private static boolean holds(ResultLine line, Quantity estimate) {
    Range own = line.at(estimate).range();
    return own.high() >= line.at(Quantity.LOWER).range().low()
        && own.low() <= line.at(Quantity.UPPER).range().high();
  }

  private Finding outside(ResultLine line, Quantity estimate) {
    String interval =
        "[" + line.at(Quantity.LOWER).written() + ", " + line.at(Quantity.UPPER).written() + "]";
    return wrong(
        line,
        estimate,
        "within " + interval,
        said(line, estimate) + " is not within its interval, " + interval + ".");
  }

  private void reaches(
      ResultLine line, Quantity estimate, ResultLines lines, List<Finding> findings) {
    if (line.level().isEmpty() || lines.says(OTHERWISE)) {
      return;
    }
    Range error = error(line, estimate);
    boolean pooled = !line.has(Quantity.STANDARD_ERROR) && isPooled(lines);
    if (error.low() <= 0 || !error.isBounded() || pooled) {
      return;
    }
    double level = line.level().get();
    Optional<Double> df = freedom(line);
    double normal = Tails.critical(level);
    double widest = line.has(Quantity.Z) ? normal : Tails.critical(level, df.orElse(3.0));
    Range critical = new Range(normal, widest);
    Range reach = error.times(critical);
    Range own = line.at(estimate).range();
    String how =
        said(line, estimate)
            + " and "
            + (line.has(Quantity.STANDARD_ERROR)
                ? said(line, Quantity.STANDARD_ERROR)
                : said(line, Quantity.DEVIATION) + " with " + said(line, Quantity.COUNT))
            + df.map(known -> " with df = " + ProbabilitiesFollow.number(known)).orElse("");
    compare(line, Quantity.LOWER, own.minus(reach), how, findings);
    compare(line, Quantity.UPPER, own.plus(reach), how, findings);
  }

  private static Range error(ResultLine line, Quantity estimate) {
    if (line.has(Quantity.STANDARD_ERROR)) {
      return line.at(Quantity.STANDARD_ERROR).range();
    }
    boolean known =
        estimate == Quantity.MEAN
            && line.has(Quantity.DEVIATION, Quantity.COUNT)
            && line.at(Quantity.COUNT).number() > 1;
    return known
        ? line.at(Quantity.DEVIATION)
            .range()
            .over(Range.of(Math.sqrt(line.at(Quantity.COUNT).number())))
        : Range.of(0);
  }

  private static Optional<Double> freedom(ResultLine line) {
    Optional<Double> told =
        line.get(Quantity.FREEDOM)
            .or(
                () ->
                    line.bare().size() == 1
                        ? Optional.of(line.bare().getFirst())
                        : Optional.empty())
            .map(Reported::number)
            .filter(df -> df > 0);
    boolean ofMean = line.has(Quantity.MEAN, Quantity.COUNT) && !line.has(Quantity.T);
    return told.or(
        () ->
            ofMean
                ? line.get(Quantity.COUNT).map(n -> n.number() - 1).filter(df -> df > 0)
                : Optional.empty());
  }

  /// Whether the intervals of all lines have one width but for √*n*: they come from a deviation
  /// that the groups have in common.
  private static boolean isPooled(ResultLines lines) {
    Optional<Range> common = Optional.empty();
    int counted = 0;
    for (ResultLine line : lines.lines()) {
      if (line.has(Quantity.LOWER, Quantity.UPPER, Quantity.COUNT)) {
        Range width =
            line.at(Quantity.UPPER)
                .range()
                .minus(line.at(Quantity.LOWER).range())
                .times(Range.of(Math.sqrt(Math.max(0, line.at(Quantity.COUNT).number()))));
        if (common.isPresent() && !common.get().meets(width)) {
          return false;
        }
        common = Optional.of(width);
        counted++;
      }
    }
    return counted > 1;
  }
}
