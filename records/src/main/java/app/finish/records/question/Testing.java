package app.finish.records.question;

import app.finish.core.problem.Refusal;
import app.finish.core.tally.Group;
import app.finish.core.tally.Member;
import app.finish.core.tally.MissingAnswers;
import app.finish.core.tally.Plan;
import app.finish.core.tally.SignificanceTest;
import app.finish.core.tally.TallyDimension;
import app.finish.core.tally.TallyFunction;
import app.finish.core.tally.TallyMeasure;
import app.finish.records.source.Records;
import app.finish.records.sql.DatabaseQuery;
import app.finish.records.sql.Dialect;
import app.finish.records.statistics.Anova;
import app.finish.records.statistics.ChiSquare;
import app.finish.records.statistics.Sample;
import app.finish.records.statistics.TTest;
import java.io.IOException;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

/// Carries the tests of a plan out. Records without an answer in a dimension are not in a test.
public final class Testing {
  private final Records records;
  private final DatabaseQuery asking;

  public Testing(Records records, DatabaseQuery asking) {
    this.records = records;
    this.asking = asking;
  }

  /// A sentence for each test.
  ///
  /// @throws app.finish.core.problem.Refusal if a test does not suit the plan, in words for the
  ///   person
  public List<String> results(Plan plan) throws IOException {
    List<String> results = new ArrayList<>();
    for (SignificanceTest test : plan.tests()) {
      if (test == SignificanceTest.CHI_SQUARE) {
        results.add(chiSquare(plan).sentence());
      } else {
        for (String column : averaged(plan)) {
          String name = averaged(plan).size() > 1 ? column + ": " : "";
          List<Sample> samples = samples(plan, column);
          results.add(name + sentence(test, samples));
        }
      }
    }
    if (!results.isEmpty() && !plan.weight().isEmpty() && weighsByFractions(plan.weight())) {
      results.add(
          "The weights are no numbers of cases, so these tests take Σw for n, and their p is only"
              + " approximate.");
    }
    return results;
  }

  /// Whether some weight is no whole number, so that it can't count cases.
  private boolean weighsByFractions(String weight) throws IOException {
    Dialect dialect = records.dialect();
    String name = dialect.asDouble(dialect.quote(records.columns().of(weight).name()));
    return records.holds(name + " <> FLOOR(" + name + ")", asking);
  }

  private static String sentence(SignificanceTest test, List<Sample> samples) {
    if (test == SignificanceTest.ANOVA) {
      return Anova.of(samples).sentence();
    }
    if (samples.size() != 2) {
      throw new Refusal(
          "t compares two groups, and there are " + samples.size() + ". Take anova for more.");
    }
    return TTest.of(samples.get(0), samples.get(1)).sentence();
  }

  /// χ² of the counts of the plan's two dimensions.
  ChiSquare chiSquare(Plan plan) throws IOException {
    if (plan.down().size() != 1 || plan.across().size() != 1) {
      throw new Refusal(
          "χ² is of one dimension down by one across. Take the others out, or hold them.");
    }
    Plan counts = bare(plan).withMeasures(List.of(TallyMeasure.count()));
    List<Group> groups = new Groups(records, asking, Groups.CELLS).of(counts);
    List<Group> cells =
        groups.stream().filter(g -> g.down().size() == 1 && g.across().size() == 1).toList();
    List<Member> rows = new ArrayList<>(new TreeSet<>(first(cells, true)));
    List<Member> columns = new ArrayList<>(new TreeSet<>(first(cells, false)));
    double[][] table = new double[rows.size()][columns.size()];
    for (Group cell : cells) {
      table[rows.indexOf(cell.down().getFirst())][columns.indexOf(cell.across().getFirst())] =
          cell.values().getFirst();
    }
    return ChiSquare.of(table);
  }

  private static Set<Member> first(List<Group> cells, boolean down) {
    Set<Member> members = new LinkedHashSet<>();
    cells.forEach(cell -> members.add(down ? cell.down().getFirst() : cell.across().getFirst()));
    return members;
  }

  /// The plan with records without an answer left out, and without what it tests.
  private static Plan bare(Plan plan) {
    return plan.withMissing(MissingAnswers.LEFT_OUT)
        .withTests(EnumSet.noneOf(SignificanceTest.class))
        .withMeasuresDown(false)
        .withDown(plan.down().stream().map(one -> one.totalled(false)).toList())
        .withAcross(plan.across().stream().map(one -> one.totalled(false)).toList());
  }

  /// The columns whose means the plan shows.
  private static List<String> averaged(Plan plan) {
    Set<String> columns = new LinkedHashSet<>();
    for (TallyMeasure measure : plan.measuresOrCount()) {
      if (measure instanceof TallyMeasure.Worked worked
          && worked.function() == TallyFunction.MEAN) {
        columns.add(worked.column());
      }
    }
    if (columns.isEmpty()) {
      throw new Refusal(
          "A test of means needs a mean among the measures. Add the mean of a column.");
    }
    return List.copyOf(columns);
  }

  /// The groups of a column between the members of the plan's one dimension, in order.
  List<Sample> samples(Plan plan, String column) throws IOException {
    List<TallyDimension> dimensions = new ArrayList<>(plan.down());
    dimensions.addAll(plan.across());
    if (dimensions.size() != 1) {
      throw new Refusal(
          "A test of means is between the members of one dimension. Take the others out, or hold "
              + "them.");
    }
    Plan groups =
        bare(plan)
            .withDown(List.of(dimensions.getFirst().totalled(false)))
            .withAcross(List.of())
            .withMeasures(
                List.of(
                    TallyMeasure.of(TallyFunction.COUNT, column),
                    TallyMeasure.of(TallyFunction.MEAN, column),
                    TallyMeasure.of(TallyFunction.DEVIATION, column)));
    List<Group> found = new Groups(records, asking, Groups.CELLS).of(groups);
    List<Group> sorted = new ArrayList<>(found);
    sorted.sort((one, two) -> one.down().getFirst().compareTo(two.down().getFirst()));
    return sorted.stream()
        .filter(group -> group.values().get(0) > 0)
        .map(g -> new Sample(g.values().get(0), g.values().get(1), g.values().get(2)))
        .toList();
  }
}
