package app.finish.core.highlight;

import app.finish.core.arrange.Arranged;
import app.finish.core.arrange.place.Level;
import app.finish.core.arrange.place.Side;
import app.finish.core.table.Axis;
import app.finish.core.table.Heading.Role;
import app.finish.core.table.Table;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;

/// The names by which the cells of a table are known: for each row and column the labels that lead
/// to it, as the source has them, whatever they are called in the arranged table.
///
/// ```java
/// CellNames names = CellNames.of(arranged);
/// names.dimensions(Side.DOWN); // Route, Season
/// ```
public interface CellNames {
  /// The table.
  Table table();

  /// The names of a side's dimensions, a level each; empty where there is none and where measures
  /// run.
  List<String> dimensions(Side side);

  /// The labels that lead to a leaf of a side.
  List<String> path(Side side, int leaf);

  /// Whether all rows and columns of the table are there, and not only the first of them.
  boolean isWhole();

  /// The numbers of its cells.
  CellNumbers numbers();

  /// A table as it stands.
  static CellNames of(Table table) {
    return new Known(
        table,
        side -> side.of(table).dimensions(),
        (side, leaf) -> side.of(table).leaves().get(leaf).labels(),
        true,
        new CellNumbers(table));
  }

  /// An arranged table, by the labels that moves know.
  static CellNames of(Arranged arranged) {
    return new Known(
        arranged.table(),
        side -> arranged.levels(side).stream().map(Level::name).toList(),
        (side, leaf) -> arranged.paths(side).get(leaf),
        true,
        new CellNumbers(arranged.table()));
  }

  /// The first rows of a table alone, before the others are there.
  static CellNames first(CellNames some) {
    return new Known(some.table(), some::dimensions, some::path, false, some.numbers());
  }

  /// Names that are asked for one by one.
  record Known(
      Table table,
      Function<Side, List<String>> dimensions,
      BiFunction<Side, Integer, List<String>> paths,
      boolean isWhole,
      CellNumbers numbers)
      implements CellNames {
    @Override
    public List<String> dimensions(Side side) {
      return dimensions.apply(side);
    }

    @Override
    public List<String> path(Side side, int leaf) {
      return paths.apply(side, leaf);
    }
  }

  /// At which level a leaf stands, 1 for the outermost and measures not counted; a total at that of
  /// the group that it totals, 0 for a grand total.
  default int level(Side side, int leaf) {
    Axis axis = side.of(table());
    int level = 0;
    for (int at = 0; at < axis.depth(leaf); at++) {
      if (axis.heading(leaf, at).measure().isEmpty()) {
        if (axis.heading(leaf, at).role() != Role.MEMBER) {
          return level;
        }
        level++;
      }
    }
    return level;
  }

  /// The name of the level at which a leaf stands: that of its dimension; empty if it has none.
  default String levelName(Side side, int leaf) {
    int wanted = level(side, leaf);
    Axis axis = side.of(table());
    List<String> dimensions = dimensions(side);
    for (int at = 0; wanted > 0 && at < Math.min(axis.depth(leaf), dimensions.size()); at++) {
      wanted -= axis.heading(leaf, at).measure().isEmpty() ? 1 : 0;
      if (wanted == 0) {
        return dimensions.get(at);
      }
    }
    return "";
  }

  /// The label of a dimension on the way to a leaf; empty if it has none there or is a total of it.
  default String member(Side side, int leaf, String dimension) {
    List<String> dimensions = dimensions(side);
    List<String> path = path(side, leaf);
    Axis axis = side.of(table());
    for (int level = 0; level < Math.min(path.size(), dimensions.size()); level++) {
      boolean total = level < axis.depth(leaf) && axis.heading(leaf, level).role() != Role.MEMBER;
      if (dimensions.get(level).equals(dimension) && !total) {
        return path.get(level);
      }
    }
    return "";
  }
}
