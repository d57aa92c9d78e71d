package app.finish.expressions;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.finish.core.arrange.formula.CellExpressions;
import java.util.List;
import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// Conditions of cells in the expression language: what they may ask of a cell, and what is told of
/// those that can't be read.
public class CellConditionsTest {
  private static final List<String> MEASURES = List.of("Fares", "Running cost");
  private static final List<String> DIMENSIONS = List.of("Route", "Season");

  /// A cell of given members and figures.
  private record Given(double value, Map<String, Double> figures, Map<String, String> members)
      implements CellExpressions.Cell {
    @Override
    public double figure(String measure) {
      return figures.getOrDefault(measure, Double.NaN);
    }

    @Override
    public String member(String dimension) {
      return members.getOrDefault(dimension, "");
    }

    @Override
    public String measure() {
      return "Fares";
    }

    @Override
    public String written() {
      return "84.6";
    }

    @Override
    public boolean total() {
      return members.isEmpty();
    }

    @Override
    public double level() {
      return 2;
    }
  }

  private static final Given CELL =
      new Given(
          84.6,
          Map.of("Fares", 84.6, "Running cost", 90.0),
          Map.of("Route", "Hale–Orrin", "Season", "Winter"));

  @DataProvider
  public Object[][] conditions() {
    return new Object[][] {
      {"value < 85", true},
      {"value < 84", false},
      {"value > 80 && !total", true},
      {"Fares < Running cost", true},
      {"Fares / Running cost > 1", false},
      {"Season == 'Winter'", true},
      {"Season == 'Winter' && Route != 'Hale–Orrin'", false},
      {"Route in ['Hale–Orrin', 'Skell–Voe']", true},
      {"measure == 'Fares' || value > 100", true},
      {"written == '84.6'", true},
      {"level == 2", true},
      {"value / 0.0 > 1", true},
      {"total", false}
    };
  }

  @Test(dataProvider = "conditions")
  public void asksOfTheCell(String expression, boolean holds) {
    assertThat(new CellConditions().read(expression, MEASURES, DIMENSIONS).test(CELL))
        .as(expression)
        .isEqualTo(holds);
  }

  @Test
  public void doesNotHoldWhereAFigureIsMissing() {
    Given bare = new Given(Double.NaN, Map.of(), Map.of("Season", "Winter"));
    assertThat(new CellConditions().read("value < 85", MEASURES, DIMENSIONS).test(bare)).isFalse();
    assertThat(new CellConditions().read("!(value < 85)", MEASURES, DIMENSIONS).test(bare))
        .isFalse();
    assertThat(new CellConditions().read("Season == 'Winter'", MEASURES, DIMENSIONS).test(bare))
        .isTrue();
  }

  @DataProvider
  public Object[][] wrong() {
    return new Object[][] {
      {"value <", "place"},
      {"value + 1", "true or false"},
      {"Faers < 3", "Faers"},
      {"Season < 3", "Season"},
      {"", ""}
    };
  }

  @Test(dataProvider = "wrong")
  public void whatCantBeReadIsOneSentence(String expression, String told) {
    assertThatThrownBy(() -> new CellConditions().read(expression, MEASURES, DIMENSIONS))
        .isInstanceOf(BadExpression.class)
        .hasMessageContaining(told)
        .hasMessageNotContaining("Exception");
  }

  @Test
  public void aMeasureCalledAsWhatEveryCellHasMeansTheLatter() {
    var condition = new CellConditions().read("value < 85", List.of("value"), List.of());
    assertThat(condition.test(CELL)).isTrue();
  }
}
