package app.finish.records;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.finish.core.table.Table;
import app.finish.core.table.Value;
import app.finish.core.tally.Group;
import app.finish.core.tally.MissingAnswers;
import app.finish.core.tally.Plan;
import app.finish.core.tally.Question;
import app.finish.core.tally.SignificanceTest;
import app.finish.core.tally.TallyDimension;
import app.finish.core.tally.TallyFunction;
import app.finish.core.tally.TallyMeasure;
import app.finish.core.tally.TallyMeasure.Base;
import app.finish.records.question.TooManyCells;
import app.finish.records.statistics.ChiSquare;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.testng.annotations.Test;

/// What holds of every tally, and what a person is told.
public class TallyLawsTest extends OnSailings {

  public TallyLawsTest() {
    super(Sailing.some(900, 5));
  }

  private static Map<List<?>, List<Double>> byPlace(List<Group> groups) {
    Map<List<?>, List<Double>> places = new HashMap<>();
    groups.forEach(group -> places.put(List.of(group.down(), group.across()), group.values()));
    return places;
  }

  @Test
  public void subtotalsAreTheTallyOfTheCoarserPlan() throws IOException {
    RandomPlans plans = new RandomPlans(77);
    int held = 0;
    while (held < 60) {
      Plan plan = plans.next();
      if (plan.down().size() < 2 || !plan.down().get(1).totalled()) {
        continue;
      }
      if (plan.missing() == MissingAnswers.LEFT_OUT) {
        plan = plan.withMissing(MissingAnswers.APART);
      }
      held++;
      Map<List<?>, List<Double>> fine = byPlace(Tallying.of(records).groups(plan));
      Plan coarser = plan.withDown(plan.down().subList(0, 1));
      for (Group group : Tallying.of(records).groups(coarser)) {
        List<Double> there = fine.get(List.of(group.down(), group.across()));
        assertThat(there).as(plan.toString()).isNotNull();
        for (int i = 0; i < there.size(); i++) {
          if (Double.isFinite(group.values().get(i))) {
            double figure = group.values().get(i);
            assertThat(there.get(i))
                .isCloseTo(figure, within(1e-9 * Math.max(1, Math.abs(figure))));
          } else {
            assertThat(there.get(i)).isNaN();
          }
        }
      }
    }
  }

  @Test
  public void percentsOfAWholeSumToIt() throws IOException {
    Plan plan =
        Plan.EMPTY
            .withDown(List.of(TallyDimension.of("Route"), TallyDimension.of("Full")))
            .withAcross(List.of(TallyDimension.of("Vessel \"old\"; name")))
            .withMeasures(
                List.of(
                    TallyMeasure.percent(Base.ROW, ""),
                    TallyMeasure.percent(Base.COLUMN, ""),
                    TallyMeasure.percent(Base.TOTAL, "Passengers")));
    Map<List<?>, Double> rows = new HashMap<>();
    Map<List<?>, Double> columns = new HashMap<>();
    double total = 0;
    for (Group group : Tallying.of(records).groups(plan)) {
      if (group.across().size() == 1) {
        rows.merge(group.down(), group.values().get(0), Double::sum);
      }
      if (group.down().size() == 2) {
        columns.merge(group.across(), group.values().get(1), Double::sum);
      }
      boolean leaf = group.down().size() == 2 && group.across().size() == 1;
      total += leaf && Double.isFinite(group.values().get(2)) ? group.values().get(2) : 0;
    }
    assertThat(rows)
        .isNotEmpty()
        .allSatisfy((r, sum) -> assertThat(sum).isCloseTo(100, within(1e-9)));
    assertThat(columns).allSatisfy((c, sum) -> assertThat(sum).isCloseTo(100, within(1e-9)));
    assertThat(total).isCloseTo(100, within(1e-9));
  }

  @Test
  public void aRatioInATotalIsTheRatioOfTotals() throws IOException {
    Plan plan =
        Plan.EMPTY
            .withDown(List.of(TallyDimension.of("Route")))
            .withMeasures(
                List.of(
                    TallyMeasure.of(TallyFunction.SUM, "Fares").withName("Taken"),
                    TallyMeasure.of(TallyFunction.SUM, "Running cost"),
                    new TallyMeasure.Calculated("Taken / Running cost", "Cost recovery")));
    Table table = Tallying.of(records).table(plan);
    int last = table.body().rows() - 1;
    double fares = ((Value.Numeric) table.body().at(last, 0)).number();
    double cost = ((Value.Numeric) table.body().at(last, 1)).number();
    assertThat(((Value.Numeric) table.body().at(last, 2)).number())
        .isCloseTo(fares / cost, within(1e-12));
    double taken =
        sailings.stream().filter(s -> s.fares() != null).mapToDouble(Sailing::fares).sum();
    assertThat(fares).isCloseTo(taken, within(1e-6));
  }

