package app.finish.desktop.model;

import app.finish.core.check.Finding;
import app.finish.core.check.Mend;
import app.finish.core.check.Where;
import app.finish.core.check.demand.Checks;
import app.finish.core.check.demand.Inspection;
import app.finish.core.check.house.HouseDemand;
import app.finish.core.document.Document;
import app.finish.core.document.DocumentTable;
import app.finish.core.document.Finish;
import app.finish.core.dress.CellMeaning;
import app.finish.core.layout.Paper;
import app.finish.desktop.kit.Texts;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.animation.PauseTransition;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;
import javafx.util.Duration;

/// Holds the tables of the document against what their styles demand, behind the window's back, and
/// mends what a person says.
///
/// ```java
/// desk.checking().open(); // what does not hold of the table at hand
/// desk.checking().mendSafe();
/// ```
public final class Checking {
  /// What a table was when it was looked at.
  private record Seen(DocumentTable table, List<Object> looks) {}

  private record Known(Seen seen, List<Finding> findings) {}

  private final Desk desk;
  private Inspection inspection;
  private final ObjectProperty<Paper> paper = new SimpleObjectProperty<>(Paper.A4);
  private final Map<String, Known> known = new HashMap<>();
  private final ReadOnlyObjectWrapper<Map<String, List<Finding>>> findings =
      new ReadOnlyObjectWrapper<>(Map.of());
  private final PauseTransition quiet = new PauseTransition(Duration.seconds(1));
  private boolean looking;
  private Document compared = Document.EMPTY;
  private Map<String, List<Finding>> across = Map.of();

  Checking(Desk desk) {
    this.desk = desk;
    this.inspection =
        new Inspection(
                desk.sending()::styles,
                desk.sending().formulas(),
                Checks::demandedBy,
                table -> desk.proofs().recognition(table.source(), table.finish().corrections()))
            .on(paper.get(), desk.sending().fonts());
    paper.subscribe((_, now) -> on(now));
    quiet.setOnFinished(event -> look(true));
    desk.shownProperty().addListener((p, before, now) -> look());
    desk.historyProperty().addListener((p, before, now) -> look());
  }

  /// What was found, by the ids of the tables.
  public ReadOnlyObjectProperty<Map<String, List<Finding>>> findingsProperty() {
    return findings.getReadOnlyProperty();
  }

  /// The paper that the tables are to lie on.
  public ObjectProperty<Paper> paperProperty() {
    return paper;
  }

  private void on(Paper now) {
    inspection = inspection.on(now, desk.sending().fonts());
    look();
  }

  private Seen seen(Document document, DocumentTable table) {
    int number = document.number(document.indexOf(table.id()));
    return new Seen(table, List.of(document.styles(), document.palette(), number, paper.get()));
  }

  /// Looks at the table at hand, and at the others one after the other when nothing has changed for
  /// a while.
  private void look() {
    quiet.playFromStart();
    look(false);
  }

  private void look(boolean others) {
    Document document = desk.document();
    known.keySet().retainAll(document.tables().stream().map(DocumentTable::id).toList());
    Optional<DocumentTable> next = desk.table().filter(table -> isNew(document, table));
    if (next.isEmpty() && others) {
      next = document.tables().stream().filter(one -> isNew(document, one)).findFirst();
    }
    if (looking || next.isEmpty()) {
      publish();
      if (!looking && others && compared != document) {
        compare(document);
      }
      return;
    }
    looking = true;
    DocumentTable table = next.get();
    int index = document.indexOf(table.id());
    Seen seen = seen(document, table);
    desk.worker()
        .draw(
            () -> inspection.of(document, index),
            found -> {
              looking = false;
              known.put(table.id(), new Known(seen, found));
              look(others);
            },
            failure -> {
              looking = false;
              known.put(table.id(), new Known(seen, List.of()));
              desk.tell(failure);
            });
  }

  /// Holds the tables against each other, when nothing has changed for a while.
  private void compare(Document document) {
    looking = true;
    compared = document;
    desk.worker()
        .draw(
            () ->
                document.items().size() < 2
                    ? Map.<Integer, List<Finding>>of()
                    : inspection.across(document),
            found -> {
              looking = false;
              Map<String, List<Finding>> byId = new HashMap<>();
              found.forEach((index, all) -> byId.put(document.items().get(index).id(), all));
              across = byId;
              look(true);
            },
            failure -> {
              looking = false;
              desk.tell(failure);
            });
  }

  private boolean isNew(Document document, DocumentTable table) {
    Known before = known.get(table.id());
    return before == null || !before.seen.equals(seen(document, table));
  }

  private void publish() {
    findings.set(
        known.entrySet().stream()
            .collect(
                Collectors.toMap(
                    Map.Entry::getKey, one -> withAcross(one.getKey(), one.getValue()))));
  }

  private List<Finding> withAcross(String id, Known known) {
    return Stream.concat(known.findings.stream(), across.getOrDefault(id, List.of()).stream())
        .toList();
  }

