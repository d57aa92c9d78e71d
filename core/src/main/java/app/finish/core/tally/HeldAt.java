package app.finish.core.tally;

/// A dimension held at one member: only the member's records are counted.
///
/// @param dimension the dimension
/// @param member the member
public record HeldAt(TallyDimension dimension, Member member) {
  /// What the member is called.
  public String label() {
    return dimension.bins().label(member);
  }
}
