package app.finish.core.words;

import static org.assertj.core.api.Assertions.assertThat;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class TitleUnitsTest {
  @DataProvider
  public Object[][] told() {
    return new Object[][] {
      {"Fares by route (thousands)", "Fares by route", "Thousands"},
      {"Fares by route (in thousands)", "Fares by route", "In thousands"},
      {"Fares by route, in thousands of euros", "Fares by route", "In thousands of euros"},
      {"Fares (€ million)", "Fares", "€ million"},
      {"Fares [€m]", "", ""},
      {"Landings ('000)", "Landings", "'000"},
      {"Landings – in 1,000 tonnes", "Landings", "In 1,000 tonnes"},
      {"Ticket sales: percent", "Ticket sales", "Percent"},
      {"Ticket sales (%)", "Ticket sales", "%"},
      {"Crossing times (minutes).", "Crossing times", "Minutes"},
      {"Umsatz (Tsd. EUR)", "Umsatz", "Tsd. EUR"},
      {"Fares by route and season", "", ""},
      {"Fares (2024)", "", ""},
      {"Fares, in winter", "", ""},
      {"A thousand fares", "", ""},
      {"(thousands)", "", ""},
      {"Years", "", ""},
      {"Ferries, vessels, and years of service", "", ""},
      {"", "", ""}
    };
  }

  @Test(dataProvider = "told")
  public void unitsAtTheEndOfATitleAreFound(String typed, String title, String units) {
    TitleUnits found = TitleUnits.of(typed).orElse(new TitleUnits("", ""));
    assertThat(found).isEqualTo(new TitleUnits(title, units));
  }

  @Test(dataProvider = "told")
  public void nothingIsLost(String typed, String title, String units) {
    TitleUnits.of(typed)
        .ifPresent(
            found -> {
              assertThat(typed).startsWith(found.title()).containsIgnoringCase(found.units());
              assertThat(TitleUnits.of(found.title())).isEmpty();
            });
  }
}
