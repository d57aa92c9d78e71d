package app.finish.desktop;

import app.finish.core.arrange.make.ByFigure;
import app.finish.core.arrange.make.Rename;
import app.finish.core.arrange.make.SetAside;
import app.finish.core.arrange.move.Arrangement;
import app.finish.core.arrange.place.Side;
import app.finish.core.document.Document;
import app.finish.core.dress.CellMeaning;
import app.finish.core.note.OwnNote;
import app.finish.core.style.Part;
import app.finish.core.style.PartName;
import app.finish.core.style.colour.Colour;
import app.finish.core.tally.RecordsName;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Dressing;
import app.finish.desktop.model.Pick;
import app.finish.desktop.model.Step;
import app.finish.desktop.model.Worker;
import app.finish.formats.samples.ResultTables;
import app.finish.formats.samples.Samples;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.scene.image.PixelReader;
import javafx.scene.image.WritableImage;
import javafx.stage.Stage;
import javafx.util.Duration;
import javax.imageio.ImageIO;

/// Draws each main view of the demo at 1280 × 800 as PNG, and ends.
public final class Shots {
  /// So often is looked whether records are open.
  private static final int TRIES = 40;

  private record Shot(String name, Runnable prepare, Runnable then) {}

  private final MainWindow window;
  private final Stage stage;
  private final Document demo;
  private final Path folder;
  private final Deque<Shot> shots = new ArrayDeque<>();

  Shots(MainWindow window, Stage stage, Document demo, Path folder) {
    this.window = window;
    this.stage = stage;
    this.demo = demo;
    this.folder = folder;
  }

  /// Takes them all.
  void take() {
    makeFolder();
    Desk desk = window.desk();
    shots.add(new Shot("empty", () -> {}, () -> {}));
    shots.add(new Shot("pick-tables", this::offer, () -> {}));
    shots.add(new Shot("bring-in", this::bringIn, this::pickSubtotals));
    shots.add(new Shot("dress", () -> wear("Marram house", 0), () -> {}));
    shots.add(new Shot("dress-apa", () -> wear("APA 7", 0), () -> {}));
    shots.add(new Shot("dress-parts", () -> wear("Ledger", 0), this::parts));
    shots.add(new Shot("dress-palette", () -> wear("Marram house", 0), this::palette));
    shots.add(new Shot("dress-paper", this::inkedBack, () -> {}));
    shots.add(new Shot("highlight", () -> highlight("Marram house", 6), () -> {}));
    shots.add(
        new Shot(
            "dress-try-on",
            () -> wear("Marram house", 1),
            () -> desk.tryingProperty().set(Optional.of("APA 7"))));
    shots.add(new Shot("arrange", () -> example(13), () -> {}));
    shots.add(new Shot("arrange-heading", this::arrange, this::pickAHeading));
    shots.add(new Shot("chart", this::chart, () -> {}));
    shots.add(new Shot("tally", () -> toTally(6), () -> {}));
    shots.add(new Shot("records", this::records, this::firstColumn));
    shots.add(new Shot("word", this::word, this::tied));
    shots.add(
        new Shot(
            "check",
            () -> {
              desk.show(14);
              desk.stepProperty().set(Step.CHECK);
            },
            () -> {}));
    shots.add(
        new Shot(
            "send-out",
            () -> {
              window.proof().requestFocus();
              desk.show(0);
              desk.stepProperty().set(Step.SEND_OUT);
            },
            () -> {}));
    stage.setScene(window.scene());
    stage.setWidth(1280);
    stage.setHeight(800);
    stage.show();
    next();
  }

