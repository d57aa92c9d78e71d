package app.finish.formats.io;

import app.finish.core.number.NumberFormat;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

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

  private static final Pattern DIGITS =
      Pattern.compile("[0-9](?:[0-9.,’'\\u00A0\\u2009\\u202F ]*[0-9])?|[.,][0-9]+");

  private static final Pattern SIGN = Pattern.compile("[−–-]");

  private static final double HUNDREDTH = 0.01;
  private static final double[] SCALES = {1, 1e3, 1e6, HUNDREDTH};

  /// How the number is written; none if what is shown is not the number, so that it must stand as a
  /// text.
  ///
  /// @param shown the text of the cell
  /// @param number the number behind it
  /// @param numbers how the table writes numbers
  public static Optional<ShownNumber> of(String shown, double number, NumberFormat numbers) {
    Matcher digits = DIGITS.matcher(shown);
    if (!digits.find()) {
      return Optional.empty();
    }
    String core = digits.group();
    String before = shown.substring(0, digits.start());
    String behind = shown.substring(digits.end());
    if (DIGITS.matcher(behind).find()) {
      return Optional.empty();
    }
    // A standard error stands in parentheses too, and is no negative number.
    boolean parentheses = number < 0 && before.endsWith("(") && behind.startsWith(")");
    boolean signed = parentheses || SIGN.matcher(before).find();
    int decimals = decimals(core, numbers.decimalMark());
    Optional<Double> scale = scale(core, decimals, Math.abs(number), numbers.decimalMark());
    if (scale.isEmpty() || signed != number < 0 && !isZero(core)) {
      return Optional.empty();
    }
    boolean hundredth = scale.get() == HUNDREDTH;
    if (hundredth && !behind.startsWith("%")) {
      return Optional.empty();
    }
    String lead =
        parentheses
            ? before.substring(0, before.length() - 1)
            : SIGN.matcher(before).replaceFirst("");
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
    return core.chars().allMatch(one -> !Character.isDigit(one) || one == '0');
  }

  private static int decimals(String core, String mark) {
    int at = mark.isEmpty() ? -1 : core.lastIndexOf(mark);
    return at < 0 ? 0 : core.length() - at - 1;
  }

  /// By what the number is divided so that its digits are those that are shown.
  private static Optional<Double> scale(String core, int decimals, double number, String mark) {
    String bare = core.replaceAll("[^0-9" + Pattern.quote(mark.isEmpty() ? "." : mark) + "]", "");
    double said = Double.parseDouble("0" + bare.replace(mark.isEmpty() ? "." : mark, "."));
    double step = Math.pow(10, -decimals);
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
