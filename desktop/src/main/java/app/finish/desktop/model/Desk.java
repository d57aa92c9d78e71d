package app.finish.desktop.model;

import app.finish.core.arrange.move.Arrangement;
import app.finish.core.check.Mend;
import app.finish.core.document.Cutting;
import app.finish.core.document.Document;
import app.finish.core.document.DocumentTable;
import app.finish.core.document.Finish;
import app.finish.core.document.History;
import app.finish.core.document.Worded;
import app.finish.core.dress.CellMeaning;
import app.finish.core.layout.CellBox;
import app.finish.core.problem.Mendable;
import app.finish.core.problem.Refusal;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.recognise.said.Extent;
import app.finish.core.style.HouseStyle;
import app.finish.core.style.PartName;
import app.finish.core.style.StyleBook;
import app.finish.core.style.Touches;
import app.finish.desktop.kit.Texts;
import app.finish.formats.Sending;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/// What the window shows and what can be done: the view model. All state of the window is here; all
/// changes to the document go through [#change], so that each can be undone.
public final class Desk {
  private static final Logger LOG = LoggerFactory.getLogger(Desk.class);
  private static final String VERSION =
      Objects.requireNonNullElse(Desk.class.getPackage().getImplementationVersion(), "unreleased");

  private final EventLog log;
  private final Clip clip;
  private final Proofs proofs;
  private final Sending sending;
  private final Worker worker;

  private final ReadOnlyObjectWrapper<History> history =
      new ReadOnlyObjectWrapper<>(History.of(Document.EMPTY));
  private final ObjectProperty<Document> saved = new SimpleObjectProperty<>(Document.EMPTY);
  private final ObjectProperty<Step> step = new SimpleObjectProperty<>(Step.BRING_IN);
  private final ReadOnlyObjectWrapper<Integer> index = new ReadOnlyObjectWrapper<>(0);
  private final ObjectProperty<Optional<String>> trying =
      new SimpleObjectProperty<>(Optional.empty());
  private final ObjectProperty<Optional<Pick>> pick = new SimpleObjectProperty<>(Optional.empty());
  private final ObjectProperty<Optional<CellBox>> pointed =
      new SimpleObjectProperty<>(Optional.empty());
  private final ObjectProperty<List<CellMeaning>> also = new SimpleObjectProperty<>(List.of());
  private final Arranging arranging = new Arranging(this);
  private final Dressing dressing;
  private final Highlighting highlighting = new Highlighting(this);
  private final PickedTables pickedTables;
  private final Noting noting = new Noting(this);
  private final Manuscript manuscript;
  private final Checking checking;
  private final Charting charting;
  private final Boarding boarding = new Boarding(this);
  private final Intake intake = new Intake(this);
  private final Showing showing;
  private final List<Runnable> begun = new ArrayList<>();
  private final ObjectProperty<Optional<Notice>> notice =
      new SimpleObjectProperty<>(Optional.empty());
  private final ObjectProperty<Optional<TablesToPick>> offer =
      new SimpleObjectProperty<>(Optional.empty());
  private final Set<String> told = new HashSet<>();

  /// @param clip takes what happened, when a fault is told
  public Desk(Proofs proofs, Sending sending, Worker worker, LastingChoices habits, Clip clip) {
    this.log = new EventLog(habits.log(), VERSION);
    this.clip = clip;
    this.dressing = new Dressing(this, habits);
    this.showing = new Showing(proofs, worker, this::seen, this::tell);
    this.proofs = proofs;
    this.sending = sending;
    this.worker = worker;
    history.addListener((property, before, now) -> settle());
    index.addListener(
        (property, before, now) -> {
          arranging.redraws().forget();
          showAnew();
        });
    trying.addListener((property, before, now) -> showAnew());
    step.addListener((property, before, now) -> turn(before, now));
    dressing.follow();
    pick.addListener((property, before, now) -> also.set(List.of()));
    this.pickedTables = new PickedTables(this);
    highlighting.follow();
    this.checking = new Checking(this);
    this.manuscript = new Manuscript(this);
    this.charting = new Charting(this);
  }

