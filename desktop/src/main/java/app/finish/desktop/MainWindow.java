package app.finish.desktop;

import app.finish.core.document.Document;
import app.finish.core.layout.font.Fonts;
import app.finish.core.style.HouseStyle;
import app.finish.desktop.arrange.ArrangeBench;
import app.finish.desktop.bringin.BringInBench;
import app.finish.desktop.bringin.Legend;
import app.finish.desktop.bringin.PickBoard;
import app.finish.desktop.dress.DressBench;
import app.finish.desktop.kit.PaintFonts;
import app.finish.desktop.kit.ProofPainter;
import app.finish.desktop.model.Dressing;
import app.finish.desktop.model.FilePicker;
import app.finish.desktop.model.Files;
import app.finish.desktop.model.Habits;
import app.finish.desktop.model.Offer;
import app.finish.desktop.model.Proofs;
import app.finish.desktop.model.Recent;
import app.finish.desktop.model.RecordsDesk;
import app.finish.desktop.model.Step;
import app.finish.desktop.model.Tallies;
import app.finish.desktop.model.Workbench;
import app.finish.desktop.model.Worker;
import app.finish.desktop.proof.PaperView;
import app.finish.desktop.proof.ProofView;
import app.finish.desktop.sendout.SendOutBench;
import app.finish.desktop.shell.Action;
import app.finish.desktop.shell.ActionFinder;
import app.finish.desktop.shell.Actions;
import app.finish.desktop.shell.EmptyBoard;
import app.finish.desktop.shell.FindBar;
import app.finish.desktop.shell.Galley;
import app.finish.desktop.shell.LaterInput;
import app.finish.desktop.shell.NoticeBar;
import app.finish.desktop.shell.Slug;
import app.finish.desktop.shell.StepStrip;
import app.finish.desktop.shell.SystemClip;
import app.finish.desktop.shell.TopBar;
import app.finish.desktop.tally.ConnectBoard;
import app.finish.formats.Sending;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.prefs.Preferences;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/// The window's content: steps, bench, proof, slug and galley on one document.
public final class MainWindow {
  private static final Preferences CONNECTIONS =
      Preferences.userRoot().node("app/finish/connections");

  private final Workbench bench;
  private final Files files;
  private final RecordsDesk recordsDesk;
  private final Tallies tallies;
  private final ProofPainter painter;
  private final ProofView proof;
  private final FindBar findBar;
  private final PaperView paper;
  private final ActionFinder finder;
  private final Actions actions;
  private final Map<Step, Supplier<Node>> builders;
  private final Map<Step, Node> benches = new EnumMap<>(Step.class);
  private final BorderPane work = new BorderPane();
  private final StackPane desk = new StackPane();
  private final Galley galley;
  private final Legend legend;
  private final Slug slug;
  private final Scene scene;
  private boolean benchShut;

  MainWindow(
      Fonts fonts,
      Proofs proofs,
      Sending sending,
      FilePicker picker,
      Recent recent,
      Habits habits,
      Runnable quit) {
    this.painter = new ProofPainter(new PaintFonts(fonts));
    this.bench = new Workbench(proofs, sending, new Worker(), habits);
    this.recordsDesk = new RecordsDesk();
    this.tallies = new Tallies(bench, recordsDesk);
    this.files = new Files(bench, tallies, picker, new SystemClip(), recent);
    this.proof = new ProofView(bench, painter);
    this.findBar = new FindBar(bench, proof);
    this.paper = new PaperView(bench, painter);
    StackPane.setAlignment(findBar, Pos.BOTTOM_RIGHT);
    SendOutBench sendOut = new SendOutBench(bench, files);
    this.actions =
        new Actions(
            bench,
            files,
            tallies,
            proof,
            findBar,
            this::find,
            this::shutBench,
            sendOut::send,
            quit);
    this.finder = new ActionFinder(actions::all);
    this.builders =
        Map.of(
            Step.BRING_IN, new BringInBench(bench, files, tallies)::build,
            Step.ARRANGE, new ArrangeBench(bench, tallies)::build,
            Step.DRESS, new DressBench(bench, painter, files, paper)::build,
            Step.SEND_OUT, sendOut::build);
    this.galley = new Galley(bench, painter, files::bringIn);
    this.slug = new Slug(bench);
    this.legend = new Legend(bench);
    this.scene = new Scene(build(), 1280, 800);
    scene
        .getStylesheets()
        .add(MainWindow.class.getResource("/app/finish/desktop/finish.css").toExternalForm());
    new LaterInput(bench.showing()).take(scene);
    scene.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
    takeDrops();
    bench.historyProperty().addListener((p, before, now) -> arrange());
    bench.stepProperty().addListener((p, before, now) -> arrange());
    bench.dressing().leafProperty().addListener((p, before, now) -> arrange());
    bench.offerProperty().addListener((p, before, now) -> arrange());
    tallies.connectingProperty().addListener((p, before, now) -> arrange());
    arrange();
  }

