package app.finish.records;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.finish.core.table.Heading;
import app.finish.core.table.Leaf;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import app.finish.core.tally.Plan;
import app.finish.core.tally.TallyMeasure;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// Random plans, each held against a plain tally.
public class TallyingTest extends OnSailings {
  private static final int BATCHES = 24;
  private static final int PLANS = 25;

  public TallyingTest() {
    super(Sailing.some(700, 11));
  }

  @DataProvider
  public Object[][] batches() {
    Object[][] batches = new Object[BATCHES][];
    for (int i = 0; i < BATCHES; i++) {
      batches[i] = new Object[] {i};
    }
    return batches;
  }

  @Test(dataProvider = "batches")
  public void aTallyIsWhatAPlainTallyGives(int batch) throws IOException {
    RandomPlans plans = new RandomPlans(1000L + batch);
    for (int i = 0; i < PLANS; i++) {
      Plan plan = plans.next();
      Table table = Tallying.of(records).table(plan);
      hold(plan, table, sailings);
    }
  }

  /// Holds a table against the plain tally of the same plan.
  public static void hold(Plan plan, Table table, List<Sailing> sailings) {
    Predicate<Sailing> where = RandomPlans.FILTERS.getOrDefault(plan.where(), one -> true);
    PlainTally plain = new PlainTally(plan, sailings, where);
    String what = plan.toString();
    assertThat(paths(table.down().leaves())).as(what).isEqualTo(plain.paths(plan.down()));
    assertThat(paths(table.across().leaves())).as(what).isEqualTo(plain.paths(plan.across()));
    List<TallyMeasure> measures = plan.measuresOrCount();
    for (Leaf row : table.down().leaves()) {
      for (Leaf column : table.across().leaves()) {
        int measure = column.measure().orElse(row.measure().orElse(0));
        double expected = plain.figure(measures.get(measure), path(row), path(column));
        Value value = table.body().at(row.index(), column.index());
        String place = what + "\n" + row.labels() + " × " + column.labels();
        if (Double.isFinite(expected)) {
          assertThat(value).as(place).isInstanceOf(Value.Numeric.class);
          assertThat(((Value.Numeric) value).number())
              .as(place)
              .isCloseTo(expected, within(1e-9 * Math.max(1, Math.abs(expected))));
        } else {
          assertThat(value).as(place).isEqualTo(Value.BLANK);
        }
      }
    }
  }

  private static Set<List<String>> paths(List<Leaf> leaves) {
    Set<List<String>> paths = new HashSet<>();
    leaves.forEach(leaf -> paths.add(path(leaf)));
    return paths;
  }

  /// The members that lead to a leaf, without totals and measures.
  private static List<String> path(Leaf leaf) {
    List<String> path = new ArrayList<>();
    for (Heading heading : leaf.path()) {
      if (heading.role() == Heading.Role.MEMBER && heading.measure().isEmpty()) {
        path.add(heading.label());
      }
    }
    return path;
  }
}
