package app.finish.core.recognise.words;

import app.finish.core.table.MeasureKind;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;

/// The names that statistics packages print over their columns, in the long and short forms, and
/// what sort of figure each is.
public final class Statistics {
  private static final Map<String, MeasureKind> KINDS = new HashMap<>();

  private static final int LONGEST = 60;
  private static final Pattern BLANKS = Pattern.compile("\\s+");
  private static final Pattern STANDARD = Pattern.compile("\\bst(andar)?d\\b\\.?");
  private static final Pattern DEVIATION = Pattern.compile("\\bdev(iation)?\\b\\.?");
  private static final Pattern ERROR = Pattern.compile("\\berr(or)?\\b\\.?");
  private static final Pattern OF_MEAN = Pattern.compile(" of( the)? mean\\b");
  private static final Pattern PERIOD = Pattern.compile("(?<![0-9])\\.|\\.(?![0-9])");
  private static final Pattern MARK = Pattern.compile("(?<=[a-z.)])[ᵃᵇᶜᵈ*†]+$");
  private static final Pattern TESTED =
      Pattern.compile("(t|f|z|u|h|χ2|x2|chi-square) ?\\([0-9., ]+\\)");
  private static final Pattern WITHIN = Pattern.compile("(%|per ?cent|pct) (within|of) .*");
  private static final Pattern INTERVAL =
      Pattern.compile(
          "[lu]?-?[0-9.]+ ?% (ci)\\b|\\[?[0-9.]+ ?% (ci|conf(idence)?("
              + " interval)?\\b).*|interval\\]|.*\\b(ci|confidence interval) (lower|upper).*");

  static {
    put(
        MeasureKind.MEAN,
        """
        m; mean; means; average; avg; x̄; mean difference; mean diff; estimated marginal
        mean; emmean; lsmean; marginal mean
        """);
    put(
        MeasureKind.DEVIATION,
        """
        sd; s.d.; std; stdev; std.dev.; st.dev.; st dev; std dev; std. dev.; std. deviation; std deviation;
        standard deviation; standard dev; σ; s
        """);
    put(
        MeasureKind.ERROR,
        """
        se; s.e.; std err; std. err.; std. error; std error; standard error; std. error
        mean; std.error; std. error; est.error; est. error; se(coef); robust se; se mean; s.e. mean; std. error of the mean; standard error of the mean;
        sem; stderr; std_err; std.err.; se_mean; std. error difference; se b; se(b); se β; std. error of the estimate
        """);
    put(
        MeasureKind.COUNT,
        """
        n; count; n miss; n missing; missing n; n_missing; valid n; n valid; freq; freq.; frequency; cases; obs; observations;
        observed; observed count; valid
        """);
    put(
        MeasureKind.EXPECTED,
        """
        expected; expected count; expected n; residual; std. residual
        """);
    put(
        MeasureKind.P,
        """
        p; p value; p-value; p val; sig; sig.; sig. (2-tailed); sig. (1-tailed); asymp.
        sig. (2-sided); asymptotic significance (2-sided); exact sig.; significance;
        p (two-sided); p (one-sided); prob; prob > f; prob > chi2; pr(>|t|); pr(>|z|); pr(>f); p>|t|; p>|z|; adj. p;
        padj; p adj; p-adj; p.value; pvalue; p-unc; p-corr; prob(f); pr(>chi); pr(>chisq); pr(chi); two-sided p; one-sided p
        """);
    put(
        MeasureKind.TEST,
        """
        t; t.ratio; t ratio; z.ratio; z ratio; f.ratio; t value; t-value; t stat; t statistic; z; z value; z-value; wald; f; f value;
        f-value; f statistic; chi-square; chi square; chi-squared; chi2; χ2; x2; u; w;
        h; q; lr; deviance; levene statistic; tvalue; statistic; chisq; lr chisq; wald chisq
        """);
    put(
        MeasureKind.FREEDOM,
        """
        df; d.f.; df1; df2; dof; degrees of freedom; hypothesis df; error df; numdf;
        dendf; resid. df; df_resid; df_diff; df_model; df of effect; df of error; ddof1; ddof2; num df; den df
        """);
    put(
        MeasureKind.SUM,
        """
        ss; adj ss; seq ss; type iii ss; sum of squares; sum sq; sum_sq; ss_diff; ssr; rss; resid. ss
        """);
    put(
        MeasureKind.STATISTIC,
        """
        type iii sum of squares; type ii sum of squares; ms; adj ms; mean square; mean sq; mean_sq; meansq; 1q; 3q; q1; q2; q3; 1st qu.; 3rd qu.; p0; p100; p5; p10; p25; p50; p75; p90; p95; 25%; 50%; 75%; 5%; 10%; 90%; 95%; 1%; 99%; 0%; 100%; lower quartile; upper quartile; least; greatest; mdn; median; mode; iqr; range; variance; var; min;
        min.; minimum; max; max.; maximum; skewness; kurtosis; skew; kurt; nunique; unique; vif; aic; bic; log
        likelihood; rank; mean rank; sum of ranks; percentile
        """);
    put(
        MeasureKind.CORRELATION,
        """
        r; pearson correlation; pearson's r; correlation; corr; corr.; spearman's rho;
        spearman correlation; rho; ρ; kendall's tau; tau; τ; r2; r-squared; r squared; r
        square; adjusted r2; adjusted r square; adjusted r-squared; adj. r2; eta2; eta
        squared; partial eta squared; partial eta2; partial η2; η2p; η2 p; η2 partial; η2; ηp2; omega squared; ω2; cramer's
        v; cramér's v; phi; φ; alpha; α; cronbach's alpha; tolerance; icc; kappa; β;
        beta; standardized beta; std. beta; standardized coefficient
        """);
    put(
        MeasureKind.COEFFICIENT,
        """
        b; coef; exp(coef); coef.; meandiff; mean diff.; contrast; coefficient; coefficients; estimate; est; est.; unstandardized
        b; d; cohen's d; hedges' g; g; effect size; or; odds ratio; exp(b); hr; hazard
        ratio; rr; risk ratio; irr; incidence rate ratio
        """);
    put(
        MeasureKind.INTERVAL,
        """
        ll; ul; lower; upper; lower bound; upper bound; lower limit; upper limit; ci
        lower; ci upper; 95% ci; 90% ci; 99% ci; 95% confidence interval; conf.
        interval; conf.low; conf.high; 2.5 %; 97.5 %; 2.5%; 97.5%; [0.025; 0.975]; [0.05; 0.95]; [0.005; 0.995]; lcl; ucl; 95% conf. interval; lwr; upr; lower.cl; upper.cl; asymp.lcl; asymp.ucl; lower ci; upper ci; ci low; ci high; ci_lower; ci_upper; conf. low; conf. high
        """);
    put(
        MeasureKind.PERCENT,
        """
        %; % of answers; running %; percent; per cent; pct; percentage; valid percent; cumulative percent; valid
        %; cumulative %; cum. %; cum %; cum.; cum; cumul.; relative frequency; row %; column %; col %; total %; % within row; %
        of total; share; percent of total; share of total
        """);
  }

