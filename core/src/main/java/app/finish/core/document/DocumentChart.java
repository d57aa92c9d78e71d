package app.finish.core.document;

import app.finish.core.chart.Chart;

/// A chart of one of the document's tables. It has the style and the figures of its table, whatever
/// becomes of them.
///
/// ```java
/// document.withAdded(Chart.of(ChartKind.BARS, "Fares"), 0); // after the first table
/// ```
///
/// @param id a name that stays the same while the document is edited
/// @param table the id of its table
/// @param chart what is drawn of it
public record DocumentChart(String id, String table, Chart chart) implements Item {
  @Override
  public Kind kind() {
    return Kind.FIGURE;
  }

  /// The same chart, drawn otherwise.
  public DocumentChart withChart(Chart other) {
    return new DocumentChart(id, table, other);
  }
}
