package app.finish.core.arrange.formula;

import app.finish.core.arrange.place.Side;

/// A place of a table, and the figures around it. What is not there is not a number.
///
/// The *group* of a place is the members that stand under the same headings as it does, in order; a
/// total has none.
public interface Neighbours {
  /// What a figure is a share of.
  enum Whole {
    /// The total of its row.
    ROW,
    /// The total of its column.
    COLUMN,
    /// The total of its group, or of all groups.
    PARENT,
    /// The total of the whole table.
    TOTAL
  }

  /// The figure of a measure in this place.
  double figure(String measure);

  /// The share of a measure's figure in a whole, as a percentage.
  ///
  /// @param side for the parent along which side
  default double share(String measure, Whole whole, Side side) {
    return Double.NaN;
  }

  /// The figure of the member before this one in its group.
  default double previous(String measure, Side side) {
    return Double.NaN;
  }

  /// The figure of the first member of the group.
  default double first(String measure, Side side) {
    return Double.NaN;
  }

  /// At which place the figure stands in its group by size, 1 for the largest; equal figures share
  /// the better place.
  default double rank(String measure, Side side) {
    return Double.NaN;
  }

  /// The sum of the group's figures up to and with this one.
  default double runningTotal(String measure, Side side) {
    return Double.NaN;
  }

  /// The figure of the group's member of that name.
  default double at(String measure, String member, Side side) {
    return Double.NaN;
  }
}
