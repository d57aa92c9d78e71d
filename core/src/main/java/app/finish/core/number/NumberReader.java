package app.finish.core.number;

import java.math.BigDecimal;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// Reads numbers that came as text: separators of thousands, either decimal mark, percent,
/// currency, parentheses or a minus behind for negatives, stars behind.
///
/// Where one mark could be either ("1,234"), the reader's own decimal mark decides; [#forTexts]
/// finds out which one a source uses.
///
/// ```java
/// NumberReader.POINT.read("$1,204.50").orElseThrow().value(); // 1204.5
/// NumberReader.COMMA.read("1.204,5").orElseThrow().value(); // 1204.5
/// ```
public enum NumberReader {
  /// Decimals stand after a point.
  POINT('.', ','),
  /// Decimals stand after a comma.
  COMMA(',', '.');

  private static final int LONGEST = 40;
  private static final String SPACES = "[ \u00A0\u2009\u202F]";
  private static final String UNIT = "[€$£¥₤]|[A-Z]{3}|kr\\.?";

  /// Units of measurement of two letters and more: those of the SI with its prefixes, and others in
  /// common use. One letter alone is more often a flag.
  private static final String MEASURED =
      "[kdcmµμn](?:m[²³23]?|g|l|L|s)|[kMGT](?:W|Wh|B|t|Hz|J|V|bit/s|b/s)|m[²³23]|ha|dB|Hz|hPa|bar|mbar|km/h|m/s|mph|kn|nmi|ft|lb|oz|mi|gal|°C|°F|°"
          + "|pp|bps|bn|mio|min|mins|hrs?|hours?|days?|weeks?|months?|years?|yrs?|Std\\.|Tage?|Jahre?";

  private static final Pattern FORM =
      Pattern.compile(
          "(?<open>\\()?(?<sign>[-−–+])?(?<before>"
              + UNIT
              + ")?"
              + SPACES
              + "*(?<sign2>[-−–+])?(?<digits>[0-9](?:[0-9.,'\u2019"
              + " \u00A0\u2009\u202F]*[0-9])?|[.,][0-9]+)(?<point>\\.)?"
              + SPACES
              + "*(?<after>%|"
              + UNIT
              + "|"
              + MEASURED
              + ")?(?<behind>[-−])?(?<close>\\))?"
              + SPACES
              + "*(?<unit>%|"
              + UNIT
              + ")?(?<marks>[*†‡]+)?");
  private static final Pattern SCIENTIFIC =
      Pattern.compile("[-−+]?[0-9]+([.,][0-9]+)?[eE][-+]?[0-9]{1,3}");
  private static final Pattern GROUPED =
      Pattern.compile("[0-9]{1,3}([.,'\u2019 \u00A0\u2009\u202F])[0-9]{3}(\\1[0-9]{3})*");

  /// A unit and no number: “£000”, “$'000”, “€000s”.
  private static final Pattern THOUSANDS =
      Pattern.compile("[€$£¥][ '\u2019]?0{3}(?:[ ,'\u2019]?0{3})?s?");

  private final char decimalMark;
  private final char otherMark;

  /// The mark before decimals: a point or a comma.
  public char decimalMark() {
    return decimalMark;
  }

  NumberReader(char decimalMark, char otherMark) {
    this.decimalMark = decimalMark;
    this.otherMark = otherMark;
  }

  /// The reader that fits these texts: the one whose decimal mark more of them can only mean.
  public static NumberReader forTexts(Iterable<String> texts) {
    int commas = 0;
    int points = 0;
    for (String text : texts) {
      if (text.length() <= LONGEST) {
        char mark = decisiveMark(text);
        commas += mark == ',' ? 1 : 0;
        points += mark == '.' ? 1 : 0;
      }
    }
    return commas > points ? COMMA : POINT;
  }

