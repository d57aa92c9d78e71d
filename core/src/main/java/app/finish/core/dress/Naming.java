package app.finish.core.dress;

import app.finish.core.arrange.Arranged;
import app.finish.core.arrange.Side;
import app.finish.core.table.Table;
import java.util.List;

/// The labels that lead to each row and column, as the source has them, whatever they are called
/// now: by these touches know their places.
public interface Naming {
  /// The labels that lead to a leaf, from the outermost.
  List<String> path(Side side, int leaf);

  /// By the labels as they stand.
  static Naming of(Table table) {
    return (side, leaf) ->
        (side == Side.DOWN ? table.down() : table.across()).leaves().get(leaf).labels();
  }

  /// By the labels as the source of an arranged table has them.
  static Naming of(Arranged arranged) {
    return (side, leaf) -> arranged.paths(side).get(leaf);
  }
}
