package app.finish.core.check.access;

import app.finish.core.arrange.place.Side;
import app.finish.core.check.Check;
import app.finish.core.check.Checked;
import app.finish.core.check.Finding;
import app.finish.core.check.Where;
import app.finish.core.dress.CellMeaning;
import app.finish.core.table.Heading;
import app.finish.core.table.Heading.Role;
import app.finish.core.table.Table;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/// Subtotals stand on one side of what they total, in all groups alike, so that who hears the table
/// knows where a group ends.
public final class TotalsOnOneSide implements Check {
  /// A subtotal and where it stands.
  private record Total(boolean before, int leaf, int level, String label) {}

  @Override
  public String id() {
    return "access.order";
  }

  @Override
  public String asks() {
    return "Subtotals stand before what they total in all groups, or behind it in all";
  }

  @Override
  public String why() {
    return "WCAG 2.2, 1.3.2: a table is heard in the order of its cells.";
  }

  @Override
  public List<Finding> findings(Checked checked) {
    List<Finding> findings = new ArrayList<>();
    checked
        .table()
        .ifPresent(
            table -> {
              mixed(table, Side.DOWN).ifPresent(findings::add);
              mixed(table, Side.ACROSS).ifPresent(findings::add);
            });
    return findings;
  }

  private Optional<Finding> mixed(Table table, Side side) {
    List<Total> totals = new ArrayList<>();
    collect(side.of(table).headings(), 0, 0, totals);
    long before = totals.stream().filter(Total::before).count();
    if (before == 0 || before == totals.size()) {
      return Optional.empty();
    }
    boolean usual = before * 2 >= totals.size();
    Total other = totals.stream().filter(one -> one.before != usual).findFirst().orElseThrow();
    CellMeaning place =
        side == Side.DOWN
            ? new CellMeaning.Stub(other.level, other.leaf)
            : new CellMeaning.Head(other.level, other.leaf, other.leaf);
    return Optional.of(
        new Finding(
                this,
                new Where.Place(place, other.label),
                other.before ? "before its group" : "behind its group",
                usual ? "before its group" : "behind its group",
                "“"
                    + other.label
                    + "” stands "
                    + (other.before ? "before" : "behind")
                    + " what it totals, the other subtotals "
                    + (usual ? "before" : "behind")
                    + " it.")
            .worthKnowing());
  }

  /// Takes down where the subtotals under some headings stand.
  ///
  /// @return how many leaves the headings have
  private static int collect(List<Heading> headings, int first, int level, List<Total> totals) {
    int leaf = first;
    OptionalInt firstMember = OptionalInt.empty();
    int lastMember = -1;
    List<Integer> leaves = new ArrayList<>();
    for (Heading heading : headings) {
      leaves.add(leaf);
      if (heading.role() == Role.MEMBER) {
        firstMember = firstMember.isEmpty() ? OptionalInt.of(leaf) : firstMember;
        lastMember = leaf;
      }
      leaf +=
          heading.children().isEmpty() ? 1 : collect(heading.children(), leaf, level + 1, totals);
    }
    for (int i = 0; i < headings.size() && firstMember.isPresent(); i++) {
      int at = leaves.get(i);
      boolean before = at < firstMember.getAsInt();
      if (headings.get(i).role() == Role.SUBTOTAL && (before || at > lastMember)) {
        totals.add(new Total(before, at, level, headings.get(i).label()));
      }
    }
    return leaf - first;
  }
}
