package app.finish.core.note;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.grid.Grid;
import app.finish.core.recognise.Recogniser;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.table.Table;
import java.util.List;
import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// Which abbreviations a table holds, and which words only look like one.
public class AbbreviationsTest {
  private static Table table(String heads, String... rows) {
    String[] lines = new String[rows.length + 1];
    lines[0] = heads;
    System.arraycopy(rows, 0, lines, 1, rows.length);
    return Recogniser.recognise(Grid.ofText(lines), Corrections.NONE).table();
  }

  @DataProvider
  public Object[][] tables() {
    return new Object[][] {
      {"Scale | n | M | SD | p", "Waiting | 40 | 3.20 | 1.10 | .021", List.of("M", "SD")},
      {"Scale | n | M (SD)", "Waiting | 40 | 3.20 (1.10)", List.of("M", "SD")},
      {"Predictor | b | SE | 95% CI", "Wind | 3.20 | 0.50 | [2.21, 4.19]", List.of("SE", "CI")},
      {"Source | SS | df | MS", "Season | 12.4 | 2 | 6.2", List.of("SS", "df", "MS")},
      {"Scale | Mdn | IQR", "Waiting | 3.00 | 1.50", List.of("Mdn", "IQR")},
      {"Route | OTP | Fares", "Hale | 84 | 12", List.of("OTP")},
      {"Route | Fares | Costs", "M | 84 | 12", List.of()},
      {"MEAN FARES | ALL ROUTES", "Hale | 12", List.of()},
      {"Route | North | South", "Hale | 84 | 12", List.of()},
      {"Vessel | MV Samphire | Sailings", "Hale | 84 | 12", List.of("MV")},
    };
  }

  @Test(dataProvider = "tables")
  public void thoseInHeadingsAreFound(String heads, String row, List<String> found) {
    assertThat(Abbreviations.in(table(heads, row, row.replaceFirst("^[^|]+", "Other "))))
        .isEqualTo(found);
  }

  @Test
  public void oneSentenceSaysWhatTheyMean() {
    Table table = table("Scale | n | M | SD | OTP", "Waiting | 40 | 3.20 | 1.10 | 84");
    assertThat(Abbreviations.sentence(table, Map.of()))
        .isEqualTo("*M* = mean; *SD* = standard deviation.");
    assertThat(Abbreviations.sentence(table, Map.of("OTP", "on time", "SD", "spread", "ABC", "no")))
        .isEqualTo("*M* = mean; *SD* = spread; OTP = on time.");
    assertThat(Abbreviations.sentence(table("Route | Fares", "Hale | 12"), Map.of())).isEmpty();
  }

  @Test
  public void wordsOfTheGlossaryAreFoundWhole() {
    Table table = table("Route | pax | Fares", "Hale | 84 | 12", "Relax | 80 | 11");
    assertThat(Abbreviations.sentence(table, Map.of("pax", "passengers")))
        .isEqualTo("pax = passengers.");
    assertThat(Abbreviations.sentence(table, Map.of("ela", "no"))).isEmpty();
  }
}
