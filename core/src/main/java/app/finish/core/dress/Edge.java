package app.finish.core.dress;

import app.finish.core.style.Origin;
import app.finish.core.style.RuleLine;
import java.util.Optional;

/// The rule on the edge of the table, the heads or the body, as far as it falls on one row.
///
/// @param rule the rule, or none
/// @param origin where it was set
public record Edge(RuleLine rule, Optional<Origin> origin) {
  /// No rule.
  public static final Edge NONE = new Edge(RuleLine.NONE, Optional.empty());

  /// The heavier of two edges that fall on one row.
  public Edge orHeavier(Edge other) {
    return other.rule.weight() > rule.weight() ? other : this;
  }
}
