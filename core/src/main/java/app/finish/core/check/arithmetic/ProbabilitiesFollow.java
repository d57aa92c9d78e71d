package app.finish.core.check.arithmetic;

import app.finish.core.check.Finding;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;

/// A probability follows from its statistic and the degrees of freedom: *t*, *z*, *F*, χ² and *r*.
///
/// A line that tells no degrees of freedom is looked at only as far as the others of its table go:
/// no *t* is less probable than the *z* of the same size.
public final class ProbabilitiesFollow extends ResultCheck {
  /// How far results of different algorithms lie apart, as a share.
  private static final double ALGORITHMS = 0.002;

  private static final Pattern ONE_SIDED = Pattern.compile("\\b(one|1)[- ]?(sided|tailed)\\b");
  private static final Pattern ADJUSTED =
      Pattern.compile(
          "\\b(adj|adjusted|corrected|tukey|bonferroni|holm|sidak|šidák|scheff[eé]|games|fdr)\\b");
  private static final Pattern PAIR = Pattern.compile(".+ ([-–−]|vs\\.?|versus|minus|/) .+");

  /// What a statistic gives.
  ///
  /// @param two the two-sided probabilities
  /// @param how from what they were computed
  /// @param sided whether there is a one-sided probability too
  /// @param only whether they are only the least that it can be
  private record Computed(Range two, String how, boolean sided, boolean only) {}

  @Override
  public String id() {
    return "arithmetic.probability";
  }

  @Override
  public String asks() {
    return "Each probability follows from its statistic and its degrees of freedom";
  }

  @Override
  void look(ResultLine line, ResultLines lines, List<Finding> findings) {
    if (!line.has(Quantity.PROBABILITY)) {
      return;
    }
    computed(line, lines).ifPresent(computed -> judge(line, computed, lines, findings));
  }

  private void judge(
      ResultLine line, Computed computed, ResultLines lines, List<Finding> findings) {
    Reported p = line.at(Quantity.PROBABILITY);
    double slack = computed.two.high() < 0.001 ? 5 * ALGORITHMS : ALGORITHMS;
    Range two = computed.two.widened(slack * computed.two.high());
    Range one = new Range(two.low() / 2, two.high() / 2);
    boolean saysOne = saysOneSided(lines);
    if (computed.only) {
      if (p.range().high() < (saysOne || computed.sided ? one.low() : two.low()) * (1 - 1e-9)) {
        findings.add(
            differs(line, Quantity.PROBABILITY, "at least " + p.like(two.low()), computed.how));
      }
      return;
    }
    boolean adjusted = isAdjusted(line, lines) && p.range().high() >= two.low();
    if (p.range().meets(two) || adjusted || saysOne && computed.sided && meetsOne(p, one)) {
      return;
    }
    if (computed.sided && meetsOne(p, one)) {
      Finding finding =
          wrong(
              line,
              Quantity.PROBABILITY,
              p.like(two),
              said(line, Quantity.PROBABILITY)
                  + " is one-sided; two-sided, "
                  + computed.how
                  + " gives "
                  + p.like(two)
                  + ". Say that it is one-sided.");
      findings.add(finding.worthKnowing());
      return;
    }
    findings.add(differs(line, Quantity.PROBABILITY, limited(p, two), computed.how));
  }

  private static boolean meetsOne(Reported p, Range one) {
    return p.range().meets(one) || p.range().meets(new Range(1 - one.high(), 1 - one.low()));
  }

  /// What should stand there: below a thousandth no figure is written.
  private static String limited(Reported p, Range computed) {
    boolean bare = p.written().matches("[<>≤≥]?\\s*[.,]\\d.*");
    boolean small = computed.high() < 0.001 && p.number() >= 0.001;
    return small ? (bare ? "< .001" : "< 0.001") : p.like(computed);
  }

