package app.finish.core.highlight;

import app.finish.core.arrange.Arranged;
import app.finish.core.arrange.place.Level;
import app.finish.core.arrange.place.Side;
import app.finish.core.table.Axis;
import app.finish.core.table.Table;
import java.util.List;

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
    CellNumbers numbers = new CellNumbers(table);
    return new CellNames() {
      @Override
      public Table table() {
        return table;
      }

      @Override
      public List<String> dimensions(Side side) {
        return side.of(table).dimensions();
      }

      @Override
      public List<String> path(Side side, int leaf) {
        return side.of(table).leaves().get(leaf).labels();
      }

      @Override
      public CellNumbers numbers() {
        return numbers;
      }

      @Override
      public boolean isWhole() {
        return true;
      }
    };
  }

  /// An arranged table, by the labels that moves know.
  static CellNames of(Arranged arranged) {
    CellNumbers numbers = new CellNumbers(arranged.table());
    return new CellNames() {
      @Override
      public Table table() {
        return arranged.table();
      }

      @Override
      public List<String> dimensions(Side side) {
        return arranged.levels(side).stream().map(Level::name).toList();
      }

      @Override
      public List<String> path(Side side, int leaf) {
        return arranged.paths(side).get(leaf);
      }

      @Override
      public CellNumbers numbers() {
        return numbers;
      }

      @Override
      public boolean isWhole() {
        return true;
      }
    };
  }

  /// The first rows of a table alone, before the others are there.
  static CellNames first(CellNames some) {
    return new CellNames() {
      @Override
      public Table table() {
        return some.table();
      }

      @Override
      public List<String> dimensions(Side side) {
        return some.dimensions(side);
      }

      @Override
      public List<String> path(Side side, int leaf) {
        return some.path(side, leaf);
      }

      @Override
      public CellNumbers numbers() {
        return some.numbers();
      }

      @Override
      public boolean isWhole() {
        return false;
      }
    };
  }

  /// The label of a dimension on the way to a leaf; empty if it has none there or is a total of it.
  default String member(Side side, int leaf, String dimension) {
    List<String> dimensions = dimensions(side);
    List<String> path = path(side, leaf);
    Axis axis = side.of(table());
    for (int level = 0; level < Math.min(path.size(), dimensions.size()); level++) {
      boolean total =
          level < axis.depth(leaf)
              && axis.heading(leaf, level).role() != app.finish.core.table.Heading.Role.MEMBER;
      if (dimensions.get(level).equals(dimension) && !total) {
        return path.get(level);
      }
    }
    return "";
  }
}
