package app.finish.core.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class SymbolsTest {
  private static List<String> symbols(List<Symbols.Piece> pieces) {
    return pieces.stream().filter(Symbols.Piece::isSymbol).map(Symbols.Piece::text).toList();
  }

  private static String whole(List<Symbols.Piece> pieces) {
    StringBuilder all = new StringBuilder();
    pieces.forEach(piece -> all.append(piece.text()));
    return all.toString();
  }

  @DataProvider
  public Object[][] names() {
    return new Object[][] {
      {"M (SD)", List.of("M", "SD")},
      {"R²", List.of("R²")},
      {"Adjusted R²", List.of("R²")},
      {"η²", List.of()},
      {"95% CI", List.of()},
      {"p (two-sided)", List.of("p")},
      {"Mean", List.of()},
      {"df1", List.of("df1")},
      {"SEM", List.of()}
    };
  }

  @Test(dataProvider = "names")
  public void namesOfStatisticsHaveTheirSymbols(String name, List<String> symbols) {
    assertThat(symbols(Symbols.inName(name))).isEqualTo(symbols);
    assertThat(whole(Symbols.inName(name))).isEqualTo(name);
  }

  @DataProvider
  public Object[][] texts() {
    return new Object[][] {
      {"t(38) = 2.10, p = .042", List.of("t", "p")},
      {"F(2, 57) = 3.10, p < .001, η² = .10.", List.of("F", "p")},
      {"χ²(1, N = 100) = 4.08", List.of("N")},
      {"N of North and M of Marram", List.of()},
      {"M = mean; SD = standard deviation", List.of("M", "SD")},
      {"* p < .05. ** p < .01.", List.of("p", "p")},
      {"Vitamin D and plan B are not meant", List.of()},
      {"", List.of()}
    };
  }

  @Test(dataProvider = "texts")
  public void textsHaveSymbolsOnlyWhereSomethingIsSaidOfThem(String text, List<String> symbols) {
    assertThat(symbols(Symbols.inText(text))).isEqualTo(symbols);
    assertThat(whole(Symbols.inText(text))).isEqualTo(text);
  }
}
