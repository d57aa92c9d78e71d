package app.finish.core.recognise.sheet;

import app.finish.core.recognise.found.Evidence;
import java.util.List;

/// Where in a grid the parts of a table lie.
///
/// @param wordRows rows of words above the heads
/// @param headRows rows of heads, top down, blank ones left out
/// @param nameRows which of the rows of heads hold only the names of the stub's levels
/// @param bodyRows rows from the first to the last of the body, blank ones left out
/// @param noteRows rows of words below the body
/// @param stubColumns columns of row headings, blank ones left out
/// @param valueColumns columns of figures, blank ones left out
/// @param panel whether it is names beside what belongs to them, where nothing is a total
/// @param evidence why
public record Frame(
    List<Integer> wordRows,
    List<Integer> headRows,
    List<Integer> nameRows,
    List<Integer> bodyRows,
    List<Integer> noteRows,
    List<Integer> stubColumns,
    List<Integer> valueColumns,
    boolean panel,
    List<Evidence> evidence) {
  /// The rows of heads that make a level each.
  public List<Integer> levelRows() {
    return headRows.stream().filter(row -> !nameRows.contains(row)).toList();
  }
}
