package app.finish.bench;

import app.finish.core.arrange.formula.Formulas;
import app.finish.core.document.Document;
import app.finish.core.layout.Mark;
import app.finish.core.layout.Paper;
import app.finish.core.layout.Proof;
import app.finish.core.layout.font.Fonts;
import app.finish.desktop.kit.PaintFonts;
import app.finish.desktop.kit.ProofPainter;
import app.finish.formats.Sending;
import app.finish.formats.style.StyleFile;
import java.util.List;
import java.util.concurrent.TimeUnit;
import javafx.scene.image.WritableImage;
import javafx.scene.paint.Color;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.TearDown;
import org.openjdk.jmh.annotations.Warmup;

/// Painting what is in sight of a table of 10,000 figures, and drawing it to pixels. The floor is a
/// bare canvas that paints the same text runs and nothing else.
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(
    value = 1,
    jvmArgsAppend = {
      "-Dglass.platform=Headless",
      "-Dprism.order=sw",
      "--enable-native-access=ALL-UNNAMED"
    })
public class PaintBench {
  private Screen screen;
  private Proof.Page page;
  private ProofPainter painter;
  private PaintFonts fonts;
  private List<Mark.Text> runs;

  /// Starts the toolkit and lays the table out.
  @Setup
  public void start() throws Exception {
    screen = Screen.start();
    Document document = Tables.document(500, 20, "Marram house");
    Fonts core = new Fonts();
    page =
        new Sending(core, StyleFile.shipped(), Formulas.NONE)
            .proof(document, 0, Paper.A4.unpaged())
            .pages()
            .getFirst();
    fonts = new PaintFonts(core);
    painter = new ProofPainter(fonts);
    runs =
        page.marks().stream()
            .filter(mark -> mark.bottom() >= 0 && mark.top() <= Screen.SIGHT)
            .filter(Mark.Text.class::isInstance)
            .map(Mark.Text.class::cast)
            .toList();
  }

  /// Ends the toolkit.
  @TearDown
  public void stop() {
    screen.stop();
  }

  /// Paints the page as the window does.
  @Benchmark
  public WritableImage paint() throws Exception {
    return screen.paint(gc -> painter.paint(gc, page, 0, Screen.SIGHT, 0.75));
  }

  /// Paints the same text runs.
  @Benchmark
  public WritableImage floorBareCanvas() throws Exception {
    return screen.paint(
        gc -> {
          gc.setFill(Color.BLACK);
          for (Mark.Text run : runs) {
            gc.setFont(fonts.font(run.face(), run.size()));
            gc.fillText(run.text(), run.x(), run.y());
          }
        });
  }
}
