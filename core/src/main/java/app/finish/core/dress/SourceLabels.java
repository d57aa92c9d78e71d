package app.finish.core.dress;

import app.finish.core.arrange.Arranged;
import app.finish.core.arrange.place.Side;
import app.finish.core.highlight.CellNames;
import app.finish.core.table.Leaf;
import app.finish.core.table.Spot;
import app.finish.core.table.Table;
import java.util.List;
import java.util.Optional;

/// The labels that lead to each figure and each heading in the source, wherever they stand now and
/// whatever they are called: by these touches know their places.
public interface SourceLabels {
  /// Labels that lead to a place in the source.
  ///
  /// @param down those down the source; none for a head
  /// @param across those across the source; none for a heading of rows
  record Named(List<String> down, List<String> across) {
    /// Copies the labels.
    public Named {
      down = List.copyOf(down);
      across = List.copyOf(across);
    }
  }

  /// The labels that lead to a figure.
  Named figure(int row, int column);

  /// The labels that lead to a heading.
  Named heading(Side side, int leaf, int level);

  /// The names by which highlights know the cells.
  CellNames cells();

  /// The same labels, of a table whose first rows alone are there.
  default SourceLabels ofFirst() {
    SourceLabels own = this;
    return new SourceLabels() {
      @Override
      public Named figure(int row, int column) {
        return own.figure(row, column);
      }

      @Override
      public Named heading(Side side, int leaf, int level) {
        return own.heading(side, leaf, level);
      }

      @Override
      public CellNames cells() {
        return CellNames.first(own.cells());
      }
    };
  }

  /// By the labels as they stand.
  static SourceLabels of(Table table) {
    return new SourceLabels() {
      @Override
      public CellNames cells() {
        return CellNames.of(table);
      }

      @Override
      public Named figure(int row, int column) {
        return new Named(
            table.down().leaves().get(row).labels(), table.across().leaves().get(column).labels());
      }

      @Override
      public Named heading(Side side, int leaf, int level) {
        List<String> path = upTo(side.of(table).leaves().get(leaf), level);
        return side == Side.DOWN ? new Named(path, List.of()) : new Named(List.of(), path);
      }
    };
  }

  /// By the labels as the source of an arranged table has them; what the source has not, since it
  /// is made of several, by the labels as moves name them.
  static SourceLabels of(Arranged arranged) {
    SourceLabels source = of(arranged.source());
    return new SourceLabels() {
      @Override
      public CellNames cells() {
        return CellNames.of(arranged);
      }

      @Override
      public Named figure(int row, int column) {
        Optional<Spot.Figure> origin = arranged.origin(row, column);
        return origin.isPresent()
            ? source.figure(origin.get().row(), origin.get().column())
            : new Named(
                arranged.paths(Side.DOWN).get(row), arranged.paths(Side.ACROSS).get(column));
      }

      @Override
      public Named heading(Side side, int leaf, int level) {
        Optional<Spot> origin = arranged.origin(side, leaf, level);
        if (origin.isPresent() && origin.get() instanceof Spot.Down one) {
          return source.heading(Side.DOWN, one.leaf(), one.level());
        }
        if (origin.isPresent() && origin.get() instanceof Spot.Across one) {
          return source.heading(Side.ACROSS, one.leaf(), one.level());
        }
        List<String> path = arranged.paths(side).get(leaf);
        List<String> upTo = path.subList(0, Math.min(path.size(), level + 1));
        return side == Side.DOWN ? new Named(upTo, List.of()) : new Named(List.of(), upTo);
      }
    };
  }

  private static List<String> upTo(Leaf leaf, int level) {
    return leaf.labels().subList(0, Math.min(leaf.path().size(), level + 1));
  }
}
