package app.finish.core.check;

import java.util.List;

/// A demand on a table.
///
/// ```java
/// Check check = new TotalsAddUp();
/// check.asks(); // "Totals are the sums of what they total"
/// check.findings(Checked.of(recognition, grid));
/// ```
public interface Check {
  /// What it is called in files and on the command line: `totals.add-up`.
  String id();

  /// What it asks, as a sentence without its point.
  String asks();

  /// Why it is asked; for a norm, which one.
  String why();

  /// Whether it looks at how the table lies on its page, which takes long to find out.
  default boolean looksAtPage() {
    return false;
  }

  /// What does not hold. A check of something that is not known yet finds nothing.
  List<Finding> findings(Checked table);
}
