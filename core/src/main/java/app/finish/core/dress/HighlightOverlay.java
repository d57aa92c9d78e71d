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
import java.util.List;
import java.util.Map;
import java.util.Set;

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
        table.body().columns());
  }

  /// The highlights on one table.
  private static final class On implements CellLayer {
    private final List<Matches> all;
    private final int columns;
    private final boolean changesTexts;
    private final Map<List<Object>, Integer> groups = new HashMap<>();

    On(List<Matches> all, int columns) {
      this.all = all;
      this.columns = columns;
      this.changesTexts = all.stream().anyMatch(one -> one.asleep().isEmpty() && changesTexts(one));
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

    private static boolean changesTexts(Matches one) {
      return one.highlight().show().changesTexts();
    }

    private static Selector selector(Matches one, Map<Property, String> settings) {
      return new Selector.OfHighlight(one.highlight().title(), settings);
    }

    /// Rows differ in height and width only where something is set otherwise than in ink and fill.
    @Override
    public synchronized int group(int row) {
      if (!changesTexts) {
        return 0;
      }
      List<Object> here = new ArrayList<>();
      boolean any = false;
      for (int column = 0; column < columns; column++) {
        for (int i = 0; i < all.size(); i++) {
          Matches one = all.get(i);
          if (changesTexts(one) && one.liesOn(row, column)) {
            here.add(column * all.size() + i);
            any = true;
          }
        }
      }
      return any ? groups.computeIfAbsent(here, key -> groups.size() + 1) : 0;
    }
  }
}
