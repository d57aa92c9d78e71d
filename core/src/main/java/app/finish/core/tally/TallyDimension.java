package app.finish.core.tally;

/// A column of the records as a dimension of the table.
///
/// ```java
/// TallyDimension.of("Sailed on").in(new Bins.Dates(DatePart.MONTH)).named("Month");
/// ```
///
/// @param column the column
/// @param bins how its values are gathered into members
/// @param totalled whether a total over its members follows them
/// @param name what the dimension is called
public record TallyDimension(String column, Bins bins, boolean totalled, String name) {
  /// A dimension whose members are the column's values, with a total.
  public static TallyDimension of(String column) {
    return new TallyDimension(column, Bins.NONE, true, column);
  }

  /// The same dimension with its values gathered.
  public TallyDimension in(Bins others) {
    return new TallyDimension(column, others, totalled, name);
  }

  /// The same dimension with a total over its members, or without.
  public TallyDimension totalled(boolean with) {
    return new TallyDimension(column, bins, with, name);
  }

  /// The same dimension under another name.
  public TallyDimension named(String other) {
    return new TallyDimension(column, bins, totalled, other);
  }
}
