package app.finish.desktop.proof;

import app.finish.core.dress.CellMeaning;
import app.finish.core.highlight.Matches;
import app.finish.core.layout.CellBox;
import app.finish.core.layout.Proof;
import app.finish.desktop.model.Pick;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;

/// Outlines what is pointed at and what is picked.
public final class Outlines {
  private static final Color BRASS = Color.web("#c28a2a");
  private static final Color VERDIGRIS = Color.web("#2f7f79");

  private final GraphicsContext canvas;
  private final double scale;
  private final double origin;

  /// @param canvas scaled so that one unit is one point of the page
  /// @param scale how many pixels a point has, so that lines keep their width
  /// @param origin the height of the page that is zero on the canvas
  Outlines(GraphicsContext canvas, double scale, double origin) {
    this.origin = origin;
    this.canvas = canvas;
    this.scale = scale;
  }

  void draw(
      Proof.Page page, Optional<CellBox> pointed, Optional<Pick> picked, List<CellMeaning> also) {
    pointed
        .filter(box -> picked.map(pick -> !pick.covers(box)).orElse(true))
        .ifPresent(
            box -> {
              canvas.setStroke(VERDIGRIS);
              canvas.setLineWidth(1 / scale);
              canvas.strokeRect(box.x(), box.y() - origin, box.width(), box.height());
            });
    picked.ifPresent(pick -> draw(page, pick));
    canvas.setStroke(BRASS);
    canvas.setLineWidth(1.6 / scale);
    Set<CellMeaning> all = new HashSet<>(also);
    drawRuns(page.boxes().stream().filter(box -> all.contains(box.cell().place())).toList());
  }

  /// Outlines the figures that a highlight matches, thinly.
  void draw(Proof.Page page, Matches matches) {
    canvas.setStroke(BRASS);
    canvas.setLineWidth(1 / scale);
    for (CellBox box : page.boxes()) {
      if (box.cell().place() instanceof CellMeaning.Body(int row, int column)
          && matches.matches(row, column)) {
        double in = 1 / scale;
        canvas.strokeRect(
            box.x() + in, box.y() + in - origin, box.width() - 2 * in, box.height() - 2 * in);
      }
    }
  }

  /// Outlines what findings point at.
  void draw(Proof.Page page, Set<CellMeaning> places) {
    canvas.setStroke(BRASS);
    canvas.setLineWidth(1 / scale);
    for (CellBox box : page.boxes()) {
      if (places.contains(box.cell().place())) {
        canvas.strokeRect(box.x(), box.y() - origin, box.width(), box.height());
      }
    }
  }

  private void draw(Proof.Page page, Pick pick) {
    canvas.setStroke(BRASS);
    canvas.setLineWidth(1.6 / scale);
    List<CellBox> boxes = page.boxes().stream().filter(pick::covers).toList();
    if (pick.reach() == pick.circles().size() - 1) {
      drawAround(boxes);
    } else {
      drawRuns(boxes);
    }
  }

  private void drawAround(List<CellBox> boxes) {
    double x1 = boxes.stream().mapToDouble(CellBox::x).min().orElse(0);
    double y1 = boxes.stream().mapToDouble(CellBox::y).min().orElse(0);
    double x2 = boxes.stream().mapToDouble(box -> box.x() + box.width()).max().orElse(0);
    double y2 = boxes.stream().mapToDouble(box -> box.y() + box.height()).max().orElse(0);
    double gap = 3 / scale;
    canvas.strokeRect(x1 - gap, y1 - gap - origin, x2 - x1 + 2 * gap, y2 - y1 + 2 * gap);
  }

  /// Outlines runs of cells side by side as one.
  private void drawRuns(List<CellBox> boxes) {
    double gap = 1.5 / scale;
    int start = 0;
    while (start < boxes.size()) {
      CellBox first = boxes.get(start);
      double right = first.x() + first.width();
      int end = start + 1;
      while (end < boxes.size()
          && boxes.get(end).y() == first.y()
          && Math.abs(boxes.get(end).x() - right) < 0.01) {
        right = boxes.get(end).x() + boxes.get(end).width();
        end++;
      }
      canvas.strokeRect(
          first.x() - gap,
          first.y() - gap - origin,
          right - first.x() + 2 * gap,
          first.height() + 2 * gap);
      start = end;
    }
  }
}
