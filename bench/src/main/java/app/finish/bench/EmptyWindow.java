package app.finish.bench;

import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.layout.Pane;
import javafx.stage.Stage;

/// A window with nothing in it, which ends as soon as its first frame is laid out: the floor of
/// starting.
public final class EmptyWindow extends Application {
  @Override
  public void start(Stage stage) {
    Scene scene = new Scene(new Pane(), 1280, 800);
    stage.setScene(scene);
    stage.show();
    scene.addPostLayoutPulseListener(() -> Platform.runLater(Platform::exit));
    Platform.requestNextPulse();
  }

  /// Shows the window.
  public static void main(String[] arguments) {
    launch(EmptyWindow.class, arguments);
  }
}