  private void makeFolder() {
    try {
      java.nio.file.Files.createDirectories(folder);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private void bringIn() {
    window.begin(demo, FinishApplication.DEMO_NAME);
  }

  private void offer() {
    try {
      Path samples = java.nio.file.Files.createTempDirectory("finish-shots");
      window.files().bringIn(Samples.copy(Samples.SURVEY, samples));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private void arrange() {
    Desk desk = window.desk();
    desk.show(0);
    desk.stepProperty().set(Step.ARRANGE);
    desk.arrange(
        "arrange",
        Arrangement.NONE
            .with(new ByFigure(Side.DOWN, 1, List.of("2026", "Fares"), true))
            .with(new SetAside(Side.DOWN, List.of("Skell–Tamsay")))
            .with(new Rename(Side.DOWN, List.of("Hale–Orrin"), "Hale and Orrin")));
  }

  private void example(int table) {
    window.desk().pickProperty().set(Optional.empty());
    window.desk().show(table);
    window.desk().stepProperty().set(Step.ARRANGE);
  }

  private void chart() {
    wear("Marram house", 2);
    example(window.desk().document().chartPlaces(2).getFirst());
  }

  private void pickAHeading() {
    pick(new Pick(new CellMeaning.Stub(1, 1), new Part(PartName.STUB, 2), 0));
  }

  private void toTally(int table) {
    window.desk().pickProperty().set(Optional.empty());
    window.desk().show(table);
    window.desk().stepProperty().set(Step.BRING_IN);
  }

  private void records() {
    window.tallies().bringIn(new RecordsName.Sample(Samples.ANSWERS));
  }

  private void firstColumn() {
    window.desk().noticeProperty().set(Optional.empty());
  }

  private void pickSubtotals() {
    pick(new Pick(new CellMeaning.Body(4, 0), new Part(PartName.SUBTOTAL_ROW, 1), 1));
  }

  private void pickGrandTotal() {
    pick(new Pick(new CellMeaning.Body(15, 0), Part.of(PartName.GRAND_TOTAL_ROW), 1));
  }

  private void parts() {
    window.desk().dressing().leafProperty().set(Dressing.Leaf.PARTS);
    pickGrandTotal();
  }

  private void palette() {
    Dressing dressing = window.desk().dressing();
    window.desk().pickProperty().set(Optional.empty());
    dressing.ink("accent", Colour.parse("#8fc7bd"));
    dressing.leafProperty().set(Dressing.Leaf.PALETTE);
  }

  private void inkedBack() {
    window.desk().undo();
    window.desk().dressing().leafProperty().set(Dressing.Leaf.PAPER);
  }

  private void pick(Pick pick) {
    window.desk().pickProperty().set(Optional.of(pick));
  }

  private void wear(String style, int table) {
    Desk desk = window.desk();
    desk.pickProperty().set(Optional.empty());
    desk.dressing().leafProperty().set(Dressing.Leaf.TRY_ON);
    desk.dressing().againstProperty().set(Optional.empty());
    desk.show(table);
    desk.stepProperty().set(Step.DRESS);
    desk.wear(desk.styles().named(style).orElseThrow());
  }

  /// A table with its highlights, one of which is chosen.
  private void highlight(String style, int table) {
    wear(style, table);
    window.desk().stepProperty().set(Step.HIGHLIGHT);
  }

  private void next() {
    if (shots.isEmpty()) {
      printed();
      window.close();
      Platform.exit();
      return;
    }
    Shot shot = shots.poll();
    shot.prepare.run();
    after(
        700,
        () -> {
          shot.then.run();
          atRest(
              () ->
                  after(
                      700,
                      () ->
                          withRecordsOpen(
                              TRIES,
                              () -> {
                                save(shot.name);
                                next();
                              })));
        });
  }

  /// Does something once all that was begun is read and drawn.
  private void atRest(Runnable work) {
    Worker worker = window.desk().worker();
    if (!worker.busyProperty().get().isEmpty()) {
      after(300, () -> atRest(work));
      return;
    }
    Consumer<Boolean> drawn = done -> work.run();
    Consumer<Exception> failed = window.desk()::tell;
    worker.behind(() -> true, done -> worker.draw(() -> true, drawn, failed), failed);
  }

  /// Does something once the records of the table at hand are open, if it has some.
  private void withRecordsOpen(int tries, Runnable work) {
    boolean opening =
        window.tallies().askedProperty().get().filter(one -> one.records().isEmpty()).isPresent();
    if (opening && tries > 0) {
      after(300, () -> withRecordsOpen(tries - 1, work));
    } else {
      work.run();
    }
  }

  private static void after(double milliseconds, Runnable work) {
    PauseTransition pause = new PauseTransition(Duration.millis(milliseconds));
    pause.setOnFinished(event -> work.run());
    pause.play();
  }

  /// A note on a heading and one on a figure, with what its stars stand for.
  private void word() {
    wear("APA 7", 5);
    Desk desk = window.desk();
    desk.stepProperty().set(Step.WORD);
    pick(new Pick(new CellMeaning.Body(2, 4), Part.of(PartName.BODY), 0));
  }

  private void tied() {
    window.desk().noting().add(OwnNote.Kind.SPECIFIC, "One *visitor* gave no age.");
  }

  private void save(String name) {
    save(name, window.scene().snapshot(null));
  }

  private void printed() {
    try {
      Desk desk = window.desk();
      save(
          "apa-results",
          PrintedResults.of(ResultTables.document(), desk.sending(), window.painter()));
    } catch (IOException e) {
      window.desk().tell(e);
    }
  }

  private void save(String name, WritableImage image) {
    int width = (int) image.getWidth();
    int height = (int) image.getHeight();
    BufferedImage copy = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    PixelReader pixels = image.getPixelReader();
    for (int y = 0; y < height; y++) {
      for (int x = 0; x < width; x++) {
        copy.setRGB(x, y, pixels.getArgb(x, y));
      }
    }
    try {
      ImageIO.write(copy, "png", folder.resolve(name + ".png").toFile());
    } catch (IOException e) {
      window.desk().tell(e);
    }
  }
}
