package app.finish.core.words;

import static org.assertj.core.api.Assertions.assertThat;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class TitleCaseTest {
  @DataProvider
  public Object[][] titles() {
    return new Object[][] {
      {"fares by route and season", "Fares by Route and Season"},
      {"Trust in the timetable: a first look", "Trust in the Timetable: A First Look"},
      {"Waiting comfort with and without shelter", "Waiting Comfort With and Without Shelter"},
      {"the cost of running to Hale–Orrin", "The Cost of Running to Hale–Orrin"},
      {"ANOVA of comfort by ticket", "ANOVA of Comfort by Ticket"},
      {"rain in mm and dose in mg/kg", "Rain in mm and Dose in mg/kg"},
      {"results of t tests by season", "Results of t Tests by Season"},
      {"95% CI of d per route", "95% CI of d per Route"},
      {"self-reported crowding", "Self-Reported Crowding"},
      {"passengers’ age in 2026", "Passengers’ Age in 2026"},
      {"records of survey-answers.csv", "Records of survey-answers.csv"},
      {"from a.first.tar to it. then more", "From a.first.tar to It. Then More"},
      {"", ""},
    };
  }

  @Test(dataProvider = "titles")
  public void raisesMajorWords(String title, String expected) {
    assertThat(TitleCase.of(title)).isEqualTo(expected);
  }

  @Test(dataProvider = "titles")
  public void doesNothingTwice(String title, String expected) {
    assertThat(TitleCase.of(TitleCase.of(title))).isEqualTo(expected);
  }
}