  @Test
  public void testsStandInTheNote() throws IOException {
    Plan crosstab =
        Plan.EMPTY
            .withDown(List.of(TallyDimension.of("Route")))
            .withAcross(List.of(TallyDimension.of("Full")))
            .withTests(Set.of(SignificanceTest.CHI_SQUARE));
    double[][] counts = new double[4][2];
    List<String> routes = List.of("Hale–Orrin", "Hale–Skell", "Orrin–Tamsay", "O'Dell; loop");
    for (Sailing one : sailings) {
      if (one.route() != null && one.full() != null) {
        counts[routes.indexOf(one.route())][one.full() ? 1 : 0]++;
      }
    }
    assertThat(Tallying.of(records).table(crosstab).words().generalNote())
        .isEqualTo(ChiSquare.of(counts).sentence());
    Plan means =
        Plan.EMPTY
            .withDown(List.of(TallyDimension.of("Full")))
            .withMeasures(List.of(TallyMeasure.of(TallyFunction.MEAN, "Fares")))
            .withTests(Set.of(SignificanceTest.ANOVA, SignificanceTest.T_TEST));
    assertThat(Tallying.of(records).table(means).words().generalNote())
        .matches("F\\(1, \\d+\\) = .* η² = \\.\\d\\d\\. t\\(\\d+\\) = .* d = .*\\.");
  }

  @Test
  public void correlationsAndComparisonsAreTables() throws IOException {
    List<TallyMeasure> columns = new ArrayList<>();
    for (String column : List.of("Fares", "Running cost", "Minutes late")) {
      columns.add(TallyMeasure.of(TallyFunction.MEAN, column));
    }
    Plan plan = Plan.EMPTY.withMeasures(columns);
    Table matrix = Tallying.of(records).table(plan.withQuestion(Question.CORRELATION));
    double[] fares = both(Sailing::fares);
    double[] cost = both(Sailing::cost);
    double r = pearson(fares, cost);
    assertThat(((Value.Numeric) matrix.body().at(3, 0)).number()).isCloseTo(r, within(1e-9));
    assertThat(((Value.Numeric) matrix.body().at(5, 0)).number()).isEqualTo(fares.length);
    assertThat(matrix.body().at(0, 1)).isEqualTo(Value.BLANK);
    Table two =
        Tallying.of(records)
            .table(
                plan.withDown(List.of(TallyDimension.of("Full")))
                    .withQuestion(Question.COMPARISON));
    assertThat(two.across().leaves().stream().map(leaf -> leaf.heading().label()))
        .containsExactly("n", "M", "SD", "n", "M", "SD", "t", "df", "p", "d");
    Table more =
        Tallying.of(records)
            .table(
                plan.withDown(List.of(TallyDimension.of("Route")))
                    .withQuestion(Question.COMPARISON));
    assertThat(more.across().leaves().getLast().heading().label()).isEqualTo("η²");
    assertThat(more.body().at(0, 13).written()).matches("3, \\d+");
  }

  private double[] both(java.util.function.Function<Sailing, Double> of) {
    return sailings.stream()
        .filter(s -> s.fares() != null && s.cost() != null)
        .mapToDouble(of::apply)
        .toArray();
  }

  private static double pearson(double[] one, double[] two) {
    double m1 = java.util.Arrays.stream(one).average().orElseThrow();
    double m2 = java.util.Arrays.stream(two).average().orElseThrow();
    double xy = 0;
    double xx = 0;
    double yy = 0;
    for (int i = 0; i < one.length; i++) {
      xy += (one[i] - m1) * (two[i] - m2);
      xx += (one[i] - m1) * (one[i] - m1);
      yy += (two[i] - m2) * (two[i] - m2);
    }
    return xy / Math.sqrt(xx * yy);
  }

  @Test
  public void nothingAskedShowsTheFirstRecords() throws IOException {
    Table first = Tallying.of(records).table(Plan.EMPTY);
    assertThat(first.across().leaves()).hasSize(Sailing.COLUMNS.size());
    assertThat(first.words().generalNote()).isEqualTo("The first 20 of 900 records.");
  }

  @Test
  public void whatTheRecordsDoNotHaveIsSaid() {
    Plan gone = Plan.EMPTY.withDown(List.of(TallyDimension.of("Season")));
    assertThatThrownBy(() -> Tallying.of(records).table(gone))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("has no column “Season”. It has: Route, ");
    Plan texts = Plan.EMPTY.withMeasures(List.of(TallyMeasure.of(TallyFunction.SUM, "Route")));
    assertThatThrownBy(() -> Tallying.of(records).table(texts))
        .hasMessageContaining("“Route” holds texts");
    Plan many =
        Plan.EMPTY.withDown(List.of(TallyDimension.of("Fares"), TallyDimension.of("Sailed on")));
    assertThatThrownBy(() -> Tallying.of(records).withCells(500).table(many))
        .isInstanceOf(TooManyCells.class)
        .hasMessageContaining("more than 500 cells");
  }
}
