package app.finish.desktop.model;

import app.finish.core.document.Document;
import app.finish.core.document.DocumentTable;
import app.finish.core.document.Source;
import app.finish.core.problem.Refusal;
import app.finish.core.tally.Member;
import app.finish.core.tally.Plan;
import app.finish.core.tally.Reading;
import app.finish.core.tally.RecordsName;
import app.finish.core.tally.Tally;
import app.finish.core.tally.TallyDimension;
import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.Texts;
import app.finish.records.Tallying;
import app.finish.records.question.TooManyCells;
import app.finish.records.source.BrokenRecords;
import app.finish.records.source.Records;
import app.finish.records.sql.DatabaseQuery;
import java.nio.file.Path;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleObjectProperty;

/// The view model of tallies: brings records in, carries out what a person asks of them, and holds
/// redraws while many moves are to be made.
public final class Tallies {
  /// A redraw that takes longer than this is slow: 300 ms.
  private static final long SLOW = 300_000_000L;

  /// What is shown of records.
  ///
  /// @param tally the tally at hand
  /// @param records its records, if they are open
  /// @param plan the plan as it stands, with moves that are held
  public record Asked(Tally tally, Optional<Records> records, Plan plan) {}

  private final Desk desk;
  private final OpenRecords openRecords;
  private final WaitingRedraws<Plan> redraws;
  private final BooleanProperty connecting = new SimpleBooleanProperty(false);
  private final ObjectProperty<Optional<Asked>> asked =
      new SimpleObjectProperty<>(Optional.empty());

  public Tallies(Desk desk, OpenRecords openRecords) {
    this.desk = desk;
    this.openRecords = openRecords;
    this.redraws =
        new WaitingRedraws<>(
            desk,
            SLOW,
            Texts.of("notice.holding"),
            plan -> count(Texts.of("change.redraw"), plan, Tallying.CELLS));
    desk.indexProperty().addListener((p, before, now) -> redraws.forget());
    desk.historyProperty().addListener((p, before, now) -> redraws.forget());
    desk.whenBegun(redraws::begin);
    Benches.follow(desk.indexProperty(), this::follow);
    Benches.follow(desk.historyProperty(), this::follow);
    Benches.follow(redraws.pendingProperty(), this::follow);
  }

  /// Whether what is asked waits, and what that is.
  public WaitingRedraws<Plan> redraws() {
    return redraws;
  }

  /// Whether a person is being asked where a database is.
  public BooleanProperty connectingProperty() {
    return connecting;
  }

  /// What is asked of the records of the table at hand, if it was tallied.
  public ObjectProperty<Optional<Asked>> askedProperty() {
    return asked;
  }

  public OpenRecords openRecords() {
    return openRecords;
  }

  private Optional<Tally> tally() {
    return desk.table().flatMap(table -> table.source().tally());
  }

  private void follow() {
    asked.set(
        tally()
            .map(
                tally ->
                    new Asked(
                        tally,
                        openRecords.known(tally.records()),
                        redraws.pendingProperty().get().orElse(tally.plan()))));
    asked
        .get()
        .filter(
            one ->
                one.records().isEmpty() && !(one.tally().records() instanceof RecordsName.Stored))
        .ifPresent(one -> openBehind(one.tally().records()));
  }

  /// Opens the records of a table that came with a document, so that its columns can be shown.
  private void openBehind(RecordsName name) {
    desk.worker()
        .behind(
            () -> openRecords.of(name, DatabaseQuery.SILENT),
            records -> {
              if (tally().filter(tally -> tally.records().equals(name)).isPresent()) {
                follow();
              }
            },
            failure -> {});
  }

  /// Brings the records of a file in as a new table, which shows the first of them.
  public void bringIn(Path file, Reading reading) {
    bringIn(new RecordsName.File(file.toAbsolutePath().toString(), reading));
  }

