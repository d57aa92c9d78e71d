package app.finish.core.highlight;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.arrange.formula.CellExpressions;
import app.finish.core.grid.Grid;
import app.finish.core.recognise.Recogniser;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.style.Property;
import app.finish.core.table.Table;
import java.util.Map;
import org.testng.annotations.Test;

/// What is matched is counted, and what people get wrong is told.
public class FoundTest {
  private static final Table TABLE =
      Recogniser.recognise(
              Grid.ofText(
                  "Route | Season | Fares | Load",
                  "Hale–Orrin | Summer | €412 | 88%",
                  "Hale–Orrin | Winter | €198 | 61%",
                  "Orrin–Skell | Summer | €265 | c. 70",
                  "Orrin–Skell | Winter | €101 | 42%",
                  "All routes |  | €976 | 66%"),
              Corrections.NONE)
          .table();

  private static Found found(String sentence) {
    Matches matches =
        Matches.of(HighlightSentence.read(sentence), CellNames.of(TABLE), CellExpressions.NONE);
    return Found.of(matches, TABLE);
  }

  @Test
  public void figuresAndRowsAreCounted() {
    Found low = found("Fares below 200: bold");
    assertThat(low.cells()).isEqualTo(2);
    assertThat(low.looked()).isEqualTo(4);
    assertThat(low.rows()).isEqualTo(2);
    assertThat(low.rowsLooked()).isEqualTo(4);
    assertThat(low.values()).containsExactly(101.0, 198.0, 265.0, 412.0);
    assertThat(low.first()).hasSize(2);
    assertThat(low.warnings()).isEmpty();
  }

  @Test
  public void whatIsOftenMeantOtherwiseIsTold() {
    assertThat(found("Fares, totals too, above 300: bold").warnings().toString())
        .contains("One of them is a total.");
    assertThat(found("everything below 500: bold").warnings().toString())
        .contains("several units: “%”, “€”");
    assertThat(found("Fares above 5000: bold").warnings().toString()).contains("No figure");
    assertThat(found("Fares above 5: bold").warnings().toString()).contains("Every figure");
    assertThat(found("Fares always: bold").warnings()).isEmpty();
    assertThat(found("Load below 50: bold").warnings().toString())
        .contains("One cell holds a text with digits");
    assertThat(found("Landings below 50: bold").warnings().toString()).contains("It sleeps");
  }

  @Test
  public void tintsGoByValueOrByRank() {
    assertThat(fill("Fares always: tint paper to accent", 1)).isEqualTo("mix paper, accent, 31%");
    assertThat(fill("Fares always: tint paper to accent by rank", 1))
        .isEqualTo("mix paper, accent, 33%");
    assertThat(fill("Fares always: tint bad to paper to good at 100, 200, 300", 0))
        .isEqualTo("mix paper, good, 100%");
    assertThat(fill("Fares always: tint bad to good at 5, 5", 0)).isEqualTo("mix bad, good, 50%");
  }

  private static String fill(String sentence, int row) {
    Matches matches =
        Matches.of(HighlightSentence.read(sentence), CellNames.of(TABLE), CellExpressions.NONE);
    Map<Property, String> settings = matches.on(row, 0);
    return settings.getOrDefault(Property.FILL, "");
  }

  @Test
  public void whatNeedsTheWholeTableWaitsForIt() {
    CellNames first = CellNames.first(CellNames.of(TABLE));
    assertThat(asleep("Fares below 200: bold", first)).isFalse();
    assertThat(asleep("Fares below the mean of its row: bold", first)).isFalse();
    assertThat(asleep("Fares below the mean of its column: bold", first)).isTrue();
    assertThat(asleep("Fares among the top 1 of the table: bold", first)).isTrue();
    assertThat(asleep("Fares always: bar accent", first)).isTrue();
    assertThat(asleep("Fares below 200: bold, the column", first)).isTrue();
  }

  private static boolean asleep(String sentence, CellNames names) {
    return Matches.of(HighlightSentence.read(sentence), names, CellExpressions.NONE)
        .asleep()
        .isPresent();
  }
}
