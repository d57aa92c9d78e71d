package app.finish.core.chart;

import java.util.List;

/// What is drawn of a table. It holds no figures: these are the table's, as it is arranged.
///
/// ```java
/// Chart.of(ChartKind.BARS, "Fares").withPanels(true).withTitle("Fares by *route*");
/// ```
///
/// @param kind its kind
/// @param measure the name of the measure that is drawn; the table's first where it has none of
///   that name
/// @param against the name of the measure that it is drawn against, for pairs; else empty
/// @param turned whether the columns are what is compared, not the rows
/// @param panels whether each outer group has a panel of its own
/// @param rows the labels of the rows that are drawn, from the outermost; empty for all
/// @param columns the same of the columns
/// @param width the width in points
/// @param height the height of what is drawn, in points, without the words
/// @param texts what was written for it: title, note, description
public record Chart(
    ChartKind kind,
    String measure,
    String against,
    boolean turned,
    boolean panels,
    List<List<String>> rows,
    List<List<String>> columns,
    double width,
    double height,
    ChartTexts texts) {
  /// The width that fits the text of an A4 page, in points.
  public static final double USUAL_WIDTH = 460;

  /// The height of most charts, in points.
  public static final double USUAL_HEIGHT = 230;

  private static final double LEAST = 60;
  private static final double MOST = 1400;

  /// Copies the lists and keeps the sizes in bounds. What goes from the first to the last, and what
  /// is part of one whole, has no panels.
  public Chart {
    panels = panels && kind != ChartKind.SLOPES && kind != ChartKind.MOSAIC;
    rows = rows.stream().map(List::copyOf).toList();
    columns = columns.stream().map(List::copyOf).toList();
    width = Math.clamp(width, LEAST, MOST);
    height = Math.clamp(height, LEAST, MOST);
  }

  /// A chart of a whole table.
  public static Chart of(ChartKind kind, String measure) {
    return new Chart(
        kind,
        measure,
        "",
        false,
        false,
        List.of(),
        List.of(),
        USUAL_WIDTH,
        USUAL_HEIGHT,
        ChartTexts.NONE);
  }

  /// Whether another is drawn in the same way: of the same kind, the same side compared, in panels
  /// or not.
  public boolean isDrawnAs(Chart other) {
    return kind == other.kind && turned == other.turned && panels == other.panels;
  }

  /// The same in another kind.
  public Chart withKind(ChartKind other) {
    return new Chart(other, measure, against, turned, panels, rows, columns, width, height, texts);
  }

  /// The same of another measure.
  public Chart withMeasure(String other) {
    return new Chart(kind, other, against, turned, panels, rows, columns, width, height, texts);
  }

  /// The same against another measure.
  public Chart withAgainst(String other) {
    return new Chart(kind, measure, other, turned, panels, rows, columns, width, height, texts);
  }

  /// The same with the columns compared, or the rows.
  public Chart withTurned(boolean value) {
    return new Chart(kind, measure, against, value, panels, rows, columns, width, height, texts);
  }

  /// The same with a panel for each outer group, or with one for all.
  public Chart withPanels(boolean value) {
    return new Chart(kind, measure, against, turned, value, rows, columns, width, height, texts);
  }

  /// The same of some rows and columns alone.
  public Chart withLines(List<List<String>> someRows, List<List<String>> someColumns) {
    return new Chart(
        kind, measure, against, turned, panels, someRows, someColumns, width, height, texts);
  }

  /// The same in another size, in points.
  public Chart withSize(double otherWidth, double otherHeight) {
    return new Chart(
        kind, measure, against, turned, panels, rows, columns, otherWidth, otherHeight, texts);
  }

  /// The same under another title.
  public Chart withTitle(String other) {
    return withTexts(texts.withTitle(other));
  }

  /// The same with other texts.
  public Chart withTexts(ChartTexts other) {
    return new Chart(kind, measure, against, turned, panels, rows, columns, width, height, other);
  }

  /// Its title as it was typed; empty for one made of the measure and the dimensions.
  public String title() {
    return texts.title();
  }
}
