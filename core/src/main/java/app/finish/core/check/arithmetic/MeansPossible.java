package app.finish.core.check.arithmetic;

import app.finish.core.check.Finding;
import java.util.List;

/// A mean lies between the least and the greatest value, a deviation is no larger than they allow,
/// and a mean of whole numbers is a sum over *n*.
///
/// The largest deviation for a mean is √((M − least)(greatest − M) n / (n − 1)): all cases at the
/// ends (Bhatia and Davis, 2000).
public final class MeansPossible extends ResultCheck {
  @Override
  public String id() {
    return "arithmetic.mean";
  }

  @Override
  public String asks() {
    return "Means and deviations are possible for their n and their range";
  }

  @Override
  void look(ResultLine line, ResultLines lines, List<Finding> findings) {
    if (!line.has(Quantity.LEAST, Quantity.GREATEST)) {
      return;
    }
    Range least = line.at(Quantity.LEAST).range();
    Range greatest = line.at(Quantity.GREATEST).range();
    boolean mean = line.has(Quantity.MEAN);
    if (mean
        && (line.at(Quantity.MEAN).range().high() < least.low()
            || line.at(Quantity.MEAN).range().low() > greatest.high())) {
      String between =
          "between "
              + line.at(Quantity.LEAST).written()
              + " and "
              + line.at(Quantity.GREATEST).written();
      findings.add(
          wrong(
              line,
              Quantity.MEAN,
              between,
              said(line, Quantity.MEAN) + ", but all values lie " + between + "."));
      return;
    }
    if (line.has(Quantity.DEVIATION)) {
      deviation(line, findings);
    }
    if (mean && line.has(Quantity.COUNT)) {
      whole(line, findings);
    }
  }

  private void deviation(ResultLine line, List<Finding> findings) {
    double least = line.at(Quantity.LEAST).range().low();
    double greatest = line.at(Quantity.GREATEST).range().high();
    double n = line.get(Quantity.COUNT).map(Reported::number).orElse(2.0);
    if (n < 2) {
      return;
    }
    double most = (greatest - least) * (greatest - least) / 4;
    if (line.has(Quantity.MEAN)) {
      Range mean = line.at(Quantity.MEAN).range();
      double middle = (least + greatest) / 2;
      double nearest = Math.clamp(middle, mean.low(), mean.high());
      most = Math.max(0, (nearest - least) * (greatest - nearest));
    }
    double limit = Math.sqrt(most * n / (n - 1));
    Reported deviation = line.at(Quantity.DEVIATION);
    if (deviation.range().low() > limit * (1 + 1e-9)) {
      findings.add(
          wrong(
              line,
              Quantity.DEVIATION,
              "at most " + deviation.like(limit),
              said(line, Quantity.DEVIATION)
                  + ", but with values from "
                  + line.at(Quantity.LEAST).written()
                  + " to "
                  + line.at(Quantity.GREATEST).written()
                  + " it is at most "
                  + deviation.like(limit)
                  + "."));
    }
  }

  /// Whole least and greatest values are taken to mean whole numbers.
  private void whole(ResultLine line, List<Finding> findings) {
    Reported n = line.at(Quantity.COUNT);
    Reported mean = line.at(Quantity.MEAN);
    boolean whole = line.at(Quantity.LEAST).isWhole() && line.at(Quantity.GREATEST).isWhole();
    if (!whole || !n.isWhole() || n.number() < 1 || mean.isLimit()) {
      return;
    }
    double slack = 1e-9 * Math.max(1, Math.abs(mean.number()) * n.number());
    double low = Math.ceil(mean.range().low() * n.number() - slack);
    double high = Math.floor(mean.range().high() * n.number() + slack);
    if (low > high) {
      double below = Math.floor(mean.number() * n.number()) / n.number();
      double above = Math.ceil(mean.number() * n.number()) / n.number();
      String should = mean.like(below) + " or " + mean.like(above);
      findings.add(
          wrong(
              line,
              Quantity.MEAN,
              should,
              said(line, Quantity.MEAN)
                  + ", but "
                  + n.written()
                  + " whole numbers have a mean of "
                  + should
                  + "."));
    }
  }
}
