package app.finish.core.arrange;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// Titles that name the dimensions of their tables.
public class TitleOfDimensionsTest {
  @DataProvider
  public Object[][] titles() {
    return new Object[][] {
      {"Fares by route, season and year", List.of("Season"), "Fares by route and year"},
      {"Fares by route, season, and year", List.of("Season", "year"), "Fares by route"},
      {"Fares by route and season", List.of("Route", "Season"), "Fares"},
      {"Fares by route and season", List.of(), "Fares by route and season"},
      {"Fares by route and season", List.of("Vessel"), "Fares by route and season"},
      {"Fares of the year", List.of("Year"), "Fares of the year"},
      {"Sold by hand, by season", List.of("Season"), "Sold by hand, by season"},
      {"", List.of("Season"), ""},
    };
  }

  @Test(dataProvider = "titles")
  public void whatIsGoneIsNamedNoLonger(String title, List<String> gone, String after) {
    assertThat(TitleOfDimensions.without(title, gone)).isEqualTo(after);
  }
}
