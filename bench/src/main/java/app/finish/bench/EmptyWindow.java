package app.finish.bench;

import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.layout.Pane;
import javafx.stage.Stage;

/// A window with nothing in it, which ends as soon as it is shown: the floor of starting.
public final class EmptyWindow extends Application {
  @Override
  public void start(Stage stage) {
    stage.setScene(new Scene(new Pane(), 1280, 800));
    stage.show();
    Platform.runLater(() -> Platform.runLater(Platform::exit));
  }

  /// Shows the window.
  public static void main(String[] arguments) {
    launch(EmptyWindow.class, arguments);
  }
}
