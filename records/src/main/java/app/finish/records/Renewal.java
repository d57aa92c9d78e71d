package app.finish.records;

import app.finish.core.Finishing;
import app.finish.core.document.Document;
import app.finish.core.document.Refresh;
import app.finish.core.document.Source;
import app.finish.core.problem.Problem;
import app.finish.core.problem.Refusal;
import app.finish.core.tally.Plan;
import app.finish.core.tally.Reading;
import app.finish.core.tally.RecordsName;
import app.finish.core.tally.Tally;
import app.finish.core.tally.TallyMeasure;
import app.finish.expressions.MeasureFormulas;
import app.finish.formats.Sources;
import app.finish.formats.io.ReadRequest;
import app.finish.records.source.RecordFile;
import app.finish.records.source.RecordLoader;
import app.finish.records.source.Records;
import app.finish.records.sql.DatabaseQuery;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;

/// Puts the numbers of a file under the finishes of a document: tables that came as cells take the
/// table that is most like them, tables that were tallied are tallied again from the file's
/// records.
///
/// ```java
/// Renewal.of(document, Path.of("sailings-2027.csv"), DatabaseQuery.SILENT).refreshed().document();
/// ```
///
/// @param refreshed the document, and what changed
/// @param said what a person should know, a sentence each: columns that vanished, highlights that
///   lie nowhere now
public record Renewal(Refresh.Refreshed refreshed, List<String> said) {
  /// Copies the list.
  public Renewal {
    said = List.copyOf(said);
  }

  /// Renews a document.
  ///
  /// @throws Problem if the file can't be read, in words for the person
  /// @throws java.io.InterruptedIOException if the thread was interrupted
  public static Renewal of(Document document, Path file, DatabaseQuery asking) throws IOException {
    boolean tallies = document.tables().stream().anyMatch(t -> t.source().tally().isPresent());
    boolean cells = document.tables().stream().anyMatch(t -> t.source().tally().isEmpty());
    List<String> said = new ArrayList<>();
    Refresh.Refreshed refreshed = new Refresh.Refreshed(document, List.of(), numbers(document));
    Problem unread = null;
    if (cells) {
      try {
        List<Source> sources = Sources.tables(file, ReadRequest.PLAIN).tables();
        refreshed = Refresh.with(document, sources);
      } catch (Problem problem) {
        unread = problem;
      }
    }
    if (tallies && RecordFile.ENDINGS.contains(RecordLoader.ending(file))) {
      refreshed = recounted(refreshed, file, asking, said);
    } else if (unread != null) {
      throw unread;
    }
    said.addAll(fellAsleep(document, refreshed));
    return new Renewal(refreshed, said);
  }

  /// What highlighted something before and finds nothing now to lie on.
  private static List<String> fellAsleep(Document before, Refresh.Refreshed refreshed) {
    List<String> said = new ArrayList<>();
    for (int i : before.tablePlaces()) {
      int number = before.number(i);
      if (refreshed.changes().stream().anyMatch(change -> change.number() == number)) {
        List<String> fresh = new ArrayList<>(asleep(refreshed.document(), i));
        fresh.removeAll(asleep(before, i));
        fresh.forEach(sentence -> said.add("Table " + number + ": " + sentence));
      }
    }
    return said;
  }

  private static List<String> asleep(Document document, int index) {
    return Finishing.of(document.table(index)).calculating(new MeasureFormulas()).asleep();
  }

  private static List<Integer> numbers(Document document) {
    List<Integer> numbers = new ArrayList<>();
    for (int i : document.tablePlaces()) {
      numbers.add(document.number(i));
    }
    return numbers;
  }

  private static Refresh.Refreshed recounted(
      Refresh.Refreshed before, Path file, DatabaseQuery asking, List<String> said)
      throws IOException {
    Document document = before.document();
    List<Refresh.Change> changes = new ArrayList<>(before.changes());
    TreeSet<Integer> untouched = new TreeSet<>(before.untouched());
    Reading reading = reading(document);
    RecordsName.File name = new RecordsName.File(file.toString(), reading);
    try (Records records = RecordFile.open(file, name, reading, asking, column -> true)) {
      said.addAll(records.said());
      for (int index : document.tablePlaces()) {
        Source source = document.table(index).source();
        if (source.tally().isEmpty() || !isAbout(source.tally().get().plan(), records)) {
          continue;
        }
        Tally old = source.tally().get();
        try {
          Tally fresh = Tallying.of(records).asking(asking).tally(old.plan());
          document = document.withSource(index, Source.of(fresh));
          changes.add(
              Refresh.Change.between(
                  document.number(index), old.table(), fresh.table(), List.of()));
          untouched.remove(document.number(index));
        } catch (Refusal gone) {
          said.add("Table " + document.number(index) + " is as it was: " + gone.getMessage());
        }
      }
    }
    return new Refresh.Refreshed(document, changes, List.copyOf(untouched));
  }

  /// How the records were read that are tallied in the document.
  private static Reading reading(Document document) {
    return document.tables().stream()
        .flatMap(table -> table.source().tally().stream())
        .map(Tally::records)
        .filter(RecordsName.File.class::isInstance)
        .map(name -> ((RecordsName.File) name).reading())
        .findFirst()
        .orElse(Reading.PLAIN);
  }

  /// Whether the records have any of the columns that a plan names.
  private static boolean isAbout(Plan plan, Records records) {
    List<String> named = new ArrayList<>();
    plan.dimensions().forEach(one -> named.add(one.column()));
    for (TallyMeasure measure : plan.measures()) {
      if (measure instanceof TallyMeasure.Worked worked && !worked.column().isEmpty()) {
        named.add(worked.column());
      }
    }
    return named.stream().anyMatch(one -> records.columns().find(one).isPresent());
  }
}
