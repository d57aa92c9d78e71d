package app.finish.bench;

import app.finish.core.dress.Dresser;
import app.finish.core.dress.Overlay;
import app.finish.core.highlight.CellNames;
import app.finish.core.highlight.Highlight;
import app.finish.core.highlight.HighlightSentence;
import app.finish.core.highlight.Matches;
import app.finish.core.layout.Paper;
import app.finish.core.layout.Proof;
import app.finish.core.layout.font.Fonts;
import app.finish.core.layout.sheet.Scroll;
import app.finish.core.recognise.Recogniser;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.style.Cascade;
import app.finish.core.table.Table;
import app.finish.desktop.kit.PaintFonts;
import app.finish.desktop.kit.ProofPainter;
import app.finish.expressions.MeasureFormulas;
import app.finish.formats.style.StyleFile;
import dev.cel.common.types.SimpleType;
import dev.cel.compiler.CelCompilerFactory;
import dev.cel.runtime.CelRuntime;
import dev.cel.runtime.CelRuntimeFactory;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import javafx.scene.image.WritableImage;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.TearDown;
import org.openjdk.jmh.annotations.Warmup;

/// Highlights on tables of ten thousand to a million figures, beside bare comparisons over an array
/// of as many numbers, bare evaluation of the expression language, and the same picture, down to
/// its pixels, without them.
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 4, time = 1)
@Fork(
    value = 1,
    jvmArgsAppend = {
      "-Xmx3g",
      "-Dglass.platform=Headless",
      "-Dprism.order=sw",
      "--enable-native-access=ALL-UNNAMED"
    })
public class HighlightBench {
  private static final double SIGHT = Screen.SIGHT;
  private static final List<Highlight> FIVE =
      read(
          "everything below 100: bad",
          "everything above 9000: good",
          "everything between 400 and 500: soft",
          "everything at least 7000: on accent 10%",
          "everything other than 250: on mist");
  private static final List<Highlight> FOUR =
      read(
          "everything below 100: bad on bad 12%",
          "everything above 9000: good on good 12%",
          "everything always: bar accent 25%",
          "everything always: tint paper to accent 40%");

  /// How many figures.
  @Param({"10000", "100000", "1000000"})
  public int figures;

  /// How many columns.
  @Param("20")
  public int columns;

  private Table table;
  private CellNames names;
  private double[] numbers;
  private final MeasureFormulas formulas = new MeasureFormulas();
  private CelRuntime.Program program;
  private Dresser.Ready dresser;
  private Cascade cascade;
  private Fonts fonts;
  private Screen screen;
  private ProofPainter painter;
  private int turn;

  private static List<Highlight> read(String... sentences) {
    return Stream.of(sentences).map(HighlightSentence::read).toList();
  }

  /// Makes the table, the array and the program.
  @Setup
  public void make() throws Exception {
    table =
        Recogniser.recognise(Tables.pivot(figures / columns, columns), Corrections.NONE).table();
    names = CellNames.of(table);
    int width = table.body().columns();
    numbers = new double[table.body().rows() * width];
    Arrays.setAll(numbers, i -> table.body().number(i / width, i % width));
    var compiler =
        CelCompilerFactory.standardCelCompilerBuilder().addVar("value", SimpleType.DOUBLE).build();
    var runtime = CelRuntimeFactory.standardCelRuntimeBuilder().build();
    program = runtime.createProgram(compiler.compile("value < 500.0 && value > 10.0").getAst());
    dresser = Dresser.ready(table);
    cascade = StyleFile.shipped().cascade("Marram house");
    fonts = new Fonts();
    screen = Screen.start();
    painter = new ProofPainter(new PaintFonts(fonts));
  }

  /// Ends the toolkit.
  @TearDown
  public void stop() {
    screen.stop();
  }

  private int matched(Highlight highlight) {
    Matches matches = Matches.of(highlight, names, formulas.ofCells());
    return matches.all().cardinality();
  }

