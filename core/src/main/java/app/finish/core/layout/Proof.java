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
/// @param pages the pages, at least one
public record Proof(Dressed dressed, List<Page> pages) {
  /// Copies the list.
  public Proof {
    pages = List.copyOf(pages);
  }

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

    /// The cell at a point, if there is one.
    public Optional<CellBox> at(double x, double y) {
      return boxes.stream().filter(box -> box.contains(x, y)).findFirst();
    }
  }
}
