package app.finish.core.check;

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
