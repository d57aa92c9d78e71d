package app.finish.core.number;

/// A number and what its writing tells of it.
///
/// ```java
/// NumberReader.POINT.read("(1,204.50) €"); // −1204.5, 2 decimals, unit €
/// ```
///
/// @param value the number, in its unit: "85%" is 85 with the unit %
/// @param decimals how many digits stood after the decimal mark
/// @param unit a currency sign or code, `%`, or the empty string
/// @param exact whether the number is just what is written; one of many digits may be rounded
/// @param marks stars and daggers that stood behind the number, or the empty string
public record WrittenNumber(double value, int decimals, String unit, boolean exact, String marks) {}
