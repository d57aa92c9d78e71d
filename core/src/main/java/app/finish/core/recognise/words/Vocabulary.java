package app.finish.core.recognise.words;

import app.finish.core.table.MeasureKind;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/// The words that tell what a heading is: words for totals, words for measures, signs for a missing
/// value.
public final class Vocabulary {
  private static final Pattern GRAND =
      Pattern.compile(
          "(grand|overall|general)\\s+totals?|total\\s+(overall|general)|overall|gesamtsumme|insgesamt|total\\s+g[eé]n[eé]ral",
          Pattern.CASE_INSENSITIVE);
  private static final Pattern TOTAL =
      Pattern.compile(
          "(sub-?\\s?totals?|totals?|sum|summe|gesamt|somme|totale|totaal|zwischensumme|suma)\\b.*|.*\\b(sub-?totals?|totals?|summe|gesamt)",
          Pattern.CASE_INSENSITIVE);
  private static final Pattern SUM_OF =
      Pattern.compile("(sum|total) (of|for) .*", Pattern.CASE_INSENSITIVE);
  private static final Pattern ALL =
      Pattern.compile("(all|alle|both|any)\\b.*", Pattern.CASE_INSENSITIVE);
  private static final Set<String> MISSING =
      Set.of(":", "-", "–", "—", "--", "..", "…", ".", "...");
  private static final int LONGEST_PLACEHOLDER = 200;
  private static final Pattern BOUND =
      Pattern.compile("[<>≤≥]\\s*[0-9]*[.,]?[0-9]+([eE][-+]?[0-9]{1,3})?");
  private static final Pattern NO_ANSWER =
      Pattern.compile(
          "\\(?(blank|empty|missing|unknown|null|none given|no answer|no response|not"
              + " (stated|answered|known|given|specified|available)|don['’]t know|refused|not"
              + " applicable|keine angabe|sans réponse)\\)?",
          Pattern.CASE_INSENSITIVE);
  private static final Set<String> NOT_GIVEN =
      Set.of(
          "[c]", "[x]", "[z]", "[u]", "n/a", "na", "n.a.", "n. a.", "nil", "null", "nan", "#n/a",
          "(s)", "x");

  /// The words that begin a note, as part of a pattern.
  public static final String NOTE_WORDS =
      "notes?|anmerkung(?:en)?|hinweise?|notas?|opmerking(?:en)?";

  /// The words that begin a line of sources, as part of a pattern.
  public static final String SOURCE_WORDS =
      "sources?|quellen?|fuentes?|bron(?:nen)?|fonti?|fontes?";

  private static final Pattern BASE =
      Pattern.compile(
          "(?:base|basis|n|respondents|cases|answers|valid answers|sample(?: size)?)(?: \\(n\\))?",
          Pattern.CASE_INSENSITIVE);
  private static final Pattern PART =
      Pattern.compile(
          "[-–—•]*\\s*(of which|of whom|of"
              + " these|thereof|incl(uding|\\.)|therein|davon|darunter|dont|waarvan|di cui)\\b.*",
          Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CHARACTER_CLASS);
  private static final Pattern RESULT =
      Pattern.compile(
          "(ergebnis|gewinn|verlust|saldo|überschuss|fehlbetrag|résultat|bénéfice|solde|resultado|risultato|resultaat|net|gross|closing|balance|result|surplus|deficit|profit|loss|change|remaining|end(ing)?|carried|after|before|operating|ebitda?|margin)\\b.*|.*\\b(balance|result|surplus|deficit|profit|income|remaining|carried"
              + " forward)",
          Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CHARACTER_CLASS);
  private static final Pattern AVERAGE =
      Pattern.compile(
          "(?:(?:overall|weighted|grand|all|simple)\\s+)?(average|mean|avg\\.?|durchschnitt|mittelwert|moyenne|promedio|gemiddelde)(\\s+(of"
              + " )?(all|total|overall).*)?",
          Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CHARACTER_CLASS);
  private static final Pattern RATE =
      Pattern.compile(
          "(median|mean|average|avg\\.?|rate|share|ratio|percent\\w*|durchschnitt\\w*|anteil)\\b.*|.*(%|\\bper"
              + " cent|\\brate|\\bratio|\\bper\\b.*)",
          Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CHARACTER_CLASS);
  private static final Pattern ROUNDED =
      Pattern.compile(
          ".*\\b(round(ed|ing)|may not (add|sum)|do not (add|sum)|might not (add|sum)|need not"
              + " (add|sum)|gerundet|arrondi).*",
          Pattern.CASE_INSENSITIVE | Pattern.DOTALL);
  private static final Pattern NO_NAME =
      Pattern.compile(
          "\\(?(index|row ?names?|row\\.names|unnamed: [0-9]+)\\)?", Pattern.CASE_INSENSITIVE);
  private static final Pattern ERROR = Pattern.compile("#[A-Z/0]+[!?]?|=[A-Za-z(+\\-].*");

  /// A unit over another in parentheses, as in “Price (€/kg)”.
  private static final Pattern PER = Pattern.compile("[^(]*\\([^()/]+/\\s?[^()/]+\\)");

  private record Kind(MeasureKind kind, Pattern pattern) {}

