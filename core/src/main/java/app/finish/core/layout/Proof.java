package app.finish.core.layout;

import app.finish.core.dress.Dressed;
import java.util.List;
import java.util.Optional;

/// A dressed table laid out.
///
/// ```java
/// Proof proof = new Compositor(new Fonts()).layOut(dressed, Paper.A4);
/// proof.pages().size();
/// ```
///
/// @param dressed what was laid out
/// @param paper the paper it was laid out on
/// @param columns the columns from left to right
/// @param pages the pages, at least one
public record Proof(Dressed dressed, Paper paper, List<Column> columns, List<Page> pages) {
  /// Copies the lists.
  public Proof {
    columns = List.copyOf(columns);
    pages = List.copyOf(pages);
  }

  /// A column of the table.
  ///
  /// @param width its width in points
  /// @param point how far from its left edge its decimal marks stand, 0 if it has no figures
  /// @param end how far from its left edge its figures end
  public record Column(double width, double point, double end) {}

  /// One page.
  ///
  /// @param width its width in points
  /// @param height its height
  /// @param marks what is drawn on it, fills first, then rules, then texts, each from the top down
  /// @param boxes where its cells stand, from the top down
  public record Page(double width, double height, List<Mark> marks, List<CellBox> boxes) {
    /// Copies the lists.
    public Page {
      marks = List.copyOf(marks);
      boxes = List.copyOf(boxes);
    }

    /// The cell beside another, if there is one.
    ///
    /// @param dx −1 for the left, 1 for the right, else 0
    /// @param dy −1 for above, 1 for below, else 0
    public Optional<CellBox> beside(CellBox from, int dx, int dy) {
      double x =
          dx > 0
              ? from.x() + from.width() + 1
              : dx < 0 ? from.x() - 1 : from.x() + Math.min(from.width() / 2, 20);
      double y =
          dy > 0
              ? from.y() + from.height() + 1
              : dy < 0 ? from.y() - 1 : from.y() + from.height() - 1;
      Optional<CellBox> exact = at(x, y);
      return exact.isPresent() || dy == 0
          ? exact
          : boxes.stream().filter(box -> y >= box.y() && y < box.y() + box.height()).findFirst();
    }

    /// The cell at a point, if there is one.
    public Optional<CellBox> at(double x, double y) {
      return boxes.stream().filter(box -> box.contains(x, y)).findFirst();
    }
  }
}
