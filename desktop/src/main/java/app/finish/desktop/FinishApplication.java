package app.finish.desktop;

import app.finish.core.document.Document;
import app.finish.core.layout.Paper;
import app.finish.core.layout.font.Fonts;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.LastingChoices;
import app.finish.desktop.model.Proofs;
import app.finish.desktop.model.Recent;
import app.finish.desktop.shell.WindowPicker;
import app.finish.expressions.MeasureFormulas;
import app.finish.formats.Sending;
import app.finish.formats.samples.SampleSource;
import app.finish.formats.samples.Samples;
import app.finish.formats.scripts.SystemScripts;
import app.finish.formats.style.StyleFile;
import atlantafx.base.theme.PrimerLight;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.prefs.Preferences;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.text.Font;
import javafx.stage.Stage;
import javafx.stage.WindowEvent;

/// The application. Arguments: `demo` for the Marram Sound document, with it `--shots DIR` to draw
/// the main views as PNG and end, or `--until-proof` to end as soon as the first proof is on the
/// screen (for measuring), or `--source DIR` to drop made-up outputs into a folder without a
/// window; or a file to open or bring in.
///
/// What needs no toolkit begins before the toolkit does, on a thread of its own: the demo is read
/// and its first proof made while the window is still being built.
public final class FinishApplication {
  private static final List<String> UI_FACES =
      List.of("Inter-Regular", "Inter-Medium", "Inter-SemiBold", "Inter-Italic");

  /// Milliseconds between two outputs of the simulated source.
  private static final long BETWEEN_DROPS = 4_000;

  /// The name of the demo's document.
  static final String DEMO_NAME = "Marram Sound, year two";

  private final List<String> arguments;
  private final Fonts fonts = SystemScripts.fonts();
  private final Sending sending = new Sending(fonts, StyleFile.shipped(), new MeasureFormulas());
  private final Proofs proofs = new Proofs(fonts, sending);
  private final CompletableFuture<Document> demo;

  private FinishApplication(List<String> arguments) {
    this.arguments = arguments;
    this.demo =
        arguments.contains("demo")
            ? CompletableFuture.supplyAsync(this::readDemo)
            : CompletableFuture.completedFuture(Document.EMPTY);
  }

  private Document readDemo() {
    try {
      Document document = Samples.demo();
      proofs.shown(document, 0, document.table(0).finish(), Paper.A4.unpaged());
      return document;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private void start() {
    Stage stage = new Stage();
    useTheme();
    MainWindow window =
        new MainWindow(
            fonts,
            proofs,
            sending,
            new WindowPicker(stage, Preferences.userRoot().node("app/finish/habits")),
            new Recent(Preferences.userRoot().node("app/finish")),
            new LastingChoices(Preferences.userRoot().node("app/finish/habits")),
            () -> stage.fireEvent(new WindowEvent(stage, WindowEvent.WINDOW_CLOSE_REQUEST)));
    if (arguments.contains("--shots")) {
      Path folder = Path.of(arguments.get(arguments.indexOf("--shots") + 1));
      new Shots(window, stage, demo.join(), folder).take();
      return;
    }
    Thread.setDefaultUncaughtExceptionHandler(
        (thread, fault) -> Platform.runLater(() -> window.desk().tellUncaught(fault)));
    stage.setTitle(Texts.of("app.name"));
    stage.setScene(window.scene());
    stage.setMinWidth(900);
    stage.setMinHeight(600);
    stage.setOnCloseRequest(
        event -> {
          event.consume();
          window.files().settled(() -> end(window));
        });
    begin(window);
    stage.show();
    if (arguments.contains("--until-proof")) {
      window.desk().shownProperty().addListener((p, before, now) -> endAfterNextFrame(window));
    }
  }

  private static void endAfterNextFrame(MainWindow window) {
    window.scene().addPostLayoutPulseListener(() -> Platform.runLater(() -> end(window)));
    Platform.requestNextPulse();
  }

  private static void end(MainWindow window) {
    window.close();
    Platform.exit();
  }

  private void begin(MainWindow window) {
    if (arguments.contains("demo")) {
      window
          .desk()
          .worker()
          .run(
              Texts.of("busy.demo"),
              demo::get,
              document -> window.begin(document, DEMO_NAME),
              window.desk()::tell);
    } else if (!arguments.isEmpty()) {
      window.files().bringIn(Path.of(arguments.getLast()));
    }
    if (!arguments.isEmpty()) {
      window.journal().remind();
    }
  }

  /// Puts on the theme, with our own faces loaded.
  static void useTheme() {
    for (String face : UI_FACES) {
      try (InputStream stream =
          FinishApplication.class.getResourceAsStream("fonts/" + face + ".otf")) {
        Font.loadFont(stream, 12);
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
    }
    // The theme ships its style sheet parsed already, too.
    Application.setUserAgentStylesheet(
        new PrimerLight().getUserAgentStylesheet().replace(".css", ".bss"));
  }

  /// Drops outputs of an imaginary run into a folder until it is stopped.
  ///
  /// @param said the folder, and how many outputs are dropped at most if not any number
  private static void drop(List<String> said) throws IOException, InterruptedException {
    Path folder = Path.of(said.isEmpty() ? "." : said.getFirst());
    int most = said.size() > 1 ? Integer.parseInt(said.get(1)) : Integer.MAX_VALUE;
    SampleSource source = new SampleSource(folder, System.nanoTime());
    for (int i = 0; i < most; i++) {
      System.out.println(source.drop());
      Thread.sleep(BETWEEN_DROPS);
    }
  }

  /// Starts the application.
  public static void main(String[] arguments) throws IOException, InterruptedException {
    List<String> said = List.of(arguments);
    if (said.contains("--source")) {
      drop(said.subList(said.indexOf("--source") + 1, said.size()));
      return;
    }
    FinishApplication application = new FinishApplication(List.of(arguments));
    Platform.startup(application::start);
  }
}
