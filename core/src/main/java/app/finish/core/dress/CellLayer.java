package app.finish.core.dress;

import app.finish.core.arrange.place.Side;
import app.finish.core.style.Selector;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/// On which cells a layer lies, so that looks may differ from cell to cell within one kind of row.
public interface CellLayer {
  /// Nothing lies anywhere.
  CellLayer NONE = over(List.of());

  /// What lies on a figure, from general to specific.
  List<Selector> onFigure(int row, int column);

  /// What lies on a heading.
  List<Selector> onHeading(Side side, int leaf, int level);

  /// A number that rows have in common on which the same lies; 0 where nothing does. Rows of one
  /// number are measured by one of them.
  int group(int row);

  /// A number that figures have in common on which the same is set that makes texts wider or
  /// higher, where rows of one group differ in it; 0 where nothing is.
  default int texts(int row, int column) {
    return 0;
  }

  /// Whether [#texts] of any figure of a row is not 0.
  default boolean hasTexts(int row) {
    return false;
  }

  /// Several as one, those below first.
  static CellLayer over(List<CellLayer> layers) {
    if (layers.size() == 1) {
      return layers.getFirst();
    }
    List<CellLayer> all = List.copyOf(layers);
    Map<List<Integer>, Integer> groups = new HashMap<>();
    return new CellLayer() {
      @Override
      public List<Selector> onFigure(int row, int column) {
        List<Selector> found = new ArrayList<>();
        all.forEach(layer -> found.addAll(layer.onFigure(row, column)));
        return found;
      }

      @Override
      public List<Selector> onHeading(Side side, int leaf, int level) {
        List<Selector> found = new ArrayList<>();
        all.forEach(layer -> found.addAll(layer.onHeading(side, leaf, level)));
        return found;
      }

      @Override
      public int texts(int row, int column) {
        int found = 0;
        for (int i = 0; i < all.size(); i++) {
          found = found * 31 + all.get(i).texts(row, column);
        }
        return found;
      }

      @Override
      public boolean hasTexts(int row) {
        for (int i = 0; i < all.size(); i++) {
          if (all.get(i).hasTexts(row)) {
            return true;
          }
        }
        return false;
      }

      @Override
      public int group(int row) {
        int[] own = new int[all.size()];
        boolean any = false;
        for (int i = 0; i < own.length; i++) {
          own[i] = all.get(i).group(row);
          any |= own[i] != 0;
        }
        return any
            ? groups.computeIfAbsent(Arrays.stream(own).boxed().toList(), key -> groups.size() + 1)
            : 0;
      }
    };
  }
}
