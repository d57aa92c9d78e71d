package app.finish.core.arrange.move;

/// How much is kept.
public sealed interface Quota {
  /// So many members.
  ///
  /// @param members how many
  record Count(int members) implements Quota {}

  /// Members until they make up a share of the sum.
  ///
  /// @param percent the share, above 0 and up to 100
  record Share(double percent) implements Quota {
    /// @throws IllegalArgumentException if it is no share
    public Share {
      if (!(percent > 0 && percent <= 100)) {
        throw new IllegalArgumentException("A share is above 0 and up to 100 percent.");
      }
    }
  }
}
