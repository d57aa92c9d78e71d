package app.finish.records;

import app.finish.core.table.Note;
import app.finish.core.table.Table;
import app.finish.core.table.Words;
import app.finish.core.tally.Group;
import app.finish.core.tally.Plan;
import app.finish.core.tally.Tally;
import app.finish.core.tally.TallyTable;
import app.finish.records.question.Comparing;
import app.finish.records.question.Correlating;
import app.finish.records.question.Describing;
import app.finish.records.question.Groups;
import app.finish.records.question.Testing;
import app.finish.records.source.Records;
import app.finish.records.sql.DatabaseQuery;
import app.finish.records.words.TallyWords;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;

/// Carries plans out on records.
///
/// ```java
/// Table table = Tallying.of(records).table(plan);
/// ```
public final class Tallying {
  /// How many cells a table may have before somebody is asked.
  public static final long CELLS = Groups.CELLS;

  private final Records records;
  private final DatabaseQuery asking;
  private final long mostCells;

  private Tallying(Records records, DatabaseQuery asking, long mostCells) {
    this.records = records;
    this.asking = asking;
    this.mostCells = mostCells;
  }

  /// Tallies these records.
  public static Tallying of(Records records) {
    return new Tallying(records, DatabaseQuery.SILENT, CELLS);
  }

  /// The same, telling how far it is.
  public Tallying asking(DatabaseQuery other) {
    return new Tallying(records, other, mostCells);
  }

  /// The same with another limit to the number of cells.
  public Tallying withCells(long most) {
    return new Tallying(records, asking, most);
  }

  /// The plan and the table that it gives.
  ///
  /// @throws app.finish.core.problem.Refusal if the plan asks for what the records don't have, in
  ///   words for the person
  /// @throws TooManyCells if the table would pass the limit
  /// @throws app.finish.formats.io.Problem if the database can't answer
  /// @throws java.io.InterruptedIOException if the thread was interrupted
  public Tally tally(Plan plan) throws IOException {
    return new Tally(records.name(), plan, table(plan));
  }

  /// The table that a plan gives; see [#tally].
  public Table table(Plan plan) throws IOException {
    return switch (plan.question()) {
      case TALLY -> plan.isEmpty() ? FirstRecords.of(records, asking) : counted(plan);
      case DESCRIPTION -> new Describing(records, asking).table(plan);
      case CORRELATION -> new Correlating(records, asking).table(plan);
      case COMPARISON -> new Comparing(records, asking).table(plan);
    };
  }

  /// What is worked out for each combination of members, totals included.
  public List<Group> groups(Plan plan) throws IOException {
    return new Groups(records, asking, mostCells).of(plan);
  }

  private Table counted(Plan plan) throws IOException {
    List<Group> groups = groups(plan);
    List<Note> notes = new ArrayList<>(TallyWords.notes(plan, records));
    if (!plan.tests().isEmpty()) {
      Testing testing = new Testing(records, asking);
      testing.results(plan).forEach(one -> notes.add(Note.general(one)));
    }
    Words words =
        new Words(TallyWords.title(plan), "", TallyWords.asOne(notes), records.name().label());
    return TallyTable.of(plan, groups, records.columns().whole(), words);
  }
}
