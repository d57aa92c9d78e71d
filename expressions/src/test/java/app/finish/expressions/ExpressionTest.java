package app.finish.expressions;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class ExpressionTest {
  private static final List<Name> NAMES =
      List.of(
          Name.number("Fares"),
          Name.number("Running cost"),
          Name.number("cost"),
          Name.number("Fares, net (£)"),
          Name.number("size"),
          Name.number("in"),
          Name.number("2025"),
          Name.text("Route"),
          new Name("Sailed on", Name.Kind.DATE),
          new Name("Late", Name.Kind.TRUTH));

  private static final Map<String, Double> FIGURES =
      Map.of(
          "Fares",
          120.0,
          "Running cost",
          80.0,
          "cost",
          7.0,
          "Fares, net (£)",
          100.0,
          "size",
          3.0,
          "in",
          2.0,
          "2025",
          25.0);

  @DataProvider
  public Object[][] numbers() {
    return new Object[][] {
      {"Fares / Running cost", 1.5},
      {"Fares/Running cost*100", 150.0},
      {"fares - RUNNING COST", 40.0},
      {"Fares, net (£) / 2", 50.0},
      {"`Fares, net (£)` - Fares", -20.0},
      {"cost + 1.5", 8.5},
      {"size * 2", 6.0},
      {"`in` + 1", 3.0},
      {"`2025` + 2025", 2050.0},
      {"Fares > 100 ? 1 : 0", 1.0},
      {"-(Fares - 20)", -100.0},
      {"2 * 3 + 4", 10.0},
      {"1e2 + 1", 101.0},
      {"Fares - Running cost - cost", 33.0},
    };
  }

  @Test(dataProvider = "numbers")
  public void namesStandAsTheyAre(String text, double expected) {
    assertThat(Expression.number(text, NAMES).workOut(FIGURES::get)).hasValue(expected);
  }

  @Test
  public void whatIsMissingOrNotFiniteGivesNothing() {
    Expression ratio = Expression.number("Fares / Running cost", NAMES);
    assertThat(ratio.workOut(name -> Double.NaN)).isEqualTo(OptionalDouble.empty());
    assertThat(ratio.workOut(name -> name.equals("Fares") ? 1 : 0)).isEmpty();
  }

  @Test
  public void theTreeTellsNamesAndValuesApart() {
    Expression some =
        Expression.truth("Route in ['Hale', 'Orrin'] && Sailed on >= date('2025-03-01')", NAMES);
    assertThat(some.term())
        .isEqualTo(
            new Term.Call(
                "&&",
                List.of(
                    new Term.Call(
                        "in",
                        List.of(
                            new Term.Named(Name.text("Route")),
                            new Term.Listed(
                                List.of(new Term.Text("Hale"), new Term.Text("Orrin"))))),
                    new Term.Call(
                        ">=",
                        List.of(
                            new Term.Named(new Name("Sailed on", Name.Kind.DATE)),
                            new Term.Moment(Instant.parse("2025-03-01T00:00:00Z")))))));
    assertThat(some.used()).extracting(Name::name).containsExactly("Route", "Sailed on");
  }

  @DataProvider
  public Object[][] truths() {
    return new Object[][] {
      {"Late"},
      {"!Late || Fares > 3"},
      {"Route.startsWith('H')"},
      {"missing(Route) || missing(Fares)"},
      {"year(Sailed on) == 2025 && month(Sailed on) < 4"},
      {"Route == 'Fares / Running cost'"},
      {"size > 2"},
    };
  }

  @Test(dataProvider = "truths")
  public void conditionsAreRead(String text) {
    assertThat(Expression.truth(text, NAMES).used()).isNotEmpty();
  }

  @DataProvider
  public Object[][] wrong() {
    return new Object[][] {
      {"Fares / Cots", 8, "nothing called “Cots”"},
      {"Fares / `Cots`", 8, "nothing called “Cots”"},
      {"Fares / `Cots", 8, "second `"},
      {"Fares +", 7, "can't be read"},
      {"Fares + Route", 6, "+ can't be used with a number and a text"},
      {"Route", 0, "gives a text"},
      {"  ", 0, "empty"},
      {"Fares > 3", 0, "gives true or false"},
      {"", 0, "empty"},
      {"(Fares", 6, "can't be read"},
    };
  }

  @Test(dataProvider = "wrong")
  public void whatIsWrongIsSaidWithItsPlace(String text, int offset, String said) {
    BadExpression bad =
        catchThrowableOfType(BadExpression.class, () -> Expression.number(text, NAMES));
    assertThat(bad).hasMessageContaining(said);
    assertThat(bad.offset()).isEqualTo(offset);
    assertThat(bad.getMessage()).doesNotContain("n0").doesNotContain("overload");
  }

  @Test
  public void aSingleEqualsSignIsExplained() {
    assertThatThrownBy(() -> Expression.truth("Route = 'Hale'", NAMES))
        .hasMessage("Write == where two things are compared, at place 7.");
    assertThatThrownBy(() -> Expression.truth("Sailed on > date('soon')", NAMES))
        .hasMessageContaining("“soon” is no date");
  }
}
