package app.finish.core.arrange;

import app.finish.core.arrange.move.Arrangement;
import app.finish.core.arrange.place.Aside;
import app.finish.core.arrange.tree.Trees;
import app.finish.core.table.Held;
import app.finish.core.table.Table;
import java.util.List;
import java.util.Map;

/// What moves came to.
///
/// @param entries the moves
/// @param trees the table as they leave it
/// @param aside what they set aside
/// @param unplaced the places of those that could not be made, each with the reason
/// @param refused for moves that take texts for numbers the texts that are none
/// @param held the dimensions that are held
public record Moved(
    List<Arrangement.Entry> entries,
    Trees trees,
    List<Aside> aside,
    Map<Integer, String> unplaced,
    Map<Integer, List<String>> refused,
    List<Held> held) {
  public Moved {
    entries = List.copyOf(entries);
    aside = List.copyOf(aside);
    unplaced = Map.copyOf(unplaced);
    refused = Map.copyOf(refused);
    held = List.copyOf(held);
  }

  /// A table of which nothing was moved.
  static Moved nothing(Table table) {
    return new Moved(List.of(), Trees.of(table), List.of(), Map.of(), Map.of(), table.held());
  }

  /// Whether others are these moves and further ones behind them.
  boolean leadsTo(List<Arrangement.Entry> others) {
    int own = entries.size();
    return own <= others.size() && entries.equals(others.subList(0, own));
  }

  /// The same moves with other headings left.
  Moved withTrees(Trees others) {
    return new Moved(entries, others, aside, unplaced, refused, held);
  }
}
