package app.finish.desktop;

import app.finish.core.check.Finding;
import app.finish.core.document.Document;
import app.finish.core.dress.CellMeaning;
import app.finish.core.layout.font.Fonts;
import app.finish.core.table.Spot;
import app.finish.desktop.arrange.ArrangeBench;
import app.finish.desktop.bringin.BringInBench;
import app.finish.desktop.bringin.Legend;
import app.finish.desktop.bringin.PickBoard;
import app.finish.desktop.bringin.TypeBoard;
import app.finish.desktop.chart.ChartBench;
import app.finish.desktop.check.CheckBench;
import app.finish.desktop.dress.DressBench;
import app.finish.desktop.highlight.HighlightBench;
import app.finish.desktop.kit.PaintFonts;
import app.finish.desktop.kit.ProofPainter;
import app.finish.desktop.model.Checking;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Dressing;
import app.finish.desktop.model.EarlierVersions;
import app.finish.desktop.model.FilePicker;
import app.finish.desktop.model.Files;
import app.finish.desktop.model.Journal;
import app.finish.desktop.model.LastingChoices;
import app.finish.desktop.model.OpenRecords;
import app.finish.desktop.model.Proofs;
import app.finish.desktop.model.Recent;
import app.finish.desktop.model.SendingOut;
import app.finish.desktop.model.Step;
import app.finish.desktop.model.TablesToPick;
import app.finish.desktop.model.Tallies;
import app.finish.desktop.model.Typing;
import app.finish.desktop.model.Worker;
import app.finish.desktop.proof.ChartView;
import app.finish.desktop.proof.PaperView;
import app.finish.desktop.proof.ProofView;
import app.finish.desktop.sendout.SendOutBench;
import app.finish.desktop.shell.ActionFinder;
import app.finish.desktop.shell.Actions;
import app.finish.desktop.shell.Appearance;
import app.finish.desktop.shell.EmptyBoard;
import app.finish.desktop.shell.FindBar;
import app.finish.desktop.shell.Galley;
import app.finish.desktop.shell.Habits;
import app.finish.desktop.shell.InfoLine;
import app.finish.desktop.shell.LaterInput;
import app.finish.desktop.shell.NoticeBar;
import app.finish.desktop.shell.StepStrip;
import app.finish.desktop.shell.SystemClip;
import app.finish.desktop.shell.TopBar;
import app.finish.desktop.shell.VersionsBoard;
import app.finish.desktop.shell.WindowKeys;
import app.finish.desktop.tally.ConnectBoard;
import app.finish.desktop.word.WordBench;
import app.finish.formats.Sending;
import app.finish.formats.draft.Drafts;
import app.finish.formats.draft.Versions;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.prefs.Preferences;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/// The window's content: steps, bench, proof, slug and galley on one document.
public final class MainWindow {
  private static final Preferences CONNECTIONS =
      Preferences.userRoot().node("app/finish/connections");

  private final Desk desk;
  private final Files files;
  private final OpenRecords openRecords;
  private final Tallies tallies;
  private final Journal journal;
  private final EarlierVersions versions;
  private final ProofPainter painter;
  private final ProofView proof;
  private final FindBar findBar;
  private final PaperView paper;
  private final ChartView chart;
  private final ChartBench chartBench;
  private Optional<Node> ofChart = Optional.empty();
  private final ActionFinder finder;
  private final Actions actions;
  private final Map<Step, Supplier<Node>> builders;
  private final Map<Step, Node> benches = new EnumMap<>(Step.class);
  private final BorderPane work = new BorderPane();
  private final StackPane surface = new StackPane();
  private final Galley galley;
  private final Legend legend;
  private final InfoLine slug;
  private final Scene scene;
  private boolean benchShut;

  MainWindow(
      Fonts fonts,
      Proofs proofs,
      Sending sending,
      FilePicker picker,
      Recent recent,
      LastingChoices habits,
      Runnable quit) {
    this.painter = new ProofPainter(new PaintFonts(fonts));
    this.desk = new Desk(proofs, sending, new Worker(), habits, new SystemClip());
    this.openRecords = new OpenRecords();
    this.tallies = new Tallies(desk, openRecords);
    Versions kept = Versions.in(habits.versions());
    this.files = new Files(desk, tallies, picker, new SystemClip(), recent, kept);
    this.versions = new EarlierVersions(desk, files, kept);
    this.journal = new Journal(desk, files, Drafts.in(habits.drafts()));
    this.proof = new ProofView(desk, painter);
    this.findBar = new FindBar(desk, proof);
    this.paper = new PaperView(desk, painter);
    this.chart = new ChartView(desk, painter);
    this.chartBench = new ChartBench(desk, painter);
    StackPane.setAlignment(findBar, Pos.BOTTOM_RIGHT);
    SendingOut sendingOut =
        new SendingOut(desk, files::documentName, picker, habits.drafts().resolveSibling("board"));
    sendingOut.paperProperty().bindBidirectional(desk.checking().paperProperty());
    SendOutBench sendOut = new SendOutBench(desk, files, sendingOut);
    Appearance appearance = new Appearance(habits);
    this.actions =
        new Actions(
            desk,
            files,
            tallies,
            proof,
            findBar,
            this::find,
            this::shutBench,
            sendingOut,
            versions,
            quit,
            appearance);
    this.finder = new ActionFinder(actions::allByName);
    this.builders =
        Map.of(
            Step.BRING_IN, new BringInBench(desk, files, tallies)::build,
            Step.ARRANGE, new ArrangeBench(desk, tallies)::build,
            Step.DRESS, new DressBench(desk, painter, files, paper)::build,
            Step.HIGHLIGHT, new HighlightBench(desk, this::reveal)::build,
            Step.WORD, new WordBench(desk, files)::build,
            Step.CHECK, new CheckBench(desk, this::reveal)::build,
            Step.SEND_OUT, sendOut::build);
    this.galley = new Galley(desk, painter, files::bringIn);
    this.slug = new InfoLine(desk);
    this.legend = new Legend(desk);
    this.scene = new Scene(build(), 1280, 800);
    scene
        .getStylesheets()
        .add(MainWindow.class.getResource("/app/finish/desktop/finish.css").toExternalForm());
    new LaterInput(desk.showing()).take(scene);
    new Habits().take(scene);
    appearance.take(scene);
    new WindowKeys(scene, desk, actions, proof, () -> Optional.ofNullable(work.getLeft())).take();
    takeDrops();
    desk.historyProperty().addListener((p, before, now) -> arrange());
    desk.stepProperty().addListener((p, before, now) -> arrange());
    desk.indexProperty().addListener((p, before, now) -> arrange());
    desk.dressing().leafProperty().addListener((p, before, now) -> arrange());
    desk.offerProperty().addListener((p, before, now) -> arrange());
    tallies.connectingProperty().addListener((p, before, now) -> arrange());
    desk.intake().typingProperty().addListener((p, before, now) -> arrange());
    versions.offeredProperty().addListener((p, before, now) -> arrange());
    arrange();
  }

