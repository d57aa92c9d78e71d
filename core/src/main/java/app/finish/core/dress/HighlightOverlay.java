package app.finish.core.dress;

import app.finish.core.arrange.formula.CellExpressions;
import app.finish.core.arrange.place.Side;
import app.finish.core.highlight.CellNames;
import app.finish.core.highlight.Highlight;
import app.finish.core.highlight.Matches;
import app.finish.core.style.Layer;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import app.finish.core.table.Table;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/// The highlights of a table as a layer. Where several lie on a cell, what the first one in the
/// list sets outweighs the others, property by property; one that is the last lets none below it
/// lie there.
///
/// ```java
/// Dresser.ready(arranged).under(List.of(new HighlightOverlay(highlights, expressions)));
/// ```
///
/// @param highlights the highlights, the strongest first
/// @param expressions reads the expressions of their conditions
public record HighlightOverlay(List<Highlight> highlights, CellExpressions expressions)
    implements Overlay {
  /// So many highlights fit into the bits of a number.
  private static final int BITS = 30;

  private static final Layer LAYER =
      new Layer() {
        @Override
        public String name() {
          return "highlight";
        }

        @Override
        public Set<Selector> selectors() {
          return Set.of();
        }

        @Override
        public Map<Property, String> of(Selector selector) {
          return selector instanceof Selector.OfHighlight own ? own.settings() : Map.of();
        }
      };

  /// Copies the highlights that are switched on.
  public HighlightOverlay {
    highlights = highlights.stream().filter(Highlight::on).toList();
  }

  @Override
  public Layer layer() {
    return LAYER;
  }

  @Override
  public boolean changesTexts() {
    return highlights.stream().anyMatch(one -> one.show().changesTexts());
  }

  @Override
  public CellLayer on(Table table, SourceLabels labels) {
    CellNames names = labels.cells();
    return new On(
        highlights.stream().map(one -> Matches.of(one, names, expressions)).toList(),
        table.body().rows(),
        table.body().columns());
  }

  /// The highlights on one table.
  private static final class On implements CellLayer {
    private final List<Matches> all;
    private final int columns;
    private final List<Matches> changing;
    private final boolean anyLast;
    private final Map<String, Map<Map<Property, String>, Selector>> selectors =
        new ConcurrentHashMap<>();
    private final Map<Matches, String> titles = new IdentityHashMap<>();
    private final int rows;
    private volatile int[] groups = {};

    On(List<Matches> all, int rows, int columns) {
      this.all = all;
      this.rows = rows;
      this.columns = columns;
      this.anyLast = all.stream().anyMatch(one -> one.highlight().last());
      all.forEach(one -> titles.put(one, one.highlight().title()));
      this.changing =
          all.stream()
              .filter(one -> one.asleep().isEmpty() && one.highlight().show().changesTexts())
              .toList();
    }

    @Override
    public List<Selector> onFigure(int row, int column) {
      List<Selector> found = new ArrayList<>();
      for (Matches one : all) {
        if (one.liesOn(row, column)) {
          found.addFirst(selector(one, one.on(row, column)));
          if (one.highlight().last()) {
            break;
          }
        }
      }
      return found;
    }

    @Override
    public List<Selector> onHeading(Side side, int leaf, int level) {
      List<Selector> found = new ArrayList<>();
      for (Matches one : all) {
        if (one.liesOn(side, leaf, level)) {
          found.addFirst(selector(one, one.onHeading()));
          if (one.highlight().last()) {
            break;
          }
        }
      }
      return found;
    }

    private Selector selector(Matches one, Map<Property, String> settings) {
      return selectors
          .computeIfAbsent(titles.getOrDefault(one, ""), title -> new ConcurrentHashMap<>())
          .computeIfAbsent(
              settings, own -> new Selector.OfHighlight(titles.getOrDefault(one, ""), own));
    }

    /// Rows differ in height only by which highlights that change texts lie on any of their figures
    /// or on their headings.
    @Override
    public int group(int row) {
      return changing.isEmpty() ? 0 : groups()[row];
    }

    /// The group of each row, found once, since each is asked for.
    private int[] groups() {
      int[] found = groups;
      if (found.length == 0) {
        synchronized (this) {
          found = groups.length == 0 ? find() : groups;
          groups = found;
        }
      }
      return found;
    }

    private int[] find() {
      changing.forEach(Matches::settle);
      boolean fits = !anyLast && changing.size() <= BITS;
      Map<List<Object>, Integer> numbers = new HashMap<>();
      int[] found = new int[rows];
      for (int row = 0; row < rows; row++) {
        found[row] = fits ? mask(row) : number(row, numbers);
      }
      return found;
    }

    private int mask(int row) {
      int here = 0;
      for (int i = 0; i < changing.size(); i++) {
        here = here * 2 + (changing.get(i).liesOnRow(row) ? 1 : 0);
      }
      return here;
    }

    private int number(int row, Map<List<Object>, Integer> numbers) {
      List<Object> here = new ArrayList<>();
      for (Matches one : changing) {
        if (anyLast ? liesUncovered(one, row) : one.liesOnRow(row)) {
          here.add(one.highlight());
        }
      }
      return here.isEmpty() ? 0 : numbers.computeIfAbsent(here, key -> numbers.size() + 1);
    }

    /// Whether a highlight lies anywhere in a row where none above it is the last.
    private boolean liesUncovered(Matches one, int row) {
      for (int column = 0; column < columns; column++) {
        if (one.liesOn(row, column) && !isCovered(one, row, column)) {
          return true;
        }
      }
      return one.liesOnRow(row) && !one.liesOnFigures();
    }

    private boolean isCovered(Matches one, int row, int column) {
      for (Matches above : all) {
        if (above == one) {
          return false;
        }
        if (above.highlight().last() && above.liesOn(row, column)) {
          return true;
        }
      }
      return false;
    }

    @Override
    public boolean hasTexts(int row) {
      return group(row) != 0;
    }

    @Override
    public int texts(int row, int column) {
      int found = 0;
      for (int i = 0; i < changing.size(); i++) {
        Matches one = changing.get(i);
        boolean lies = one.liesOn(row, column) && !(anyLast && isCovered(one, row, column));
        found = found * 2 + (lies ? 1 : 0);
      }
      return found;
    }
  }
}
