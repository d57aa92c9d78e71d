package app.finish.core.problem;

/// Something that a person can mend.
///
/// ```java
/// if (failure instanceof Mendable mendable) {
///   say(mendable.sentence());
/// }
/// ```
public interface Mendable {
  /// What is wrong and what to do, in one sentence or two.
  String sentence();

  /// Where it is: a file, a line and key of it, a place in a text; often the empty string, where
  /// the sentence says it.
  String where();
}