  /// Five highlights without an expression.
  @Benchmark
  public int fiveHighlights() {
    int count = 0;
    for (Highlight highlight : FIVE) {
      count += matched(highlight);
    }
    return count;
  }

  /// The same comparisons over an array.
  @Benchmark
  public int fiveComparisonsFloor() {
    int count = 0;
    for (double number : numbers) {
      count += number < 100 ? 1 : 0;
    }
    for (double number : numbers) {
      count += number > 9000 ? 1 : 0;
    }
    for (double number : numbers) {
      count += number >= 400 && number <= 500 ? 1 : 0;
    }
    for (double number : numbers) {
      count += number >= 7000 ? 1 : 0;
    }
    for (double number : numbers) {
      count += number < 250 || number > 250 ? 1 : 0;
    }
    return count;
  }

  /// The greatest twentieth.
  @Benchmark
  public int top() {
    return matched(HighlightSentence.read("everything among the top 5% of the table: bold"));
  }

  /// The same over an array, put in order.
  @Benchmark
  public int topFloor() {
    double[] sorted = numbers.clone();
    Arrays.sort(sorted);
    double bound = sorted[sorted.length - sorted.length / 20];
    int count = 0;
    for (double number : numbers) {
      count += number >= bound ? 1 : 0;
    }
    return count;
  }

  /// A highlight with an expression.
  @Benchmark
  public int expression() {
    return matched(
        HighlightSentence.read("everything where {value < 500.0 && value > 10.0}: bold"));
  }

  /// The expression alone.
  @Benchmark
  public int expressionFloor() throws Exception {
    int count = 0;
    for (double number : numbers) {
      count += program.eval(Map.of("value", number)) == Boolean.TRUE ? 1 : 0;
    }
    return count;
  }

  private WritableImage shown(List<Overlay> overlays) throws Exception {
    Scroll scroll =
        Scroll.of(dresser.under(overlays).seen(cascade, "1"), fonts, Paper.A4.unpaged());
    Proof.Page page = scroll.between(0, SIGHT, 0, SIGHT);
    return screen.paint(gc -> painter.paint(gc, page, 0, SIGHT, 0.75));
  }

  /// A table with four highlights, from its rows to the pixels of what is in sight; the threshold
  /// of one is another each time, as it is while it is dragged.
  @Benchmark
  public WritableImage dragged() throws Exception {
    turn++;
    List<Highlight> all =
        Stream.concat(
                FOUR.stream().skip(1),
                Stream.of(
                    HighlightSentence.read("everything below " + turn % 900 + ": bad on bad 12%")))
            .toList();
    return shown(Dresser.overlays(all, cascade, formulas.ofCells()));
  }

  /// The same without highlights.
  @Benchmark
  public WritableImage draggedFloor() throws Exception {
    turn++;
    return shown(List.of());
  }

  /// The same with four highlights that set texts bolder.
  @Benchmark
  public WritableImage bolder() throws Exception {
    turn++;
    List<Highlight> all =
        read("everything below " + turn % 900 + ": bold", "everything above 9000: italic");
    return shown(Dresser.overlays(all, cascade, formulas.ofCells()));
  }

  private WritableImage opened(List<Highlight> highlights) throws Exception {
    dresser = Dresser.ready(table);
    return shown(Dresser.overlays(highlights, cascade, formulas.ofCells()));
  }

  /// The table with four highlights as it is shown the first time: nothing of it is remembered.
  @Benchmark
  public WritableImage opened() throws Exception {
    return opened(FOUR);
  }

  /// The same with highlights that set texts bold and italic.
  @Benchmark
  public WritableImage openedBolder() throws Exception {
    return opened(
        read(
            "everything below 100: bold",
            "everything above 9000: italic",
            "everything always: bar accent 25%",
            "everything always: tint paper to accent 40%"));
  }

  /// The table without highlights as it is shown the first time.
  @Benchmark
  public WritableImage openedFloor() throws Exception {
    return opened(List.of());
  }
}
