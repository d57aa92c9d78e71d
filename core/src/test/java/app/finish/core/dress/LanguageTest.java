package app.finish.core.dress;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.grid.Grid;
import app.finish.core.recognise.Recogniser;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.style.Cascade;
import app.finish.core.style.HouseStyle;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import app.finish.core.style.StyleBook;
import app.finish.core.style.Touches;
import app.finish.core.table.Table;
import app.finish.core.words.Language;
import java.util.List;
import java.util.stream.Collectors;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// The words around a table and the marks in its figures are those of its language.
public class LanguageTest {
  private static final HouseStyle STYLE =
      HouseStyle.blank("Bare")
          .with(Selector.of(PartName.NUMBER), Property.LEAD_IN, "Table")
          .with(Selector.of(PartName.NOTE), Property.LEAD_IN, "Note.")
          .with(Selector.of(PartName.SOURCE), Property.LEAD_IN, "Source:")
          .with(Selector.of(PartName.TITLE), Property.LETTER_CASE, "title");

  private static final String[] GERMAN = {
    "Fahrgäste nach Linie und Jahr",
    "Linie | Fahrgäste | Erlös",
    "Hale–Orrin | 1.234.567 | 1.234.567,50 €",
    "Skell–Tamsay | 12.345 | 2.345,25 €",
    "Gesamt | 1.246.912 | 1.236.912,75 €",
    "Anmerkung: Ohne Schüler.",
    "Quelle: Fahrtenbuch"
  };

  private static Cascade cascade() {
    return StyleBook.of(List.of(STYLE)).cascade("Bare");
  }

  private static Table table(String... lines) {
    return Recogniser.recognise(Grid.ofText(lines), Corrections.NONE).table();
  }

  private static String all(Dressed dressed) {
    return dressed.rows().stream()
        .map(row -> row.cells().stream().map(DressedCell::text).collect(Collectors.joining(" | ")))
        .collect(Collectors.joining("\n"));
  }

  @Test
  public void aGermanTableStaysGerman() {
    Dressed dressed = Dresser.dress(table(GERMAN), cascade(), 1);
    assertThat(dressed.language()).isEqualTo(Language.GERMAN);
    assertThat(all(dressed))
        .contains("Tabelle 1", "Fahrgäste nach Linie und Jahr", "1.234.567,50")
        .contains("Anmerkung. Ohne Schüler.", "Quelle: Fahrtenbuch")
        .doesNotContain("Note", "Anmerkung: ", "Source", "1,234");
  }

  @Test
  public void aStyleThatNamesALanguageOrAMarkOutweighsTheTable() {
    Touches english = Touches.NONE.with(Selector.of(PartName.TABLE), Property.LANGUAGE, "English");
    Dressed other = Dresser.dress(table(GERMAN), cascade().touched(english), 1);
    assertThat(all(other)).contains("Table 1", "1,234,567.50", "Note.", "Source:");
    Touches point = Touches.NONE.with(Selector.of(PartName.TABLE), Property.DECIMAL_MARK, "point");
    Dressed pointed = Dresser.dress(table(GERMAN), cascade().touched(point), 1);
    assertThat(all(pointed)).contains("Tabelle 1", "1,234,567.50");
  }

  /// Where no word tells a language, figures with a decimal comma keep it.
  @Test
  public void marksStayWhereWordsTellNothing() {
    Dressed dressed = Dresser.dress(table("Brug | Kai", "1A | 1.204,5", "1B | 3,25"), cascade(), 1);
    assertThat(dressed.language()).isEqualTo(Language.ENGLISH);
    assertThat(all(dressed)).contains("1.204,5", "3,25", "Table 1");
  }

  @DataProvider
  public Object[][] texts() {
    return new Object[][] {
      {"Fahrgäste nach Linie und Jahr", Language.GERMAN},
      {"Recettes par ligne et par mois, en milliers", Language.FRENCH},
      {"Ingresos por línea y año", Language.SPANISH},
      {"Ricavi per linea e per anno", Language.ITALIAN},
      {"Receitas por linha, não são totais", Language.PORTUGUESE},
      {"Omzet per lijn en jaar, het gemiddelde", Language.DUTCH},
      {"Fares by route and year", Language.ENGLISH}
    };
  }

  @Test(dataProvider = "texts")
  public void wordsTellTheLanguage(String text, Language language) {
    assertThat(Language.of(List.of(text))).contains(language);
  }

  /// Names alone tell nothing, whatever words of other languages are in them.
  @Test
  public void namesTellNothing() {
    for (String name : List.of("La Rochelle", "Den Haag", "Des Moines", "San Marino", "Von Damm")) {
      assertThat(Language.of(List.of(name, "2025", "Hale"))).isEmpty();
    }
    assertThat(Language.of(List.of("Fares by route for each year", "De la Rue", "Von der Heide")))
        .contains(Language.ENGLISH);
  }
}