  public ReadOnlyObjectProperty<History> historyProperty() {
    return history.getReadOnlyProperty();
  }

  public ObjectProperty<Document> savedProperty() {
    return saved;
  }

  public ObjectProperty<Step> stepProperty() {
    return step;
  }

  public ReadOnlyObjectProperty<Integer> indexProperty() {
    return index.getReadOnlyProperty();
  }

  public ObjectProperty<Optional<String>> tryingProperty() {
    return trying;
  }

  public ObjectProperty<Optional<Pick>> pickProperty() {
    return pick;
  }

  public ObjectProperty<Optional<CellBox>> pointedProperty() {
    return pointed;
  }

  /// Further cells that are picked beside the one of [#pickProperty].
  public ObjectProperty<List<CellMeaning>> alsoProperty() {
    return also;
  }

  /// What shows the table at hand.
  public Showing showing() {
    return showing;
  }

  public ReadOnlyObjectProperty<Optional<Shown>> shownProperty() {
    return showing.shownProperty();
  }

  public ObjectProperty<Optional<Notice>> noticeProperty() {
    return notice;
  }

  /// Tables to pick from before they are brought in, if a file holds several.
  public ObjectProperty<Optional<TablesToPick>> offerProperty() {
    return offer;
  }

  public Worker worker() {
    return worker;
  }

  public Proofs proofs() {
    return proofs;
  }

  public Sending sending() {
    return sending;
  }

  public Document document() {
    return history.get().present();
  }

  public boolean isEmpty() {
    return document().items().isEmpty();
  }

  public boolean isEdited() {
    return document() != saved.get();
  }

  /// The table at hand, if there is one.
  public Optional<DocumentTable> table() {
    return index.get() < document().items().size()
        ? Optional.of(document().table(index.get()))
        : Optional.empty();
  }

  /// The title of a table, the person's own or that of its source; the empty string if it has none.
  public String titleOf(DocumentTable table) {
    Finish finish = table.finish();
    return Worded.title(finish, proofs.recognition(table.source(), finish.corrections()).table());
  }

  public StyleBook styles() {
    return dressing.styles();
  }

  /// Begins anew with a document, which counts as saved.
  void begin(Document document) {
    saved.set(document);
    offer.set(Optional.empty());
    trying.set(Optional.empty());
    pick.set(Optional.empty());
    index.set(0);
    history.set(History.of(document));
    step.set(Step.BRING_IN);
    begun.forEach(Runnable::run);
  }

  /// Makes a change that can be undone.
  public void change(String label, Document changed) {
    notice.set(Optional.empty());
    history.set(history.get().with(label, changed));
  }

  /// Does something whenever another document is begun.
  void whenBegun(Runnable work) {
    begun.add(work);
  }

  /// Mends what a check found of the table at hand.
  public void mend(Mend mend) {
    change(mend.words(), mend.on(document(), index.get()));
  }

  public void undo() {
    notice.set(Optional.empty());
    history.set(history.get().undo());
  }

  public void redo() {
    notice.set(Optional.empty());
    history.set(history.get().redo());
  }

  private void settle() {
    arranging.redraws().forget();
    int tables = document().items().size();
    if (tables > 0 && index.get() >= tables) {
      index.set(tables - 1);
    }
    if (tables == 0) {
      index.set(0);
      step.set(Step.BRING_IN);
      pick.set(Optional.empty());
    }
    showAnew();
  }

  /// Shows another table of the document.
  public void show(int table) {
    if (table >= 0 && table < document().items().size()) {
      notice.set(table == index.get() ? notice.get() : Optional.empty());
      trying.set(Optional.empty());
      pick.set(Optional.empty());
      pointed.set(Optional.empty());
      index.set(table);
    }
  }

