package app.finish.records.question;

import app.finish.core.problem.Refusal;
import app.finish.core.table.Axis;
import app.finish.core.table.Body;
import app.finish.core.table.Heading;
import app.finish.core.table.Marks;
import app.finish.core.table.Measure;
import app.finish.core.table.MeasureKind;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import app.finish.core.table.Words;
import app.finish.core.tally.Group;
import app.finish.core.tally.Member;
import app.finish.core.tally.MissingAnswers;
import app.finish.core.tally.Plan;
import app.finish.core.tally.TallyDimension;
import app.finish.core.tally.TallyFunction;
import app.finish.core.tally.TallyMeasure;
import app.finish.records.source.Records;
import app.finish.records.sql.DatabaseQuery;
import app.finish.records.statistics.Anova;
import app.finish.records.statistics.Sample;
import app.finish.records.statistics.Statistic;
import app.finish.records.statistics.TTest;
import app.finish.records.words.TallyWords;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/// Compares the means of columns between the members of a dimension: n, M and SD of each group,
/// then t, df, p and d for two groups, or F, df, p and η² for more. Records without an answer in
/// the dimension are not in it.
public final class Comparing {
  private static final List<Measure> GROUP =
      List.of(
          new Measure("n", MeasureKind.COUNT, "", 0),
          new Measure("M", MeasureKind.MEAN, "", 2),
          new Measure("SD", MeasureKind.DEVIATION, "", 2));

  private final Records records;
  private final DatabaseQuery asking;

  public Comparing(Records records, DatabaseQuery asking) {
    this.records = records;
    this.asking = asking;
  }

  public Table table(Plan plan) throws IOException {
    List<String> columns = MeasuredColumns.of(plan, records.columns(), "compared", 1);
    if (plan.down().size() != 1 || !plan.across().isEmpty()) {
      throw new Refusal(
          "A comparison needs one dimension down, whose members are the groups, and none across.");
    }
    TallyDimension by = plan.down().getFirst().totalled(false);
    List<Group> groups = groups(plan, by, columns);
    if (groups.size() < 2) {
      throw new Refusal(
          "“" + by.name() + "” has " + groups.size() + " group, and a comparison needs two.");
    }
    List<List<Value>> rows = new ArrayList<>();
    for (int i = 0; i < columns.size(); i++) {
      rows.add(row(groups, 3 * i));
    }
    return new Table(
        Axis.of(List.of("Variable"), columns.stream().map(Heading::member).toList()),
        Axis.of(List.of(by.name(), ""), heads(by, groups)),
        measures(groups.size()),
        Body.of(rows.size(), rows.getFirst().size(), (row, column) -> rows.get(row).get(column)),
        List.of(),
        new Words(
            TallyWords.joined(columns) + " by " + by.name(),
            "",
            TallyWords.asOne(TallyWords.notes(plan.withMissing(MissingAnswers.APART), records)),
            records.name().label()),
        Marks.NONE);
  }

  private List<Group> groups(Plan plan, TallyDimension by, List<String> columns)
      throws IOException {
    List<TallyMeasure> measures = new ArrayList<>();
    for (String column : columns) {
      measures.add(TallyMeasure.of(TallyFunction.COUNT, column));
      measures.add(TallyMeasure.of(TallyFunction.MEAN, column));
      measures.add(TallyMeasure.of(TallyFunction.DEVIATION, column));
    }
    Plan asked =
        plan.withDown(List.of(by))
            .withMeasures(measures)
            .withTests(Set.of())
            .withMissing(MissingAnswers.LEFT_OUT);
    List<Group> groups = new ArrayList<>(new Groups(records, asking, Groups.CELLS).of(asked));
    groups.sort((one, two) -> key(one).compareTo(key(two)));
    return groups;
  }

  private static Member key(Group group) {
    return group.down().getFirst();
  }

  private static List<Heading> heads(TallyDimension by, List<Group> groups) {
    List<Heading> heads = new ArrayList<>();
    for (Group group : groups) {
      heads.add(
          Heading.group(
              by.bins().label(key(group)),
              Heading.measure("n", 0),
              Heading.measure("M", 1),
              Heading.measure("SD", 2)));
    }
    List<Measure> measures = measures(groups.size());
    for (int i = GROUP.size(); i < measures.size(); i++) {
      heads.add(Heading.measure(measures.get(i).name(), i));
    }
    return heads;
  }

  private static List<Measure> measures(int groups) {
    List<Measure> measures = new ArrayList<>(GROUP);
    boolean two = groups == 2;
    measures.add(new Measure(two ? "t" : "F", MeasureKind.TEST, "", 2));
    measures.add(new Measure("df", MeasureKind.FREEDOM, "", 0));
    measures.add(new Measure("p", MeasureKind.P, "", 3));
    measures.add(
        new Measure(
            two ? "d" : "η²", two ? MeasureKind.COEFFICIENT : MeasureKind.CORRELATION, "", 2));
    return measures;
  }

  private static List<Value> row(List<Group> groups, int at) {
    List<Value> values = new ArrayList<>();
    List<Sample> samples = new ArrayList<>();
    for (Group group : groups) {
      List<Double> found = group.values().subList(at, at + 3);
      found.forEach(one -> values.add(number(one)));
      if (found.get(0) > 0) {
        samples.add(new Sample(found.get(0), found.get(1), found.get(2)));
      }
    }
    values.addAll(groups.size() == 2 ? two(samples) : more(samples));
    return values;
  }

  private static List<Value> two(List<Sample> samples) {
    try {
      TTest test = TTest.of(samples.getFirst(), samples.getLast());
      return List.of(number(test.t()), number(test.freedom()), number(test.p()), number(test.d()));
    } catch (Refusal e) {
      return List.of(Value.BLANK, Value.BLANK, Value.BLANK, Value.BLANK);
    }
  }

  private static List<Value> more(List<Sample> samples) {
    try {
      Anova test = Anova.of(samples);
      String freedom = Statistic.freedom(test.between()) + ", " + Statistic.freedom(test.within());
      return List.of(number(test.f()), Value.text(freedom), number(test.p()), number(test.eta()));
    } catch (Refusal e) {
      return List.of(Value.BLANK, Value.BLANK, Value.BLANK, Value.BLANK);
    }
  }

  private static Value number(double figure) {
    return Double.isFinite(figure) ? Value.number(figure, "") : Value.BLANK;
  }
}