  /// The mark that can only be a decimal mark in this text, or 0: the later one of two kinds, or
  /// the only one unless just three digits follow it.
  private static char decisiveMark(String text) {
    int point = text.lastIndexOf('.');
    int comma = text.lastIndexOf(',');
    boolean listed = comma >= 0 && (comma == text.length() - 1 || text.charAt(comma + 1) == ' ');
    if (listed
        || text.isEmpty()
        || (point < 0 && comma < 0)
        || !text.matches("[^\\p{L}]*[0-9][^\\p{L}]*")) {
      return 0;
    }
    if (point >= 0 && comma >= 0) {
      return point > comma ? '.' : ',';
    }
    int at = Math.max(point, comma);
    int end = at + 1;
    while (end < text.length() && Character.isDigit(text.charAt(end))) {
      end++;
    }
    char mark = text.charAt(at);
    boolean once = text.indexOf(mark) == at;
    boolean zeroBefore = at == 0 || (at == 1 && text.charAt(0) == '0');
    int digits = end - at - 1;
    return once && digits > 0 && (digits != 3 || zeroBefore) ? mark : 0;
  }

  /// The number that a text writes, or empty if the text is not a number.
  public Optional<WrittenNumber> read(String text) {
    String stripped = text.strip();
    if (stripped.isEmpty()
        || stripped.length() > LONGEST
        || !startsLikeANumber(stripped)
        || THOUSANDS.matcher(stripped).matches()) {
      return Optional.empty();
    }
    return isPlain(stripped) ? Optional.of(plain(stripped)) : readForm(stripped);
  }

  /// Whether a text is a number of few digits with no more than a sign, commas between thousands
  /// and one point, which this reader takes for the decimal mark: most are.
  private boolean isPlain(String text) {
    int from = text.charAt(0) == '-' ? 1 : 0;
    int point = text.indexOf('.');
    int whole = point < 0 ? text.length() : point;
    boolean grouped = text.indexOf(',') >= 0;
    boolean oddGroup = grouped && (text.charAt(from) == '0' || (whole - from) % 4 == 0);
    if (whole == from || point == text.length() - 1 || text.length() > 15 || oddGroup) {
      return false;
    }
    if (this != POINT && (grouped || point >= 0)) {
      return false;
    }
    for (int i = from; i < text.length(); i++) {
      char c = text.charAt(i);
      boolean comma = grouped && i < whole && i > from && (whole - i) % 4 == 0;
      boolean digit = c >= '0' && c <= '9';
      if (i != point && (comma ? c != ',' : !digit)) {
        return false;
      }
    }
    return true;
  }

  private static WrittenNumber plain(String text) {
    int point = text.indexOf('.');
    int decimals = point < 0 ? 0 : text.length() - point - 1;
    double value = Double.parseDouble(text.indexOf(',') < 0 ? text : text.replace(",", ""));
    return new WrittenNumber(value, decimals, "", true, "");
  }

  private Optional<WrittenNumber> readForm(String stripped) {
    if (SCIENTIFIC.matcher(stripped).matches()) {
      return scientific(stripped);
    }
    Matcher match = FORM.matcher(stripped);
    if (!match.matches() || (match.group("open") == null) != (match.group("close") == null)) {
      return Optional.empty();
    }
    String digits = plainDigits(match.group("digits"));
    if (digits.isEmpty()) {
      return Optional.empty();
    }
    int point = digits.indexOf('.');
    int decimals = point < 0 ? 0 : digits.length() - point - 1;
    double value = Double.parseDouble(digits);
    boolean negative =
        match.group("open") != null
            || isMinus(match.group("sign"))
            || isMinus(match.group("sign2"))
            || match.group("behind") != null;
    String unit = firstOf(match.group("before"), match.group("after"), match.group("unit"));
    String marks = match.group("marks") == null ? "" : match.group("marks");
    return Optional.of(
        new WrittenNumber(
            negative ? -value : value, decimals, unit, isExact(digits, value), marks));
  }