  /// The first step shows the table as it came, the others as it is arranged.
  private void turn(Step before, Step now) {
    boolean arranged = table().map(table -> !table.finish().arrangement().isEmpty()).orElse(false);
    if (arranged && (before == Step.BRING_IN || now == Step.BRING_IN)) {
      pick.set(Optional.empty());
      pointed.set(Optional.empty());
      showAnew();
    }
  }

  /// What dresses the table at hand.
  public Dressing dressing() {
    return dressing;
  }

  /// What is highlighted in the table at hand.
  public Highlighting highlighting() {
    return highlighting;
  }

  /// What holds the tables against what their styles demand.
  public Checking checking() {
    return checking;
  }

  /// The words of the table at hand.
  public Noting noting() {
    return noting;
  }

  /// The text that the tables go with.
  public Manuscript manuscript() {
    return manuscript;
  }

  /// What arranges the table at hand.
  public Arranging arranging() {
    return arranging;
  }

  /// Puts the table at hand in another arrangement.
  public void arrange(String label, Arrangement arrangement) {
    arranging.arrange(label, arrangement);
  }

  /// The arrangement of the table at hand, with moves that are held.
  public Arrangement arrangement() {
    return arranging.arrangement();
  }

  void showAnew() {
    Optional<DocumentTable> table = table();
    if (table.isEmpty()) {
      showing.nothing();
      return;
    }
    Document document =
        trying.get().map(style -> dressing.holding(document(), style)).orElse(document());
    Finish finish = table.get().finish();
    Finish lit = highlighting.previewed(finish);
    Finish styled = trying.get().map(lit::withStyle).orElse(lit);
    boolean asItCame = step.get() == Step.BRING_IN;
    Finish wearing = asItCame ? styled.withArrangement(Arrangement.NONE) : styled;
    Document seen = dressing.onBoard() ? dressing.onBoard(document, wearing) : document;
    showing.show(seen, index.get(), wearing);
  }

  private void seen(long nanoseconds) {
    if (showing.glimpse().isPresent()) {
      arranging.inSight(nanoseconds);
    } else {
      tellOfFaces();
      arranging.drawn(nanoseconds);
    }
  }

  /// Changes the finish of the table at hand.
  void changeFinish(String label, Finish finish) {
    table().ifPresent(table -> change(label, document().withFinish(index.get(), finish)));
  }

  /// Puts a style on the table at hand, or on all that are meant. Touches stay, and a line says how
  /// many; or they are lifted, if that is wanted.
  public void wear(HouseStyle style) {
    trying.set(Optional.empty());
    if (table().isEmpty()) {
      return;
    }
    boolean lifts = dressing.habits().lifts();
    List<Integer> wearers = dressing.wearers();
    Document dressed = dressing.holding(document(), style.name());
    int touches = 0;
    for (int wearer : wearers) {
      Finish finish = document().table(wearer).finish();
      Finish worn = finish.withStyle(style.name());
      dressed = dressed.withFinish(wearer, lifts ? worn.withTouches(Touches.NONE) : worn);
      touches += finish.touches().count();
    }
    change(
        wearers.size() == 1
            ? Texts.of("change.style", style.name())
            : Texts.of("change.styles", style.name(), wearers.size()),
        dressed);
    if (touches > 0) {
      say(Texts.of(lifts ? "notice.touchesLifted" : "notice.touchesKept", touches));
    }
  }

  /// Says once of each face that is not at hand which one stands in for it.
  private void tellOfFaces() {
    for (String face : dressing.faces()) {
      if (told.add(face)) {
        sending
            .fonts()
            .standIn(face)
            .ifPresent(other -> say(Texts.of("notice.standIn", face, other)));
      }
    }
  }

  public void correct(String label, Corrections corrections) {
    table().ifPresent(table -> changeFinish(label, table.finish().withCorrections(corrections)));
  }

  /// Takes back all that was corrected; what was cut or joined stays so.
  public void liftCorrections() {
    table()
        .ifPresent(
            table -> {
              Extent extent = table.finish().corrections().extent();
              correct(Texts.of("change.lift"), Corrections.NONE.withExtent(extent));
            });
  }

