package app.finish.core.note;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.grid.Grid;
import app.finish.core.recognise.Recogniser;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.table.Table;
import org.testng.annotations.Test;

public class DescriptionTest {
  private static Table table(String... lines) {
    Grid grid = Recogniser.split(Grid.ofText(lines)).getFirst();
    return Recogniser.recognise(grid, Corrections.NONE).table();
  }

  @Test
  public void titleSidesAndUnitsAreTold() {
    Table table =
        table(
            "Fares by route",
            "In euros",
            "Route | Winter | Summer",
            "Hale | 12.5 | 14.5",
            "Orrin | 11.0 | 15.5");
    assertThat(Description.of(table))
        .startsWith("Fares by route. 2 rows of Route, 2 columns")
        .contains("In euros.");
  }

  @Test
  public void aSideWithoutANameIsToldByItsHeadings() {
    Table table = table(" | Winter | Summer", "Hale | 12.5 | 14.5", "Orrin | 11.0 | 15.5");
    assertThat(Description.of(table)).isEqualTo("2 rows: Hale, Orrin, 2 columns: Winter, Summer.");
  }

  @Test
  public void aLongSideIsToldByItsSize() {
    String[] lines = new String[31];
    lines[0] = " | Fares | Cost";
    for (int i = 1; i < lines.length; i++) {
      lines[i] = "Quay " + i + " | " + i * 7 + " | " + i * 3;
    }
    assertThat(Description.of(table(lines))).isEqualTo("30 rows, 2 columns: Fares, Cost.");
  }
}
