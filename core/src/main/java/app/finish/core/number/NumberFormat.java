package app.finish.core.number;

import java.math.BigDecimal;
import java.math.RoundingMode;

/// How a style writes numbers.
///
/// ```java
/// NumberFormat.PLAIN.withDecimals(1).write(1204.55, ""); // "1,204.6"
/// ```
///
/// @param decimals digits after the decimal mark
/// @param grouping what parts thousands, or the empty string
/// @param decimalMark what stands before the decimals
/// @param negative how a negative number is shown
/// @param zeroBeforePoint whether 0.45 keeps its zero
/// @param unitInCell whether % and currency stand in each cell
/// @param large how large numbers are written
/// @param currencyAfter whether a currency sign stands behind its figure
/// @param percentSpaced whether a percent sign stands apart from its figure
public record NumberFormat(
    int decimals,
    String grouping,
    String decimalMark,
    Negative negative,
    boolean zeroBeforePoint,
    boolean unitInCell,
    Large large,
    boolean currencyAfter,
    boolean percentSpaced) {

  /// How large numbers are written.
  public enum Large {
    /// With all their digits.
    IN_FULL,
    /// In thousands: 1.2 k.
    THOUSANDS,
    /// In millions: 1.2 M.
    MILLIONS,
    /// In thousands or millions, whichever leaves one to three digits before the mark.
    AS_LARGE
  }

  /// Forms of a negative number.
  public enum Negative {
    /// A minus sign, U+2212.
    MINUS,
    /// A hyphen.
    HYPHEN,
    /// In parentheses, as accountants write it.
    PARENTHESES
  }

  /// A format that writes numbers in full and puts signs where English does.
  public NumberFormat(
      int decimals,
      String grouping,
      String decimalMark,
      Negative negative,
      boolean zeroBeforePoint,
      boolean unitInCell) {
    this(
        decimals,
        grouping,
        decimalMark,
        negative,
        zeroBeforePoint,
        unitInCell,
        Large.IN_FULL,
        false,
        false);
  }

  /// No decimals, comma between thousands, minus sign, unit in the cell.
  public static final NumberFormat PLAIN =
      new NumberFormat(0, ",", ".", Negative.MINUS, true, true);

  /// The same format with another number of decimals.
  public NumberFormat withDecimals(int count) {
    return new NumberFormat(
        count,
        grouping,
        decimalMark,
        negative,
        zeroBeforePoint,
        unitInCell,
        large,
        currencyAfter,
        percentSpaced);
  }

  /// The same format with the unit in each cell or not.
  public NumberFormat withUnitInCell(boolean value) {
    return new NumberFormat(
        decimals,
        grouping,
        decimalMark,
        negative,
        zeroBeforePoint,
        value,
        large,
        currencyAfter,
        percentSpaced);
  }

  /// The number in this format. It is rounded half up from its shortest decimal form, so that 2.675
  /// becomes 2.68; what rounds to zero has no sign.
  ///
  /// @param unit `%`, a currency sign or code, or the empty string
  public String write(double number, String unit) {
    int power = power(Math.abs(number));
    BigDecimal exact = BigDecimal.valueOf(number).movePointLeft(power);
    BigDecimal rounded = exact.setScale(decimals, RoundingMode.HALF_UP);
    String digits = rounded.abs().toPlainString();
    int point = digits.indexOf('.');
    String whole = point < 0 ? digits : digits.substring(0, point);
    StringBuilder text = new StringBuilder(digits.length() + 8);
    if (!(whole.equals("0") && !zeroBeforePoint && point > 0)) {
      group(text, whole);
    }
    if (point > 0) {
      text.append(decimalMark).append(digits, point + 1, digits.length());
    }
    if (power > 0) {
      text.append('\u00a0').append(power == 3 ? 'k' : 'M');
    }
    if (unitInCell) {
      addUnit(text, unit);
    }
    return rounded.signum() < 0 ? negative(text) : text.toString();
  }

  private void group(StringBuilder text, String whole) {
    for (int i = 0; i < whole.length(); i++) {
      if (i > 0 && (whole.length() - i) % 3 == 0 && !grouping.isEmpty()) {
        text.append(grouping);
      }
      text.append(whole.charAt(i));
    }
  }

  /// By how many places the mark is moved.
  private int power(double size) {
    return switch (large) {
      case IN_FULL -> 0;
      case THOUSANDS -> 3;
      case MILLIONS -> 6;
      case AS_LARGE -> size >= 999_500 ? 6 : size >= 1000 ? 3 : 0;
    };
  }

  private void addUnit(StringBuilder text, String unit) {
    if (unit.equals("%")) {
      text.append(percentSpaced ? "\u00a0%" : "%");
    } else if (unit.length() == 1 && isCurrency(unit) && !currencyAfter) {
      text.insert(0, unit);
    } else if (JOINED.indexOf(unit) >= 0 && !unit.isEmpty()) {
      text.append(unit);
    } else if (!unit.isEmpty()) {
      text.append(' ').append(unit);
    }
  }

  /// Units that join their figure without a space: pence, cents, degrees.
  private static final String JOINED = "pc¢°";

  private static boolean isCurrency(String unit) {
    return Character.getType(unit.charAt(0)) == Character.CURRENCY_SYMBOL;
  }

  private String negative(StringBuilder text) {
    return switch (negative) {
      case MINUS -> "−" + text;
      case HYPHEN -> "-" + text;
      case PARENTHESES -> "(" + text + ")";
    };
  }
}
