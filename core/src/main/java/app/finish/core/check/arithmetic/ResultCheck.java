package app.finish.core.check.arithmetic;

import app.finish.core.check.Check;
import app.finish.core.check.Checked;
import app.finish.core.check.Finding;
import app.finish.core.check.Where;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// A check of results against each other, line by line.
public abstract sealed class ResultCheck implements Check
    permits FiguresPossible,
        ProbabilitiesFollow,
        StatisticsFollow,
        SquaresFollow,
        FreedomFollows,
        EffectsFollow,
        MeansPossible,
        IntervalsFollow {
  private static final String WHY =
      "Results of one analysis determine each other; where two do not agree, one was mistyped,"
          + " rounded wrongly or comes from another analysis.";

  @Override
  public String why() {
    return WHY;
  }

  /// The results of a table, read once for all checks that look at them.
  public static final class Results {
    private final Checked table;
    private Optional<ResultLines> lines = Optional.empty();

    /// The results of this table; they are read when they are first asked for.
    public Results(Checked table) {
      this.table = table;
    }

    private Optional<ResultLines> lines() {
      if (lines.isEmpty()) {
        lines = table.table().map(ResultLines::of);
      }
      return lines;
    }
  }

  @Override
  public final List<Finding> findings(Checked table) {
    return findings(new Results(table));
  }

  /// What does not hold of results that other checks look at too.
  public final List<Finding> findings(Results results) {
    List<Finding> findings = new ArrayList<>();
    results.lines().ifPresent(lines -> look(lines, findings));
    return findings;
  }

  /// Looks at all lines.
  void look(ResultLines lines, List<Finding> findings) {
    lines.lines().forEach(line -> look(line, lines, findings));
  }

  /// Looks at one line.
  void look(ResultLine line, ResultLines lines, List<Finding> findings) {}

  /// Says that a figure does not follow, if it does not.
  ///
  /// @param computed all that it may be by what it is computed from
  /// @param how how it was computed, as "t = 2.10 with df = 38"
  void compare(
      ResultLine line, Quantity quantity, Range computed, String how, List<Finding> findings) {
    Reported figure = line.at(quantity);
    if (computed.isBounded() && !figure.range().meets(computed)) {
      findings.add(differs(line, quantity, figure.like(computed), how));
    }
  }

  /// That a figure is not what another says it should be.
  Finding differs(ResultLine line, Quantity quantity, String should, String how) {
    Reported figure = line.at(quantity);
    return wrong(
        line,
        quantity,
        should,
        quantity.sign() + " is " + figure.written() + ", but " + how + " gives " + should + ".");
  }

  /// That a figure is wrong.
  Finding wrong(ResultLine line, Quantity quantity, String should, String sentence) {
    Reported figure = line.at(quantity);
    String named = line.words();
    String whole = named.isEmpty() ? sentence : named + ": " + sentence;
    return new Finding(
        this, new Where.Place(figure.place(), named), figure.written(), should, whole);
  }

  /// A figure as a sentence names it: "t = 2.10".
  static String said(ResultLine line, Quantity quantity) {
    String written = line.at(quantity).written();
    return quantity.sign() + (written.matches("[<>≤≥].*") ? " " : " = ") + written;
  }
}