  private Node buildMiddle() {
    surface.getStyleClass().add("desk");
    NoticeBar notice = new NoticeBar(desk);
    StackPane.setAlignment(notice, Pos.BOTTOM_LEFT);
    notice.setMaxHeight(Region.USE_PREF_SIZE);
    StackPane middle = new StackPane(surface, notice);
    VBox.setVgrow(middle, Priority.ALWAYS);
    return new VBox(new TopBar(desk, files, finder, proof), middle, slug, galley);
  }

  private BorderPane build() {
    work.setCenter(buildMiddle());
    BorderPane root = new BorderPane(work);
    root.setLeft(new StepStrip(desk));
    root.getStyleClass().add("window");
    return root;
  }

  Scene scene() {
    return scene;
  }

  ProofPainter painter() {
    return painter;
  }

  Desk desk() {
    return desk;
  }

  Tallies tallies() {
    return tallies;
  }

  Files files() {
    return files;
  }

  Journal journal() {
    return journal;
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
    boolean empty = desk.isEmpty();
    Optional<TablesToPick> offer = desk.offerProperty().get();
    boolean connecting = tallies.connectingProperty().get();
    Optional<Typing> typing = desk.intake().typingProperty().get();
    boolean earlier = !versions.offeredProperty().get().isEmpty();
    boolean board = offer.isPresent() || connecting || typing.isPresent() || earlier;
    if (connecting) {
      ConnectBoard now = new ConnectBoard(tallies, desk, CONNECTIONS);
      surface.getChildren().setAll(now);
      now.focusFirst();
    } else if (typing.isPresent()) {
      TypeBoard now = new TypeBoard(desk.intake(), typing.get(), new SystemClip());
      surface.getChildren().setAll(now);
      now.focusFirst();
    } else if (offer.isPresent()) {
      PickBoard now = new PickBoard(desk, painter, offer.get(), files::offerAgain);
      surface.getChildren().setAll(now);
      now.focusFirst();
    } else if (earlier) {
      VersionsBoard now = new VersionsBoard(desk, versions, painter);
      surface.getChildren().setAll(now);
      now.focusFirst();
    } else if (empty) {
      EmptyBoard now = new EmptyBoard(desk, files, tallies, journal, painter);
      surface.getChildren().setAll(now);
      now.focusFirst();
    } else if (!surface.getChildren().contains(proof)) {
      surface.getChildren().setAll(proof, paper, legend, chart, findBar);
      proof.requestFocus();
    }
    paper.setVisible(
        desk.stepProperty().get() == Step.DRESS
            && desk.dressing().leafProperty().get() == Dressing.Leaf.PAPER);
    boolean charted = desk.charting().chart().isPresent();
    boolean entered = charted && !chart.isVisible();
    chart.setVisible(charted);
    if (entered) {
      chart.requestFocus();
    }
    for (Node node : List.of(galley, slug)) {
      node.setVisible(!empty && !board);
      node.setManaged(!empty && !board);
    }
    boolean shows = !empty && !benchShut && !board;
    Step step = desk.stepProperty().get();
    if (!shows) {
      work.setLeft(null);
      return;
    }
    Node now = charted && step == Step.ARRANGE ? ofChart() : bench(step);
    if (work.getLeft() != now) {
      proof.requestFocus();
      work.setLeft(now);
    }
  }

  private Node bench(Step step) {
    return benches.computeIfAbsent(step, one -> Objects.requireNonNull(builders.get(one)).get());
  }

  private Node ofChart() {
    if (ofChart.isEmpty()) {
      ofChart = Optional.of(chartBench.build());
    }
    return ofChart.get();
  }

  /// Brings a figure in sight.
  private void reveal(Spot.Figure spot) {
    desk.shownProperty()
        .get()
        .flatMap(shown -> shown.scroll().boxOf(new CellMeaning.Body(spot.row(), spot.column())))
        .ifPresent(proof::reveal);
  }

  private void reveal(Finding finding) {
    Checking.place(finding)
        .flatMap(place -> desk.shownProperty().get().flatMap(one -> one.scroll().boxOf(place)))
        .ifPresent(proof::reveal);
  }

  private void shutBench() {
    benchShut = !benchShut;
    arrange();
  }

  private void find() {
    finder.begin();
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
    desk.worker().close();
    openRecords.close();
    journal.close();
  }
}
