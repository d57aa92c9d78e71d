package app.finish.core.check.access;

import app.finish.core.arrange.place.Side;
import app.finish.core.check.Check;
import app.finish.core.check.Checked;
import app.finish.core.check.Finding;
import app.finish.core.check.Where;
import app.finish.core.dress.CellMeaning;
import app.finish.core.table.Axis;
import app.finish.core.table.Heading;
import app.finish.core.table.Leaf;
import app.finish.core.table.Table;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// Each figure is found by its heads: no two rows and no two columns have the same headings, and no
/// column has none.
public final class HeadsTellApart implements Check {
  @Override
  public String id() {
    return "access.heads";
  }

  @Override
  public String asks() {
    return "The headings of each row and column tell it from the others";
  }

  @Override
  public String why() {
    return "WCAG 2.2, 1.3.1: who hears a table knows a figure by its headings alone.";
  }

  @Override
  public List<Finding> findings(Checked checked) {
    List<Finding> findings = new ArrayList<>();
    checked
        .table()
        .ifPresent(
            table -> {
              same(table, Side.ACROSS, "column").ifPresent(findings::add);
              same(table, Side.DOWN, "row").ifPresent(findings::add);
            });
    return findings;
  }

  /// The first line that has the headings of one before it, or none at all where others have some.
  private Optional<Finding> same(Table table, Side side, String line) {
    Axis axis = side.of(table);
    Map<List<String>, Integer> seen = new HashMap<>();
    for (Leaf leaf : axis.leaves()) {
      List<String> labels = leaf.labels();
      boolean none = labels.stream().allMatch(String::isBlank);
      if (none && side == Side.ACROSS && axis.leaves().size() > 1) {
        return Optional.of(
            finding(
                side,
                leaf,
                "",
                "A "
                    + line
                    + " has no heading: who hears the table can't tell what its figures are."));
      }
      Integer before = none ? null : seen.putIfAbsent(labels, leaf.index());
      if (before != null) {
        String name = String.join(", ", labels.stream().filter(one -> !one.isBlank()).toList());
        return Optional.of(
            finding(
                side,
                leaf,
                name,
                "Two "
                    + line
                    + "s are called “"
                    + name
                    + "”: who hears the table can't tell their"
                    + " figures apart."));
      }
    }
    return Optional.empty();
  }

  private Finding finding(Side side, Leaf leaf, String name, String sentence) {
    int level = leaf.path().size() - 1;
    CellMeaning place =
        side == Side.DOWN
            ? new CellMeaning.Stub(level, leaf.index())
            : new CellMeaning.Head(level, leaf.index(), leaf.index());
    String shown = leaf.path().stream().map(Heading::label).reduce((_, last) -> last).orElse("");
    return new Finding(this, new Where.Place(place, shown), name, "", sentence).worthKnowing();
  }
}