  /// Whether a probability may be greater than its statistic's, since there are several
  /// comparisons.
  private static boolean isAdjusted(ResultLine line, ResultLines lines) {
    boolean pair = !line.label().isEmpty() && PAIR.matcher(line.label().getLast()).matches();
    return pair || lines.says(ADJUSTED);
  }

  private static boolean saysOneSided(ResultLines lines) {
    return lines.says(ONE_SIDED);
  }

  private Optional<Computed> computed(ResultLine line, ResultLines lines) {
    Optional<Quantity> statistic =
        line.firstOf(
            Quantity.T,
            Quantity.F,
            Quantity.CHI_SQUARE,
            Quantity.WALD,
            Quantity.Z,
            Quantity.CORRELATION);
    if (statistic.isEmpty() || line.at(statistic.get()).isLimit()) {
      return Optional.empty();
    }
    Range range = line.at(statistic.get()).range();
    String said = said(line, statistic.get());
    return switch (statistic.get()) {
      case T -> student(line, range, said);
      case Z -> Optional.of(new Computed(Tails.z(range), said, true, false));
      case F -> fisher(line, lines, range, said);
      case CHI_SQUARE ->
          freedom(line)
              .map(df -> new Computed(Tails.chiSquare(range, df), said + with(df), df == 1, false));
      case WALD -> {
        double df = freedom(line).orElse(1.0);
        yield Optional.of(
            new Computed(Tails.chiSquare(range, df), said + with(df), df == 1, false));
      }
      default -> correlation(line, range, said);
    };
  }

  private static String with(double freedom) {
    return " with df = " + number(freedom);
  }

  static String number(double number) {
    return number == Math.rint(number) ? "%d".formatted((long) number) : "" + number;
  }

  private static Optional<Double> freedom(ResultLine line) {
    Optional<Reported> stated = line.get(Quantity.FREEDOM).filter(one -> !one.isLimit());
    return stated
        .or(() -> line.get(Quantity.FREEDOM_ERROR).filter(_ -> !line.has(Quantity.F)))
        .or(() -> line.bare().size() == 1 ? Optional.of(line.bare().getFirst()) : Optional.empty())
        .map(Reported::number)
        .filter(df -> df > 0);
  }

  private static Optional<Computed> student(ResultLine line, Range t, String said) {
    Optional<Double> df = freedom(line);
    return Optional.of(
        df.map(known -> new Computed(Tails.t(t, known), said + with(known), true, false))
            .orElseGet(() -> new Computed(Tails.z(t), said, true, true)));
  }

  private static Optional<Computed> fisher(
      ResultLine line, ResultLines lines, Range f, String said) {
    Optional<Double> effect =
        line.get(Quantity.FREEDOM_EFFECT)
            .or(() -> line.get(Quantity.FREEDOM))
            .map(Reported::number);
    Optional<Double> error = line.get(Quantity.FREEDOM_ERROR).map(Reported::number);
    if (line.bare().size() == 2) {
      effect = Optional.of(line.bare().getFirst().number());
      error = Optional.of(line.bare().getLast().number());
    }
    if (error.isEmpty()) {
      error =
          SquaresFollow.errorOf(line, lines)
              .flatMap(one -> one.get(Quantity.FREEDOM))
              .map(Reported::number);
    }
    if (effect.isEmpty() || error.isEmpty() || effect.get() <= 0 || error.get() <= 0) {
      return Optional.empty();
    }
    String with = " with df = " + number(effect.get()) + " and " + number(error.get());
    return Optional.of(
        new Computed(Tails.f(f, effect.get(), error.get()), said + with, effect.get() == 1, false));
  }

  private static Optional<Computed> correlation(ResultLine line, Range r, String said) {
    Optional<Double> df =
        freedom(line)
            .or(() -> line.get(Quantity.COUNT).map(n -> n.number() - 2).filter(known -> known > 0));
    return df.map(
        known -> new Computed(Tails.correlation(r, known), said + with(known), true, false));
  }
}
