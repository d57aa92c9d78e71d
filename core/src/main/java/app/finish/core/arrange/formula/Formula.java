package app.finish.core.arrange.formula;

import app.finish.core.arrange.place.Side;
import java.util.OptionalDouble;

/// A calculated measure's rule, which is applied to one place of a table after the other.
public interface Formula {
  /// The figure in a place; none if a figure that it needs is missing there, or none comes out.
  OptionalDouble workOut(Neighbours at);

  /// Whether it needs the figures of its own place alone. Then the total of several places is
  /// calculated from their totals.
  boolean isOfItsPlaceAlone();

  /// Whether places beside each other come to the sum of their figures, as shares of one total do.
  ///
  /// @param side along which side they stand beside each other
  boolean addsAlong(Side side);
}
