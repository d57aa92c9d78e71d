package app.finish.records.question;

import app.finish.core.problem.Refusal;
import app.finish.core.table.Axis;
import app.finish.core.table.Body;
import app.finish.core.table.Heading;
import app.finish.core.table.Held;
import app.finish.core.table.Marks;
import app.finish.core.table.Measure;
import app.finish.core.table.MeasureKind;
import app.finish.core.table.Note;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import app.finish.core.table.Words;
import app.finish.core.tally.Group;
import app.finish.core.tally.Member;
import app.finish.core.tally.Plan;
import app.finish.core.tally.TallyDimension;
import app.finish.core.tally.TallyFunction;
import app.finish.core.tally.TallyMeasure;
import app.finish.core.tally.TallyTable;
import app.finish.records.source.Records;
import app.finish.records.sql.DatabaseQuery;
import app.finish.records.words.TallyWords;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;

/// Describes columns: a row for each, or for each and each member of the dimension down, with n, M,
/// SD, median, least and greatest across.
public final class Describing {
  private static final List<TallyFunction> ASKED =
      List.of(
          TallyFunction.COUNT,
          TallyFunction.MEAN,
          TallyFunction.DEVIATION,
          TallyFunction.MEDIAN,
          TallyFunction.LEAST,
          TallyFunction.GREATEST);

  private static final List<Measure> MEASURES =
      List.of(
          new Measure("n", MeasureKind.COUNT, "", 0),
          new Measure("M", MeasureKind.MEAN, "", 2),
          new Measure("SD", MeasureKind.DEVIATION, "", 2),
          new Measure("Mdn", MeasureKind.STATISTIC, "", 2),
          new Measure("Min", MeasureKind.STATISTIC, "", 2),
          new Measure("Max", MeasureKind.STATISTIC, "", 2));

  private final Records records;
  private final DatabaseQuery asking;

  public Describing(Records records, DatabaseQuery asking) {
    this.records = records;
    this.asking = asking;
  }

  public Table table(Plan plan) throws IOException {
    List<String> columns = MeasuredColumns.of(plan, records.columns(), "described", 1);
    if (plan.down().size() > 1 || !plan.across().isEmpty()) {
      throw new Refusal(
          "A description is by one dimension down at most. Take the others out, or hold them.");
    }
    List<Group> groups = groups(plan, columns);
    List<Heading> rows = new ArrayList<>();
    List<List<Double>> figures = new ArrayList<>();
    for (int i = 0; i < columns.size(); i++) {
      List<Heading> inner = new ArrayList<>();
      for (Group group : groups) {
        inner.add(heading(plan, group));
        figures.add(group.values().subList(i * ASKED.size(), (i + 1) * ASKED.size()));
      }
      Heading row = Heading.member(columns.get(i));
      rows.add(plan.down().isEmpty() ? row : row.withChildren(inner));
    }
    List<Heading> heads = new ArrayList<>();
    for (int i = 0; i < MEASURES.size(); i++) {
      heads.add(Heading.measure(MEASURES.get(i).name(), i));
    }
    Body body =
        Body.of(
            figures.size(),
            heads.size(),
            (row, column) -> {
              double figure = figures.get(row).get(column);
              return Double.isFinite(figure) ? Value.number(figure, "") : Value.BLANK;
            });
    List<String> names = new ArrayList<>(List.of("Variable"));
    plan.down().forEach(one -> names.add(one.name()));
    return new Table(
        Axis.of(names, rows),
        Axis.of(List.of(""), heads),
        MEASURES,
        body,
        plan.held().stream().map(one -> new Held(one.dimension().name(), one.label())).toList(),
        words(plan, columns),
        Marks.NONE);
  }

  private Words words(Plan plan, List<String> columns) {
    String by = plan.down().isEmpty() ? "" : " by " + plan.down().getFirst().name();
    List<Note> notes = TallyWords.notes(plan, records);
    return new Words(
        "Description of " + TallyWords.joined(columns) + by,
        "",
        TallyWords.asOne(notes),
        records.name().label());
  }

  private static Heading heading(Plan plan, Group group) {
    return group.down().isEmpty()
        ? Heading.subtotal(TallyTable.TOTAL)
        : Heading.member(plan.down().getFirst().bins().label(group.down().getFirst()));
  }

  /// The groups in the order of their members, a total last.
  private List<Group> groups(Plan plan, List<String> columns) throws IOException {
    List<TallyMeasure> measures = new ArrayList<>();
    for (String column : columns) {
      ASKED.forEach(function -> measures.add(TallyMeasure.of(function, column)));
    }
    Plan asked = plan.withMeasures(measures).withTests(java.util.Set.of());
    List<Group> groups = new ArrayList<>(new Groups(records, asking, Groups.CELLS).of(asked));
    boolean totalled = plan.down().stream().anyMatch(TallyDimension::totalled);
    if (!plan.down().isEmpty() && !totalled) {
      groups.removeIf(group -> group.down().isEmpty());
    }
    groups.sort((one, two) -> compare(one.down(), two.down()));
    return groups;
  }

  private static int compare(List<Member> one, List<Member> two) {
    if (one.isEmpty() || two.isEmpty()) {
      return Boolean.compare(one.isEmpty(), two.isEmpty());
    }
    return one.getFirst().compareTo(two.getFirst());
  }
}
