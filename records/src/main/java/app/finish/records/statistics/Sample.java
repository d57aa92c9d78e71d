package app.finish.records.statistics;

/// What tests of means need to know of a group.
///
/// @param n how many answers
/// @param mean their mean
/// @param deviation their standard deviation, with n − 1
public record Sample(double n, double mean, double deviation) {
  /// The sum of squares around the mean.
  double squares() {
    return n > 1 ? deviation * deviation * (n - 1) : 0;
  }
}
