package app.finish.core.tally;

import app.finish.core.problem.Refusal;
import java.math.BigDecimal;
import java.util.List;

/// How the values of a column are gathered into members.
///
/// ```java
/// Bins.cuts(List.of(18.0, 65.0), true).label(Member.of(1)); // "18–64"
/// ```
public sealed interface Bins {
  /// Each value is a member.
  Bins NONE = new None();

  /// What records without an answer are called.
  String NO_ANSWER = "No answer";

  /// Each value is a member.
  record None() implements Bins {}

  /// Numbers by width: a bin's number is how many widths it is from the start.
  ///
  /// @param width how wide a bin is, above 0
  /// @param start where a bin begins
  /// @param whole whether the numbers are whole, so that a bin can name its last one
  record Width(double width, double start, boolean whole) implements Bins {
    /// @throws app.finish.core.problem.Refusal if the width is not above 0
    public Width {
      if (!(width > 0) || !Double.isFinite(width) || !Double.isFinite(start)) {
        throw new Refusal("A bin's width is a number above 0.");
      }
    }
  }

  /// Numbers by cut points: bin 0 is below the first, and each cut point begins the next bin.
  ///
  /// @param points the cut points, rising, at least one
  /// @param whole whether the numbers are whole, so that a bin can name its last one
  record Cuts(List<Double> points, boolean whole) implements Bins {
    /// @throws app.finish.core.problem.Refusal if there is none, or they don't rise
    public Cuts {
      points = List.copyOf(points);
      if (points.isEmpty()) {
        throw new Refusal("Bins need at least one cut point.");
      }
      for (int i = 1; i < points.size(); i++) {
        if (!(points.get(i) > points.get(i - 1))) {
          throw new Refusal("Cut points rise: each is above the one before.");
        }
      }
    }
  }

  /// Dates by a part of them.
  ///
  /// @param part which part
  record Dates(DatePart part) implements Bins {}

  /// Numbers by cut points.
  static Bins cuts(List<Double> points, boolean whole) {
    return new Cuts(points, whole);
  }

  /// What a member is called.
  default String label(Member member) {
    if (member instanceof Member.Text text) {
      return text.text();
    }
    if (!(member instanceof Member.Number number)) {
      return NO_ANSWER;
    }
    double n = number.number();
    return switch (this) {
      case None _ -> written(n);
      case Width width -> {
        double from = width.start + n * width.width;
        yield range(from, from + width.width, width.whole && width.width >= 1);
      }
      case Cuts cuts -> cut(cuts, (int) n);
      case Dates dates -> dates.part.label((long) n);
    };
  }

  private static String cut(Cuts cuts, int bin) {
    List<Double> points = cuts.points;
    if (bin == 0) {
      return "Under " + written(points.getFirst());
    }
    return bin == points.size()
        ? written(points.getLast()) + " and over"
        : range(points.get(bin - 1), points.get(bin), cuts.whole);
  }

  private static String range(double from, double to, boolean whole) {
    if (!whole || from != Math.rint(from) || to != Math.rint(to)) {
      return written(from) + " to under " + written(to);
    }
    return to - from == 1 ? written(from) : written(from) + "–" + written(to - 1);
  }

  /// A number as a label writes it: no exponent, no needless zeros, a true minus sign.
  ///
  /// @param number a finite number
  static String written(double number) {
    BigDecimal shortest = new BigDecimal(Double.toString(number)).stripTrailingZeros();
    return shortest.toPlainString().replace("-", "−");
  }
}
