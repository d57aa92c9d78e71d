package app.finish.core.dress;

import app.finish.core.number.FigureGroup;
import app.finish.core.number.NumberFormat;
import app.finish.core.number.NumberReader;
import app.finish.core.number.WrittenDecimals;
import app.finish.core.style.Look;
import app.finish.core.style.Property;
import app.finish.core.table.Measure;
import app.finish.core.table.MeasureKind;
import app.finish.core.table.Value;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// Figures as a style writes them.
///
/// ```java
/// FigureText.of(number, measure, look, true); // "85%", or "85" under a head that bears the unit
/// ```
final class FigureText {
  /// From so many decimals on a probability that rounds to nothing is told by a limit.
  private static final int LIMITED = 2;

  private static final Pattern LIMIT = Pattern.compile("([<>≤≥])\\s*0?[.,](\\d+)(\\D*)");

  private static final Pattern SIGN =
      Pattern.compile("(?<=[(\\[,]|\\s|^)[-−–](?=\\s?[€$£]?[.0-9])");

  /// A decimal mark or one of thousands.
  private static final Pattern MARK = Pattern.compile("[.,](?=[0-9])");

  private static final Pattern BARE = Pattern.compile("(?<![0-9.,])[.,](?=[0-9])");

  private static final Pattern LED = Pattern.compile("(?<![0-9.,])0([.,])(?=[0-9])");

  private FigureText() {}

  /// A figure as the style writes it. It gets no decimals that the source does not have, and the
  /// style's own only where its kind is certain; its unit stands in the cell unless a head bears
  /// it, and always where the figures of its measure have several.
  ///
  /// @param headed whether a head over the figure names its measure
  static String of(Value.Numeric number, Measure measure, Look look, boolean headed) {
    NumberFormat format = look.numbers();
    boolean whole = format.large() == NumberFormat.Large.IN_FULL;
    String written = number.written();
    if (format.decimals() < 0 && NumberReader.isScientific(written)) {
      return written;
    }
    if (!whole) {
      format = format.withDecimals(format.decimals() < 0 ? 1 : format.decimals());
    } else if (written.isEmpty()) {
      format = format.withDecimals(format.decimals() < 0 ? measure.decimals() : format.decimals());
    } else {
      format = format.withDecimals(decimals(number, measure, format.decimals()));
    }
    String own = measure.unit().isEmpty() ? NumberReader.unitOf(written) : "";
    if (!format.unitInCell() && !headed || !own.isEmpty()) {
      format = format.withUnitInCell(true);
    }
    boolean set = look.numbers().decimals() >= 0;
    if (measure.kind() == MeasureKind.P && whole && set) {
      Optional<String> limit = limit(number.number(), format);
      if (limit.isPresent()) {
        return limit.get();
      }
    }
    String text = format.write(number.number(), own.isEmpty() ? measure.unit() : own);
    return number.number() >= 0 && written.startsWith("(") ? "(" + text + ")" : text;
  }

  /// A probability that would be written as 0 or 1, with the decimals that the style sets, is told
  /// by what it is below or above: a computed probability is never either (APA 7, 6.36).
  private static Optional<String> limit(double number, NumberFormat format) {
    double least = Math.pow(10, -format.decimals());
    if (format.decimals() < LIMITED || number < 0 || number > 1) {
      return Optional.empty();
    }
    return number < least / 2
        ? Optional.of("<\u00A0" + format.write(least, ""))
        : number > 1 - least / 2
            ? Optional.of(">\u00A0" + format.write(1 - least, ""))
            : Optional.empty();
  }

  /// A text in the place of a figure. A limit of a probability, "<0.001", is written as the style
  /// writes its figures.
  static String of(Value.Text text, Measure measure, Look look) {
    Matcher limit = LIMIT.matcher(text.text().strip());
    if (!FigureGroup.of(text.text()).isEmpty()) {
      return grouped(text.text(), measure, look);
    }
    if (measure.kind() != MeasureKind.P || !limit.matches()) {
      return text.text();
    }
    String digits = limit.group(2);
    NumberFormat format = look.numbers().withDecimals(digits.length());
    return limit.group(1)
        + "\u00A0"
        + format.write(Double.parseDouble("0." + digits), "")
        + limit.group(3);
  }

  /// Figures that stand together, with the signs and marks of the style as far as it is known how
  /// they are written.
  private static String grouped(String text, Measure measure, Look look) {
    return FigureGroup.rewritten(text, figure -> rewritten(figure, measure.reader(), look));
  }

  private static String rewritten(String figure, Optional<NumberReader> reader, Look look) {
    String sign = look.setting(Property.NEGATIVE).equals("hyphen") ? "-" : "−";
    String signed = SIGN.matcher(figure).replaceAll(sign);
    if (reader.isEmpty()) {
      return signed;
    }
    char mark = reader.get().decimalMark();
    String point = look.setting(Property.DECIMAL_MARK).equals("comma") ? "," : ".";
    String grouping = Matcher.quoteReplacement(look.numbers().grouping());
    String written =
        MARK.matcher(signed)
            .replaceAll(found -> found.group().charAt(0) == mark ? point : grouping);
    boolean zero = look.setting(Property.ZERO_BEFORE_POINT).equals("yes");
    return (zero ? BARE : LED).matcher(written).replaceAll(zero ? "0$0" : "$1");
  }

  private static int decimals(Value.Numeric number, Measure measure, int wanted) {
    int own = WrittenDecimals.of(number.written(), number.number());
    if (wanted < 0 || measure.kind() == MeasureKind.VALUE) {
      return own;
    }
    return own >= wanted || measure.precise()
        ? wanted
        : Math.min(wanted, Math.max(own, WrittenDecimals.in(number.number())));
  }
}
