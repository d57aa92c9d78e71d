package app.finish.core.dress;

import app.finish.core.style.Cascade;
import app.finish.core.style.Look;
import app.finish.core.style.Origin;
import app.finish.core.style.Part;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.RuleLine;
import app.finish.core.table.Axis;
import app.finish.core.table.Heading;
import app.finish.core.table.Heading.Role;
import app.finish.core.table.Leaf;
import java.util.List;
import java.util.Optional;

/// Rules of total rows that stay: where a group, or the table, has no such row, they stand below
/// its last row.
public final class TotalRules {
  private final Axis down;
  private final Edge afterTable;
  private final Edge afterGroup;

  TotalRules(Axis down, Cascade cascade) {
    this.down = down;
    this.afterTable = staying(cascade, PartName.GRAND_TOTAL_ROW);
    this.afterGroup = staying(cascade, PartName.SUBTOTAL_ROW);
  }

  private static Edge staying(Cascade cascade, PartName part) {
    Look look = cascade.look(PartSelectors.of(Part.of(part)));
    Edge edge = Edge.NONE;
    for (Property side : List.of(Property.RULE_ABOVE, Property.RULE_BELOW)) {
      RuleLine rule = side == Property.RULE_ABOVE ? look.ruleAbove() : look.ruleBelow();
      Optional<Origin> origin = look.origin(side);
      if (rule.stays() && rule.isDrawn() && origin.isPresent()) {
        edge = edge.orHeavier(new Edge(rule, origin));
      }
    }
    return edge;
  }

  /// A row with the rules that stand below it.
  DressedRow edged(DressedRow row, Leaf leaf) {
    boolean none = !afterTable.rule().isDrawn() && !afterGroup.rule().isDrawn();
    if (none || leaf.role() != Role.MEMBER) {
      return row;
    }
    boolean last = leaf.index() == down.leaves().size() - 1;
    Edge edge = last && lacks(down.headings(), Role.GRAND_TOTAL) ? afterTable : Edge.NONE;
    for (int level = 0; level < leaf.path().size() - 1; level++) {
      Heading group = leaf.path().get(level);
      boolean ends =
          last
              || down.depth(leaf.index() + 1) <= level
              || down.heading(leaf.index() + 1, level) != group;
      if (ends && lacks(group.children(), Role.SUBTOTAL)) {
        edge = edge.orHeavier(afterGroup);
      }
    }
    return edge == Edge.NONE ? row : row.withEdges(row.above(), row.below().orHeavier(edge));
  }

  private static boolean lacks(List<Heading> headings, Role role) {
    return headings.stream().noneMatch(heading -> heading.role() == role);
  }
}
