package app.finish.core.check.arithmetic;

import app.finish.core.table.Measure;
import app.finish.core.table.MeasureKind;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/// What a figure of a statistical table is, as far as formulas know it by name.
///
/// ```java
/// Quantity.of(new Measure("Std. Error", MeasureKind.ERROR, "", 2)); // STANDARD_ERROR
/// ```
public enum Quantity {
  /// A coefficient or a difference that is as far below as above in its interval: *b*.
  ESTIMATE(
      "(b|coef\\.?|coefficients?|estimates?|est\\.?|unstandardi[sz]ed b|mean"
          + " diff.*|meandiff|contrast)"),
  /// A ratio whose logarithm has the interval: an odds ratio.
  RATIO(
      "(or|odds ratio|exp\\(b\\)|exp\\(coef\\)|hr|hazard ratio|rr|risk ratio|irr|incidence rate"
          + " ratio)"),
  /// A standardised coefficient.
  BETA("(β|beta|std\\.? beta|standardi[sz]ed (beta|coefficients?))"),
  /// A mean.
  MEAN("(m|means?|average|avg\\.?|x̄)"),
  /// A standard deviation.
  DEVIATION(""),
  /// A standard error.
  STANDARD_ERROR(""),
  /// Student's *t*.
  T("(t|t[- ]value|tvalue|t[- .]ratio|t stat(istic)?)"),
  /// A standard normal deviate.
  Z("(z|z[- ]value|z[- .]ratio)"),
  /// Wald's χ², the square of a coefficient over its error.
  WALD("(wald|wald χ2|wald chisq)"),
  /// *F*.
  F("(f|f[- ]value|f[- .]ratio|f statistic)"),
  /// χ².
  CHI_SQUARE("(χ2|chi[- ]?squared?|chi2|chisq|x2|lr chisq|pearson χ2)"),
  /// A correlation.
  CORRELATION("(r|pearson('s r| correlation)|correlation|corr\\.?)"),
  /// A probability.
  PROBABILITY(""),
  /// Degrees of freedom, the only ones of their line.
  FREEDOM("(df|d\\.f\\.|dof|degrees of freedom)"),
  /// Degrees of freedom of the effect.
  FREEDOM_EFFECT("(df ?1|numdf|num df|ddof1|df of effect|df_diff)"),
  /// Degrees of freedom of the error.
  FREEDOM_ERROR("(df ?2|dendf|den df|error df|ddof2|df of error|df_resid|resid\\.? df)"),
  /// How many cases.
  COUNT("(n|count|valid n|n valid|cases|obs|observations)"),
  /// A percentage.
  PERCENT(""),
  /// The least value.
  LEAST("(min\\.?|minimum|least)"),
  /// The greatest value.
  GREATEST("(max\\.?|maximum|greatest)"),
  /// The lower limit of an interval.
  LOWER(
      "(.*\\b)?(ll|lower( bound| limit| ci)?|lcl|lwr|conf\\.? ?low|ci[_ ]low(er)?|2\\.5"
          + " ?%|lower\\.cl|asymp\\.lcl)"),
  /// The upper limit of an interval.
  UPPER(
      "(.*\\b)?(ul|upper( bound| limit| ci)?|ucl|upr|conf\\.? ?high|ci[_ ](high|upper)|97\\.5"
          + " ?%|upper\\.cl|asymp\\.ucl)"),
  /// A sum of squares.
  SQUARES("(ss|(type i+ )?sums? of squares|sum sq|sum_sq|(adj|seq) ss)"),
  /// A mean square.
  MEAN_SQUARE("(ms|mean squares?|mean sq|mean_sq|meansq|adj ms)"),
  /// η²: the share of all squares.
  ETA("(η2|eta2|eta[- ]squared)"),
  /// Partial η²: the share of its own squares and the error's.
  PARTIAL_ETA("(partial (η2|eta2|eta[- ]squared)|η2 ?p|ηp2|η2 partial|np2)"),
  /// *R*².
  DETERMINATION("(r2|r[- ]squared?|r square)"),
  /// *R*² adjusted for the number of predictors.
  ADJUSTED("(adj\\.?|adjusted) r(2|[- ]squared?| square)"),
  /// A share or a coefficient that can't pass 1 in size.
  SHARE(
      "(cram[ée]r's v|phi|φ|alpha|α|cronbach's"
          + " alpha|kappa|icc|tolerance|ρ|rho|spearman.*|kendall.*|τ|tau)");

  private static final Pattern BLANKS = Pattern.compile("\\s+");
  private static final Pattern WITH_FREEDOM = Pattern.compile("\\s*\\([0-9., ]+\\)$");

  private final Pattern names;

  Quantity(String names) {
    this.names = Pattern.compile(names.isEmpty() ? "(?!)" : names);
  }

  /// What a measure is, if it is known here.
  public static Optional<Quantity> of(Measure measure) {
    return of(measure.name(), measure.kind());
  }

  /// What a name stands for that has figures of a kind.
  static Optional<Quantity> of(String name, MeasureKind kind) {
    return switch (kind) {
      case DEVIATION -> Optional.of(DEVIATION);
      case ERROR -> Optional.of(STANDARD_ERROR);
      case P -> Optional.of(PROBABILITY);
      case PERCENT -> Optional.of(PERCENT);
      case VALUE -> name.equals("r") ? Optional.of(CORRELATION) : Optional.empty();
      case RATIO -> Optional.empty();
      default -> named(name);
    };
  }

  private static Optional<Quantity> named(String name) {
    String plain = plain(name);
    for (Quantity one : values()) {
      if (one.names.matcher(plain).matches()) {
        return Optional.of(one);
      }
    }
    return Optional.empty();
  }

  private static String plain(String name) {
    String plain = name.strip().toLowerCase(Locale.ROOT).replace('²', '2').replace('’', '\'');
    plain = BLANKS.matcher(plain).replaceAll(" ");
    return WITH_FREEDOM.matcher(plain).replaceAll("");
  }

  /// Its sign in a sentence.
  String sign() {
    return switch (this) {
      case ESTIMATE -> "b";
      case RATIO -> "the ratio";
      case BETA -> "β";
      case MEAN -> "M";
      case DEVIATION -> "SD";
      case STANDARD_ERROR -> "SE";
      case T -> "t";
      case Z -> "z";
      case WALD -> "Wald’s χ²";
      case F -> "F";
      case CHI_SQUARE -> "χ²";
      case CORRELATION -> "r";
      case PROBABILITY -> "p";
      case FREEDOM -> "df";
      case FREEDOM_EFFECT -> "df of the effect";
      case FREEDOM_ERROR -> "df of the error";
      case COUNT -> "n";
      case PERCENT -> "the percentage";
      case LEAST -> "the least value";
      case GREATEST -> "the greatest value";
      case LOWER -> "the lower limit";
      case UPPER -> "the upper limit";
      case SQUARES -> "SS";
      case MEAN_SQUARE -> "MS";
      case ETA -> "η²";
      case PARTIAL_ETA -> "partial η²";
      case DETERMINATION -> "R²";
      case ADJUSTED -> "adjusted R²";
      case SHARE -> "the coefficient";
    };
  }
}