  private List<Finding> all() {
    return desk.table()
        .map(table -> findings.get().getOrDefault(table.id(), List.of()))
        .orElse(List.of());
  }

  private Map<String, String> leftHere() {
    return desk.table().map(table -> table.finish().left()).orElse(Map.of());
  }

  /// What does not hold of the table at hand and was not left, what is wrong first.
  public List<Finding> open() {
    Set<String> left = leftHere().keySet();
    return all().stream()
        .filter(one -> !left.contains(one.key()))
        .sorted(Comparator.comparing(one -> !one.isWrong()))
        .toList();
  }

  /// What does not hold of the table at hand and was left with a reason.
  public List<Finding> left() {
    Set<String> left = leftHere().keySet();
    return all().stream().filter(one -> left.contains(one.key())).toList();
  }

  /// Why a finding was left.
  public String reason(Finding finding) {
    return leftHere().getOrDefault(finding.key(), "");
  }

  /// How many findings of a table are open.
  public int open(DocumentTable table) {
    Set<String> left = table.finish().left().keySet();
    return (int)
        findings.get().getOrDefault(table.id(), List.of()).stream()
            .filter(one -> !left.contains(one.key()))
            .count();
  }

  /// How many findings are open in all tables.
  public int openInAll() {
    return desk.document().tables().stream().mapToInt(this::open).sum();
  }

  /// The places of the table at hand that open findings point at, while one checks.
  public Set<CellMeaning> places() {
    return desk.stepProperty().get() == Step.CHECK
        ? open().stream().flatMap(one -> place(one).stream()).collect(Collectors.toSet())
        : Set.of();
  }

  /// Where a finding is on the proof, if it is anywhere.
  public static Optional<CellMeaning> place(Finding finding) {
    return finding.where() instanceof Where.Place(CellMeaning place, String _)
        ? Optional.of(place)
        : Optional.empty();
  }

  /// What is found at a place, as sentences.
  public List<String> at(CellMeaning place) {
    return open().stream()
        .filter(one -> place(one).equals(Optional.of(place)))
        .map(Finding::sentence)
        .toList();
  }

  /// Picks what a finding points at.
  public void pick(Finding finding) {
    Optional<Shown> shown = desk.shownProperty().get();
    place(finding)
        .flatMap(place -> shown.flatMap(now -> now.scroll().boxOf(place)))
        .ifPresent(
            box ->
                desk.pickProperty()
                    .set(Optional.of(new Pick(box.cell().place(), box.cell().part(), 0))));
  }

  /// Mends one finding.
  public void mend(Mend mend) {
    if (mend instanceof Mend.TurnPage) {
      paper.set(paper.get().turned());
      return;
    }
    int index = desk.indexProperty().get();
    desk.change(Texts.of("change.mend", mend.words()), mend.on(desk.document(), index));
  }

  /// Mends all findings of one check.
  public void mendKind(Finding like) {
    String label = Texts.of("change.mend", like.mends().getFirst().words());
    mend(label, (document, index) -> inspection.mended(document, index, like.check()));
  }

  /// Mends everything that needs no asking.
  public void mendSafe() {
    mend(Texts.of("change.mendSafe"), (document, index) -> inspection.mended(document, index));
  }

  /// Mends behind the window, since each mend is checked anew. What was changed meanwhile stays.
  private void mend(String label, BiFunction<Document, Integer, Document> mends) {
    Document document = desk.document();
    int index = desk.indexProperty().get();
    desk.worker()
        .run(
            Texts.of("busy.mending"),
            told -> mends.apply(document, index),
            mended -> {
              if (desk.document() == document && !mended.equals(document)) {
                desk.change(label, mended);
              }
            },
            desk::tell);
  }

  /// What the style of the table at hand asks in sentences.
  public List<String> demands() {
    return desk.isEmpty() ? List.of() : desk.dressing().worn().demands();
  }

  /// Makes the style ask something more of all tables that wear it, or no longer. A shipped style
  /// stays; one of the person's own is made of it.
  public void demand(String sentence, boolean asks) {
    Optional<String> fault = asks ? HouseDemand.fault(sentence) : Optional.empty();
    if (fault.isPresent()) {
      desk.say(fault.get());
      return;
    }
    desk.dressing()
        .changeStyle(
            Texts.of("change.demand"),
            style -> {
              List<String> others = new ArrayList<>(style.demands());
              others.remove(sentence);
              if (asks) {
                others.add(sentence);
              }
              return style.withDemands(others);
            });
  }

  /// Leaves a finding as it is, or takes it up again.
  ///
  /// @param reason why; blank takes it up again
  public void leave(Finding finding, String reason) {
    desk.table()
        .map(DocumentTable::finish)
        .ifPresent(
            finish -> {
              Finish other = finish.withLeft(finding.key(), reason);
              desk.changeFinish(
                  Texts.of(reason.isBlank() ? "change.takeUp" : "change.leave"), other);
            });
  }
}
