package app.finish.core.check.demand;

import app.finish.core.check.Check;
import app.finish.core.check.Checked;
import app.finish.core.check.FiguresHavePlaces;
import app.finish.core.check.Finding;
import app.finish.core.check.HighlightsSeen;
import app.finish.core.check.InksRead;
import app.finish.core.check.TableFits;
import app.finish.core.check.TotalsAddUp;
import app.finish.core.check.arithmetic.EffectsFollow;
import app.finish.core.check.arithmetic.FiguresPossible;
import app.finish.core.check.arithmetic.FreedomFollows;
import app.finish.core.check.arithmetic.IntervalsFollow;
import app.finish.core.check.arithmetic.MeansPossible;
import app.finish.core.check.arithmetic.PercentsFollow;
import app.finish.core.check.arithmetic.ProbabilitiesFollow;
import app.finish.core.check.arithmetic.SquaresFollow;
import app.finish.core.check.arithmetic.StatisticsFollow;
import app.finish.core.check.arithmetic.WordsFollow;
import java.util.ArrayList;
import java.util.List;

/// The checks in the order in which they are shown.
///
/// ```java
/// List<Finding> findings = Checks.ALL.of(Checked.of(recognition, grid));
/// ```
///
/// @param checks the checks
public record Checks(List<Check> checks) {
  /// All that there are.
  public static final Checks ALL =
      new Checks(
          List.of(
              new FiguresHavePlaces(),
              new TotalsAddUp(),
              new FiguresPossible(),
              new ProbabilitiesFollow(),
              new StatisticsFollow(),
              new SquaresFollow(),
              new FreedomFollows(),
              new EffectsFollow(),
              new MeansPossible(),
              new IntervalsFollow(),
              new PercentsFollow(),
              new WordsFollow(),
              new InksRead(),
              new HighlightsSeen(),
              new TableFits()));

  /// Copies the list.
  public Checks {
    checks = List.copyOf(checks);
  }

  /// What does not hold of a table.
  public List<Finding> of(Checked table) {
    List<Finding> findings = new ArrayList<>();
    for (Check check : checks) {
      findings.addAll(check.findings(table));
    }
    return findings;
  }
}
