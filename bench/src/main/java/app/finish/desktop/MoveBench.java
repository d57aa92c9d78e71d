package app.finish.desktop;

import app.finish.core.arrange.Arrangement;
import app.finish.core.arrange.Move;
import app.finish.core.arrange.Quota;
import app.finish.core.arrange.Side;
import app.finish.core.document.Document;
import app.finish.core.document.Finish;
import app.finish.core.document.Source;
import app.finish.core.grid.Grid;
import app.finish.core.grid.GridCell;
import app.finish.core.layout.Fonts;
import app.finish.core.table.Table;
import app.finish.expressions.MeasureFormulas;
import app.finish.formats.Sending;
import app.finish.formats.StyleFile;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.prefs.Preferences;
import javafx.application.Platform;
import javafx.beans.value.ChangeListener;
import javafx.scene.Node;
import javafx.scene.image.WritableImage;
import javafx.stage.Stage;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Level;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.TearDown;
import org.openjdk.jmh.annotations.Warmup;

/// From a move to the repainted page in the real window with all its panels, for tables of a
/// thousand and of a hundred thousand rows. Each begins at the table as it came, and none is made
/// twice in a row. The floor draws the page that is there already.
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 4, time = 3)
@Measurement(iterations = 5, time = 3)
@Fork(
    value = 1,
    jvmArgsAppend = {
      "-Xmx3g",
      "-Dglass.platform=Headless",
      "-Dprism.order=sw",
      "--enable-native-access=ALL-UNNAMED"
    })
public class MoveBench {
  /// How many rows.
  @Param({"1000", "100000"})
  public int rows;

  /// Whether the rows stand in groups of nine.
  @Param({"true", "false"})
  public boolean grouped;

  private MainWindow window;
  private Node proof;
  private WritableImage pixels;
  private List<String> first;
  private List<String> last;
  private int turn;

  /// Opens the window with the table in it.
  @Setup
  public void open() throws Exception {
    CompletableFuture<Void> started = new CompletableFuture<>();
    Platform.startup(
        () -> {
          FinishApplication.useTheme();
          Fonts fonts = new Fonts();
          Sending sending = new Sending(fonts, StyleFile.shipped(), new MeasureFormulas());
          Preferences none = Preferences.userRoot().node("app/finish/bench" + System.nanoTime());
          window =
              new MainWindow(
                  fonts,
                  new Proofs(fonts, sending),
                  sending,
                  new Nobody(),
                  new Recent(none),
                  new Habits(none),
                  () -> {});
          Stage stage = new Stage();
          stage.setScene(window.scene());
          stage.setWidth(1280);
          stage.setHeight(800);
          stage.show();
          window.bench().arranging().holdAfter(Long.MAX_VALUE);
          started.complete(null);
        });
    started.get();
    Document document =
        Document.EMPTY.withAdded(new Source("bench", table()), Finish.in("Marram house"));
    pixels = new WritableImage(1280, 800);
    Platform.runLater(
        () -> {
          window.bench().change("opened", document);
          window.bench().show(0);
          window.bench().stepProperty().set(Step.ARRANGE);
          proof = window.scene().getRoot().lookup("#proof");
        });
    settle();
    Table table = window.bench().shownProperty().get().orElseThrow().arranged().table();
    first = table.across().leaves().getFirst().labels();
    last = table.across().leaves().getLast().labels();
  }

  private Grid table() {
    Random random = new Random(26);
    List<List<GridCell>> lines = new ArrayList<>();
    lines.add(cells(grouped ? "Pier,Day,Fares,Passengers" : "Day,Fares,Passengers"));
    for (int row = 0; row < rows; row++) {
      String pier = row % 9 == 0 ? "Pier " + row / 9 + "," : ",";
      String day = grouped ? pier + "Day " + (row % 9 + 1) : "Day " + row;
      lines.add(cells(day + "," + random.nextInt(20_000) + "," + random.nextInt(9_999)));
    }
    return Grid.of("", lines);
  }

