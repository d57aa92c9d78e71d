package app.finish.formats.io;

import app.finish.core.number.NumberFormat;
import java.util.Optional;

/// How a number is written so that it reads as a table shows it: what number formats of sheets are
/// made of.
///
/// ```java
/// ShownNumber.of("−1,204.6*", -1204.55, numbers).orElseThrow().format(); // "#,##0.0\"*\";\"−\"#,##0.0\"*\""
/// ```
///
/// A mark behind one figure stands in its own format, not in that of its column.
///
/// @param around what stands around the digits of a number
/// @param negative what stands around those of a negative number, if something else
/// @param decimals how many decimals there are
/// @param grouped whether thousands are parted
/// @param leading whether a zero stands before the mark of a fraction
/// @param scale by what the number is divided: 1, 1,000, 1,000,000 or 0.01
public record ShownNumber(
    Around around,
    Optional<Around> negative,
    int decimals,
    boolean grouped,
    boolean leading,
    double scale) {
  /// Texts before and behind digits.
  public record Around(String before, String behind) {}

  private static final double HUNDREDTH = 0.01;
  private static final double[] SCALES = {1, 1e3, 1e6, HUNDREDTH};
  private static final double[] STEPS = {1, 1e-1, 1e-2, 1e-3, 1e-4, 1e-5, 1e-6, 1e-7, 1e-8};

  /// What may stand between the digits of a number: marks and spaces.
  private static final String WITHIN = ".,’'\u00A0\u2009\u202F ";

  /// How the number is written; none if what is shown is not the number, so that it must stand as a
  /// text.
  ///
  /// @param shown the text of the cell
  /// @param number the number behind it
  /// @param numbers how the table writes numbers
  public static Optional<ShownNumber> of(String shown, double number, NumberFormat numbers) {
    int start = digits(shown, 0);
    if (start < 0) {
      return Optional.empty();
    }
    int end = end(shown, start);
    if (digits(shown, end) >= 0) {
      return Optional.empty();
    }
    String core = shown.substring(start, end);
    String before = shown.substring(0, start);
    String behind = shown.substring(end);
    // A standard error stands in parentheses too, and is no negative number.
    boolean parentheses = number < 0 && before.endsWith("(") && behind.startsWith(")");
    boolean signed = parentheses || sign(before) >= 0;
    int decimals = decimals(core, numbers.decimalMark());
    Optional<Double> scale = scale(core, decimals, Math.abs(number), numbers.decimalMark());
    if (scale.isEmpty() || signed != number < 0 && !isZero(core)) {
      return Optional.empty();
    }
    boolean hundredth = scale.get() == HUNDREDTH;
    if (hundredth && !behind.startsWith("%")) {
      return Optional.empty();
    }
    String lead = parentheses ? before.substring(0, before.length() - 1) : unsigned(before);
    String tail = parentheses || hundredth ? behind.substring(1) : behind;
    Around plain = new Around(lead, tail);
    Optional<Around> negative =
        signed && !parentheses
            ? Optional.of(new Around(before, tail))
            : switch (numbers.negative()) {
              case HYPHEN -> Optional.empty();
              case PARENTHESES -> Optional.of(new Around(lead + "(", ")" + tail));
              case MINUS -> Optional.of(new Around(minus(lead), tail));
            };
    boolean grouped = !numbers.grouping().isEmpty() && core.contains(numbers.grouping());
    boolean leading = Character.isDigit(core.charAt(0));
    return Optional.of(new ShownNumber(plain, negative, decimals, grouped, leading, scale.get()));
  }

  /// Of what tells most ways of writing apart, since it is asked of each figure.
  @Override
  public int hashCode() {
    return (around.before.hashCode() * 31 + around.behind.hashCode()) * 31
        + decimals * 4
        + (grouped ? 2 : 0)
        + (leading ? 1 : 0);
  }

  /// The number format of a sheet (ECMA-376, part 1, 18.8.31).
  public String format() {
    String plain = literal(around.before) + digits() + literal(around.behind);
    return negative
        .map(other -> plain + ";" + literal(other.before) + digits() + literal(other.behind))
        .orElse(plain);
  }

  /// What stands before the digits of a negative number: a minus before a currency sign, else
  /// behind what stands there.
  private static String minus(String lead) {
    boolean currency =
        !lead.isEmpty() && Character.getType(lead.charAt(0)) == Character.CURRENCY_SYMBOL;
    return currency ? "−" + lead : lead + "−";
  }

  private static boolean isZero(String core) {
    return core.chars().allMatch(one -> one < '1' || one > '9');
  }

  private static int decimals(String core, String mark) {
    int at = mark.isEmpty() ? -1 : core.lastIndexOf(mark);
    return at < 0 ? 0 : core.length() - at - 1;
  }

  /// Where the digits of a number begin at or behind a place: a digit, or a mark before one. −1 if
  /// there are none.
  private static int digits(String text, int from) {
    for (int i = from; i < text.length(); i++) {
      char one = text.charAt(i);
      boolean marked =
          (one == '.' || one == ',') && i + 1 < text.length() && isDigit(text.charAt(i + 1));
      if (isDigit(one) || marked) {
        return i;
      }
    }
    return -1;
  }

  /// Where the digits end that begin at a place: behind the last digit that only marks, spaces and
  /// digits lead to.
  private static int end(String text, int start) {
    int end = start + 1;
    for (int i = start + 1; i < text.length(); i++) {
      char one = text.charAt(i);
      if (isDigit(one)) {
        end = i + 1;
      } else if (!isDigit(text.charAt(start)) || WITHIN.indexOf(one) < 0) {
        break;
      }
    }
    return end;
  }

  private static boolean isDigit(char one) {
    return one >= '0' && one <= '9';
  }

  private static int sign(String text) {
    for (int i = 0; i < text.length(); i++) {
      if ("−–-".indexOf(text.charAt(i)) >= 0) {
        return i;
      }
    }
    return -1;
  }

  private static String unsigned(String text) {
    int sign = sign(text);
    return sign < 0 ? text : text.substring(0, sign) + text.substring(sign + 1);
  }

  /// By what the number is divided so that its digits are those that are shown.
  private static Optional<Double> scale(String core, int decimals, double number, String mark) {
    char point = mark.isEmpty() ? '.' : mark.charAt(0);
    if (core.indexOf(point) != core.lastIndexOf(point)) {
      return Optional.empty();
    }
    StringBuilder bare = new StringBuilder("0");
    for (int i = 0; i < core.length(); i++) {
      char one = core.charAt(i);
      if (isDigit(one)) {
        bare.append(one);
      } else if (one == point) {
        bare.append('.');
      }
    }
    double said = Double.parseDouble(bare.toString());
    double step = decimals < STEPS.length ? STEPS[decimals] : Math.pow(10, -decimals);
    for (double scale : SCALES) {
      if (Math.abs(number / scale - said) <= step * 0.5000001) {
        return Optional.of(scale);
      }
    }
    return Optional.empty();
  }

  private String digits() {
    String whole = grouped ? "#,##0" : leading ? "0" : "#";
    String places = decimals == 0 ? "" : "." + "0".repeat(decimals);
    String divided = scale == 1e3 ? "," : scale == 1e6 ? ",," : "";
    return whole + places + divided + (scale == HUNDREDTH ? "%" : "");
  }

  /// Text in a format, so that no letter of it is taken for a sign of the format.
  private static String literal(String text) {
    StringBuilder all = new StringBuilder();
    StringBuilder quoted = new StringBuilder();
    for (int i = 0; i < text.length(); i++) {
      char one = text.charAt(i);
      if ("\"%*_?@".indexOf(one) >= 0) {
        all.append(quoted(quoted)).append('\\').append(one);
        quoted.setLength(0);
      } else if (one >= ' ') {
        quoted.append(one);
      }
    }
    return all.append(quoted(quoted)).toString();
  }

  private static String quoted(StringBuilder text) {
    return text.isEmpty() ? "" : "\"" + text + "\"";
  }
}
