package app.finish.core.check.across;

import app.finish.core.check.Check;
import app.finish.core.check.Checked;
import app.finish.core.check.Finding;
import java.util.List;

/// A demand on the tables of a document together; of one table alone nothing can be said.
enum AcrossCheck implements Check {
  /// The same measure has the same decimals.
  DECIMALS(
      "A measure has the same decimals in all tables", "readers compare tables figure by figure"),
  /// The same thing is spelled alike.
  NAMES(
      "The same thing is called the same in all tables",
      "readers take another name for another thing"),
  /// Stars stand for the same levels.
  STARS(
      "Stars stand for the same levels in all tables",
      "Publication Manual of the American Psychological Association, 7th edition, 7.14"),
  /// The same n and totals agree.
  FIGURES(
      "What two tables share agrees",
      "a figure that is nearly that of another table is often one that was not brought up to date");

  private final String asks;
  private final String why;

  AcrossCheck(String asks, String why) {
    this.asks = asks;
    this.why = why;
  }

  @Override
  public String id() {
    return "across." + name().toLowerCase(java.util.Locale.ROOT);
  }

  @Override
  public String asks() {
    return asks;
  }

  @Override
  public String why() {
    return Character.toUpperCase(why.charAt(0)) + why.substring(1);
  }

  @Override
  public List<Finding> findings(Checked table) {
    return List.of();
  }
}