  /// A number with a power of ten, "9.9e-05". It tells nothing of the decimals that others are
  /// written with, so it has none.
  private static Optional<WrittenNumber> scientific(String text) {
    String plain = text.replace('−', '-').replace(',', '.');
    double value = Double.parseDouble(plain);
    return Double.isFinite(value)
        ? Optional.of(new WrittenNumber(value, 0, "", true, ""))
        : Optional.empty();
  }

  private static final Pattern SIGNS_BEFORE = Pattern.compile("[-−–+(.,\\s]");

  private static final Pattern SIGNS_BEHIND = Pattern.compile("^\\.|[-−()*†‡]|^\\s+|\\s+$");

  /// The unit that a written figure bears, before or behind its digits; often the empty string.
  public static String unitOf(String written) {
    int first = 0;
    int last = written.length();
    while (first < last && !Character.isDigit(written.charAt(first))) {
      first++;
    }
    while (last > first && !Character.isDigit(written.charAt(last - 1))) {
      last--;
    }
    if (first == 0 && last == written.length()) {
      return "";
    }
    String before = SIGNS_BEFORE.matcher(written.substring(0, first)).replaceAll("");
    String after = SIGNS_BEHIND.matcher(written.substring(last)).replaceAll("");
    return before.isEmpty() ? after.strip() : before;
  }

  /// Whether a unit is one of money: a sign such as €, three capitals such as CHF, or kr.
  public static boolean isCurrency(String unit) {
    return unit.matches(UNIT);
  }

  /// Whether a text writes a number with a power of ten, as "9.9e-05" does.
  public static boolean isScientific(String text) {
    return text.length() <= LONGEST && SCIENTIFIC.matcher(text).matches();
  }

  /// Whether a double holds all the digits that are written: 15 always fit.
  private static boolean isExact(String digits, double value) {
    return digits.length() <= 15
        || Double.isFinite(value)
            && new BigDecimal(digits).compareTo(new BigDecimal(Double.toString(value))) == 0;
  }

  private static boolean startsLikeANumber(String text) {
    char first = text.charAt(0);
    return first < 'A' || first > 'z' || text.length() > 3;
  }

  private static boolean isMinus(String sign) {
    return sign != null && !sign.equals("+");
  }

  private static String firstOf(String... candidates) {
    for (String candidate : candidates) {
      if (candidate != null) {
        return candidate;
      }
    }
    return "";
  }

  /// The digits with a point as the decimal mark and nothing else, or empty if the marks make no
  /// number.
  private String plainDigits(String digits) {
    int dots = count(digits, '.');
    int commas = count(digits, ',');
    if (digits.charAt(0) == '.' || digits.charAt(0) == ',') {
      return digits.length() - 1 == dots + commas ? "" : "0." + digits.substring(1);
    }
    char mark = decimalMark;
    if (dots > 0 && commas > 0) {
      mark = digits.lastIndexOf('.') > digits.lastIndexOf(',') ? '.' : ',';
    } else if (count(digits, otherMark) == 1 && dots + commas == 1) {
      mark = GROUPED.matcher(digits).matches() && digits.charAt(0) != '0' ? decimalMark : otherMark;
    }
    int at = count(digits, mark) == 1 ? digits.indexOf(mark) : -1;
    String whole = at < 0 ? digits : digits.substring(0, at);
    String fraction = at < 0 ? "" : digits.substring(at + 1);
    boolean plain = whole.chars().allMatch(Character::isDigit);
    boolean digitsOnly = fraction.chars().allMatch(Character::isDigit);
    if (!digitsOnly || !(plain || GROUPED.matcher(whole).matches())) {
      return "";
    }
    String joined = plain ? whole : whole.replaceAll("[^0-9]", "");
    return fraction.isEmpty() ? joined : joined + "." + fraction;
  }

  private static int count(String text, char wanted) {
    return (int) text.chars().filter(c -> c == wanted).count();
  }

  @Override
  public String toString() {
    return name().toLowerCase(Locale.ROOT);
  }
}
