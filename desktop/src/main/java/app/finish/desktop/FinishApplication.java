package app.finish.desktop;

import app.finish.core.document.Document;
import app.finish.core.layout.Fonts;
import app.finish.formats.Samples;
import app.finish.formats.Sending;
import app.finish.formats.StyleFile;
import atlantafx.base.theme.PrimerLight;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.List;
import java.util.prefs.Preferences;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.text.Font;
import javafx.stage.Stage;
import javafx.stage.WindowEvent;

/// The application. Arguments: `demo` for the Marram Sound document, `--shots DIR` with it to draw the
/// main views as PNG and end, or a file to open or bring in.
public final class FinishApplication extends Application {
  private static final List<String> UI_FACES = List.of("Inter-Regular", "Inter-Medium", "Inter-SemiBold", "Inter-Italic");

  @Override
  public void start(Stage stage) throws Exception {
    useTheme();
    MainWindow window =
        new MainWindow(
            new Fonts(),
            new Sending(new Fonts(), StyleFile.shipped()),
            new WindowPicker(stage),
            new Recent(Preferences.userRoot().node("app/finish")),
            () -> stage.fireEvent(new WindowEvent(stage, WindowEvent.WINDOW_CLOSE_REQUEST)));
    List<String> arguments = getParameters().getRaw();
    if (arguments.contains("--shots")) {
      Path folder = Path.of(arguments.get(arguments.indexOf("--shots") + 1));
      new Shots(window, stage, folder).take();
      return;
    }
    stage.setTitle(Texts.of("app.name"));
    stage.setScene(window.scene());
    stage.setMinWidth(900);
    stage.setMinHeight(600);
    stage.setOnCloseRequest(
        event -> {
          event.consume();
          window.files().settled(() -> end(window));
        });
    stage.show();
    begin(window, arguments);
  }

  private static void end(MainWindow window) {
    window.close();
    Platform.exit();
  }

  private static void begin(MainWindow window, List<String> arguments) {
    if (arguments.contains("demo")) {
      window
          .bench()
          .worker()
          .run(
              Texts.of("busy.demo"),
              Samples::demo,
              document -> window.begin(document, DEMO_NAME),
              window.bench()::tell);
    } else if (!arguments.isEmpty()) {
      window.files().bringIn(Path.of(arguments.getLast()));
    } else {
      window.begin(Document.EMPTY, Texts.of("document.untitled"));
    }
  }

  /// The name of the demo's document.
  static final String DEMO_NAME = "Marram Sound, year two";

  /// Puts on the theme, with our own faces loaded.
  static void useTheme() {
    for (String face : UI_FACES) {
      try (InputStream stream = FinishApplication.class.getResourceAsStream("fonts/" + face + ".otf")) {
        Font.loadFont(stream, 12);
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
    }
    Application.setUserAgentStylesheet(new PrimerLight().getUserAgentStylesheet());
  }

  /// Starts the application.
  public static void main(String[] arguments) {
    launch(FinishApplication.class, arguments);
  }
}
