package app.finish.core.dress;

import app.finish.core.style.Layer;
import app.finish.core.table.Table;

/// A layer of looks that lie on single cells, over the style and below the touches: what it sets,
/// and on which cells of a table it lies. A layer is one class that says both; it must be equal to
/// another that does the same, since plans of rows are kept for it.
///
/// ```java
/// dresser.under(List.of(highlight)).seen(cascade, 1);
/// ```
public interface Overlay {
  /// What it sets.
  Layer layer();

  /// Whether it sets texts wider or higher than they are without it, and not only inks and fills.
  default boolean changesTexts() {
    return true;
  }

  /// Where it lies.
  CellLayer on(Table table, SourceLabels labels);
}
