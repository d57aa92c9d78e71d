package app.finish.records;

import app.finish.core.number.Digits;
import app.finish.core.table.Note;
import app.finish.core.table.Table;
import app.finish.core.table.Words;
import app.finish.core.tally.Group;
import app.finish.core.tally.Member;
import app.finish.core.tally.Plan;
import app.finish.core.tally.Tally;
import app.finish.core.tally.TallyTable;
import app.finish.records.PlanStatement.Depth;
import java.io.IOException;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/// Carries plans out on records.
///
/// ```java
/// Table table = Tallying.of(records).table(plan);
/// ```
public final class Tallying {
  /// How many cells a table may have before somebody is asked.
  public static final long CELLS = 1_000_000;

  private final Records records;
  private final Asking asking;
  private final long mostCells;

  private Tallying(Records records, Asking asking, long mostCells) {
    this.records = records;
    this.asking = asking;
    this.mostCells = mostCells;
  }

  /// Tallies these records.
  public static Tallying of(Records records) {
    return new Tallying(records, Asking.SILENT, CELLS);
  }

  /// The same, telling how far it is.
  public Tallying asking(Asking other) {
    return new Tallying(records, other, mostCells);
  }

  /// The same with another limit to the number of cells.
  public Tallying withCells(long most) {
    return new Tallying(records, asking, most);
  }

  /// The plan and the table that it gives.
  ///
  /// @throws IllegalArgumentException if the plan asks for what the records don't have, in words
  ///     for the person
  /// @throws TooManyCells if the table would pass the limit
  /// @throws app.finish.formats.Problem if the database can't answer
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

  /// A row of the result.
  private record Row(Depth depth, List<Member> down, List<Member> across, double[] figures) {}

  private record Total(Depth depth, List<Member> down, List<Member> across) {}

  /// What is worked out for each combination of members, totals included.
  public List<Group> groups(Plan plan) throws IOException {
    PlanStatement statement =
        new PlanStatement(plan, records.columns(), records.table(), records.dialect());
    List<Row> rows =
        asking.ask(
            records.connection(),
            statement.sql(),
            statement.parameters(),
            result -> rows(result, statement, plan),
            records.name().label());
    Map<Total, double[]> totals = new HashMap<>();
    if (!statement.figures().bases().isEmpty()) {
      rows.forEach(row -> totals.put(new Total(row.depth, row.down, row.across), row.figures));
    }
    List<Group> groups = new ArrayList<>(rows.size());
    for (Row row : rows) {
      List<Double> measures =
          statement
              .figures()
              .measures(
                  row.figures,
                  base -> {
                    Depth depth = PlanStatement.total(base, row.depth);
                    return Optional.ofNullable(
                        totals.get(
                            new Total(
                                depth,
                                row.down.subList(0, depth.down()),
                                row.across.subList(0, depth.across()))));
                  });
      groups.add(new Group(row.down, row.across, measures));
    }
    return groups;
  }

  private List<Row> rows(ResultSet result, PlanStatement statement, Plan plan)
      throws SQLException, IOException {
    int down = plan.down().size();
    int figures = statement.figures().outputs().size();
    int measures = plan.measuresOrCount().size();
    List<Row> rows = new ArrayList<>();
    Set<List<Member>> downs = new HashSet<>();
    Set<List<Member>> acrosses = new HashSet<>();
    while (result.next()) {
      Depth depth = statement.keys() == 0 ? new Depth(0, 0) : statement.depth(result.getLong(1));
      List<Member> rowMembers = members(result, 2, depth.down());
      List<Member> columnMembers = members(result, 2 + down, depth.across());
      double[] asked = new double[figures];
      for (int i = 0; i < figures; i++) {
        asked[i] = result.getDouble(statement.keys() + i + 1);
        asked[i] = result.wasNull() ? Double.NaN : Digits.certain(asked[i]);
      }
      rows.add(new Row(depth, rowMembers, columnMembers, asked));
      downs.add(rowMembers);
      acrosses.add(columnMembers);
      if ((long) downs.size() * acrosses.size() * measures > mostCells) {
        throw new TooManyCells(downs.size(), (long) acrosses.size() * measures, mostCells);
      }
    }
    return rows;
  }

  private static List<Member> members(ResultSet result, int from, int count) throws SQLException {
    List<Member> members = new ArrayList<>(count);
    for (int i = 0; i < count; i++) {
      members.add(Records.member(result, from + i));
    }
    return List.copyOf(members);
  }
}
