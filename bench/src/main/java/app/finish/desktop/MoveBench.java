package app.finish.desktop;

import app.finish.core.arrange.make.AddTotals;
import app.finish.core.arrange.make.ByFigure;
import app.finish.core.arrange.make.ByLabel;
import app.finish.core.arrange.make.Calculate;
import app.finish.core.arrange.make.FillEmpty;
import app.finish.core.arrange.make.Fold;
import app.finish.core.arrange.make.FoldLevel;
import app.finish.core.arrange.make.Gather;
import app.finish.core.arrange.make.Hold;
import app.finish.core.arrange.make.KeepTop;
import app.finish.core.arrange.make.NameLevel;
import app.finish.core.arrange.make.PlaceLevel;
import app.finish.core.arrange.make.ReadNumbers;
import app.finish.core.arrange.make.Rename;
import app.finish.core.arrange.make.RenameMember;
import app.finish.core.arrange.make.Reverse;
import app.finish.core.arrange.make.SetAside;
import app.finish.core.arrange.make.SetMemberAside;
import app.finish.core.arrange.make.Shift;
import app.finish.core.arrange.make.SwapAxes;
import app.finish.core.arrange.move.Arrangement;
import app.finish.core.arrange.move.Move;
import app.finish.core.arrange.place.Quota;
import app.finish.core.arrange.place.Side;
import app.finish.core.document.Document;
import app.finish.core.document.Finish;
import app.finish.core.document.Source;
import app.finish.core.grid.Grid;
import app.finish.core.grid.GridCell;
import app.finish.core.layout.font.Fonts;
import app.finish.core.table.MeasureKind;
import app.finish.core.table.Table;
import app.finish.desktop.model.FilePicker;
import app.finish.desktop.model.LastingChoices;
import app.finish.desktop.model.Proofs;
import app.finish.desktop.model.Recent;
import app.finish.desktop.model.Showing;
import app.finish.desktop.model.Shown;
import app.finish.desktop.model.Step;
import app.finish.desktop.model.Worker;
import app.finish.expressions.MeasureFormulas;
import app.finish.formats.Sending;
import app.finish.formats.style.StyleFile;
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
/// thousand and of a hundred thousand rows in groups of nine. Each begins at the table as it came,
/// and nothing of the last one is remembered. The floor draws the page that is there already.
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
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

  /// Which move is measured.
  @State(Scope.Benchmark)
  public static class Measured {
    /// Which move.
    @Param public Kind move;

    /// What is taken back has been made before.
    @Setup(Level.Invocation)
    public void make(MoveBench desk) throws Exception {
      desk.startOver();
      if (move == Kind.TAKE_BACK) {
        desk.arrange(of(new Reverse(Side.DOWN, 0)));
      }
    }
  }

  private MainWindow window;
  private Node proof;
  private WritableImage pixels;
  private List<String> fares;
  private List<String> passengers;

  /// Habits of nobody, whose drafts go with the temporary files.
  private static LastingChoices habits(Preferences none) {
    LastingChoices habits = new LastingChoices(none);
    habits.keepDrafts(Path.of(System.getProperty("java.io.tmpdir"), "finish-bench-drafts"));
    return habits;
  }

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
                  habits(none),
                  () -> {});
          Stage stage = new Stage();
          stage.setScene(window.scene());
          stage.setWidth(1280);
          stage.setHeight(800);
          stage.show();
          window.desk().arranging().redraws().slowFrom(Long.MAX_VALUE);
          started.complete(null);
        });
    started.get();
    Document document =
        Document.EMPTY.withAdded(new Source("bench", table()), Finish.in("Marram house"));
    pixels = new WritableImage(1280, 800);
    Platform.runLater(
        () -> {
          window.desk().change("opened", document);
          window.desk().show(0);
          window.desk().stepProperty().set(Step.ARRANGE);
          proof = window.scene().getRoot().lookup("#proof");
        });
    settle();
    Table table = window.desk().shownProperty().get().orElseThrow().arranged().table();
    fares = table.across().leaves().getFirst().labels();
    passengers = table.across().leaves().getLast().labels();
  }

  private Grid table() {
    Random random = new Random(26);
    List<List<GridCell>> lines = new ArrayList<>();
    lines.add(cells("Pier,Day,Fares,Passengers"));
    for (int row = 0; row < rows; row++) {
      String pier = row % 9 == 0 ? "Pier " + row / 9 : "";
      String fares = row % 70 == 3 ? "" : "" + random.nextInt(20_000);
      String passengers = row % 90 == 5 ? "closed" : "" + random.nextInt(9_999);
      lines.add(cells(pier + ",Day " + (row % 9 + 1) + "," + fares + "," + passengers));
    }
    return Grid.of("", lines);
  }

  private static List<GridCell> cells(String line) {
    return List.of(line.split(",", -1)).stream().map(GridCell::of).toList();
  }

  /// Asks nobody about files.
  private static final class Nobody implements FilePicker {
    @Override
    public void browse(Path page) {}

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

  /// Takes the last move back and waits until the table stands as it came. Another move is made in
  /// between, so that nothing of the last one is remembered.
  private void startOver() throws Exception {
    settle();
    Shown last = window.desk().shownProperty().get().orElseThrow();
    if (!last.arranged().unplaced().isEmpty()) {
      throw new IllegalStateException(last.arranged().unplaced().toString());
    }
    arrange(of(new NameLevel(Side.DOWN, 0, "Landing")));
    arrange(Arrangement.NONE);
  }

  private void arrange(Arrangement arrangement) throws Exception {
    Platform.runLater(() -> window.desk().arrange("arranged", arrangement));
    settle();
  }

  /// Waits until all that goes on behind is done.
  private void settle() throws Exception {
    for (int i = 0; i < 3; i++) {
      CompletableFuture<Void> done = new CompletableFuture<>();
      Worker worker = window.desk().worker();
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

  private WritableImage after(Arrangement arrangement) throws Exception {
    CompletableFuture<WritableImage> done = new CompletableFuture<>();
    Platform.runLater(
        () -> {
          Showing showing = window.desk().showing();
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
          window.desk().arrange("moved", arrangement);
        });
    return done.get();
  }

  private WritableImage painted() {
    return proof.snapshot(null, pixels);
  }

  /// The moves that are measured.
  public enum Kind {
    ORDER_BY_FIGURE,
    ORDER_BY_LABEL,
    ORDER_BY_FIGURE_OVER_ALL,
    REVERSE,
    SHIFT,
    SET_ASIDE,
    SET_MEMBER_ASIDE,
    SET_COLUMN_ASIDE,
    RENAME,
    RENAME_MEMBER,
    NAME_LEVEL,
    KEEP_TOP_TEN,
    KEEP_TOP_TEN_GATHER_THE_REST,
    KEEP_TOP_THREE_OF_EACH,
    FOLD,
    FOLD_ALL,
    SWAP_AXES,
    ADD_GRAND_TOTAL,
    ADD_GRAND_TOTAL_FIRST,
    ADD_SUBTOTALS,
    CALCULATE,
    FILL_EMPTY,
    READ_NUMBERS,
    GATHER,
    HOLD,
    PLACE_OUTERMOST,
    PLACE_ACROSS,
    PLACE_MEASURES_DOWN,
    TAKE_BACK
  }

  private Arrangement moved(Kind move) {
    List<String> day = List.of("Pier 1", "Day 3");
    List<String> pier = List.of("Pier 1");
    Quota ten = new Quota.Count(10);
    return switch (move) {
      case ORDER_BY_FIGURE -> of(new ByFigure(Side.DOWN, 1, fares, true));
      case ORDER_BY_LABEL -> of(new ByLabel(Side.DOWN, 1, true));
      case ORDER_BY_FIGURE_OVER_ALL -> of(new ByFigure(Side.DOWN, 1, fares, true, true));
      case REVERSE -> of(new Reverse(Side.DOWN, 1));
      case SHIFT -> of(new Shift(Side.DOWN, day, 1));
      case SET_ASIDE -> of(new SetAside(Side.DOWN, day));
      case SET_MEMBER_ASIDE -> of(new SetMemberAside(Side.DOWN, 1, "Day 3"));
      case SET_COLUMN_ASIDE -> of(new SetAside(Side.ACROSS, passengers));
      case RENAME -> of(new Rename(Side.DOWN, day, "Day off"));
      case RENAME_MEMBER -> of(new RenameMember(Side.DOWN, 1, "Day 3", "Day off"));
      case NAME_LEVEL -> of(new NameLevel(Side.DOWN, 1, "When"));
      case KEEP_TOP_TEN -> of(new KeepTop(Side.DOWN, 1, ten, fares, false, true, false));
      case KEEP_TOP_TEN_GATHER_THE_REST ->
          of(new KeepTop(Side.DOWN, 1, ten, fares, false, true, true));
      case KEEP_TOP_THREE_OF_EACH -> of(new KeepTop(Side.DOWN, 1, 3, fares, false, false));
      case FOLD -> of(new Fold(Side.DOWN, pier));
      case FOLD_ALL -> of(new FoldLevel(Side.DOWN, 0));
      case SWAP_AXES -> of(new SwapAxes());
      case ADD_GRAND_TOTAL -> of(new AddTotals(Side.DOWN, 0, "All", false));
      case ADD_GRAND_TOTAL_FIRST -> of(new AddTotals(Side.DOWN, 0, "All", true));
      case ADD_SUBTOTALS -> of(new AddTotals(Side.DOWN, 1, "All days", false));
      case CALCULATE -> of(new Calculate("Each", "Fares / Passengers", MeasureKind.MEAN, 1));
      case FILL_EMPTY -> of(new FillEmpty(Side.DOWN, List.of(), "0"));
      case READ_NUMBERS -> of(new ReadNumbers(Side.DOWN, List.of()));
      case GATHER -> of(new Gather(Side.DOWN, List.of(pier, List.of("Pier 2")), "Both"));
      case HOLD -> of(new Hold(Side.DOWN, 1, "Day 3"));
      case PLACE_OUTERMOST -> of(new PlaceLevel(Side.DOWN, 1, Side.DOWN, 0));
      case PLACE_ACROSS -> of(new PlaceLevel(Side.DOWN, 1, Side.ACROSS, 0));
      case PLACE_MEASURES_DOWN -> of(new PlaceLevel(Side.ACROSS, 0, Side.DOWN, 1));
      case TAKE_BACK -> Arrangement.NONE;
    };
  }

  private static Arrangement of(Move move) {
    return Arrangement.of(move);
  }

  /// Makes the move and waits for the page.
  @Benchmark
  public WritableImage move(Measured measured) throws Exception {
    return after(moved(measured.move));
  }

  /// Draws the page that is there already.
  @Benchmark
  public WritableImage floorPaint() throws Exception {
    CompletableFuture<WritableImage> done = new CompletableFuture<>();
    Platform.runLater(
        () -> {
          window.desk().pickProperty().set(Optional.empty());
          done.complete(painted());
        });
    return done.get();
  }
}
