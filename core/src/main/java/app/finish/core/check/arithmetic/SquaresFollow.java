package app.finish.core.check.arithmetic;

import app.finish.core.check.Finding;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;

/// In an analysis of variance a mean square is its sum of squares over its degrees of freedom, and
/// *F* its mean square over the error's.
public final class SquaresFollow extends ResultCheck {
  private static final Pattern ERROR =
      Pattern.compile(
          "(error|residuals?|within( groups?| subjects?)?|within[- ]groups?|s\\(.*\\)|error"
              + " ?\\(.*\\))",
          Pattern.CASE_INSENSITIVE);

  @Override
  public String id() {
    return "arithmetic.squares";
  }

  @Override
  public String asks() {
    return "A mean square is SS over df, and F the effect’s mean square over the error’s";
  }

  /// Whether a line is that of the error.
  static boolean isError(ResultLine line) {
    return !line.label().isEmpty() && ERROR.matcher(line.label().getLast().strip()).matches();
  }

  /// The line of the error that an effect is tested against: the next one below, under the same
  /// heads.
  static Optional<ResultLine> errorOf(ResultLine line, ResultLines lines) {
    int at = lines.lines().indexOf(line);
    for (ResultLine other : lines.lines().subList(at + 1, lines.lines().size())) {
      if (other.group().equals(line.group()) && isError(other)) {
        return Optional.of(other);
      }
    }
    return Optional.empty();
  }

  /// The mean square of a line, as told or as SS over df.
  private static Optional<Range> meanSquare(ResultLine line) {
    Optional<Range> own =
        line.get(Quantity.SQUARES)
            .flatMap(
                squares ->
                    line.get(Quantity.FREEDOM)
                        .filter(df -> df.number() > 0)
                        .map(df -> squares.range().over(Range.of(df.number()))));
    Optional<Range> told = line.get(Quantity.MEAN_SQUARE).map(Reported::range);
    return told.isPresent() && own.isPresent() && told.get().meets(own.get())
        ? Optional.of(narrower(told.get(), own.get()))
        : told.or(() -> own);
  }

  private static Range narrower(Range one, Range other) {
    return one.high() - one.low() <= other.high() - other.low() ? one : other;
  }

  @Override
  void look(ResultLine line, ResultLines lines, List<Finding> findings) {
    if (line.has(Quantity.SQUARES, Quantity.FREEDOM, Quantity.MEAN_SQUARE)
        && line.at(Quantity.FREEDOM).number() > 0) {
      Range mean =
          line.at(Quantity.SQUARES).range().over(Range.of(line.at(Quantity.FREEDOM).number()));
      String how = said(line, Quantity.SQUARES) + " over " + said(line, Quantity.FREEDOM);
      compare(line, Quantity.MEAN_SQUARE, mean, how, findings);
    }
    if (!line.has(Quantity.F) || isError(line)) {
      return;
    }
    Optional<ResultLine> error = errorOf(line, lines);
    Optional<Range> above = meanSquare(line);
    Optional<Range> below = error.flatMap(SquaresFollow::meanSquare);
    if (above.isPresent() && below.isPresent() && below.get().low() > 0) {
      String how = "its mean square over that of “" + error.get().label().getLast() + "”";
      compare(line, Quantity.F, above.get().over(below.get()), how, findings);
    }
  }
}
