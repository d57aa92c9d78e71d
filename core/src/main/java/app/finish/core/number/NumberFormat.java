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
public record NumberFormat(
    int decimals,
    String grouping,
    String decimalMark,
    Negative negative,
    boolean zeroBeforePoint,
    boolean unitInCell) {

  /// Forms of a negative number.
  public enum Negative {
    /// A minus sign, U+2212.
    MINUS,
    /// A hyphen.
    HYPHEN,
    /// In parentheses, as accountants write it.
    PARENTHESES
  }

  /// No decimals, comma between thousands, minus sign, unit in the cell.
  public static final NumberFormat PLAIN =
      new NumberFormat(0, ",", ".", Negative.MINUS, true, true);

  /// The same format with another number of decimals.
  public NumberFormat withDecimals(int count) {
    return new NumberFormat(count, grouping, decimalMark, negative, zeroBeforePoint, unitInCell);
  }

  /// The same format with the unit in each cell or not.
  public NumberFormat withUnitInCell(boolean value) {
    return new NumberFormat(decimals, grouping, decimalMark, negative, zeroBeforePoint, value);
  }

  /// The number in this format. It is rounded half up from its shortest decimal form, so that 2.675
  /// becomes 2.68; what rounds to zero has no sign.
  ///
  /// @param unit `%`, a currency sign or code, or the empty string
  public String write(double number, String unit) {
    BigDecimal rounded = BigDecimal.valueOf(number).setScale(decimals, RoundingMode.HALF_UP);
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

  private static void addUnit(StringBuilder text, String unit) {
    if (unit.equals("%")) {
      text.append('%');
    } else if (unit.length() == 1) {
      text.insert(0, unit);
    } else if (!unit.isEmpty()) {
      text.append(' ').append(unit);
    }
  }

  private String negative(StringBuilder text) {
    return switch (negative) {
      case MINUS -> "−" + text;
      case HYPHEN -> "-" + text;
      case PARENTHESES -> "(" + text + ")";
    };
  }
}
