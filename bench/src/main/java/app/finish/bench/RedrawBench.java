package app.finish.bench;

import app.finish.core.arrange.Arranged;
import app.finish.core.arrange.Arranger;
import app.finish.core.arrange.formula.Formulas;
import app.finish.core.arrange.make.ByFigure;
import app.finish.core.arrange.move.Arrangement;
import app.finish.core.arrange.move.Move;
import app.finish.core.arrange.place.Side;
import app.finish.core.dress.Dresser;
import app.finish.core.layout.Paper;
import app.finish.core.layout.Proof;
import app.finish.core.layout.font.Fonts;
import app.finish.core.layout.sheet.FirstScreen;
import app.finish.core.layout.sheet.Scroll;
import app.finish.core.recognise.Recogniser;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.style.Cascade;
import app.finish.core.table.Table;
import app.finish.desktop.kit.PaintFonts;
import app.finish.desktop.kit.ProofPainter;
import app.finish.formats.style.StyleFile;
import java.util.List;
import java.util.concurrent.TimeUnit;
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

/// From a change to the repainted page, without the window around it, for tables of a thousand
/// rows, of ten thousand figures and of a hundred thousand rows: a move, with what is in sight
/// first or with the whole table, another style, and scrolling. The floor paints what is in sight
/// and nothing else.
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 4, time = 2)
@Fork(
    value = 1,
    jvmArgsAppend = {
      "-Xmx3g",
      "-Dglass.platform=Headless",
      "-Dprism.order=sw",
      "--enable-native-access=ALL-UNNAMED"
    })
public class RedrawBench {
  /// How many rows.
  @Param({"1000", "2500", "100000"})
  public int rows;

  private final Fonts fonts = new Fonts();
  private Screen screen;
  private ProofPainter painter;
  private Arranger.Ready ready;
  private List<String> first;
  private List<String> last;
  private Arrangement order;
  private int turn;
  private Dresser.Ready dresser;
  private Scroll scroll;
  private Cascade house;
  private Cascade other;

  /// Starts the toolkit and makes the table.
  @Setup
  public void start() throws Exception {
    screen = Screen.start();
    Table table = Recogniser.recognise(Tables.pivot(rows, 4), Corrections.NONE).table();
    first = table.across().leaves().getFirst().labels();
    last = table.across().leaves().getLast().labels();
    ready = Arranger.ready(table, Formulas.NONE);
    order = Arrangement.NONE.with(new ByFigure(Side.DOWN, 1, first, true));
    house = StyleFile.shipped().cascade("Marram house");
    other = StyleFile.shipped().cascade("APA 7");
    dresser = Dresser.ready(ready.arrange(order).table());
    scroll = laidOut(dresser, house);
    painter = new ProofPainter(new PaintFonts(fonts));
  }

  /// Ends the toolkit.
  @TearDown
  public void stop() {
    screen.stop();
  }

  private Scroll laidOut(Arranged table, Cascade cascade) {
    return laidOut(Dresser.ready(table.table()), cascade);
  }

  private Scroll laidOut(Dresser.Ready table, Cascade cascade) {
    return Scroll.of(table.seen(cascade, "1"), fonts, Paper.A4);
  }

  private WritableImage painted(Scroll sheet, double top) throws Exception {
    return screen.paint(
        gc -> {
          Proof.Page page = sheet.between(top, top + Screen.SIGHT);
          gc.save();
          gc.translate(0, -top);
          painter.paint(gc, page, top, top + Screen.SIGHT, 0.75);
          gc.restore();
        });
  }

  /// The rows in another order than before.
  private Arrangement next() {
    turn++;
    Move move = new ByFigure(Side.DOWN, 1, turn % 2 == 0 ? first : last, turn % 4 < 2);
    return Arrangement.of(move);
  }

  /// Orders the rows by a column and shows the page, with the whole table behind it.
  @Benchmark
  public WritableImage wholeMove() throws Exception {
    return painted(laidOut(ready.arrange(next()), house), 0);
  }

  /// Orders the rows by a column and shows what is in sight of them: first, if they are many, as
  /// the window does.
  @Benchmark
  public WritableImage move() throws Exception {
    if (rows < 2000) {
      return wholeMove();
    }
    Arrangement next = next();
    return painted(
        FirstScreen.of(
                scroll,
                Paper.A4,
                (down, across) ->
                    ready
                        .arrangeFirst(next, down, across)
                        .map(first -> Dresser.ready(first).seen(house, "1")),
                new FirstScreen.Area(Screen.SIGHT, Screen.SIGHT))
            .orElseThrow(),
        0);
  }

  /// Puts another style on and shows the page.
  @Benchmark
  public WritableImage style() throws Exception {
    return painted(laidOut(dresser, other), 0);
  }

  /// Shows another part of the table, the middle.
  @Benchmark
  public WritableImage scroll() throws Exception {
    return painted(scroll, scroll.paper().height() / 2);
  }

  /// Paints the page that is there already.
  @Benchmark
  public WritableImage floorPaint() throws Exception {
    return painted(scroll, 0);
  }
}