  private static List<GridCell> cells(String line) {
    return List.of(line.split(",", -1)).stream().map(GridCell::of).toList();
  }

  /// Asks nobody about files.
  private static final class Nobody implements FilePicker {
    @Override
    public Optional<Path> toRead(String kind, String... endings) {
      return Optional.empty();
    }

    @Override
    public Optional<Path> toWrite(String name, String kind, String ending) {
      return Optional.empty();
    }

    @Override
    public Answer aboutUnsaved(String documentName) {
      return Answer.GO_BACK;
    }
  }

  /// Takes the last move back and waits until the table stands as it came.
  @Setup(Level.Invocation)
  public void startOver() throws Exception {
    Platform.runLater(() -> window.bench().arrange("start over", Arrangement.NONE));
    settle();
  }

  /// Waits until all that goes on behind is done.
  private void settle() throws Exception {
    for (int i = 0; i < 3; i++) {
      CompletableFuture<Void> done = new CompletableFuture<>();
      Worker worker = window.bench().worker();
      Platform.runLater(
          () ->
              worker.behind(
                  () -> true,
                  ahead -> worker.draw(() -> true, drawn -> done.complete(null), this::fail),
                  this::fail));
      done.get();
    }
  }

  private void fail(Exception reason) {
    throw new IllegalStateException(reason);
  }

  /// Ends the toolkit.
  @TearDown
  public void close() {
    Platform.runLater(window::close);
    Platform.exit();
  }

  private WritableImage after(Move move) throws Exception {
    turn++;
    CompletableFuture<WritableImage> done = new CompletableFuture<>();
    Platform.runLater(
        () -> {
          Showing showing = window.bench().showing();
          ChangeListener<Optional<?>> seen =
              (p, before, now) -> {
                if (now.isPresent()) {
                  Platform.runLater(() -> done.complete(painted()));
                }
              };
          showing.glimpseProperty().addListener(seen);
          showing.shownProperty().addListener(seen);
          done.thenRun(
              () -> {
                showing.glimpseProperty().removeListener(seen);
                showing.shownProperty().removeListener(seen);
              });
          window.bench().arrange("moved", Arrangement.of(move));
        });
    return done.get();
  }

  private WritableImage painted() {
    return proof.snapshot(null, pixels);
  }

  private int level() {
    return grouped ? 1 : 0;
  }

  private List<String> row() {
    int row = turn % 3;
    return grouped ? List.of("Pier " + row, "Day " + (2 + turn % 7)) : List.of("Day " + turn % 23);
  }

  /// Orders the rows by one column or the other, from the least or from the largest.
  @Benchmark
  public WritableImage byFigure() throws Exception {
    return after(new Move.ByFigure(Side.DOWN, level(), turn % 2 == 0 ? first : last, turn % 4 < 2));
  }

  /// Orders the rows by their labels, one way or the other.
  @Benchmark
  public WritableImage byLabel() throws Exception {
    return after(new Move.ByLabel(Side.DOWN, level(), turn % 2 == 0, false));
  }

  /// Keeps the ten rows with the largest figures, or the twelve.
  @Benchmark
  public WritableImage keepTop() throws Exception {
    Quota quota = new Quota.Count(10 + turn % 2 * 2);
    return after(new Move.KeepTop(Side.DOWN, level(), quota, first, false, true, false));
  }

  /// Sets a row aside.
  @Benchmark
  public WritableImage aside() throws Exception {
    return after(new Move.SetAside(Side.DOWN, row()));
  }

  /// Calls a row something else.
  @Benchmark
  public WritableImage rename() throws Exception {
    return after(new Move.Rename(Side.DOWN, row(), "Day off"));
  }

  /// Draws the page that is there already.
  @Benchmark
  public WritableImage floorPaint() throws Exception {
    CompletableFuture<WritableImage> done = new CompletableFuture<>();
    Platform.runLater(
        () -> {
          window.bench().pickProperty().set(Optional.empty());
          done.complete(painted());
        });
    return done.get();
  }
}
