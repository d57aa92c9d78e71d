package app.finish.records.question;

import app.finish.core.number.Digits;
import app.finish.core.tally.Group;
import app.finish.core.tally.Member;
import app.finish.core.tally.Plan;
import app.finish.records.source.Records;
import app.finish.records.sql.DatabaseQuery;
import app.finish.records.sql.PlanStatement;
import app.finish.records.sql.PlanStatement.Depth;
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

/// Asks records for the groups of a plan: what is worked out for each combination of members,
/// totals included.
///
/// ```java
/// List<Group> groups = new Groups(records, asking, Groups.CELLS).of(plan);
/// ```
public final class Groups {
  /// How many cells a table may have before somebody is asked.
  public static final long CELLS = 1_000_000;

  private final Records records;
  private final DatabaseQuery asking;
  private final long mostCells;

  /// @param mostCells how many cells the table of the groups may have
  public Groups(Records records, DatabaseQuery asking, long mostCells) {
    this.records = records;
    this.asking = asking;
    this.mostCells = mostCells;
  }

  /// A row of the result.
  private record Row(Depth depth, List<Member> down, List<Member> across, double[] figures) {}

  private record Total(Depth depth, List<Member> down, List<Member> across) {}

  /// The groups that a plan asks for, those of its totals included.
  ///
  /// @throws TooManyCells if their table would pass the limit
  /// @throws app.finish.formats.io.Problem if the database can't answer
  public List<Group> of(Plan plan) throws IOException {
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
