package app.finish.desktop.kit;

import javafx.scene.canvas.Canvas;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Rectangle;

/// A pane with a canvas as large as itself, drawn anew whenever its size changes.
public abstract class CanvasPane extends Pane {
  /// What is drawn on.
  protected final Canvas canvas = new Canvas();

  /// @param id the id of the pane
  protected CanvasPane(String id) {
    setId(id);
    getStyleClass().add("desk");
    setFocusTraversable(true);
    getChildren().add(canvas);
    Rectangle clip = new Rectangle();
    clip.widthProperty().bind(widthProperty());
    clip.heightProperty().bind(heightProperty());
    setClip(clip);
    canvas.widthProperty().bind(widthProperty());
    canvas.heightProperty().bind(heightProperty());
    widthProperty().addListener((p, before, now) -> draw());
    heightProperty().addListener((p, before, now) -> draw());
  }

  /// Draws all of it.
  protected abstract void draw();
}
