package app.finish.desktop;

import app.finish.core.document.Document;
import app.finish.core.layout.Paper;
import app.finish.core.layout.Proof;
import app.finish.desktop.kit.ProofPainter;
import app.finish.formats.Sending;
import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Rectangle2D;
import javafx.scene.SnapshotParameters;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.WritableImage;
import javafx.scene.paint.Color;

/// The tables of a document one below another in two columns, as they are printed.
final class PrintedResults {
  private static final double WIDTH = 1280;
  private static final double GAP = 24;

  private PrintedResults() {}

  /// The picture.
  static WritableImage of(Document document, Sending sending, ProofPainter painter) {
    List<Proof.Page> pages = new ArrayList<>();
    for (int i : document.tablePlaces()) {
      pages.add(sending.proof(document, i, Paper.A4.unpaged()).pages().getFirst());
    }
    double margin = Paper.A4.margin() - 6;
    double scale =
        pages.stream()
            .mapToDouble(page -> (WIDTH / 2 - 1.5 * GAP) / (page.width() - 2 * margin))
            .min()
            .orElse(1);
    double[] heights = {GAP, GAP};
    Canvas canvas = new Canvas(WIDTH, 2000);
    GraphicsContext gc = canvas.getGraphicsContext2D();
    gc.setFill(Color.WHITE);
    gc.fillRect(0, 0, WIDTH, 2000);
    for (int i = 0; i < pages.size(); i++) {
      Proof.Page page = pages.get(i);
      int column = i % 2;
      gc.save();
      gc.translate(
          GAP + column * (WIDTH / 2 - GAP / 2) - margin * scale, heights[column] - margin * scale);
      gc.scale(scale, scale);
      painter.paint(gc, page, 0, page.height(), 0.4);
      gc.restore();
      heights[column] += (page.height() - 2 * margin) * scale + GAP;
    }
    SnapshotParameters part = new SnapshotParameters();
    part.setViewport(new Rectangle2D(0, 0, WIDTH, Math.max(heights[0], heights[1])));
    return canvas.snapshot(part, null);
  }
}
