package app.finish.bench;

import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.scene.Group;
import javafx.scene.Scene;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.WritableImage;

/// A canvas of the size of a window's sight, on the toolkit's headless platform, that is painted
/// and drawn to pixels.
final class Screen {
  /// The height of what is in sight.
  static final double SIGHT = 700;

  private static final double WIDTH = 900;

  private final Canvas canvas;
  private final WritableImage image;

  private Screen(Canvas canvas, WritableImage image) {
    this.canvas = canvas;
    this.image = image;
  }

  /// Starts the toolkit.
  static Screen start() throws ExecutionException, InterruptedException {
    CompletableFuture<Screen> started = new CompletableFuture<>();
    Platform.startup(
        () -> {
          Canvas canvas = new Canvas(WIDTH, SIGHT);
          new Scene(new Group(canvas));
          started.complete(new Screen(canvas, new WritableImage((int) WIDTH, (int) SIGHT)));
        });
    return started.get();
  }

  /// Clears the canvas, lets it be painted and draws it to pixels.
  WritableImage paint(Consumer<GraphicsContext> work)
      throws ExecutionException, InterruptedException {
    CompletableFuture<WritableImage> done = new CompletableFuture<>();
    Platform.runLater(
        () -> {
          GraphicsContext gc = canvas.getGraphicsContext2D();
          gc.clearRect(0, 0, WIDTH, SIGHT);
          work.accept(gc);
          done.complete(canvas.snapshot(null, image));
        });
    return done.get();
  }

  /// Ends the toolkit.
  void stop() {
    Platform.exit();
  }
}