  private static final Kind[] KINDS = {
    kind(
        MeasureKind.PERCENT,
        ".*(%|\\bper"
            + " ?cent\\b|\\bpct\\b|\\bpercentage\\b|\\bshare\\b|\\banteil\\b|\\bprozent\\b|\\bpart"
            + " en\\b|\\bporcentaje\\b).*"),
    kind(
        MeasureKind.MEAN,
        "(mean|average|avg\\.?|m|durchschnitt|mittelwert|moyenne|promedio|media|gemiddelde)\\b.*|.*\\b(mean|average)"),
    kind(
        MeasureKind.RATIO,
        ".*\\b(ratio|rate|recovery|index)\\b.*|.*\\b(per|je|pro|par|por|each)\\b.*"),
    kind(
        MeasureKind.COUNT,
        "n|anzahl|fallzahl|nombre|número|numero|aantal|effectifs?|count\\b.*|(number|no\\.?)"
            + " of\\b.*|.*\\b(count|frequency|cases|passengers|vehicles|cars|sailings|trips|tickets|crossings|visits|persons|people|households|orders|units|respondents)"),
    kind(
        MeasureKind.SUM,
        "(sum|total)"
            + " (of|for)\\b.*|.*\\b(fares?|costs?|revenues?|sales|income|profit|margin|amount|turnover|spend(ing)?|budget|expenses?|value|weight|tonnes|minutes|hours|km|distance|price|umsatz|erlöse?|kosten|betrag|einnahmen|ausgaben|montant|coûts?|recettes|importe|ingresos|omzet)"),
  };

  private Vocabulary() {}

  private static Kind kind(MeasureKind kind, String words) {
    return new Kind(
        kind, Pattern.compile(words, Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CHARACTER_CLASS));
  }

  /// Whether a label says grand total.
  public static boolean saysGrandTotal(String label) {
    return GRAND.matcher(label.strip()).matches();
  }

  /// Whether a label says total of any kind.
  public static boolean saysTotal(String label) {
    String stripped = label.strip();
    boolean word =
        GRAND.matcher(stripped).matches()
            || (TOTAL.matcher(stripped).matches() && !SUM_OF.matcher(stripped).matches());
    return word && Statistics.kind(stripped).isEmpty();
  }

  /// Whether a label speaks of all members, which may be a total and may be a member's name.
  public static boolean saysAll(String label) {
    return ALL.matcher(label.strip()).matches();
  }

  /// Whether a head over the stub names nothing, as those that a program puts there by itself.
  public static boolean isNoName(String head) {
    return NO_NAME.matcher(head).matches();
  }

  /// Whether a label says that its line is a part of the one before.
  public static boolean saysPart(String label) {
    return PART.matcher(label.strip()).matches();
  }

  /// Whether a label is that of what is left of lines before it: a net figure, a balance, a result.
  public static boolean saysResult(String label) {
    return RESULT.matcher(label.strip()).matches();
  }

  /// Whether a label says how many answers the shares beside it are of.
  public static boolean saysBase(String label) {
    return BASE.matcher(label.strip()).matches();
  }

  /// Whether a label says that its line averages others.
  public static boolean saysAverage(String label) {
    return AVERAGE.matcher(label.strip()).matches();
  }

  /// Whether a label is that of an average, a share or a rate, which no total adds up.
  public static boolean saysRate(String label) {
    return RATE.matcher(label.strip()).matches();
  }

  /// Whether a line of words says that figures are rounded and may not add up.
  public static boolean saysRounded(String words) {
    return ROUNDED.matcher(words).matches();
  }

  /// Whether a text stands for a missing value.
  public static boolean isMissing(String text) {
    return MISSING.contains(text.strip());
  }

  /// Whether a text stands in the place of a figure: missing, not given, or an error.
  public static boolean isPlaceholder(String text) {
    String stripped = text.strip();
    if (stripped.length() > LONGEST_PLACEHOLDER) {
      return false;
    }
    return MISSING.contains(stripped)
        || NOT_GIVEN.contains(stripped.toLowerCase(Locale.ROOT))
        || isBound(stripped)
        || isError(stripped);
  }

  /// Whether a text tells a bound in the place of a figure, as "<.001" does.
  static boolean isBound(String text) {
    return BOUND.matcher(text.strip()).matches();
  }

  /// Whether a label is that of a member which gathers those who gave no answer.
  public static boolean saysNoAnswer(String label) {
    return NO_ANSWER.matcher(label.strip()).matches();
  }

  /// Whether a text is a spreadsheet's report of an error, or a formula that was saved without what
  /// it comes to.
  public static boolean isError(String text) {
    return ERROR.matcher(text.strip()).matches() && !text.strip().equalsIgnoreCase("#n/a");
  }

  /// The kind of measure that a name tells, without what stands in parentheses or after a comma.
  public static Optional<MeasureKind> measureKind(String name) {
    String whole = name.strip();
    if (whole.isEmpty()) {
      return Optional.empty();
    }
    Optional<MeasureKind> statistic = Statistics.kind(whole);
    if (statistic.isPresent()) {
      return statistic;
    }
    if (whole.equalsIgnoreCase("value")) {
      return Optional.of(MeasureKind.VALUE);
    }
    whole = whole.replaceFirst("\\s*[(\\[][0-9.]+ ?% ?(CI|KI|conf)[^)\\]]*[)\\]]", "");
    if (PER.matcher(whole).matches()) {
      return Optional.of(MeasureKind.RATIO);
    }
    String bare = whole.replaceFirst("\\s*[(,].*", "");
    for (Kind kind : KINDS) {
      if (kind.pattern.matcher(bare).matches()
          || (kind.kind == MeasureKind.PERCENT && kind.pattern.matcher(whole).matches())) {
        return Optional.of(kind.kind);
      }
    }
    return Optional.empty();
  }
}
