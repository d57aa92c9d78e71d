package app.finish.core.check.across;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.TestStyles;
import app.finish.core.arrange.formula.Formulas;
import app.finish.core.check.Finding;
import app.finish.core.check.demand.Checks;
import app.finish.core.check.demand.Inspection;
import app.finish.core.document.Document;
import app.finish.core.document.Finish;
import app.finish.core.document.Source;
import app.finish.core.grid.Grid;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// Two tables beside each other: what differs is told once, and what only looks different is not.
public class AcrossTablesTest {
  private static final String[] BASE = {
    "Fares by route",
    "Route | Sailings | Mean fare | Fares",
    "Hale–Orrin | 12 | 30.5 | 1,204.5",
    "Skell | 28 | 69.1 | 2,310.0",
    "Total | 40 | 55.2 | 3,514.5",
    "Note. * p < .05."
  };

  private static final String[] GROUPS = {
    "Crew", "Group | n | M", "Deck | 84 | 3.1", "Engine | 62 | 2.9"
  };

  private static List<String> found(String[] one, String... other) {
    Document document =
        Document.EMPTY
            .withAdded(new Source("a", Grid.ofText(one)), Finish.in("Base"))
            .withAdded(new Source("b", Grid.ofText(other)), Finish.in("Base"));
    return new Inspection(_ -> TestStyles.book(), Formulas.NONE, Checks::demandedBy)
        .across(document).values().stream().flatMap(List::stream).map(Finding::sentence).toList();
  }

  @DataProvider
  public Object[][] pairs() {
    return new Object[][] {
      {
        BASE,
        new String[] {
          "By month", "Month | Mean fare | Sailings", "May | 30.52 | 17", "June | 31.10 | 23"
        },
        "“Mean fare” has 2 decimals here and 1 decimal in Table 1."
      },
      {
        BASE,
        new String[] {
          "By month", "Month | Mean fare | Sailings", "May | 30.5 | 17", "June | 31.1 | 23"
        },
        ""
      },
      {
        BASE,
        new String[] {"Riders", "Route | Riders", "Hale-Orrin | 120", "Skell | 280"},
        "“Hale-Orrin” is spelled “Hale–Orrin” in Table 1."
      },
      {BASE, new String[] {"Riders", "Route | Riders", "Hale–Orrin | 120", "Skelling | 280"}, ""},
      {
        BASE,
        new String[] {"Riders", "Quay | Riders", "North | 120*", "South | 280", "Note. * p < .10."},
        "* stands for p < .10 here and for p < .05 in Table 1."
      },
      {
        BASE,
        new String[] {
          "Riders", "Quay | Riders", "North | 120*", "South | 280", "Note. * p < .050."
        },
        ""
      },
      {
        BASE,
        new String[] {
          "By season",
          "Season | Sailings | Fares",
          "Winter | 15 | 1,000.0",
          "Summer | 25 | 2,541.5",
          "Total | 40 | 3,541.5"
        },
        "The grand total of “Fares” is 3,541.5 here and 3,514.5 in Table 1."
      },
      {
        BASE,
        new String[] {
          "By season",
          "Season | Sailings | Fares",
          "Winter | 15 | 1,000.0",
          "Summer | 25 | 2,514.5",
          "Total | 40 | 3,514.5"
        },
        ""
      },
      {
        BASE,
        new String[] {
          "Another year",
          "Season | Sailings | Fares",
          "Winter | 20 | 2,000.0",
          "Summer | 35 | 3,514.5",
          "Total | 55 | 5,514.5"
        },
        ""
      },
      {
        GROUPS,
        new String[] {"Sleep", "Group | n | M", "Deck | 84 | 4.1", "Engine | 61 | 3.7"},
        "The n of “Engine” is 61 here and 62 in Table 1."
      },
      {GROUPS, new String[] {"Sleep", "Group | n | M", "Deck | 84 | 4.1", "Engine | 62 | 3.7"}, ""},
      {GROUPS, new String[] {"Sleep", "Group | n | M", "Deck | 41 | 4.1", "Engine | 30 | 3.7"}, ""},
    };
  }

  @Test(dataProvider = "pairs")
  public void whatDiffersIsTold(String[] one, String[] other, String sentence) {
    assertThat(found(one, other))
        .containsExactlyElementsOf(sentence.isEmpty() ? List.of() : List.of(sentence));
  }
}
