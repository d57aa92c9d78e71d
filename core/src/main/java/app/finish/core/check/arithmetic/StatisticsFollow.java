package app.finish.core.check.arithmetic;

import app.finish.core.check.Finding;
import java.util.List;
import java.util.Optional;

/// A coefficient over its standard error is *t* or *z*, its square Wald's χ²; a mean's standard
/// error is its deviation over √*n*.
public final class StatisticsFollow extends ResultCheck {
  @Override
  public String id() {
    return "arithmetic.statistic";
  }

  @Override
  public String asks() {
    return "A coefficient over its standard error is its t, z or Wald’s χ²";
  }

  @Override
  void look(ResultLine line, ResultLines lines, List<Finding> findings) {
    if (line.has(Quantity.ESTIMATE, Quantity.STANDARD_ERROR)) {
      Range error = line.at(Quantity.STANDARD_ERROR).range();
      Range ratio = line.at(Quantity.ESTIMATE).range().over(error);
      String how = said(line, Quantity.ESTIMATE) + " over " + said(line, Quantity.STANDARD_ERROR);
      Optional<Quantity> found = line.firstOf(Quantity.T, Quantity.Z, Quantity.WALD);
      if (found.isPresent() && error.low() > 0) {
        Range wanted = found.get() == Quantity.WALD ? ratio.squared() : ratio;
        compare(line, found.get(), wanted, how, findings);
      }
    }
    if (line.has(Quantity.MEAN, Quantity.DEVIATION, Quantity.STANDARD_ERROR, Quantity.COUNT)
        && line.at(Quantity.COUNT).number() >= 1) {
      Range error =
          line.at(Quantity.DEVIATION)
              .range()
              .over(Range.of(Math.sqrt(line.at(Quantity.COUNT).number())));
      String how = said(line, Quantity.DEVIATION) + " with " + said(line, Quantity.COUNT);
      compare(line, Quantity.STANDARD_ERROR, error, how, findings);
    }
  }
}
