package app.finish.formats.spreadsheet;

import app.finish.core.number.NumberFormat;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// The number format of a sheet (ECMA-376, part 1, 18.8.31) under which a number reads as a table
/// shows it.
///
/// ```java
/// ShownNumber.format("−1,204.6*", -1204.55, numbers); // "#,##0.0\"*\";\"−\"#,##0.0\"*\""
/// ```
///
/// A mark behind one figure stands in its own format, not in that of its column.
final class ShownNumber {
  private static final Pattern DIGITS =
      Pattern.compile("[0-9](?:[0-9.,’'\\u00A0\\u2009\\u202F ]*[0-9])?|[.,][0-9]+");

  private static final Pattern SIGN = Pattern.compile("[−–-]");

  private static final double HUNDREDTH = 0.01;
  private static final double[] SCALES = {1, 1e3, 1e6, HUNDREDTH};

  private ShownNumber() {}

  /// The format; none if what is shown is not the number, so that it must stand as a text.
  ///
  /// @param shown the text of the cell
  /// @param number the number behind it
  /// @param numbers how the table writes numbers
  static Optional<String> format(String shown, double number, NumberFormat numbers) {
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
    String form = form(core, decimals, scale.get(), numbers);
    String plain = literal(lead) + form + literal(tail);
    if (signed && !parentheses) {
      return Optional.of(plain + ";" + literal(before) + form + literal(tail));
    }
    return Optional.of(
        switch (numbers.negative()) {
          case HYPHEN -> plain;
          case PARENTHESES -> plain + ";" + literal(lead + "(") + form + literal(")" + tail);
          case MINUS -> plain + ";" + literal(minus(lead)) + form + literal(tail);
        });
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

  private static String form(String core, int decimals, double scale, NumberFormat numbers) {
    boolean grouped = !numbers.grouping().isEmpty() && core.contains(numbers.grouping());
    boolean bare = !Character.isDigit(core.charAt(0));
    String whole = grouped ? "#,##0" : bare ? "#" : "0";
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
