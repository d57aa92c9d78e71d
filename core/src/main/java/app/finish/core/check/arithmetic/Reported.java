package app.finish.core.check.arithmetic;

import app.finish.core.dress.CellMeaning;
import app.finish.core.number.WrittenDecimals;
import app.finish.core.table.Value;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// A figure as a table reports it, and all that it may have been before it was rounded.
///
/// ```java
/// Reported.of(Value.text("< .001"), place, false).get().range(); // 0 to 0.001 of a probability
/// ```
///
/// @param number the number
/// @param range what it may stand for
/// @param decimals how many decimals it is written with
/// @param written as it is written
/// @param place where it stands
record Reported(double number, Range range, int decimals, String written, CellMeaning.Body place) {
  private static final Pattern LIMIT =
      Pattern.compile("([<>≤≥])\\s*([-−–]?)(\\d*)(?:[.,](\\d+))?\\s*[*†‡]*");

  /// A figure of a table; none if there is no number.
  ///
  /// @param precise whether the number has more decimals than are written
  static Optional<Reported> of(Value value, CellMeaning.Body place, boolean precise) {
    return switch (value) {
      case Value.Numeric numeric -> Optional.of(of(numeric, place, precise));
      case Value.Text text -> limit(text.text().strip(), place);
      case Value.Missing _ -> Optional.empty();
    };
  }

  private static Reported of(Value.Numeric value, CellMeaning.Body place, boolean precise) {
    Optional<Reported> limit = limit(value.written().strip(), place);
    if (limit.isPresent()) {
      return limit.get();
    }
    int decimals = WrittenDecimals.of(value.written(), value.number());
    boolean more = precise || WrittenDecimals.in(value.number()) > decimals + 1;
    Range range =
        more
            ? Range.of(value.number()).widened(1e-9 * Math.abs(value.number()))
            : Range.rounded(value.number(), decimals);
    return new Reported(value.number(), range, decimals, value.written(), place);
  }

  private static Optional<Reported> limit(String text, CellMeaning.Body place) {
    Matcher matcher = LIMIT.matcher(text);
    if (!matcher.matches() || matcher.group(3).isEmpty() && matcher.group(4) == null) {
      return Optional.empty();
    }
    String behind = matcher.group(4) == null ? "" : matcher.group(4);
    double number = Double.parseDouble("0" + matcher.group(3) + "." + behind + "0");
    double signed = matcher.group(2).isEmpty() ? number : -number;
    boolean below = "<≤".contains(matcher.group(1));
    Range range =
        below
            ? new Range(Double.NEGATIVE_INFINITY, signed)
            : new Range(signed, Double.POSITIVE_INFINITY);
    return Optional.of(new Reported(signed, range, behind.length(), text, place));
  }

  /// Whether only a limit of it is told.
  boolean isLimit() {
    return !range.isBounded();
  }

  /// A whole number that is written as one.
  boolean isWhole() {
    return decimals == 0 && number == Math.rint(number) && !isLimit();
  }

  /// A computed number as this figure is written: with its decimals and, if it has none, without
  /// the zero before the point.
  String like(double other) {
    String text = "%.${decimals}f".replace("${decimals}", "" + decimals).formatted(other);
    boolean bare = written.matches("[<>≤≥]?\\s*[-−]?[.,]\\d.*");
    return bare && Math.abs(other) < 1 ? text.replaceFirst("0\\.", ".") : text;
  }

  /// What computed numbers are as this figure is written: one, or from one to another.
  String like(Range computed) {
    String low = like(computed.low());
    String high = like(computed.high());
    return low.equals(high) ? low : "between " + low + " and " + high;
  }
}