  private Node buildMiddle() {
    desk.getStyleClass().add("desk");
    VBox.setVgrow(desk, Priority.ALWAYS);
    return new VBox(
        new TopBar(bench, files, finder, proof), desk, new NoticeBar(bench), slug, galley);
  }

  private BorderPane build() {
    work.setCenter(buildMiddle());
    BorderPane root = new BorderPane(work);
    root.setLeft(new StepStrip(bench));
    root.getStyleClass().add("window");
    return root;
  }

  Scene scene() {
    return scene;
  }

  Workbench bench() {
    return bench;
  }

  Tallies tallies() {
    return tallies;
  }

  Files files() {
    return files;
  }

  ProofView proof() {
    return proof;
  }

  /// Begins with a document that has no file yet.
  void begin(Document document, String name) {
    files.begin(document, name);
    proof.requestFocus();
  }

  private void arrange() {
    boolean empty = bench.isEmpty();
    Optional<Offer> offer = bench.offerProperty().get();
    boolean connecting = tallies.connectingProperty().get();
    if (connecting) {
      ConnectBoard board = new ConnectBoard(tallies, bench, CONNECTIONS);
      desk.getChildren().setAll(board);
      board.focusFirst();
    } else if (offer.isPresent()) {
      PickBoard board = new PickBoard(bench, painter, offer.get(), files::offerAgain);
      desk.getChildren().setAll(board);
      board.focusFirst();
    } else if (empty) {
      EmptyBoard board = new EmptyBoard(files);
      desk.getChildren().setAll(board);
      board.focusFirst();
    } else if (!desk.getChildren().contains(proof)) {
      desk.getChildren().setAll(proof, paper, legend, findBar);
      proof.requestFocus();
    }
    paper.setVisible(
        bench.stepProperty().get() == Step.DRESS
            && bench.dressing().leafProperty().get() == Dressing.Leaf.PAPER);
    for (Node node : List.of(galley, slug)) {
      node.setVisible(!empty && offer.isEmpty() && !connecting);
      node.setManaged(!empty && offer.isEmpty() && !connecting);
    }
    boolean shows = !empty && !benchShut && offer.isEmpty() && !connecting;
    Step step = bench.stepProperty().get();
    if (!shows) {
      work.setLeft(null);
      return;
    }
    Node now = benches.computeIfAbsent(step, one -> builders.get(one).get());
    if (work.getLeft() != now) {
      proof.requestFocus();
      work.setLeft(now);
    }
  }

  private void shutBench() {
    benchShut = !benchShut;
    arrange();
  }

  private void find() {
    finder.begin();
  }

  private void key(KeyEvent event) {
    if (settlesTryOn(event)) {
      event.consume();
      return;
    }
    boolean typing = scene.getFocusOwner() instanceof TextInputControl;
    if (!typing && handled(event)) {
      event.consume();
    } else if (typing && !isForText(event) && handled(event)) {
      event.consume();
    }
  }

  /// While a style is tried on, Enter keeps it and Esc goes back, wherever the focus is.
  private boolean settlesTryOn(KeyEvent event) {
    Optional<HouseStyle> tried =
        bench.tryingProperty().get().flatMap(name -> bench.styles().named(name));
    if (tried.isPresent() && event.getCode() == KeyCode.ENTER) {
      bench.wear(tried.get());
      return true;
    }
    if (tried.isPresent() && event.getCode() == KeyCode.ESCAPE) {
      bench.tryingProperty().set(Optional.empty());
      return true;
    }
    return false;
  }

  /// Whether a key belongs to the text field that has the focus.
  private static boolean isForText(KeyEvent event) {
    return switch (event.getCode()) {
      case C, V, X, Z, A -> true;
      default -> false;
    };
  }

  private boolean handled(KeyEvent event) {
    Optional<Action> fitting =
        actions.all().stream()
            .filter(action -> action.keys().map(keys -> keys.match(event)).orElse(false))
            .findFirst();
    fitting.ifPresent(Action::run);
    return fitting.isPresent();
  }

  private void takeDrops() {
    scene.setOnDragOver(
        event -> {
          if (event.getDragboard().hasFiles()) {
            event.acceptTransferModes(TransferMode.COPY);
          }
          event.consume();
        });
    scene.setOnDragDropped(
        event -> {
          files.drop(event.getDragboard().getFiles());
          event.setDropCompleted(true);
          event.consume();
        });
  }

  /// Ends the window's threads.
  void close() {
    bench.worker().close();
    recordsDesk.close();
  }
}
