package app.finish.core.recognise.total;

import app.finish.core.table.Heading.Role;
import java.util.List;

/// A line that totals others.
///
/// @param line its place in the list of lines
/// @param from the first of the lines that it totals
/// @param to the last of them
/// @param role subtotal or grand total
/// @param groupLevels how many of the outermost labels name its group; 0 for a grand total or a
///   group without a name
/// @param block the level whose label makes a whole group of lines totals, or −1
/// @param because why it was taken for a total
/// @param confidence from 0 to 1
public record Total(
    int line,
    int from,
    int to,
    Role role,
    int groupLevels,
    int block,
    List<String> because,
    double confidence) {
  /// Whether it is a line of a group of totals.
  public boolean isInBlock() {
    return block >= 0;
  }
}
