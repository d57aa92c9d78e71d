package app.finish.core.dress;

import app.finish.core.style.Cascade;
import app.finish.core.style.Look;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.RuleLine;
import app.finish.core.style.Selector;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;

/// Puts rules on cells that none of their own settings puts there: at the edges of what several
/// cells are set for together (the stub, a column, the rows of a measure), and between the rows and
/// columns of a part.
///
/// ```java
/// lines.at(look, selectors, ends); // the look with the rules at its sides
/// ```
final class GridLines {
  /// Where a cell stands among those that are set together with it.
  interface Ends {
    /// Whether the cells that a selector is for end at a side of this cell.
    boolean at(Selector selector, Property side);

    /// Whether a row of the same part stands above, for which lines between rows are set too.
    boolean hasRowAbove();

    /// Whether a column of the same part stands to the left.
    boolean hasColumnLeft();
  }

  private final Cascade cascade;
  private final Map<Look, Map<List<RuleLine>, Look>> ruled = new IdentityHashMap<>();
  private final boolean headsHaveLines;
  private final boolean stubHasLines;

  GridLines(Cascade cascade) {
    this.cascade = cascade;
    this.headsHaveLines = look(PartName.HEADS).betweenRows().isDrawn();
    this.stubHasLines = look(PartName.STUB).betweenColumns().isDrawn();
  }

  private Look look(PartName part) {
    return cascade.look(List.of(Selector.of(PartName.TABLE), Selector.of(part)));
  }

  /// Whether lines between rows are drawn in the heads too, and so between heads and body.
  boolean headsHaveLines() {
    return headsHaveLines;
  }

  /// Whether lines between columns are drawn in the stub too, and so between stub and figures.
  boolean stubHasLines() {
    return stubHasLines;
  }

  /// The line between rows of figures.
  RuleLine betweenFigures() {
    return look(PartName.BODY).betweenRows();
  }

  /// A look with the rules that stand at the sides of its cell.
  ///
  /// @param selectors what the cell is set by
  Look at(Look look, List<Selector> selectors, Ends ends) {
    if (!cascade.hasLines()) {
      return look;
    }
    RuleLine above = edge(look.ruleAbove(), selectors, Property.RULE_ABOVE, ends);
    RuleLine below = edge(look.ruleBelow(), selectors, Property.RULE_BELOW, ends);
    RuleLine left = edge(look.ruleLeft(), selectors, Property.RULE_LEFT, ends);
    RuleLine right = edge(look.ruleRight(), selectors, Property.RULE_RIGHT, ends);
    above = ends.hasRowAbove() ? above.orHeavier(look.betweenRows()) : above;
    left = ends.hasColumnLeft() ? left.orHeavier(look.betweenColumns()) : left;
    return ruled(look, above, below, left, right);
  }

  /// A look with these rules at its sides. Looks that are equal are one object.
  Look ruled(Look look, RuleLine above, RuleLine below, RuleLine left, RuleLine right) {
    boolean same =
        above.equals(look.ruleAbove())
            && below.equals(look.ruleBelow())
            && left.equals(look.ruleLeft())
            && right.equals(look.ruleRight());
    if (same) {
      return look;
    }
    synchronized (ruled) {
      return ruled
          .computeIfAbsent(look, one -> new HashMap<>())
          .computeIfAbsent(
              List.of(above, below, left, right),
              rules -> look.withRules(above, below, left, right));
    }
  }

  private RuleLine edge(RuleLine own, List<Selector> selectors, Property side, Ends ends) {
    RuleLine rule = own;
    for (Selector selector : selectors) {
      if (Cascade.isEdge(selector, side) && cascade.knows(selector) && ends.at(selector, side)) {
        RuleLine other = cascade.edge(selector, side).map(set -> set.getKey()).orElse(rule);
        rule = rule.orHeavier(other);
      }
    }
    return rule;
  }
}