  /// Brings records in as a new table, which shows the first of them.
  public void bringIn(RecordsName name) {
    desk.worker()
        .run(
            Texts.of("busy.reading", name.label()),
            progress -> {
              Records records = openRecords.of(name, new DatabaseQuery(progress));
              return Tallying.of(records).tally(Plan.EMPTY);
            },
            tally -> {
              Document document = desk.intake().withAdded(desk.document(), Source.of(tally));
              desk.change(Texts.of("change.records", name.label()), document);
              desk.show(document.items().size() - 1);
              desk.stepProperty().set(Step.BRING_IN);
              openRecords
                  .known(name)
                  .ifPresent(
                      records ->
                          desk.say(
                              Texts.of("notice.records", records.count(), name.label())
                                  + String.join(
                                      "", records.said().stream().map(one -> " " + one).toList())));
              desk.intake().tellMissing();
            },
            failure -> offerReading(name, failure));
  }

  private void offerReading(RecordsName name, Exception failure) {
    boolean broken = failure instanceof BrokenRecords;
    if (broken && name instanceof RecordsName.File file) {
      Reading without = file.reading().withBrokenLeftOut(true);
      desk.noticeProperty()
          .set(
              Optional.of(
                  new Notice(Objects.requireNonNullElse(failure.getMessage(), ""), true)
                      .offering(
                          Texts.of("records.leaveOut"),
                          () -> bringIn(new RecordsName.File(file.path(), without)))));
    } else {
      desk.tell(failure);
    }
  }

  /// Asks something else of the records of the table at hand: at once, or, while redraws are
  /// paused, when they are carried out.
  public void ask(String label, Plan plan) {
    if (!redraws.take(plan)) {
      count(label, plan, Tallying.CELLS);
    }
  }

  /// Does what needs words of a person to be read, and says what is wrong with them if they can't
  /// be.
  public void read(Runnable reading) {
    try {
      reading.run();
    } catch (Refusal wrong) {
      desk.tell(wrong);
    }
  }

  /// Looks the members of a dimension up behind the scenes.
  public void members(
      Records records, TallyDimension dimension, int most, Consumer<List<Member>> found) {
    desk.worker()
        .behind(() -> records.members(dimension, most, DatabaseQuery.SILENT), found, desk::tell);
  }

  /// Reads the records of the table at hand in another way, and counts again.
  public void readAgain(Reading reading) {
    tally()
        .filter(tally -> tally.records() instanceof RecordsName.File)
        .ifPresent(
            tally -> {
              String path = ((RecordsName.File) tally.records()).path();
              RecordsName other = new RecordsName.File(path, reading);
              count(Texts.of("change.reading"), other, tally.plan(), Tallying.CELLS);
            });
  }

  private void count(String label, Plan plan, long cells) {
    tally().ifPresent(tally -> count(label, tally.records(), plan, cells));
  }

  private void count(String label, RecordsName name, Plan plan, long cells) {
    int index = desk.indexProperty().get();
    String id = desk.table().map(DocumentTable::id).orElse("");
    long began = System.nanoTime();
    desk.worker()
        .run(
            Texts.of("busy.counting", name.label()),
            progress -> {
              DatabaseQuery asking = new DatabaseQuery(progress);
              Records records = openRecords.of(name, asking);
              return Tallying.of(records).asking(asking).withCells(cells).tally(plan);
            },
            tally -> {
              boolean there =
                  index < desk.document().items().size()
                      && desk.document().table(index).id().equals(id);
              if (there) {
                desk.change(label, desk.document().withSource(index, Source.of(tally)));
                redraws.took(System.nanoTime() - began);
              }
            },
            failure -> failed(label, name, plan, failure));
  }

  private void failed(String label, RecordsName name, Plan plan, Exception failure) {
    redraws.forget();
    follow();
    if (failure instanceof TooManyCells) {
      desk.noticeProperty()
          .set(
              Optional.of(
                  new Notice(Objects.requireNonNullElse(failure.getMessage(), ""), true)
                      .offering(
                          Texts.of("records.anySize"),
                          () -> count(label, name, plan, Long.MAX_VALUE))));
    } else {
      desk.tell(failure);
    }
  }
}
