package app.finish.core.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class CalloutTest {
  @DataProvider
  public Object[][] titles() {
    return new Object[][] {
      {"Fares by Route and Season", "Table 2 shows fares by route and season."},
      {"Fares by route.", "Table 2 shows fares by route."},
      {"Sailings to Orrin and Skell", "Table 2 shows sailings to Orrin and Skell."},
      {"ANOVA of Comfort", "Table 2 shows ANOVA of comfort."},
      {"M and SD by Scale", "Table 2 shows M and SD by scale."},
      {"Results of the t Tests", "Table 2 shows results of the t tests."},
      {"pH of Harbour Water", "Table 2 shows pH of harbour water."},
      {"", "(see Table 2)"},
      {"  ", "(see Table 2)"},
    };
  }

  @Test(dataProvider = "titles")
  public void theSentenceCallsTheTableOut(String title, String sentence) {
    assertThat(Callout.sentence("Table 2", title, Set.of("Hale–Orrin", "Skell"), Language.ENGLISH))
        .isEqualTo(sentence);
  }

  @Test
  public void nounsOfOtherLanguagesKeepTheirCapitals() {
    assertThat(Callout.sentence("Tabelle 2", "Fahrgäste nach Linie", Set.of(), Language.GERMAN))
        .isEqualTo("Tabelle 2 zeigt: Fahrgäste nach Linie.");
    assertThat(Callout.sentence("Tableau 1", "", Set.of(), Language.FRENCH))
        .isEqualTo("(Tableau 1)");
  }
}