  private static final Pattern SQUARES =
      Pattern.compile(
          "(adj |seq |partial |type i+ )?(ss|sums? of squares|sum sq|sum_sq|mss)( \\(.*\\))?",
          Pattern.CASE_INSENSITIVE);

  private Statistics() {}

  /// Whether a name is that of sums of squares.
  public static boolean isOfSquares(String name) {
    return SQUARES.matcher(name.strip()).matches();
  }

  private static void put(MeasureKind kind, String names) {
    for (String name : names.split(";")) {
      KINDS.put(plain(name), kind);
    }
  }

  /// The kind of figure that a name stands for, if it is the name of a statistic.
  public static Optional<MeasureKind> kind(String name) {
    if (name.length() > LONGEST) {
      return Optional.empty();
    }
    String plain = plain(name);
    if (INTERVAL.matcher(plain).matches()) {
      return Optional.of(MeasureKind.INTERVAL);
    }
    if (TESTED.matcher(plain).matches()) {
      return Optional.of(MeasureKind.TEST);
    }
    return WITHIN.matcher(plain).matches()
        ? Optional.of(MeasureKind.PERCENT)
        : Optional.ofNullable(KINDS.get(plain));
  }

  /// A name without case, superscripts, periods, blanks at its ends and the mark of a footnote
  /// behind it, and with *standard*, *deviation* and *error* in one form.
  private static String plain(String name) {
    String plain = name.strip().toLowerCase(Locale.ROOT).replace('²', '2').replace('’', '\'');
    plain = BLANKS.matcher(plain).replaceAll(" ");
    plain = STANDARD.matcher(plain).replaceAll("std");
    plain = DEVIATION.matcher(plain).replaceAll("dev");
    plain = ERROR.matcher(plain).replaceAll("err");
    plain = OF_MEAN.matcher(plain).replaceAll(" mean");
    plain = PERIOD.matcher(plain).replaceAll("");
    return MARK.matcher(plain).replaceAll("");
  }
}
