package app.finish.core.highlight;

import app.finish.core.table.Heading.Role;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/// Where a highlight looks: which measures, which members of which dimensions, under which
/// headings, at which levels, and whether in the body, in subtotals and in grand totals. It is said
/// by meaning, so it holds however the table is arranged.
///
/// ```java
/// Region.EVERYWHERE.withMeasures(List.of("Cost recovery")).withMember("Season", "Winter");
/// ```
///
/// @param measures names of measures, or `every` and a kind, such as `every percent`; none for all
/// @param members for a dimension the members that are meant; all of one that is not named. Members
///   of a dimension without a name stand under the empty string
/// @param under headings, by the labels that lead to them; a figure stands under one of each
/// @param levels names of dimensions, or numbers of levels down, at which the figures' headings
///   stand: the level of a member is its own dimension, that of a total is the group it totals;
///   none for all
/// @param body whether figures that are no totals are meant
/// @param subtotals whether subtotals are
/// @param grandTotals whether grand totals are
public record Region(
    List<String> measures,
    Map<String, List<String>> members,
    List<Under> under,
    List<String> levels,
    boolean body,
    boolean subtotals,
    boolean grandTotals) {
  /// What a name begins with that means all measures of a kind: “every percent”.
  public static final String EVERY = "every ";

  /// All figures that are no totals.
  public static final Region EVERYWHERE =
      new Region(List.of(), Map.of(), List.of(), List.of(), true, false, false);

  /// Headings, down or across, under one of which a figure stands.
  ///
  /// @param paths for each heading the labels that lead to it, from any level on: `North`, or
  ///   `North` and `Ferry`; all of them lead to the figure, on whichever side they run
  public record Under(List<List<String>> paths) {
    /// Copies the labels.
    public Under {
      paths = paths.stream().map(List::copyOf).toList();
    }
  }

  /// Copies the names, in order.
  public Region {
    measures = List.copyOf(measures);
    under = List.copyOf(under);
    levels = List.copyOf(levels);
    Map<String, List<String>> copy = new LinkedHashMap<>();
    members.forEach((dimension, some) -> copy.put(dimension, List.copyOf(some)));
    members = Collections.unmodifiableMap(copy);
  }

  /// The same region in other measures; none for all.
  public Region withMeasures(List<String> others) {
    return new Region(others, members, under, levels, body, subtotals, grandTotals);
  }

  /// The same region with a member more of a dimension.
  public Region withMember(String dimension, String member) {
    List<String> more = new ArrayList<>(members.getOrDefault(dimension, List.of()));
    if (!more.contains(member)) {
      more.add(member);
    }
    return withMembers(dimension, more);
  }

  /// The same region in other members of a dimension; none for all.
  public Region withMembers(String dimension, List<String> others) {
    Map<String, List<String>> all = new LinkedHashMap<>(members);
    if (others.isEmpty()) {
      all.remove(dimension);
    } else {
      all.put(dimension, others);
    }
    return new Region(measures, all, under, levels, body, subtotals, grandTotals);
  }

  /// The same region under other headings; none for all.
  public Region withUnder(List<Under> others) {
    return new Region(measures, members, others, levels, body, subtotals, grandTotals);
  }

  /// The same region at other levels; none for all.
  public Region withLevels(List<String> others) {
    return new Region(measures, members, under, others, body, subtotals, grandTotals);
  }

  /// The same region in other parts of the table.
  public Region in(boolean inBody, boolean inSubtotals, boolean inGrandTotals) {
    return new Region(measures, members, under, levels, inBody, inSubtotals, inGrandTotals);
  }

  /// Whether figures of a role are meant.
  public boolean has(Role role) {
    return switch (role) {
      case MEMBER -> body;
      case SUBTOTAL -> subtotals;
      case GRAND_TOTAL -> grandTotals;
    };
  }
}
