package app.finish.core.tally;

import java.util.List;

/// What was worked out of the records that share these members. Fewer members than the axis has
/// dimensions make a total over the rest.
///
/// @param down the members down, from the outermost
/// @param across the members across, from the outermost
/// @param values a figure for each measure of the plan; not a number where there is none
public record Group(List<Member> down, List<Member> across, List<Double> values) {
  /// Copies the lists.
  public Group {
    down = List.copyOf(down);
    across = List.copyOf(across);
    values = List.copyOf(values);
  }
}
