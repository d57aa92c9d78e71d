package app.finish.core.chart;

import app.finish.core.layout.Mark;
import app.finish.core.layout.Paper;
import app.finish.core.layout.Proof;
import java.util.List;

/// A chart as it is drawn, with its number, title and notes.
///
/// @param width in points
/// @param height in points
/// @param marks what is drawn, in order
/// @param areas what can be pointed at
public record ChartPage(double width, double height, List<Mark> marks, List<Area> areas) {
  /// Copies the lists.
  public ChartPage {
    marks = List.copyOf(marks);
    areas = List.copyOf(areas);
  }

  /// Something that stands for a figure.
  ///
  /// @param x its left edge in points
  /// @param y its upper edge
  /// @param says its members and its figure
  public record Area(double x, double y, double width, double height, String says) {}

  /// The marks as a page without cells, just large enough.
  public Proof.Page page() {
    return new Proof.Page(width, height, marks, List.of());
  }

  /// The marks within the margins of a paper.
  public Proof.Page on(Paper paper) {
    if (!paper.paged()) {
      return page();
    }
    double by = paper.margin() - ChartSetter.MARGIN;
    List<Mark> moved = marks.stream().map(mark -> mark.movedBy(by, by)).toList();
    double needed = height + 2 * by;
    return new Proof.Page(
        Math.max(paper.width(), width + 2 * by),
        Math.max(paper.height(), needed),
        moved,
        List.of());
  }
}
