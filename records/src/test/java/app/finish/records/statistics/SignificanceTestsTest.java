package app.finish.records.statistics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import org.testng.annotations.Test;

/// Tests of significance against values that were published.
public class SignificanceTestsTest {
  /// Belief in an afterlife by gender, and party by gender: Agresti, An Introduction to Categorical
  /// Data Analysis (2nd ed., 2007), tables 2.1 and 2.5.
  @Test
  public void chiSquareIsAsPublished() {
    ChiSquare belief = ChiSquare.of(new double[][] {{509, 116}, {398, 104}});
    assertThat(belief.value()).isCloseTo(0.82, within(0.005));
    assertThat(belief.freedom()).isEqualTo(1);
    assertThat(belief.p()).isCloseTo(0.36, within(0.005));
    ChiSquare party = ChiSquare.of(new double[][] {{762, 327, 468}, {484, 239, 477}});
    assertThat(party.value()).isCloseTo(30.1, within(0.05));
    assertThat(party.freedom()).isEqualTo(2);
    assertThat(party.p()).isLessThan(0.0001);
    assertThat(party.sentence()).isEqualTo("χ²(2, N = 2,757) = 30.07, p < .001, Cramér’s V = .10.");
  }

  /// By hand: expected counts 12, 18, 28, 42.
  @Test
  public void chiSquareIsAsComputedByHand() {
    ChiSquare test = ChiSquare.of(new double[][] {{10, 20}, {30, 40}});
    assertThat(test.value()).isCloseTo(4 / 12.0 + 4 / 18.0 + 4 / 28.0 + 4 / 42.0, within(1e-12));
    assertThat(test.v()).isCloseTo(Math.sqrt(test.value() / 100), within(1e-12));
    assertThat(test.fewExpected()).isZero();
  }

  @Test
  public void rowsWithoutCountsDoNotCount() {
    ChiSquare test = ChiSquare.of(new double[][] {{10, 20, 0}, {0, 0, 0}, {30, 40, 0}});
    assertThat(test).isEqualTo(ChiSquare.of(new double[][] {{10, 20}, {30, 40}}));
    assertThatThrownBy(() -> ChiSquare.of(new double[][] {{1, 2}, {0, 0}}))
        .hasMessageContaining("at least two rows");
  }

  @Test
  public void smallExpectedCountsAreWarnedOf() {
    assertThat(ChiSquare.of(new double[][] {{1, 3}, {4, 2}}).sentence())
        .endsWith("In 4 of 4 cells the expected count is below 5, so p is not to be relied on.");
  }

  /// Dried weights of plants under a control and two treatments: Dobson, An Introduction to
  /// Statistical Modelling (1983); F(2, 27) = 4.846, p = .01591.
  @Test
  public void analysisOfVarianceIsAsPublished() {
    Sample control = sample(4.17, 5.58, 5.18, 6.11, 4.50, 4.61, 5.17, 4.53, 5.33, 5.14);
    Sample one = sample(4.81, 4.17, 4.41, 3.59, 5.87, 3.83, 6.03, 4.89, 4.32, 4.69);
    Sample two = sample(6.31, 5.12, 5.54, 5.50, 5.37, 5.29, 4.92, 6.15, 5.80, 5.26);
    Anova test = Anova.of(List.of(control, one, two));
    assertThat(test.f()).isCloseTo(4.846, within(0.0005));
    assertThat(test.p()).isCloseTo(0.01591, within(0.000005));
    assertThat(test.eta()).isCloseTo(3.76634 / (3.76634 + 10.49209), within(1e-5));
    assertThat(test.sentence()).isEqualTo("F(2, 27) = 4.85, p = .016, η² = .26.");
  }

  /// Hours of sleep gained with two drugs: Student, The probable error of a mean, Biometrika 6
  /// (1908); as independent groups t(18) = −1.8608, p = .07919.
  @Test
  public void studentsTIsAsPublished() {
    Sample one = sample(0.7, -1.6, -0.2, -1.2, -0.1, 3.4, 3.7, 0.8, 0.0, 2.0);
    Sample two = sample(1.9, 0.8, 1.1, 0.1, -0.1, 4.4, 5.5, 1.6, 4.6, 3.4);
    TTest test = TTest.of(one, two);
    assertThat(test.t()).isCloseTo(-1.8608, within(0.00005));
    assertThat(test.p()).isCloseTo(0.07919, within(0.000005));
    assertThat(test.d()).isCloseTo(-1.8608 * Math.sqrt(0.2), within(0.0001));
    assertThat(test.sentence()).isEqualTo("t(18) = −1.86, p = .079, d = −0.83.");
    Anova same = Anova.of(List.of(one, two));
    assertThat(same.f()).isCloseTo(test.t() * test.t(), within(1e-9));
    assertThat(same.p()).isCloseTo(test.p(), within(1e-9));
  }

  /// The first of Anscombe's four sets, The American Statistician 27 (1973): r = .816, n = 11; p =
  /// .00217.
  @Test
  public void correlationIsAsPublished() {
    Correlation test = Correlation.of(0.81642051634484, 11);
    assertThat(test.p()).isCloseTo(0.00217, within(0.000005));
    assertThat(Correlation.of(1, 5).p()).isZero();
    assertThat(Correlation.of(0.5, 2).p()).isNaN();
  }

  @Test
  public void whatCannotBeTestedIsSaid() {
    assertThatThrownBy(() -> Anova.of(List.of(sample(1, 2))))
        .hasMessageContaining("at least two groups");
    assertThatThrownBy(() -> TTest.of(sample(2, 2), sample(2, 2)))
        .hasMessageContaining("differ within them");
  }

  private static Sample sample(double... values) {
    double mean = Arrays.stream(values).average().orElseThrow();
    double squares = Arrays.stream(values).map(v -> (v - mean) * (v - mean)).sum();
    return new Sample(values.length, mean, Math.sqrt(squares / (values.length - 1)));
  }
}
