package app.finish.core.check.arithmetic;

import app.finish.core.check.Finding;
import java.util.List;

/// Degrees of freedom go with the number of cases: those of *t* and *r* are less than *n*, and
/// those of an analysis of variance add up to the total's.
public final class FreedomFollows extends ResultCheck {
  @Override
  public String id() {
    return "arithmetic.freedom";
  }

  @Override
  public String asks() {
    return "Degrees of freedom go with the number of cases, and add up";
  }

  @Override
  void look(ResultLine line, ResultLines lines, List<Finding> findings) {
    if (!line.has(Quantity.FREEDOM, Quantity.COUNT)) {
      return;
    }
    double n = line.at(Quantity.COUNT).number();
    double df = line.at(Quantity.FREEDOM).number();
    boolean ofCases = line.has(Quantity.T) || line.has(Quantity.CORRELATION);
    if (ofCases && df > n - 1 && !line.at(Quantity.COUNT).isLimit()) {
      findings.add(
          wrong(
              line,
              Quantity.FREEDOM,
              "at most " + ProbabilitiesFollow.number(n - 1),
              said(line, Quantity.FREEDOM)
                  + ", but with "
                  + said(line, Quantity.COUNT)
                  + " it is at most "
                  + ProbabilitiesFollow.number(n - 1)
                  + "."));
    }
  }

  @Override
  void look(ResultLines lines, List<Finding> findings) {
    super.look(lines, findings);
    if (!lines.names().contains(Quantity.SQUARES)) {
      return;
    }
    lines.lines().stream()
        .map(ResultLine::group)
        .distinct()
        .forEach(group -> adds(group, lines, findings));
  }

  /// Effects and error add up to the total where no line of a whole model stands among them.
  private void adds(List<String> group, ResultLines lines, List<Finding> findings) {
    List<ResultLine> own =
        lines.lines().stream()
            .filter(line -> line.group().equals(group) && line.has(Quantity.FREEDOM))
            .toList();
    List<ResultLine> totals = own.stream().filter(line -> says(line, "(\\p{L}+ )?total")).toList();
    List<ResultLine> parts = own.stream().filter(line -> !says(line, "(\\p{L}+ )?total")).toList();
    boolean whole =
        parts.stream()
            .noneMatch(
                line ->
                    says(
                            line,
                            ".*(model|intercept|constant|between[-"
                                + " ](subjects|groups)$(?<!groups)|regression).*")
                        && parts.size() > 2);
    if (totals.size() != 1
        || parts.size() < 2
        || !whole
        || parts.stream().filter(SquaresFollow::isError).count() != 1) {
      return;
    }
    double sum = parts.stream().mapToDouble(line -> line.at(Quantity.FREEDOM).number()).sum();
    ResultLine total = totals.getFirst();
    if (Math.abs(sum - total.at(Quantity.FREEDOM).number()) > 0.005 * parts.size()) {
      findings.add(
          differs(
              total,
              Quantity.FREEDOM,
              total.at(Quantity.FREEDOM).like(sum),
              "adding up those above"));
    }
  }

  private static boolean says(ResultLine line, String pattern) {
    return !line.label().isEmpty()
        && line.label().getLast().strip().toLowerCase(java.util.Locale.ROOT).matches(pattern);
  }
}