  /// Cuts the table at hand in two above a row of its grid.
  public void cutAt(int row) {
    try {
      change(Texts.of("change.cut"), Cutting.cut(document(), index.get(), row));
    } catch (Refusal e) {
      tell(e);
    }
  }

  /// Cuts the table at hand in two before a column of its grid.
  public void cutBefore(int column) {
    try {
      change(Texts.of("change.cut"), Cutting.cutBefore(document(), index.get(), column));
    } catch (Refusal e) {
      tell(e);
    }
  }

  /// Whether the table at hand and the next can be one.
  public boolean canJoin() {
    return Cutting.joined(document(), index.get()).isPresent();
  }

  /// Makes the table at hand and the next one.
  public void join() {
    Cutting.joined(document(), index.get())
        .ifPresent(joined -> change(Texts.of("change.join"), joined));
  }

  /// Gives the table at hand words of the person's own.
  public void word(PartName part, String text) {
    String label =
        switch (part) {
          case TITLE -> Texts.of("change.title");
          case UNITS -> Texts.of("change.units");
          case SOURCE -> Texts.of("change.source");
          case TABLE -> Texts.of("change.description");
          default -> Texts.of("change.note");
        };
    table().ifPresent(table -> changeFinish(label, table.finish().withWord(part, text)));
  }

  /// Charts of the tables.
  public Charting charting() {
    return charting;
  }

  /// The plan of the document's board.
  public Boarding boarding() {
    return boarding;
  }

  /// What takes tables and new numbers in.
  public Intake intake() {
    return intake;
  }

  /// Removes the tables that are picked.
  public void removeTable() {
    List<Integer> gone = pickedTables.indexes();
    if (table().isEmpty()) {
      return;
    }
    pick.set(Optional.empty());
    Document left = document();
    for (int one : gone.reversed()) {
      left = left.without(one);
    }
    pickedTables.alsoProperty().set(Set.of());
    change(
        gone.size() == 1
            ? Texts.of("change.remove", index.get() + 1)
            : Texts.of("change.removeSeveral", gone.size()),
        left);
  }

  /// The tables that are picked in the galley.
  public PickedTables pickedTables() {
    return pickedTables;
  }

  /// Moves a table to another place.
  public void move(int from, int to) {
    int last = document().items().size() - 1;
    if (from != to && from >= 0 && to >= 0 && from <= last && to <= last) {
      change(Texts.of("change.move", from + 1), document().withMoved(from, to));
      show(to);
    }
  }

  /// Adds sentences to what was said last.
  void add(Iterable<String> sentences) {
    for (String sentence : sentences) {
      String before = notice.get().map(Notice::sentence).map(said -> said + " ").orElse("");
      say(before + sentence);
    }
  }

  public void say(String sentence) {
    notice.set(Optional.of(new Notice(sentence, false)));
  }

  /// Takes a sentence back, if it is still said.
  void unsay(String sentence) {
    if (notice.get().map(Notice::sentence).filter(said -> said.endsWith(sentence)).isPresent()) {
      notice.set(Optional.empty());
    }
  }

  /// Says what went wrong, in words for the person.
  public void tell(Exception failure) {
    notice.set(
        Optional.of(
            switch (failure) {
              case Mendable mendable -> new Notice(mendable.sentence(), true);
              case IOException disk ->
                  new Notice("The disk says: " + disk.getMessage() + ".", true);
              default -> fault(failure);
            }));
  }

  /// Tells a fault of Finish itself, writes it down and offers what happened to be sent.
  private Notice fault(Throwable failure) {
    LOG.error("a fault while working on a document", failure);
    String happened = log.fault(failure);
    return new Notice(Texts.of("notice.fault", failure.toString()), true)
        .offering(Texts.of("notice.happened"), () -> clip.put(happened, happened));
  }

  /// Tells what no one caught.
  public void tellUncaught(Throwable failure) {
    notice.set(Optional.of(fault(failure)));
  }
}
