package app.finish.desktop.kit;

import javafx.scene.canvas.Canvas;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Rectangle;

/// A canvas that is always as large as its pane, and cut off at its edges.
///
/// ```java
/// private final Canvas canvas = FillingCanvas.in(this, this::draw);
/// ```
public final class FillingCanvas {
  private FillingCanvas() {}

  /// Puts a canvas into a pane, under what comes after.
  ///
  /// @param draw draws all of it; called whenever its size changes
  public static Canvas in(Pane pane, Runnable draw) {
    Canvas canvas = new Canvas();
    pane.getChildren().add(canvas);
    Rectangle clip = new Rectangle();
    clip.widthProperty().bind(pane.widthProperty());
    clip.heightProperty().bind(pane.heightProperty());
    pane.setClip(clip);
    canvas.widthProperty().bind(pane.widthProperty());
    canvas.heightProperty().bind(pane.heightProperty());
    pane.widthProperty().addListener((p, before, now) -> draw.run());
    pane.heightProperty().addListener((p, before, now) -> draw.run());
    return canvas;
  }
}
