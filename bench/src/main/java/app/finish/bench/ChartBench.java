package app.finish.bench;

import app.finish.core.arrange.formula.Formulas;
import app.finish.core.chart.Chart;
import app.finish.core.chart.ChartKind;
import app.finish.core.chart.ChartPage;
import app.finish.core.chart.ChartSetter;
import app.finish.core.document.Document;
import app.finish.core.layout.Mark;
import app.finish.core.layout.Paper;
import app.finish.core.layout.font.Fonts;
import app.finish.desktop.kit.PaintFonts;
import app.finish.desktop.kit.ProofPainter;
import app.finish.formats.Sending;
import app.finish.formats.io.SentTable;
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

/// Painting a chart of 1,000 marks. The floor is a bare canvas that draws the same rectangles,
/// lines and texts. Setting it anew, as after each move, is measured beside them.
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
public class ChartBench {
  private Screen screen;
  private ChartPage page;
  private ProofPainter painter;
  private PaintFonts fonts;
  private SentTable table;
  private Chart chart;
  private final Fonts core = new Fonts();

  /// Starts the toolkit and sets the chart.
  @Setup
  public void start() throws Exception {
    screen = Screen.start();
    Document document = Tables.document(100, 10, "Marram house");
    table =
        new Sending(core, StyleFile.shipped(), Formulas.NONE)
            .sent(document, List.of(0), Paper.A4)
            .tables()
            .getFirst();
    chart = Chart.of(ChartKind.BARS, table.table().measures().getFirst().name());
    page = set();
    fonts = new PaintFonts(core);
    painter = new ProofPainter(fonts);
    System.out.println(page.areas().size() + " figures, " + page.marks().size() + " marks");
  }

  /// Ends the toolkit.
  @TearDown
  public void stop() {
    screen.stop();
  }

  /// Sets the chart from its table.
  @Benchmark
  public ChartPage set() {
    return new ChartSetter(table.table(), table.dressed(), chart, "1", core).page();
  }

  /// Paints the chart as the window does.
  @Benchmark
  public WritableImage paint() throws Exception {
    return screen.paint(gc -> painter.paint(gc, page.page(), 0, page.height(), 0.5));
  }

  /// Draws the same by hand.
  @Benchmark
  public WritableImage floorBareCanvas() throws Exception {
    return screen.paint(
        gc -> {
          for (Mark mark : page.marks()) {
            switch (mark) {
              case Mark.Fill fill -> {
                gc.setFill(Color.GREEN);
                gc.fillRect(fill.x(), fill.y(), fill.width(), fill.height());
              }
              case Mark.Rule rule -> {
                gc.setStroke(Color.GRAY);
                gc.setLineWidth(rule.weight());
                gc.strokeLine(rule.x1(), rule.y1(), rule.x2(), rule.y2());
              }
              case Mark.Text text -> {
                gc.setFill(Color.BLACK);
                gc.setFont(fonts.font(text.face(), text.size()));
                gc.fillText(text.text(), text.x(), text.y());
              }
              case Mark.Shape shape -> {
                gc.setStroke(Color.WHITE);
                gc.setLineWidth(shape.weight());
                List<Double> at = shape.points();
                gc.beginPath();
                gc.moveTo(at.get(0), at.get(1));
                for (int i = 2; i < at.size(); i += 2) {
                  gc.lineTo(at.get(i), at.get(i + 1));
                }
                gc.stroke();
              }
              case Mark.Frame frame ->
                  gc.strokeRect(frame.x(), frame.y(), frame.width(), frame.height());
            }
          }
        });
  }
}
